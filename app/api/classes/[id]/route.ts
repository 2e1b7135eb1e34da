import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { classWordsSchema, setClassBinned, writeOfClass } from '@/server/classes';
import { mine } from '@/server/access/asking';

type Context = { params: Promise<{ id: string }> };

/** Writes of a class that is in the log: a note, and who led it. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(request, classWordsSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    // An id no database keeps is the id of no class.
    const isFound = isKept(id) && (await writeOfClass(await mine(), id, body.value));
    return isFound
      ? Response.json({ ok: true })
      : refuse(404, { message: 'There is no such class in the log.' });
  });

const binned = (isBinned: boolean) => (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const isFound = isKept(id) && (await setClassBinned(await mine(), id, isBinned, Date.now()));
    return isFound ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such class there.' });
  });

/** Out of the log: it teaches the next draft nothing any more. */
export const DELETE = binned(true);
/** Back into the log. */
export const POST = binned(false);
