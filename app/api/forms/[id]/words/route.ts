import { z } from 'zod';
import { ownWordsSchema, REPERTOIRE } from '@/core/forms';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { saveWords } from '@/server/forms';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

/** Own words over a shipped form; none at all takes them away again. */
export const PUT = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ words: ownWordsSchema, baseVersion: z.number().int().min(0) }),
    );
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { words, baseVersion } = body.value;
    if (words.formId !== id)
      return refuse(422, {
        message: 'words.formId: is not the one in the address. Nothing was changed.',
        field: 'words.formId',
      });
    if (!REPERTOIRE.some((form) => form.id === id))
      return refuse(404, { message: 'There is no such shipped form.' });
    const saved = await saveWords(await mine(), words, baseVersion, Date.now());
    return saved.ok
      ? Response.json({ version: saved.version })
      : refuse(409, { message: CHANGED_ELSEWHERE, version: saved.version });
  });
