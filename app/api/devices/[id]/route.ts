import { sendAway } from '@/server/access/accounts';
import { whoseDevices } from '@/server/access/asking';
import { answering, refuse } from '@/server/answers';
import { database } from '@/server/database';
import { isKept } from '@/core/text';

type Context = { readonly params: Promise<{ readonly id: string }> };

/** Sends a device away, a teacher one of their own, the owner any: what it asks next is refused. */
export const DELETE = (_request: Request, context: Context) =>
  answering(async () => {
    const { id } = await context.params;
    const isGone = isKept(id) && (await sendAway(await database(), await whoseDevices(), id));
    return isGone ? Response.json({ ok: true }) : refuse(404, { message: 'That device is not in any more.' });
  });
