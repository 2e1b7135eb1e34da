import { z } from 'zod';
import { accountNamed, sendAway, setPassphrase } from '@/server/access/accounts';
import { deviceIn } from '@/server/access/door';
import { lettingGo, lettingIn, refusalOf } from '@/server/access/entering';
import { nameSchema, passphraseSchema, typedPassphrase } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';

const enteringSchema = z.strictObject({
  /** May be empty for the owner. */
  name: z.union([z.literal(''), nameSchema]).default(''),
  passphrase: typedPassphrase,
  /** One of their own, in place of the first that was given to them. */
  own: passphraseSchema.optional(),
});

/** Comes in with the passphrase; tries that fail have to wait longer and longer. */
export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, enteringSchema);
    if (!body.ok) return body.answer;
    const { name, passphrase, own } = body.value;
    const open = await database();
    const account = await accountNamed(open, name);
    // The first one again is none of their own.
    const mustChoose = account?.isGiven === true && (own === undefined || own === passphrase);
    const refused = await refusalOf(request, account?.id, passphrase, {
      ...(name === '' ? {} : { wrong: 'That is not the name and the passphrase of anybody here.' }),
      outcome: mustChoose ? 'chooses a passphrase' : 'came in',
    });
    if (refused) return refused;
    if (!account) throw new Error('a passphrase was right for nobody');
    if (account.isGiven) {
      if (own === undefined)
        return refuse(409, {
          message: 'That one was given to you: choose one of your own, which nobody else knows.',
          field: 'own',
        });
      if (own === passphrase)
        return refuse(422, { message: 'Another than the one you were given.', field: 'own' });
      await setPassphrase(open, own, Date.now(), account.id);
    }
    return lettingIn(request, account.id);
  });

/** Goes out again: this device has to come in anew. */
export const DELETE = (request: Request) =>
  answering(async () => {
    const device = await deviceIn(request.headers.get('cookie'));
    if (device) await sendAway(await database(), device, device.id);
    return lettingGo(request);
  });
