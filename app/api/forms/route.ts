import { z } from 'zod';
import { formSchema, isOwnId } from '@/core/forms';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { addOwnForms, readRepertoire, whereIsForm } from '@/server/forms';

const MOST = 60;

/** Whole forms by id (`?ids=a,b`), as this practitioner has them: what a list shows when it comes into sight. */
export const GET = (request: Request) =>
  answering(async () => {
    const ids = new Set(
      (new URL(request.url).searchParams.get('ids') ?? '').split(',').filter((id) => id !== ''),
    );
    if (ids.size === 0 || ids.size > MOST)
      return refuse(422, {
        message: `ids: expected 1 to ${MOST} ids parted by commas, got ${ids.size}.`,
        field: 'ids',
      });
    const forms = (await readRepertoire(await mine())).filter((form) => ids.has(form.id));
    return Response.json({ forms });
  });

/** A new form of one's own. */
export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, z.strictObject({ form: formSchema }));
    if (!body.ok) return body.answer;
    const { form } = body.value;
    if (!isOwnId(form.id))
      return refuse(422, {
        message: 'form.id: the id of an own form begins with own-. Nothing was changed.',
        field: 'form.id',
      });
    const open = await mine();
    const taken = await whereIsForm(open, form.id);
    if (taken)
      return refuse(409, {
        message:
          taken === 'bin'
            ? 'A form with this id lies in the bin; bring it back instead. Nothing was changed.'
            : 'There is a form with this id already. Nothing was changed.',
        field: 'form.id',
      });
    await addOwnForms(open, [form], Date.now());
    return Response.json({ id: form.id, version: 1 }, { status: 201 });
  });
