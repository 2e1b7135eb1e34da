import { sendOthersAway } from '@/server/access/accounts';
import { whoseDevices } from '@/server/access/asking';
import { deviceIn } from '@/server/access/door';
import { answering } from '@/server/answers';
import { database } from '@/server/database';

/** Sends every device away but the one that asks: a teacher their own, the owner all. */
export const DELETE = (request: Request) =>
  answering(async () => {
    const own = await deviceIn(request.headers.get('cookie'));
    return Response.json({ sentAway: await sendOthersAway(await database(), await whoseDevices(), own?.id) });
  });
