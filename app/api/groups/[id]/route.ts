import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { binGroup, groupSchema, saveGroup } from '@/server/groups';

export const PUT = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const body = await readBody(request, groupSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    if (body.value.id !== id)
      return refuse(422, { message: 'id: is not the one in the address. Nothing was changed.', field: 'id' });
    await saveGroup(await database(), body.value);
    return Response.json({ ok: true });
  });

/** Into the bin; saving the group again brings it back. */
export const DELETE = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const { id } = await context.params;
    const found = await binGroup(await database(), id, Date.now());
    return found ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such group.' });
  });
