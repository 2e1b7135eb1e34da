import { randomUUID } from 'node:crypto';
import { shorten } from '@/core/text';
import { answering, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { createPractice, readPractice } from '@/server/practices';

export const POST = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const open = await mine();
    const stored = await readPractice(open, id);
    if (!stored) return refuse(404, { message: 'There is no such practice.' });
    const copy = randomUUID();
    const name = `${shorten(stored.practice.name, 110)} (copy)`;
    await createPractice(open, copy, { ...stored.practice, name }, Date.now());
    return Response.json({ id: copy }, { status: 201 });
  });
