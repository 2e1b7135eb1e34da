import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { z } from 'zod';
import { OWNER, sql, type Database, type Queries } from '../sql';
import { hashOf, isRight } from './passphrase';

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
  /** Others teach here besides the owner: then who sits at this machine is asked as well. */
  readonly isSchool: boolean;
}

export async function readDoor(queries: Queries): Promise<Door> {
  const [row] = await queries.rows(sql`
    select coalesce((select is_open from private.door where id = 1), false) as is_open,
      exists (select 1 from private.account where id = ${OWNER}) as has,
      exists (select 1 from private.account where role = 'teacher' and not is_shut) as others`);
  const { is_open, has, others } = z
    .object({ is_open: z.boolean(), has: z.boolean(), others: z.boolean() })
    .parse(row);
  // Open without a passphrase is not open.
  return { isOpen: is_open && has, hasPassphrase: has, isSchool: has && others };
}

export const setOpen = async (queries: Queries, isOpen: boolean, atMs: number): Promise<void> =>
  void (await queries.rows(sql`
    insert into private.door (id, is_open, changed_at) values (1, ${isOpen}, ${new Date(atMs)})
    on conflict (id) do update set is_open = excluded.is_open, changed_at = excluded.changed_at`));

/** Sets the owner’s passphrase, or changes anybody’s to one of their own; every device of theirs has to come in again. */
export async function setPassphrase(
  database: Database,
  passphrase: string,
  atMs: number,
  accountId = OWNER,
): Promise<void> {
  const [hash, at] = [await hashOf(passphrase), new Date(atMs)];
  await database.transaction(async (queries) => {
    await queries.rows(
      accountId === OWNER
        ? sql`
            insert into private.account (id, name, role, passphrase, created_at, changed_at)
            values (${OWNER}, '', 'owner', ${hash}, ${at}, ${at})
            on conflict (id) do update set passphrase = excluded.passphrase, changed_at = excluded.changed_at`
        : sql`
            update private.account set passphrase = ${hash}, changed_at = ${at}, is_given = false where id = ${accountId}`,
    );
    await queries.rows(sql`delete from private.device where account_id = ${accountId}`);
  });
}

export type Role = 'owner' | 'teacher';

/** Somebody who may come in. The owner may have no name, and who types none is taken for them. */
export interface Account {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** The passphrase is the first one, from the owner: it serves for nothing but choosing another. */
  readonly isGiven: boolean;
  /** Kept, with everything that is theirs, and not let in. */
  readonly isShut: boolean;
}

const accountSchema = z
  .object({
    id: z.string(),
    name: z.string(),
    role: z.enum(['owner', 'teacher']),
    is_given: z.boolean(),
    is_shut: z.boolean(),
  })
  .transform(({ is_given, is_shut, ...rest }): Account => ({ ...rest, isGiven: is_given, isShut: is_shut }));

/** Whose a name is, however it is written, and the owner’s where none is typed; nothing where nobody has it. */
export async function accountNamed(queries: Queries, name: string): Promise<Account | undefined> {
  if (name.trim() === '') return readAccount(queries, OWNER);
  const [row] = await queries.rows(
    sql`select id, name, role, is_given, is_shut from private.account where lower(name) = lower(${name.trim()})`,
  );
  return row && accountSchema.parse(row);
}

export async function readAccount(queries: Queries, id: string): Promise<Account | undefined> {
  const [row] = await queries.rows(
    sql`select id, name, role, is_given, is_shut from private.account where id = ${id}`,
  );
  return row && accountSchema.parse(row);
}

/** Names an account, or the owner’s no more; `taken` where somebody else has the name, `nobody` without such an account. */
export const callThem = (
  database: Database,
  id: string,
  name: string,
  atMs: number,
): Promise<'called' | 'taken' | 'nobody'> =>
  database.transaction(async (queries) => {
    // One at a time: two who take the same name at once would else both find it free.
    await queries.rows(sql`select id from private.account order by id for update`);
    const holder = name === '' ? undefined : await accountNamed(queries, name);
    if (holder !== undefined && holder.id !== id) return 'taken';
    const rows = await queries.rows(sql`
      update private.account set name = ${name}, changed_at = ${new Date(atMs)} where id = ${id} returning id`);
    return rows.length > 0 ? 'called' : 'nobody';
  });

/** Those who teach here besides the owner, by name. */
export async function listTeachers(queries: Queries): Promise<readonly Account[]> {
  const rows = await queries.rows(
    sql`select id, name, role, is_given, is_shut from private.account where role = 'teacher' order by lower(name), id`,
  );
  return z.array(accountSchema).parse(rows);
}

/** Makes an account with its first passphrase; its id, or nothing where the name is taken. */
export async function addTeacher(
  queries: Queries,
  name: string,
  passphrase: string,
  atMs: number,
): Promise<string | undefined> {
  const [hash, at] = [await hashOf(passphrase), new Date(atMs)];
  const rows = await queries.rows(sql`
    insert into private.account (id, name, role, passphrase, created_at, changed_at, is_given)
    values (${randomUUID()}, ${name.trim()}, 'teacher', ${hash}, ${at}, ${at}, true)
    on conflict do nothing returning id`);
  return rows[0] && z.string().parse(rows[0].id);
}

