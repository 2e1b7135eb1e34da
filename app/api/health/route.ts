import { answering } from '@/server/answers';
import { database } from '@/server/database';

export const dynamic = 'force-dynamic';

/** Whether the database answers, and which it is: in a folder of this machine, or on a server. */
export const GET = () =>
  answering(async () => {
    const open = await database();
    await open.answers();
    return Response.json({ ok: true, database: open.kind });
  });
