import { z } from 'zod';
import { readDoor, setOpen, setPassphrase } from '@/server/access/accounts';
import { doorChanged } from '@/server/access/door';
import { lettingIn, refusalOf } from '@/server/access/entering';
import { passphraseSchema } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';

const typed = z.string().min(1, 'type it first').max(400, 'is too long');
const doorSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('open'), passphrase: typed }),
  z.strictObject({ do: z.literal('shut') }),
  // The former one where there is one.
  z.strictObject({ do: z.literal('passphrase'), former: z.string().max(400), passphrase: passphraseSchema }),
]);

/** Opens the door to the local network, shuts it, or sets the passphrase; who does so stays in. */
export const PUT = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, doorSchema);
    if (!body.ok) return body.answer;
    const open = await database();
    const { hasPassphrase } = await readDoor(open);
    const asked = body.value;
    if (asked.do === 'shut') {
      await setOpen(open, false, Date.now());
      await doorChanged(false);
      return Response.json({ ok: true });
    }
    if (asked.do === 'open' && !hasPassphrase)
      return refuse(409, {
        message: 'Set a passphrase first: without one it is not opened.',
        field: 'passphrase',
      });
    const known = asked.do === 'open' ? asked.passphrase : asked.former;
    const refused = hasPassphrase ? await refusalOf(request, known) : undefined;
    if (refused) return refused;
    if (asked.do === 'open') {
      await setOpen(open, true, Date.now());
      await doorChanged(true);
    } else await setPassphrase(open, asked.passphrase, Date.now());
    return lettingIn(request);
  });
