import { z } from 'zod';
import { actionsForOthers, toldSchema, type ToldClass } from '@/core/desk/following';
import { withoutPrivate, type Practice } from '@/core/practice';
import { practiceOfAnyAge } from '@/core/documents/practice';
import { sql, type OwnDatabase, type OwnQueries, type Queries } from '../sql';
import { newCode } from './code';

const HOUR_MS = 3_600_000;
/** A code leads to its class so long at most. */
const LASTS_MS = 24 * HOUR_MS;
/** That there was one is known so long: who comes back to it is told that it is over. */
const KNOWN_MS = 30 * LASTS_MS;

/** A class others follow: what is told of it, and of how many times. */
export interface Followed {
  readonly code: string;
  /** Who shows it. */
  readonly teacherId: string;
  readonly practiceId: string;
  readonly version: number;
  readonly told: ToldClass;
  readonly revision: number;
  readonly toldBy: string;
  /** Shown to nobody any more. */
  readonly isEnded: boolean;
}

const rowSchema = z
  .object({
    code: z.string(),
    teacher_id: z.string(),
    practice_id: z.string(),
    version: z.number(),
    session_id: z.string(),
    actions: z.unknown(),
    teaching: z.unknown(),
    is_over: z.boolean(),
    revision: z.number(),
    told_by: z.string(),
    opened_at: z.date(),
    ended_at: z.date().nullable(),
  })
  .transform((row): Followed & { readonly openedAtMs: number } => ({
    code: row.code,
    teacherId: row.teacher_id,
    practiceId: row.practice_id,
    version: row.version,
    told: toldSchema.parse({
      sessionId: row.session_id,
      actions: row.actions,
      teaching: row.teaching,
      isOver: row.is_over,
    }),
    revision: row.revision,
    toldBy: row.told_by,
    isEnded: row.ended_at !== null,
    openedAtMs: row.opened_at.getTime(),
  }));

/** The row as it stands at a moment: over once it has lasted long enough, whether or not somebody ended it. */
function followedIn(row: unknown, atMs: number): Followed {
  const { openedAtMs, ...followed } = rowSchema.parse(row);
  return { ...followed, isEnded: followed.isEnded || atMs - openedAtMs > LASTS_MS };
}

const COLUMNS =
  'code, teacher_id, practice_id, version, session_id, actions, teaching, is_over, revision, told_by, opened_at, ended_at';
const selected = (where: string, ...values: readonly unknown[]) => ({
  text: `select ${COLUMNS} from private.following where ${where}`,
  values,
});

/** The class under a code, also one that is over; nothing where there never was one. */
export async function readFollowed(
  queries: Queries,
  code: string,
  atMs: number,
): Promise<Followed | undefined> {
  const [row] = await queries.rows(selected('code = $1', code));
  return row && followedIn(row, atMs);
}

/** The classes under several codes. */
export const readAllFollowed = async (
  queries: Queries,
  codes: readonly string[],
  atMs: number,
): Promise<readonly Followed[]> =>
  (await queries.rows(selected('code = any($1)', codes))).map((row) => followedIn(row, atMs));

/** What is shown of a practice just now, if anything is. */
export async function followedOf(
  queries: OwnQueries,
  practiceId: string,
  atMs: number,
): Promise<Followed | undefined> {
  const [row] = await queries.rows(
    selected(
      'practice_id = $1 and teacher_id = $2 and ended_at is null order by opened_at desc, code limit 1',
      practiceId,
      queries.teacherId,
    ),
  );
  const followed = row && followedIn(row, atMs);
  return followed?.isEnded === false ? followed : undefined;
}

/** The practice a class goes by, as others may see it. */
export async function practiceFollowed(queries: Queries, code: string): Promise<Practice | undefined> {
  const [row] = await queries.rows(sql`select practice from private.following where code = ${code}`);
  return row && practiceOfAnyAge.parse(row.practice);
}

