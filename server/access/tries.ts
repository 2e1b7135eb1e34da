import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { sql, type Queries } from '../sql';

/** Who chooses a passphrase knew the first one they were given, and is not in yet. */
const OUTCOMES = ['came in', 'chooses a passphrase', 'refused', 'made to wait'] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface Try {
  readonly atMs: number;
  readonly address: string;
  readonly device: string;
  readonly outcome: Outcome;
}

/** A try as it is shown: who it turned out to be; empty for the owner, and nothing for nobody. */
export interface ShownTry extends Try {
  readonly accountName: string | undefined;
}

const HOUR_MS = 3_600_000;
/** So many may be mistyped before one has to wait. */
const FREE_TRIES = 3;
const LONGEST_WAIT_MS = 900_000;
/** From everywhere together, in a minute. */
const MOST_A_MINUTE = 30;
const MINUTE_MS = 60_000;
/** What was tried is kept so long. */
const KEPT_MS = 400 * 24 * HOUR_MS;

/**
 * How long one has to wait after so many refusals in a row: not at all after three, then 1, 2, 4 s and so on, to a quarter
 * of an hour, ms.
 */
export const waitAfter = (refusals: number): number =>
  refusals < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_MS, 1000 * 2 ** (refusals - FREE_TRIES));

/** How long who comes from an address has to wait before the next try, ms; 0 where they need not. */
export async function waitFor(queries: Queries, address: string, atMs: number): Promise<number> {
  const [row] = await queries.rows(sql`
    with here as (select at, outcome from private.sign_in where address = ${address} and at > ${new Date(atMs - HOUR_MS)})
    select count(*) as refusals, max(at) as last,
      (select count(*) from private.sign_in where outcome = 'refused' and at > ${new Date(atMs - MINUTE_MS)}) as everywhere
    from here
    where outcome = 'refused' and at > coalesce((select max(at) from here where outcome in ('came in', 'chooses a passphrase')), '-infinity')`);
  const { refusals, last, everywhere } = z
    .object({ refusals: z.number(), last: z.date().nullable(), everywhere: z.number() })
    .parse(row);
  if (everywhere >= MOST_A_MINUTE) return MINUTE_MS;
  return last === null ? 0 : Math.max(0, last.getTime() + waitAfter(refusals) - atMs);
}

/** Writes a try down; its id. Nothing of what was typed is in it. */
export async function writeTry(queries: Queries, { atMs, address, device, outcome }: Try): Promise<string> {
  const id = randomUUID();
  await queries.rows(sql`delete from private.sign_in where at < ${new Date(atMs - KEPT_MS)}`);
  await queries.rows(sql`
    insert into private.sign_in (id, at, address, device, outcome)
    values (${id}, ${new Date(atMs)}, ${address}, ${device}, ${outcome})`);
  return id;
}

/** A try that was written down as refused before it was looked at was right. */
export const wasRight = async (
  queries: Queries,
  id: string,
  accountId: string | undefined,
  outcome: Outcome = 'came in',
): Promise<void> =>
  void (await queries.rows(
    sql`update private.sign_in set outcome = ${outcome}, account_id = ${accountId ?? null} where id = ${id}`,
  ));

/** The last tries, the latest first. */
export async function lastTries(queries: Queries, most = 20): Promise<readonly ShownTry[]> {
  const rows = await queries.rows(
    sql`select s.at, s.address, s.device, s.outcome, a.name from private.sign_in s
        left join private.account a on a.id = s.account_id order by s.at desc, s.id limit ${most}`,
  );
  return z
    .array(
      z.object({
        at: z.date(),
        address: z.string(),
        device: z.string(),
        outcome: z.enum(OUTCOMES),
        name: z.string().nullable(),
      }),
    )
    .parse(rows)
    .map(({ at, name, ...rest }) => ({ atMs: at.getTime(), accountName: name ?? undefined, ...rest }));
}

/** What a browser says it is, in a few words and without its numbers. */
export function deviceName(userAgent: string): string {
  const found = (names: readonly (readonly [RegExp, string])[]): string | undefined =>
    names.find(([pattern]) => pattern.test(userAgent))?.[1];
  const browser = found([
    [/Edg\//, 'Edge'],
    [/Firefox\//, 'Firefox'],
    [/Chrom(e|ium)\//, 'Chrome'],
    [/Safari\//, 'Safari'],
  ]);
  const system = found([
    [/iPhone/, 'a phone'],
    [/iPad/, 'a tablet'],
    [/Android.*Mobile/, 'a phone'],
    [/Android/, 'a tablet'],
    [/Windows/, 'Windows'],
    [/Mac OS X/, 'a Mac'],
    [/Linux|X11/, 'Linux'],
  ]);
  return browser ? `${browser} on ${system ?? 'something else'}` : 'something else';
}
