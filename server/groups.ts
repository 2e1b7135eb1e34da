import { z } from 'zod';
import type { GroupCalendar } from '@/core/brief';
import { GROUP_DOCUMENT, readDocument, VERSION_FIELD, versionOf, type Group } from '@/core/documents';
import type { ConditionId } from '@/core/people';
import { sql, type OwnQueries } from './sql';
import { partRows, UnreadableDocument, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

export type { Group } from '@/core/documents';

/** A group with the version it was read at. */
export type StoredGroup = Group & { readonly version: number };

/** Groups in the bin, by name. */
export async function listBinnedGroups(
  queries: OwnQueries,
): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const rows = await queries.rows(
    sql`select id, name from class_group where teacher_id = ${queries.teacherId} and binned_at is not null order by name, id`,
  );
  return rows.map((row) => z.object({ id: z.string(), name: z.string() }).parse(row));
}

function storedGroup(row: Readonly<Record<string, unknown>>): StoredGroup {
  const { version, document_version: documentVersion, ...columns } = row;
  const read = readDocument(GROUP_DOCUMENT, { ...columns, [VERSION_FIELD]: documentVersion });
  if (read.ok) {
    const { initials = {}, ...group } = read.document;
    const told = Object.keys(initials).length > 0 ? { initials } : {};
    return { ...group, ...told, version: z.number().parse(version) };
  }
  const named = z.object({ id: z.string(), name: z.string() }).parse(row);
  throw new UnreadableDocument({ kind: 'group', id: named.id, name: named.name, problem: read.problem });
}

/** The groups that are not in the bin, by name, and those that cannot be read. */
export async function listGroupsWithUnreadable(
  queries: OwnQueries,
): Promise<{ readonly groups: readonly StoredGroup[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(
    sql`select id, name, minutes, posture, familiarity, times, conditions, initials, version, document_version
        from class_group where teacher_id = ${queries.teacherId} and binned_at is null order by name, id`,
  );
  const { readable, unreadable } = partRows(rows, storedGroup);
  return { groups: readable, unreadable };
}

/** The groups that are not in the bin, by name, as far as they can be read. */
export const listGroups = async (queries: OwnQueries): Promise<readonly StoredGroup[]> =>
  (await listGroupsWithUnreadable(queries)).groups;

/**
 * Makes a group (`baseVersion` 0) or changes it on top of the version it was read at. One that lies in the bin is not
 * brought back by a window that still shows it: see `restoreGroup`.
 */
export async function saveGroup(queries: OwnQueries, group: Group, baseVersion: number): Promise<Versioned> {
  const [times, conditions, initials] = [group.times, group.conditions, group.initials ?? {}].map((value) =>
    JSON.stringify(value),
  );
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into class_group (id, teacher_id, name, minutes, posture, familiarity, times, conditions, initials, version, document_version)
          values (${group.id}, ${queries.teacherId}, ${group.name}, ${group.minutes}, ${group.posture}, ${group.familiarity},
                  ${times}::jsonb, ${conditions}::jsonb, ${initials}::jsonb, 1, ${versionOf(GROUP_DOCUMENT)})
          on conflict (id) do nothing returning version`)
      : await queries.rows(sql`
          update class_group set name = ${group.name}, minutes = ${group.minutes}, posture = ${group.posture},
            familiarity = ${group.familiarity}, times = ${times}::jsonb, conditions = ${conditions}::jsonb,
            initials = ${initials}::jsonb, version = version + 1, document_version = ${versionOf(GROUP_DOCUMENT)}
          where id = ${group.id} and teacher_id = ${queries.teacherId} and version = ${baseVersion} and binned_at is null returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  const [there] = await queries.rows(
    sql`select version, binned_at from class_group where id = ${group.id} and teacher_id = ${queries.teacherId}`,
  );
  return {
    ok: false,
    code: there && there.binned_at !== null ? 'binned' : 'changed-elsewhere',
    version: there ? z.number().parse(there.version) : 0,
  };
}

/** Out of the bin again, as it was. */
export async function restoreGroup(queries: OwnQueries, id: string): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_group set binned_at = null, version = version + 1 where id = ${id} and teacher_id = ${queries.teacherId} and binned_at is not null returning id`,
  );
  return rows.length > 0;
}

export async function binGroup(queries: OwnQueries, id: string, atMs: number): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_group set binned_at = ${new Date(atMs)}, version = version + 1 where id = ${id} and teacher_id = ${queries.teacherId} and binned_at is null returning id`,
  );
  return rows.length > 0;
}

/** What the almanac needs of the groups. */
export const calendarOf = (groups: readonly Omit<Group, 'conditions'>[]): readonly GroupCalendar[] =>
  groups.map(({ id, name, times, minutes, posture, familiarity }) => ({
    id,
    name,
    times,
    minutes,
    posture,
    familiarity,
  }));

/** What to be careful of in a group; alone, what the practitioner’s own customs say. */
export const conditionsOf = (
  groups: readonly Group[],
  groupId: string | null,
  alone: readonly ConditionId[],
): readonly ConditionId[] =>
  groupId === null ? alone : (groups.find((group) => group.id === groupId)?.conditions ?? []);

/** Whose a condition in a group is, by initials; nothing for oneself. */
export const initialsOf = (
  groups: readonly Group[],
  groupId: string | null,
): NonNullable<Group['initials']> => groups.find((group) => group.id === groupId)?.initials ?? {};