/** A class as whoever leads it tells it whole. */
export interface Whole {
  readonly practiceId: string;
  readonly version: number;
  readonly practice: Practice;
  readonly told: ToldClass;
  /** The window that tells it. */
  readonly by: string;
}

/**
 * Shows a class: under the code of its practice where one is open, so that who follows goes on following, else under a new
 * one. Nothing where there is no such practice.
 */
export const showClass = (database: OwnDatabase, whole: Whole, atMs: number): Promise<Followed | undefined> =>
  database.transaction(async (queries) => {
    const { practiceId, version, told, by } = whole;
    const practices = await queries.rows(
      sql`select id from practice where id = ${practiceId} and teacher_id = ${queries.teacherId} for update`,
    );
    if (practices.length === 0) return undefined;
    await queries.rows(sql`delete from private.following where opened_at < ${new Date(atMs - KNOWN_MS)}`);
    const former = await followedOf(queries, practiceId, atMs);
    const code = former?.code ?? newCode();
    const practice = JSON.stringify(withoutPrivate(whole.practice));
    const actions = JSON.stringify(actionsForOthers(told.actions));
    const teaching = told.teaching && JSON.stringify(told.teaching);
    await queries.rows(sql`
      insert into private.following
        (code, teacher_id, practice_id, version, session_id, practice, actions, teaching, is_over, revision, told_by, opened_at)
      values (${code}, ${queries.teacherId}, ${practiceId}, ${version}, ${told.sessionId}, ${practice}::jsonb, ${actions}::jsonb,
        ${teaching}::jsonb, ${told.isOver}, 1, ${by}, ${new Date(atMs)})
      on conflict (code) do update set version = excluded.version, session_id = excluded.session_id,
        practice = excluded.practice, actions = excluded.actions, teaching = excluded.teaching, is_over = excluded.is_over,
        revision = private.following.revision + 1, told_by = excluded.told_by`);
    return readFollowed(queries, code, atMs);
  });

/** What became of something told: how it stands, and whether it was taken; it is not where somebody else told more. */
export interface Taken {
  readonly followed: Followed;
  readonly isTaken: boolean;
}

/**
 * Tells how a class goes on. It is taken where whoever tells it has heard everything there is (`base`); else they are told
 * how it stands, and nothing is changed. Nothing where there is no such class, or it is over.
 */
export const tellClass = (
  database: OwnDatabase,
  code: string,
  { told, base, by }: { readonly told: ToldClass; readonly base: number; readonly by: string },
  atMs: number,
): Promise<Taken | undefined> =>
  database.transaction(async (queries) => {
    const [row] = await queries.rows(
      selected('code = $1 and teacher_id = $2 for update', code, queries.teacherId),
    );
    const followed = row && followedIn(row, atMs);
    if (!followed || followed.isEnded) return undefined;
    // Another class of the practice is shown by being shown whole: its own practice may be another version.
    if (followed.revision !== base || followed.told.sessionId !== told.sessionId)
      return { followed, isTaken: false };
    await queries.rows(sql`
      update private.following set actions = ${JSON.stringify(actionsForOthers(told.actions))}::jsonb,
        teaching = ${told.teaching && JSON.stringify(told.teaching)}::jsonb,
        is_over = ${told.isOver}, revision = revision + 1, told_by = ${by}
      where code = ${code} and teacher_id = ${queries.teacherId}`);
    const now = await readFollowed(queries, code, atMs);
    return now && { followed: now, isTaken: true };
  });

/** Shows a class no more; false where it was shown to nobody. */
export const endFollowing = async (queries: OwnQueries, code: string, atMs: number): Promise<boolean> =>
  (
    await queries.rows(
      sql`update private.following set ended_at = ${new Date(atMs)}, revision = revision + 1
        where code = ${code} and teacher_id = ${queries.teacherId} and ended_at is null returning code`,
    )
  ).length > 0;
