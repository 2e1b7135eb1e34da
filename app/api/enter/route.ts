import { z } from 'zod';
import { sendAway } from '@/server/access/accounts';
import { deviceIn } from '@/server/access/door';
import { lettingGo, lettingIn, refusalOf } from '@/server/access/entering';
import { answering, readBody } from '@/server/answers';
import { database } from '@/server/database';

const enteringSchema = z.strictObject({
  passphrase: z.string().min(1, 'type it first').max(400, 'is too long'),
});

/** Comes in with the passphrase; tries that fail have to wait longer and longer. */
export const POST = (request: Request) =>
  answering(async () => {
    const body = await readBody(request, enteringSchema);
    if (!body.ok) return body.answer;
    return (await refusalOf(request, body.value.passphrase)) ?? lettingIn(request);
  });

/** Goes out again: this device has to come in anew. */
export const DELETE = (request: Request) =>
  answering(async () => {
    const device = await deviceIn(request.headers.get('cookie'));
    if (device) await sendAway(await database(), device.id);
    return lettingGo(request);
  });
