import { ownWordsSchema, REPERTOIRE } from '@/core/forms';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { saveWords } from '@/server/forms';

/** Own words over a shipped form; none at all takes them away again. */
export const PUT = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const body = await readBody(request, ownWordsSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    if (body.value.formId !== id)
      return refuse(422, {
        message: 'formId: is not the one in the address. Nothing was changed.',
        field: 'formId',
      });
    if (!REPERTOIRE.some((form) => form.id === id))
      return refuse(404, { message: 'There is no such shipped form.' });
    await saveWords(await database(), body.value, Date.now());
    return Response.json({ ok: true });
  });
