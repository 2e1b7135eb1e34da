import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { withoutPrivate, type Practice } from '@/core/practice';
import type { Term } from '@/core/term/document';
import { createPractice, listedPractices, readPractice, type PracticeSummary } from './practices';
import { OWNER, sql, type OwnDatabase, type OwnQueries } from './sql';
import { listedTerms, readTerm, saveTerm } from './terms';

/** What a teacher may let the others of a school look at and take copies of: never what is known of a person. */
export const SHARED_KINDS = ['practice', 'term'] as const;
export type SharedKind = (typeof SHARED_KINDS)[number];

/** Shares something of one’s own, or stops to; copies that were taken stay. False where it is not one’s own. */
export async function setShared(
  queries: OwnQueries,
  kind: SharedKind,
  id: string,
  isShared: boolean,
): Promise<boolean> {
  const rows = await queries.rows(
    kind === 'practice'
      ? sql`update practice set is_shared = ${isShared} where id = ${id} and teacher_id = ${queries.teacherId} returning id`
      : sql`update term set is_shared = ${isShared} where id = ${id} and teacher_id = ${queries.teacherId} returning id`,
  );
  return rows.length > 0;
}

/** What of one’s own is shared, by id. */
export async function sharedOfMine(queries: OwnQueries, kind: SharedKind): Promise<ReadonlySet<string>> {
  const rows = await queries.rows(
    kind === 'practice'
      ? sql`select id from practice where is_shared and teacher_id = ${queries.teacherId}`
      : sql`select id from term where is_shared and teacher_id = ${queries.teacherId}`,
  );
  return new Set(rows.map(({ id }) => z.string().parse(id)));
}

/** Something another teacher shares. */
export interface Shared<What> {
  readonly what: What;
  /** Whose it is, by the name they come in by; empty for the owner. */
  readonly teacherName: string;
}

/** So many are shown. */
const MOST = 200;

const whoseRows = z.array(z.object({ id: z.string(), teacher_id: z.string(), name: z.string().nullable() }));
type WhoseRow = z.infer<typeof whoseRows>[number];

/** What the others share and is not in their bin, the last changed first: which, and whose. */
async function ofOthers(queries: OwnQueries, kind: SharedKind): Promise<readonly WhoseRow[]> {
  const rows = await queries.rows(
    kind === 'practice'
      ? sql`
          select p.id, p.teacher_id, a.name from practice p left join private.account a on a.id = p.teacher_id
          where p.is_shared and p.binned_at is null and p.teacher_id <> ${queries.teacherId}
          order by p.updated_at desc, p.id limit ${MOST}`
      : sql`
          select t.id, t.teacher_id, a.name from term t left join private.account a on a.id = t.teacher_id
          where t.is_shared and t.binned_at is null and t.teacher_id <> ${queries.teacherId}
          order by t.updated_at desc, t.id limit ${MOST}`,
  );
  return whoseRows.parse(rows);
}

/** Rows of several teachers, asked of each by their own right, in the order they stood in. */
async function asked<What extends { readonly id: string }>(
  queries: OwnQueries,
  rows: readonly WhoseRow[],
  read: (of: OwnQueries, ids: readonly string[]) => Promise<readonly What[]>,
): Promise<readonly Shared<What>[]> {
  const found = new Map<string, What>();
  for (const teacherId of new Set(rows.map((row) => row.teacher_id))) {
    const ids = rows.filter((row) => row.teacher_id === teacherId).map(({ id }) => id);
    for (const what of await read({ ...queries, teacherId }, ids)) found.set(what.id, what);
  }
  return rows.flatMap(({ id, name }) => {
    const what = found.get(id);
    return what ? [{ what, teacherName: name ?? '' }] : [];
  });
}

/** The practices the others share, without whose group each is for. */
export const practicesOfOthers = async (
  queries: OwnQueries,
): Promise<readonly Shared<Omit<PracticeSummary, 'binnedAtMs'>>[]> =>
  asked(queries, await ofOthers(queries, 'practice'), async (of, ids) =>
    (await listedPractices(of, ids)).map(({ binnedAtMs: _binned, ...one }) => ({
      ...one,
      brief: { ...one.brief, groupId: null },
    })),
  );

