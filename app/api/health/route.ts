import { answering } from '@/server/answers';
import { database } from '@/server/database';
import { sql } from '@/server/sql';

export const dynamic = 'force-dynamic';

export const GET = () =>
  answering(async () => {
    await (await database()).rows(sql`select 1`);
    return Response.json({ ok: true });
  });
