import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { practiceSchema } from '@/core/practice';
import { answering, readBody } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { createPractice } from '@/server/practices';

export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ practice: practiceSchema, saveId: z.uuid().optional() }),
    );
    if (!body.ok) return body.answer;
    const { practice, saveId } = body.value;
    const id = await createPractice(await mine(), randomUUID(), practice, Date.now(), saveId);
    return Response.json({ id, version: 1 }, { status: 201 });
  });
