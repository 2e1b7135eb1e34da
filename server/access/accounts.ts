import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { z } from 'zod';
import { sql, type Database, type Queries } from '../sql';
import { hashOf, isRight } from './passphrase';

/** The one account of an installation with one practitioner. */
const OWNER = 'owner';

const DAY_MS = 86_400_000;
/** A device stays in so long, and so long when it is not used. */
export const STAYS_MS = 90 * DAY_MS;
const IDLE_MS = 30 * DAY_MS;
/** That a device was seen is written no more often. */
const SEEN_EVERY_MS = 600_000;

const TOKEN_BYTES = 32;
const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

export interface Door {
  readonly isOpen: boolean;
  readonly hasPassphrase: boolean;
}

export async function readDoor(queries: Queries): Promise<Door> {
  const [row] = await queries.rows(sql`
    select coalesce((select is_open from private.door where id = 1), false) as is_open,
      exists (select 1 from private.account where id = ${OWNER}) as has`);
  const { is_open, has } = z.object({ is_open: z.boolean(), has: z.boolean() }).parse(row);
  // Open without a passphrase is not open.
  return { isOpen: is_open && has, hasPassphrase: has };
}

export const setOpen = async (queries: Queries, isOpen: boolean, atMs: number): Promise<void> =>
  void (await queries.rows(sql`
    insert into private.door (id, is_open, changed_at) values (1, ${isOpen}, ${new Date(atMs)})
    on conflict (id) do update set is_open = excluded.is_open, changed_at = excluded.changed_at`));

/** Sets or changes the owner’s passphrase; every device has to come in again. */
export async function setPassphrase(database: Database, passphrase: string, atMs: number): Promise<void> {
  const [hash, at] = [await hashOf(passphrase), new Date(atMs)];
  await database.transaction(async (queries) => {
    await queries.rows(sql`
      insert into private.account (id, name, role, passphrase, created_at, changed_at)
      values (${OWNER}, '', 'owner', ${hash}, ${at}, ${at})
      on conflict (id) do update set passphrase = excluded.passphrase, changed_at = excluded.changed_at`);
    await queries.rows(sql`delete from private.device where account_id = ${OWNER}`);
  });
}

/** Whether this is the owner’s passphrase; false where none is set. */
export async function isOwners(queries: Queries, passphrase: string): Promise<boolean> {
  const [row] = await queries.rows(sql`select passphrase from private.account where id = ${OWNER}`);
  return row !== undefined && isRight(passphrase, z.string().parse(row.passphrase));
}

/** Lets a device in; what its cookie holds is told once and kept nowhere. */
export async function letIn(queries: Queries, name: string, atMs: number): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  const at = new Date(atMs);
  await queries.rows(sql`
    insert into private.device (id, token_hash, account_id, name, signed_in_at, seen_at)
    values (${randomUUID()}, ${sha256(token)}, ${OWNER}, ${name}, ${at}, ${at})`);
  return token;
}

export interface Device {
  readonly id: string;
  readonly name: string;
  readonly signedInAtMs: number;
  readonly seenAtMs: number;
}

const deviceSchema = z
  .object({ id: z.string(), name: z.string(), signed_in_at: z.date(), seen_at: z.date() })
  .transform(({ id, name, signed_in_at, seen_at }): Device => ({
    id,
    name,
    signedInAtMs: signed_in_at.getTime(),
    seenAtMs: seen_at.getTime(),
  }));

/** The device a cookie belongs to; nothing where it was sent away or stayed too long. */
export async function deviceOf(queries: Queries, token: string, atMs: number): Promise<Device | undefined> {
  const [row] = await queries.rows(sql`
    select id, name, signed_in_at, seen_at from private.device
    where token_hash = ${sha256(token)} and signed_in_at > ${new Date(atMs - STAYS_MS)} and seen_at > ${new Date(atMs - IDLE_MS)}`);
  if (!row) return undefined;
  const device = deviceSchema.parse(row);
  if (atMs - device.seenAtMs > SEEN_EVERY_MS)
    await queries.rows(sql`update private.device set seen_at = ${new Date(atMs)} where id = ${device.id}`);
  return device;
}

/** The devices that are in, the last seen first. */
export async function devices(queries: Queries, atMs: number): Promise<readonly Device[]> {
  const rows = await queries.rows(sql`
    select id, name, signed_in_at, seen_at from private.device
    where signed_in_at > ${new Date(atMs - STAYS_MS)} and seen_at > ${new Date(atMs - IDLE_MS)}
    order by seen_at desc, id limit 200`);
  return z.array(deviceSchema).parse(rows);
}

/** Sends a device away; false where it is not in. */
export const sendAway = async (queries: Queries, id: string): Promise<boolean> =>
  (await queries.rows(sql`delete from private.device where id = ${id} returning id`)).length > 0;

/** Sends every device away but one. */
export const sendOthersAway = async (queries: Queries, keptId: string | undefined): Promise<number> =>
  (
    await queries.rows(
      sql`delete from private.device where id is distinct from ${keptId ?? null} returning id`,
    )
  ).length;
