import { z } from 'zod';
import { readDoor, setOpen } from '@/server/access/accounts';
import { refusalToOthers } from '@/server/access/asking';
import { doorChanged } from '@/server/access/door';
import { lettingIn, refusalOf } from '@/server/access/entering';
import { typedPassphrase } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { OWNER } from '@/server/sql';

const doorSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('open'), passphrase: typedPassphrase }),
  z.strictObject({ do: z.literal('shut') }),
]);

/** Opens the door to the local network, or shuts it; who does so stays in. */
export const PUT = (request: Request) =>
  answering(async () => {
    const refusedToOthers = await refusalToOthers();
    if (refusedToOthers) return refusedToOthers;
    const body = await readBody(request, doorSchema);
    if (!body.ok) return body.answer;
    const open = await database();
    const asked = body.value;
    if (asked.do === 'shut') {
      await setOpen(open, false, Date.now());
      await doorChanged();
      return Response.json({ ok: true });
    }
    if (!(await readDoor(open)).hasPassphrase)
      return refuse(409, {
        message: 'Set a passphrase first: without one it is not opened.',
        field: 'passphrase',
      });
    const refused = await refusalOf(request, OWNER, asked.passphrase);
    if (refused) return refused;
    await setOpen(open, true, Date.now());
    await doorChanged();
    return lettingIn(request, OWNER);
  });
