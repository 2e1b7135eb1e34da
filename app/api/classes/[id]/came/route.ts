import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { registerSchema, tickAfter } from '@/server/registers';

type Context = { params: Promise<{ id: string }> };

/** Says who came to a class that is in the log. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, registerSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const isFound = isKept(id) && (await tickAfter(await mine(), id, body.value));
    return isFound
      ? Response.json({ ok: true })
      : refuse(404, { message: 'There is no such class in the log.' });
  });
