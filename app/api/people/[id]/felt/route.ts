import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { feltSentSchema, writeFelt } from '@/server/felt';

type Context = { params: Promise<{ id: string }> };

/** Writes how somebody is, before a class, after it, or apart from any. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, feltSentSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const isThere = isKept(id) && (await writeFelt(await mine(), id, body.value));
    return isThere
      ? Response.json({ ok: true }, { status: 201 })
      : refuse(404, { message: 'There is nobody of this name here any more.' });
  });
