import { homeworkAskedSchema } from '@/core/homework/homework';
import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { giveHomework } from '@/server/homework';
import { readPerson } from '@/server/people';

type Context = { params: Promise<{ id: string }> };

/** Composes homework for one person, step by step, and keeps it. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, homeworkAskedSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const open = await mine();
    const stored = isKept(id) ? await readPerson(open, id) : undefined;
    if (!stored) return refuse(404, { message: 'There is nobody of this name here any more.' });
    const given = await giveHomework(open, stored.person, body.value, Date.now());
    return given.ok
      ? Response.json({ id: given.id }, { status: 201 })
      : refuse(422, {
          message: `No practice of ${given.minutes} minutes fits this and what they may do. Other minutes or another aim may.`,
        });
  });
