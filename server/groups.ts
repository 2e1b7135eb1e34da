import { z } from 'zod';
import type { GroupCalendar } from '@/core/brief';
import { CONDITION_IDS, type ConditionId } from '@/core/people';
import { sql, type Queries } from './sql';
import type { Versioned } from './versioned';

export const classTimeSchema = z.strictObject({
  weekday: z.number().int().min(1).max(7),
  hour: z.number().int().min(0).max(23),
  minute: z.number().int().min(0).max(59),
});

export const groupSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9-]+$/)
    .min(1)
    .max(64),
  name: z.string().trim().min(1, 'a group needs a name').max(80),
  minutes: z.number().int().min(5, 'at least 5 minutes').max(90, 'at most 90 minutes'),
  posture: z.enum(['standing', 'seated']),
  familiarity: z.enum(['known', 'taught']),
  times: z.array(classTimeSchema).max(14),
  conditions: z.array(z.enum(CONDITION_IDS)).max(CONDITION_IDS.length),
});
export type Group = z.infer<typeof groupSchema>;
/** A group with the version it was read at. */
export type StoredGroup = Group & { readonly version: number };

const rowSchema = groupSchema.extend({ version: z.number() });

/** Groups in the bin, by name. */
export async function listBinnedGroups(
  queries: Queries,
): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const rows = await queries.rows(
    sql`select id, name from class_group where binned_at is not null order by name, id`,
  );
  return rows.map((row) => z.object({ id: z.string(), name: z.string() }).parse(row));
}

/** The groups that are not in the bin, by name. */
export async function listGroups(queries: Queries): Promise<readonly StoredGroup[]> {
  const rows = await queries.rows(
    sql`select id, name, minutes, posture, familiarity, times, conditions, version from class_group where binned_at is null order by name, id`,
  );
  // A condition this version does not know is left out rather than closing every room.
  return rows.map((row) =>
    rowSchema.parse({
      ...row,
      conditions: z
        .array(z.unknown())
        .catch([])
        .parse(row.conditions)
        .filter((id) => groupSchema.shape.conditions.element.safeParse(id).success),
    }),
  );
}

/**
 * Makes a group (`baseVersion` 0) or changes it on top of the version it was read at. One that lies in the bin is not
 * brought back by a window that still shows it: see `restoreGroup`.
 */
export async function saveGroup(queries: Queries, group: Group, baseVersion: number): Promise<Versioned> {
  const [times, conditions] = [JSON.stringify(group.times), JSON.stringify(group.conditions)];
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into class_group (id, name, minutes, posture, familiarity, times, conditions, version)
          values (${group.id}, ${group.name}, ${group.minutes}, ${group.posture}, ${group.familiarity},
                  ${times}::jsonb, ${conditions}::jsonb, 1)
          on conflict (id) do nothing returning version`)
      : await queries.rows(sql`
          update class_group set name = ${group.name}, minutes = ${group.minutes}, posture = ${group.posture},
            familiarity = ${group.familiarity}, times = ${times}::jsonb, conditions = ${conditions}::jsonb,
            version = version + 1
          where id = ${group.id} and version = ${baseVersion} and binned_at is null returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  const [there] = await queries.rows(sql`select version, binned_at from class_group where id = ${group.id}`);
  return {
    ok: false,
    code: there && there.binned_at !== null ? 'binned' : 'changed-elsewhere',
    version: there ? z.number().parse(there.version) : 0,
  };
}

/** Out of the bin again, as it was. */
export async function restoreGroup(queries: Queries, id: string): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_group set binned_at = null, version = version + 1 where id = ${id} and binned_at is not null returning id`,
  );
  return rows.length > 0;
}

export async function binGroup(queries: Queries, id: string, atMs: number): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_group set binned_at = ${new Date(atMs)}, version = version + 1 where id = ${id} and binned_at is null returning id`,
  );
  return rows.length > 0;
}

/** What the almanac needs of the groups. */
export const calendarOf = (groups: readonly Group[]): readonly GroupCalendar[] =>
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
