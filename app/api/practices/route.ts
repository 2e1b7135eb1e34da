import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { practiceSchema } from '@/core/practice';
import { answering, readBody } from '@/server/answers';
import { database } from '@/server/database';
import { createPractice } from '@/server/practices';

export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, z.strictObject({ practice: practiceSchema }));
    if (!body.ok) return body.answer;
    const id = randomUUID();
    await createPractice(await database(), id, body.value.practice, Date.now());
    return Response.json({ id, version: 1 }, { status: 201 });
  });
