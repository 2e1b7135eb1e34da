import { z } from 'zod';
import { sql, type Database } from '../sql';

/**
 * The one clock that everybody in a class goes by, ms: this machine’s where it is the only server, the database’s where several
 * share one, for their own clocks may differ.
 */
export async function clockMs(database: Database): Promise<number> {
  if (database.kind === 'embedded') return Date.now();
  const [row] = await database.rows(sql`select extract(epoch from clock_timestamp()) * 1000 as ms`);
  return Math.round(z.coerce.number().parse(row?.ms));
}
