import { z } from 'zod';
import type { GroupCalendar } from '@/core/brief';
import { CONDITION_IDS, type ConditionId } from '@/core/people';
import { sql, type Queries } from './sql';

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

/** The groups that are not in the bin, by name. */
export async function listGroups(queries: Queries): Promise<readonly Group[]> {
  const rows = await queries.rows(
    sql`select id, name, minutes, posture, familiarity, times, conditions from class_group where binned_at is null order by name`,
  );
  return rows.map((row) => groupSchema.parse(row));
}

/** Makes or changes a group; a group in the bin comes back. */
export async function saveGroup(queries: Queries, group: Group): Promise<void> {
  await queries.rows(sql`
    insert into class_group (id, name, minutes, posture, familiarity, times, conditions)
    values (${group.id}, ${group.name}, ${group.minutes}, ${group.posture}, ${group.familiarity},
            ${JSON.stringify(group.times)}::jsonb, ${JSON.stringify(group.conditions)}::jsonb)
    on conflict (id) do update set name = excluded.name, minutes = excluded.minutes, posture = excluded.posture,
      familiarity = excluded.familiarity, times = excluded.times, conditions = excluded.conditions, binned_at = null`);
}

export async function binGroup(queries: Queries, id: string, atMs: number): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_group set binned_at = ${new Date(atMs)} where id = ${id} and binned_at is null returning id`,
  );
  return rows.length > 0;
}

/** What the almanac needs of the groups. */
export const calendarOf = (groups: readonly Group[]): readonly GroupCalendar[] =>
  groups.map(({ id, name, times, minutes, posture }) => ({ id, name, times, minutes, posture }));

/** What to be careful of in a group; alone, what the practitioner’s own customs say. */
export const conditionsOf = (
  groups: readonly Group[],
  groupId: string | null,
  alone: readonly ConditionId[],
): readonly ConditionId[] =>
  groupId === null ? alone : (groups.find((group) => group.id === groupId)?.conditions ?? []);
