import { z } from 'zod';
import { termSchema } from '@/core/term/document';
import { isKept } from '@/core/text';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { saveTerm, setTermBinned } from '@/server/terms';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

type Context = { params: Promise<{ id: string }> };

const SAYS = {
  'no-group': 'That group is not here any more. Nothing was changed.',
  binned: 'This term is in the bin; bring it back first. Nothing was changed.',
  'changed-elsewhere': CHANGED_ELSEWHERE,
} as const;

/** Makes a term (`baseVersion` 0) or changes it on top of the version it was read at. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ term: termSchema, baseVersion: z.number().int().min(0) }),
    );
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { term, baseVersion } = body.value;
    if (term.id !== id)
      return refuse(422, {
        message: 'term.id: is not the one in the address. Nothing was changed.',
        field: 'term.id',
      });
    const saved = await saveTerm(await mine(), term, baseVersion, Date.now());
    return saved.ok
      ? Response.json({ version: saved.version })
      : refuse(409, { message: SAYS[saved.code], code: saved.code, version: saved.version });
  });

const binned = (isBinned: boolean) => (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const isFound = isKept(id) && (await setTermBinned(await mine(), id, isBinned, Date.now()));
    return isFound ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such term there.' });
  });

/** Into the bin; its practices stay on the shelf. */
export const DELETE = binned(true);
/** Out of the bin again. */
export const POST = binned(false);
