import { z } from 'zod';
import { readAccount, setPassphrase } from '@/server/access/accounts';
import { NobodyAsks, whoAsks } from '@/server/access/asking';
import { lettingIn, refusalOf } from '@/server/access/entering';
import { passphraseSchema } from '@/server/access/passphrase';
import { answering, readBody } from '@/server/answers';
import { database } from '@/server/database';

// The former one where there is one.
const changeSchema = z.strictObject({ former: z.string().max(400), passphrase: passphraseSchema });

/** Sets or changes the passphrase of whoever asks; their other devices have to come in again, this one stays in. */
export const PUT = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, changeSchema);
    if (!body.ok) return body.answer;
    const open = await database();
    const accountId = await whoAsks();
    if (accountId === undefined) throw new NobodyAsks();
    const hasOne = (await readAccount(open, accountId)) !== undefined;
    const refused = hasOne ? await refusalOf(request, accountId, body.value.former) : undefined;
    if (refused) return refused;
    await setPassphrase(open, body.value.passphrase, Date.now(), accountId);
    return lettingIn(request, accountId);
  });
