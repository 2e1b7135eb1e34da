import { z } from 'zod';
import { homeworkSchema } from '@/core/homework/homework';
import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { saveHomework, takeHomework } from '@/server/homework';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

type Context = { params: Promise<{ id: string; homeworkId: string }> };

/** Keeps what was done of it, and a line. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ homework: homeworkSchema, baseVersion: z.number().int().min(1) }),
    );
    if (!body.ok) return body.answer;
    const { id, homeworkId } = await context.params;
    const { homework, baseVersion } = body.value;
    if (homework.id !== homeworkId)
      return refuse(422, {
        message: 'homework.id: is not the one in the address. Nothing was changed.',
        field: 'homework.id',
      });
    const saved = await saveHomework(await mine(), id, homework, baseVersion);
    return saved.ok
      ? Response.json({ version: saved.version })
      : refuse(409, { message: CHANGED_ELSEWHERE, code: saved.code, version: saved.version });
  });

/** Takes it away; its practices stay on the shelf. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const { id, homeworkId } = await context.params;
    const isGone = [id, homeworkId].every(isKept) && (await takeHomework(await mine(), id, homeworkId));
    return isGone ? Response.json({ ok: true }) : refuse(404, { message: 'That is not there any more.' });
  });
