import { rmSync } from 'node:fs';
import { z } from 'zod';
import { isKept } from '@/core/text';
import { giveAnew, shutOut } from '@/server/access/accounts';
import { deleteTeacher } from '@/server/access/departed';
import { refusalToOthers } from '@/server/access/asking';
import { doorChanged } from '@/server/access/door';
import { passphraseSchema } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { copiesOf } from '@/server/archive/copies';
import { database, dataFolder } from '@/server/database';

type Context = { readonly params: Promise<{ readonly id: string }> };

const changeSchema = z.discriminatedUnion('do', [
  // Who forgot theirs, or was shut out, comes in with another first passphrase.
  z.strictObject({ do: z.literal('give-anew'), passphrase: passphraseSchema }),
  z.strictObject({ do: z.literal('shut-out') }),
]);

/** Gives a teacher another first passphrase, or lets them in no more; nothing of theirs is looked at or lost. */
export const PUT = (request: Request, context: Context) =>
  answering(async () => {
    const refused = await refusalToOthers();
    if (refused) return refused;
    const body = await readBody(request, changeSchema);
    if (!body.ok) return body.answer;
    const { id } = await context.params;
    const [open, asked] = [await database(), body.value];
    const isDone =
      isKept(id) &&
      (asked.do === 'shut-out'
        ? await shutOut(open, id, Date.now())
        : await giveAnew(open, id, asked.passphrase, Date.now()));
    if (!isDone) return refuse(404, { message: 'There is no such teacher, or they are shut out already.' });
    await doorChanged();
    return Response.json({ ok: true });
  });

/** Deletes a teacher who is shut out, and everything that is theirs with the copies of each day, for good. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const refused = await refusalToOthers();
    if (refused) return refused;
    const { id } = await context.params;
    if (!isKept(id) || !(await deleteTeacher(await database(), id)))
      return refuse(404, {
        message: 'There is no such teacher, or they still come in: shut them out first.',
      });
    // An id of ours: it was that of an account.
    rmSync(copiesOf(dataFolder(), id), { recursive: true, force: true });
    return Response.json({ ok: true });
  });
