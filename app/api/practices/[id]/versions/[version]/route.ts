import { z } from 'zod';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { readPractice } from '@/server/practices';

export const GET = (_request: Request, context: { params: Promise<{ id: string; version: string }> }) =>
  answering(async () => {
    const { id, version } = await context.params;
    const number = z.coerce.number().int().min(1).safeParse(version);
    const stored = number.success ? await readPractice(await mine(), id, number.data) : undefined;
    if (!stored) return refuse(404, { message: 'There is no such version.' });
    return Response.json({ practice: stored.practice, version: stored.version });
  });
