import { z } from 'zod';
import { personSchema } from '@/core/people/person';
import { isKept } from '@/core/text';
import { answering, NOT_KEPT, readBody, refuse } from '@/server/answers';
import { copiesOf } from '@/server/archive/copies';
import { forgetInCopies } from '@/server/archive/forget';
import { mine } from '@/server/access/asking';
import { dataFolder } from '@/server/database';
import { deletePerson, everythingOf, isSomebody, savePerson } from '@/server/people';
import { isVeiled } from '@/server/veil';
import { CHANGED_ELSEWHERE } from '@/server/versioned';

type Context = { params: Promise<{ id: string }> };

const nobody = () => refuse(404, { message: 'There is nobody of this name here any more.' });

/** Makes a person (`baseVersion` 0) or changes them on top of the version they were read at. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const body = await readBody(
      request,
      z.strictObject({ person: personSchema, baseVersion: z.number().int().min(0) }),
    );
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const { person, baseVersion } = body.value;
    if (person.id !== id)
      return refuse(422, {
        message: 'person.id: is not the one in the address. Nothing was changed.',
        field: 'person.id',
      });
    const saved = await savePerson(await mine(), person, baseVersion, Date.now());
    return saved.ok
      ? Response.json({ version: saved.version })
      : refuse(409, { message: CHANGED_ELSEWHERE, code: saved.code, version: saved.version });
  });

/** All that is kept of one person, as a file for them. */
export const GET = (_request: Request, context: Context) =>
  answering(async () => {
    if (await isVeiled())
      return refuse(403, { message: 'Nothing private is shown now. Lift the veil first.' });
    const { id } = await context.params;
    const everything = isKept(id) ? await everythingOf(await mine(), id) : undefined;
    if (!everything) return nobody();
    return new Response(`${JSON.stringify(everything, null, 2)}\n`, {
      headers: {
        ...NOT_KEPT,
        'content-type': 'application/json',
        // No name in the file’s name: it lies about among downloads.
        'content-disposition': 'attachment; filename="what-is-kept-of-you.json"',
      },
    });
  });

/** Deletes a person and everything that is kept of them, for good. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const open = await mine();
    if (!isKept(id) || !(await isSomebody(open, id))) return nobody();
    // The copies of each day first: should this end in the middle, they are still here to be deleted again. Then once more,
    // for a copy that was made meanwhile.
    const copies = copiesOf(dataFolder(), open.teacherId);
    await forgetInCopies(copies, id);
    const isGone = await deletePerson(open, id);
    await forgetInCopies(copies, id);
    return isGone ? Response.json({ ok: true }) : nobody();
  });
