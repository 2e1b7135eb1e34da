import { z } from 'zod';
import { callThem } from '@/server/access/accounts';
import { NobodyAsks, whoAsks } from '@/server/access/asking';
import { nameSchema } from '@/server/access/passphrase';
import { answering, readBody, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { OWNER } from '@/server/sql';

const calledSchema = z.strictObject({ name: z.union([z.literal(''), nameSchema]) });

/** What whoever asks is called here, and comes in by. The owner may have no name: then nothing is typed for one. */
export const PUT = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, calledSchema);
    if (!body.ok) return body.answer;
    const { name } = body.value;
    const accountId = await whoAsks();
    if (accountId === undefined) throw new NobodyAsks();
    if (name === '' && accountId !== OWNER)
      return refuse(422, { message: 'Give a name: you come in by it.', field: 'name' });
    const called = await callThem(await database(), accountId, name, Date.now());
    if (called === 'taken')
      return refuse(409, { message: 'Somebody here has that name already.', field: 'name' });
    return called === 'nobody'
      ? refuse(409, { message: 'Set a passphrase first: a name is for coming in.' })
      : Response.json({ name });
  });
