import { z } from 'zod';
import { occurrences } from '@/core/almanac/classes';
import { DAY_MS } from '@/core/almanac/zone';
import { dayOf } from '@/core/people/presence';
import { mondayOf } from '@/core/term/calendar';
import { termSchema } from '@/core/term/document';
import { listGroups } from './groups';
import { sql, type OwnQueries } from './sql';
import { listTerms } from './terms';

/** The next class there is, and what it is to be led with. */
export interface NextClass {
  readonly groupId: string;
  readonly groupName: string;
  readonly atMs: number;
  readonly minutes: number;
  /** The practice of its week in a term, or the one the group had last; nothing where there is neither. */
  readonly practice: { readonly id: string; readonly name: string; readonly by: 'term' | 'last' } | undefined;
  readonly term: { readonly id: string; readonly name: string } | undefined;
}

/** So far ahead a class is the next one. */
const AHEAD_MS = 8 * DAY_MS;
/** A class that has just begun is still the next one. */
const BEGUN_MS = 10 * 60_000;

/** The first class of all groups from now on, without those that fall out in their term; nothing where none is near. */
export async function nextClass(
  queries: OwnQueries,
  zone: string,
  nowMs: number,
): Promise<NextClass | undefined> {
  const [groups, { terms }] = [await listGroups(queries), await listTerms(queries)];
  const termOf = (groupId: string, day: string) =>
    terms.find(({ term }) => term.groupId === groupId && term.first <= day && day <= term.last)?.term;
  const [next] = groups
    .flatMap((group) =>
      group.times.flatMap((time) =>
        occurrences(time, nowMs - BEGUN_MS, nowMs + AHEAD_MS, zone).map((atMs) => {
          const day = dayOf(atMs, zone);
          return { group, atMs, day, term: termOf(group.id, day) };
        }),
      ),
    )
    .filter(({ day, term }) => !term?.out.some(({ from, until }) => from <= day && day <= until))
    .toSorted((a, b) => a.atMs - b.atMs);
  if (!next) return undefined;
  const { group, atMs, day, term } = next;
  const planned = term?.weeks[mondayOf(day)]?.practiceId;
  const rows = await queries.rows(sql`
    select p.id, p.name from practice p
    where p.teacher_id = ${queries.teacherId} and p.binned_at is null and p.id = coalesce(
      (select id from practice where id = ${planned ?? null} and teacher_id = ${queries.teacherId} and binned_at is null),
      (select c.practice_id from class_given c join practice q on q.id = c.practice_id
       where c.teacher_id = ${queries.teacherId} and c.group_id = ${group.id} and c.binned_at is null and q.binned_at is null
       order by c.started_at desc limit 1))`);
  const [practice] = z.array(z.object({ id: z.string(), name: z.string() })).parse(rows);
  return {
    groupId: group.id,
    groupName: group.name,
    atMs,
    minutes: group.minutes,
    practice: practice && { ...practice, by: practice.id === planned ? 'term' : 'last' },
    term: term && { id: term.id, name: term.name },
  };
}

const ofPracticeRows = z.array(
  z.object({
    id: z.string(),
    name: z.string(),
    calendar: termSchema.shape.calendar,
    ways: termSchema.shape.ways,
  }),
);
/** A term as the practice of one of its weeks knows it. */
export type TermOfPractice = z.infer<typeof ofPracticeRows>[number];

/** The term a practice belongs to, and what is done in it otherwise than is one’s own custom; nothing where it belongs to none. */
export async function termOfPractice(
  queries: OwnQueries,
  practiceId: string,
): Promise<TermOfPractice | undefined> {
  const rows = await queries.rows(sql`
    select t.id, t.document ->> 'name' as name, t.document -> 'calendar' as calendar, t.document -> 'ways' as ways from term t
    where t.teacher_id = ${queries.teacherId} and t.binned_at is null and exists (
      select 1 from jsonb_each(t.document -> 'weeks') week where week.value ->> 'practiceId' = ${practiceId})
    order by t.document ->> 'first' desc limit 1`);
  const said = rows.map((row) =>
    Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)),
  );
  return ofPracticeRows.parse(said)[0];
}