/** The terms the others share: what each week is for, and neither whose group nor who teaches it. */
export const termsOfOthers = async (
  queries: OwnQueries,
): Promise<readonly Shared<Pick<Term, 'id' | 'name' | 'first' | 'last' | 'aim' | 'weeks'>>[]> =>
  asked(queries, await ofOthers(queries, 'term'), async (of, ids) =>
    (await listedTerms(of, ids)).map(({ id, name, first, last, aim, weeks }) => ({
      id,
      name,
      first,
      last,
      aim,
      weeks,
    })),
  );

/** Asked by the right of whoever shares it; nothing where nobody does, or it is in their bin. */
async function sharer(
  queries: OwnQueries,
  kind: SharedKind,
  id: string,
): Promise<{ readonly of: OwnQueries; readonly teacherName: string } | undefined> {
  const [row] = await queries.rows(
    kind === 'practice'
      ? sql`select p.id, p.teacher_id, a.name from practice p left join private.account a on a.id = p.teacher_id
            where p.id = ${id} and p.is_shared and p.binned_at is null and p.teacher_id <> ${queries.teacherId}`
      : sql`select t.id, t.teacher_id, a.name from term t left join private.account a on a.id = t.teacher_id
            where t.id = ${id} and t.is_shared and t.binned_at is null and t.teacher_id <> ${queries.teacherId}`,
  );
  const [whose] = row ? whoseRows.parse([row]) : [];
  return whose && { of: { ...queries, teacherId: whose.teacher_id }, teacherName: whose.name ?? '' };
}

/** A practice another teacher shares, as it may be seen: without what is private. Nothing where it is not shared. */
export async function sharedPractice(
  queries: OwnQueries,
  id: string,
): Promise<(Shared<Practice> & { readonly version: number }) | undefined> {
  const found = await sharer(queries, 'practice', id);
  const stored = found && (await readPractice(found.of, id));
  return (
    stored && {
      what: withoutPrivate(stored.practice),
      version: stored.version,
      teacherName: found.teacherName,
    }
  );
}

/** Takes a copy of a practice another teacher shares onto one’s own shelf; its id, or nothing where it is not shared. */
export async function copyPractice(
  database: OwnDatabase,
  id: string,
  atMs: number,
): Promise<string | undefined> {
  const shared = await sharedPractice(database, id);
  return shared && createPractice(database, randomUUID(), shared.what, atMs);
}

/**
 * Takes over a term another teacher shares for a group of one’s own: its days, aims and themes, none of its practices. Its
 * id; nothing where it is not shared or the group is not one’s own.
 */
export async function copyTerm(
  database: OwnDatabase,
  id: string,
  groupId: string,
  atMs: number,
): Promise<string | undefined> {
  const found = await sharer(database, 'term', id);
  const stored = found && (await readTerm(found.of, id));
  if (!stored) return undefined;
  // Who teaches it there, by which calendar and how, is theirs: here one's own customs hold.
  const { teacher: _teacher, calendar: _calendar, ways: _ways, weeks, ...term } = stored.term;
  const copy: Term = {
    ...term,
    id: randomUUID(),
    groupId,
    weeks: Object.fromEntries(
      Object.entries(weeks).map(([monday, { practiceId: _practice, ...week }]) => [monday, week]),
    ),
  };
  const saved = await saveTerm(database, copy, 0, atMs);
  return saved.ok ? copy.id : undefined;
}

/** Who shares something, as it is shown. */
export const calledTeacher = (name: string): string => (name === '' ? 'the owner' : name);

/** Whether anything can be shared here: more than one teach. */
export async function isSchool(queries: OwnQueries): Promise<boolean> {
  const rows = await queries.rows(
    sql`select 1 from private.account where id <> ${OWNER} and role = 'teacher' limit 1`,
  );
  return rows.length > 0;
}
