import { z } from 'zod';
import { formSchema } from '@/core/forms';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { readOwnForm, saveOwnForm } from '@/server/forms';

/** An own form as it is kept, with its version. */
export const GET = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const stored = await readOwnForm(await mine(), id);
    if (!stored) return refuse(404, { message: 'There is no such form of your own.' });
    return Response.json({ form: stored.form, version: stored.version });
  });

/** Saves an own form on top of the version it was opened at. */
export const PUT = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ form: formSchema, baseVersion: z.number().int().min(1) }),
    );
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { form, baseVersion } = body.value;
    if (form.id !== id)
      return refuse(422, {
        message: 'form.id: is not the one in the address. Nothing was changed.',
        field: 'form.id',
      });
    const saved = await saveOwnForm(await mine(), form, baseVersion, Date.now());
    if (saved.ok) return Response.json({ version: saved.version });
    if (saved.code === 'missing') return refuse(404, { message: 'There is no such form of your own.' });
    return refuse(409, {
      message:
        'This form was changed in another window meanwhile. Nothing was overwritten; what you wrote is still here.',
      version: saved.version,
    });
  });
