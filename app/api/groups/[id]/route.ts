import { z } from 'zod';
import { answering, readBody, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { groupSchema } from '@/core/documents';
import { binGroup, restoreGroup, saveGroup } from '@/server/groups';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

type Context = { params: Promise<{ id: string }> };

/** Makes a group (`baseVersion` 0) or changes it on top of the version it was read at. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ group: groupSchema, baseVersion: z.number().int().min(0) }),
    );
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { group, baseVersion } = body.value;
    if (group.id !== id)
      return refuse(422, {
        message: 'group.id: is not the one in the address. Nothing was changed.',
        field: 'group.id',
      });
    const saved = await saveGroup(await mine(), group, baseVersion);
    if (saved.ok) return Response.json({ version: saved.version });
    return refuse(409, {
      message:
        saved.code === 'binned'
          ? 'This group is in the bin; bring it back first. Nothing was changed.'
          : CHANGED_ELSEWHERE,
      code: saved.code,
      version: saved.version,
    });
  });

/** Into the bin; its classes stay in the log. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const found = await binGroup(await mine(), id, Date.now());
    return found ? Response.json({ ok: true }) : refuse(404, { message: 'There is no such group.' });
  });

/** Out of the bin again. */
export const POST = (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const found = await restoreGroup(await mine(), id);
    return found
      ? Response.json({ ok: true })
      : refuse(404, { message: 'There is no such group in the bin.' });
  });