/** Gives a teacher another first passphrase, and lets them in with it again; false where there is no such teacher. */
export async function giveAnew(
  database: Database,
  id: string,
  passphrase: string,
  atMs: number,
): Promise<boolean> {
  const hash = await hashOf(passphrase);
  return database.transaction(async (queries) => {
    const rows = await queries.rows(sql`
      update private.account set passphrase = ${hash}, changed_at = ${new Date(atMs)}, is_given = true, is_shut = false
      where id = ${id} and role = 'teacher' returning id`);
    await queries.rows(sql`delete from private.device where account_id = ${id} and ${rows.length > 0}`);
    return rows.length > 0;
  });
}

/** Lets a teacher in no more: their devices are sent away, and everything that is theirs stays. */
export const shutOut = (database: Database, id: string, atMs: number): Promise<boolean> =>
  database.transaction(async (queries) => {
    const rows = await queries.rows(sql`
      update private.account set is_shut = true, changed_at = ${new Date(atMs)}
      where id = ${id} and role = 'teacher' and not is_shut returning id`);
    await queries.rows(sql`delete from private.device where account_id = ${id} and ${rows.length > 0}`);
    return rows.length > 0;
  });

/** What nobody’s passphrase is: a name that is not known takes as long as one that is. */
let nobodys: Promise<string> | undefined;

/** Whether this is the passphrase of an account; false where there is none, or it is shut out. */
export async function isTheirs(
  queries: Queries,
  accountId: string | undefined,
  passphrase: string,
): Promise<boolean> {
  const [row] =
    accountId === undefined
      ? []
      : await queries.rows(
          sql`select passphrase from private.account where id = ${accountId} and not is_shut`,
        );
  if (row) return isRight(passphrase, z.string().parse(row.passphrase));
  nobodys ??= hashOf(randomUUID());
  await isRight(passphrase, await nobodys);
  return false;
}

/** Lets a device in; what its cookie holds is told once and kept nowhere. */
export async function letIn(
  queries: Queries,
  accountId: string,
  name: string,
  atMs: number,
): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  const at = new Date(atMs);
  await queries.rows(sql`
    insert into private.device (id, token_hash, account_id, name, signed_in_at, seen_at)
    values (${randomUUID()}, ${sha256(token)}, ${accountId}, ${name}, ${at}, ${at})`);
  return token;
}

export interface Device {
  readonly id: string;
  readonly name: string;
  readonly signedInAtMs: number;
  readonly seenAtMs: number;
  /** Whose it is. */
  readonly accountId: string;
  readonly accountName: string;
  readonly role: Role;
}

const deviceSchema = z
  .object({
    id: z.string(),
    name: z.string(),
    signed_in_at: z.date(),
    seen_at: z.date(),
    account_id: z.string(),
    account_name: z.string(),
    role: z.enum(['owner', 'teacher']),
  })
  .transform((row): Device => ({
    id: row.id,
    name: row.name,
    signedInAtMs: row.signed_in_at.getTime(),
    seenAtMs: row.seen_at.getTime(),
    accountId: row.account_id,
    accountName: row.account_name,
    role: row.role,
  }));

const IN = `
  select d.id, d.name, d.signed_in_at, d.seen_at, d.account_id, a.name as account_name, a.role
  from private.device d join private.account a on a.id = d.account_id and not a.is_shut
  where d.signed_in_at > $1 and d.seen_at > $2`;
const since = (atMs: number): readonly Date[] => [new Date(atMs - STAYS_MS), new Date(atMs - IDLE_MS)];

/** The device a cookie belongs to; nothing where it was sent away or stayed too long. */
export async function deviceOf(queries: Queries, token: string, atMs: number): Promise<Device | undefined> {
  const [row] = await queries.rows({
    text: `${IN} and d.token_hash = $3`,
    values: [...since(atMs), sha256(token)],
  });
  if (!row) return undefined;
  const device = deviceSchema.parse(row);
  if (atMs - device.seenAtMs > SEEN_EVERY_MS)
    await queries.rows(sql`update private.device set seen_at = ${new Date(atMs)} where id = ${device.id}`);
  return device;
}

/** Whose devices are spoken of: one account’s, or everybody’s for the owner. */
export type Whose = { readonly accountId: string } | 'everybody';
const theirs = (whose: Whose): string | null => (whose === 'everybody' ? null : whose.accountId);

/** The devices that are in, the last seen first. */
export async function devices(queries: Queries, whose: Whose, atMs: number): Promise<readonly Device[]> {
  const rows = await queries.rows({
    text: `${IN} and ($3::text is null or d.account_id = $3) order by d.seen_at desc, d.id limit 200`,
    values: [...since(atMs), theirs(whose)],
  });
  return z.array(deviceSchema).parse(rows);
}

/** Sends a device away; false where it is not in. */
export const sendAway = async (queries: Queries, whose: Whose, id: string): Promise<boolean> =>
  (
    await queries.rows(sql`
      delete from private.device
      where id = ${id} and (${theirs(whose)}::text is null or account_id = ${theirs(whose)}) returning id`)
  ).length > 0;

/** Sends every device away but one. */
export const sendOthersAway = async (
  queries: Queries,
  whose: Whose,
  keptId: string | undefined,
): Promise<number> =>
  (
    await queries.rows(sql`
      delete from private.device
      where id is distinct from ${keptId ?? null} and (${theirs(whose)}::text is null or account_id = ${theirs(whose)})
      returning id`)
  ).length;
