import { z } from 'zod';
import type { Table } from '@/core/formats/table';
import type { Form } from '@/core/forms';
import type { Audience } from '@/core/handout/audience';
import { dayOf } from '@/core/people/presence';
import { listClassesWithUnreadable } from './classes';
import { sql, type OwnQueries } from './sql';

/** So many classes are written into one table; more than a lifetime’s. */
const MOST = 50_000;

const minutes = (ms: number): number => Math.round((ms / 60_000) * 10) / 10;
const clock = (atMs: number, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(atMs);

/** The log as a table, the latest first: for others no group, nobody’s name and no note. */
export async function logTable(queries: OwnQueries, zone: string, audience: Audience): Promise<Table> {
  const { classes } = await listClassesWithUnreadable(queries, MOST);
  const mine = audience === 'me';
  return {
    columns: [
      'day',
      'time',
      'practice',
      'planned, min',
      'led, min',
      'to the end',
      'forms',
      ...(mine ? ['group', 'led by', 'note'] : []),
    ],
    rows: classes.map(({ startedAtMs, practiceName, record, groupName, ledBy, note }) => [
      dayOf(startedAtMs, zone),
      clock(startedAtMs, zone),
      practiceName,
      minutes(record.plannedMs),
      minutes(record.actualMs),
      record.finished ? 'yes' : 'no',
      record.items.map(({ name }) => name).join('; '),
      ...(mine ? [groupName, ledBy, note] : []),
    ]),
  };
}

/** Who came when: for oneself alone. A class where others came besides has a row for how many. */
export async function attendanceTable(queries: OwnQueries, zone: string): Promise<Table> {
  const rows = await queries.rows(sql`
    select c.started_at, c.practice_name, g.name as group_name, person.document ->> 'name' as person_name, r.others
    from class_given c
    join private.register r on r.class_id = c.id
    left join private.present p on p.register_id = r.id
    left join private.person person on person.id = p.person_id
    left join class_group g on g.id = c.group_id
    where c.teacher_id = ${queries.teacherId} and c.binned_at is null
    order by c.started_at desc, c.id, person_name`);
  const read = z
    .array(
      z.object({
        started_at: z.date(),
        practice_name: z.string(),
        group_name: z.string().nullable(),
        person_name: z.string().nullable(),
        others: z.number(),
      }),
    )
    .parse(rows);
  return {
    columns: ['day', 'time', 'practice', 'group', 'who', 'others'],
    rows: read.map((row) => [
      dayOf(row.started_at.getTime(), zone),
      clock(row.started_at.getTime(), zone),
      row.practice_name,
      row.group_name ?? undefined,
      row.person_name ?? undefined,
      row.others,
    ]),
  };
}

/** Forms as a table. */
export const formsTable = (forms: readonly Form[]): Table => ({
  columns: ['id', 'name', 'pinyin', 'hanzi', 'family', 'roles', 'stance', 'sides', 'source'],
  rows: forms.map((form) => [
    form.id,
    form.name,
    form.pinyin,
    form.hanzi,
    form.family,
    form.roles.join('; '),
    form.stance.start,
    form.sides,
    form.source,
  ]),
});
