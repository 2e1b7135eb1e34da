import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { readAlmanac } from '@/core/almanac';
import { instantOf } from '@/core/almanac/zone';
import { fillBrief } from '@/core/brief';
import { compose } from '@/core/compose';
import { HOMEWORK_DOCUMENT, written } from '@/core/documents';
import { growthOf } from '@/core/homework/grow';
import type { Homework, HomeworkAsked } from '@/core/homework/homework';
import type { Person } from '@/core/people/person';
import { mindedFor } from '@/core/people/presence';
import type { Practice } from '@/core/practice';
import { themeName } from '@/core/brief/names';
import { civil } from '@/core/term/calendar';
import { readCustoms } from './customs';
import { readRepertoire } from './forms';
import { readOwnLayers } from './layers';
import { createPracticeIn } from './practices';
import { sql, type OwnDatabase, type OwnQueries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

export interface StoredHomework {
  readonly homework: Homework;
  readonly version: number;
}

/** A draft within a twentieth of a point a minute of the best is good enough: it is short. */
const ENOUGH = 0.05;
/** Of a step’s heart so many forms at most are asked for again in the next. */
const MOST_KEPT = 6;

const isHeart = ({ role }: Practice['items'][number]): boolean =>
  role === 'clear' || role === 'nourish' || role === 'still';

/**
 * Composes the steps of homework for one person, each holding what the one before it had, and keeps them: nobody is
 * named in the practices. Tells the step that cannot be made where one cannot.
 */
export async function giveHomework(
  database: OwnDatabase,
  person: Person,
  asked: HomeworkAsked,
  atMs: number,
): Promise<{ readonly ok: true; readonly id: string } | { readonly ok: false; readonly minutes: number }> {
  const customs = await readCustoms(database);
  const [repertoire, layers] = [await readRepertoire(database), await readOwnLayers(database)];
  const people = mindedFor([person], asked.first);
  const reading = readAlmanac(
    instantOf({ ...civil(asked.first), hour: 12 }, customs.place.zone),
    customs.place,
    customs,
  );
  const practices: { readonly fromWeek: number; readonly minutes: number; readonly practice: Practice }[] =
    [];
  for (const { fromWeek, minutes } of growthOf(asked.minutes, asked.weeks)) {
    const before = practices.at(-1)?.practice;
    const kept = [...new Set((before?.items ?? []).filter(isHeart).map(({ formId }) => formId))];
    const { brief } = fillBrief(
      {
        theme: asked.theme,
        minutes,
        posture: asked.posture,
        familiarity: 'known',
        pins: kept.slice(0, MOST_KEPT).map((formId) => ({ formId })),
      },
      reading,
      customs,
      [],
    );
    const asking = { repertoire, customs, people, layers, seed: 1, enough: ENOUGH };
    const found = compose({ brief, ...asking });
    // What was kept may leave no room: then it grows without.
    const result =
      found.ok || kept.length === 0 ? found : compose({ brief: { ...brief, pins: [] }, ...asking });
    if (!result.ok) return { ok: false, minutes };
    const name = `${themeName(asked.theme)} at home, ${minutes} minutes`;
    practices.push({ fromWeek, minutes, practice: { ...result.practice, name: name.slice(0, 80) } });
  }
  const id = randomUUID();
  await database.transaction(async (queries) => {
    const steps: Homework['steps'] = [];
    for (const { fromWeek, minutes, practice } of practices) {
      const practiceId = randomUUID();
      await createPracticeIn(queries, practiceId, practice, atMs);
      steps.push({ fromWeek, minutes, practiceId });
    }
    const homework: Homework = { ...asked, id, steps, done: [], note: '' };
    await queries.rows(sql`
      insert into private.homework (id, teacher_id, person_id, document, version, created_at)
      values (${id}, ${queries.teacherId}, ${person.id}, ${JSON.stringify(written(HOMEWORK_DOCUMENT, homework))}::jsonb, 1, ${new Date(atMs)})`);
  });
  return { ok: true, id };
}

function storedHomework(row: unknown): StoredHomework {
  const { id, document, version } = z
    .object({ id: z.string(), document: z.unknown(), version: z.number() })
    .parse(row);
  return {
    homework: readOrThrow(HOMEWORK_DOCUMENT, document, { kind: 'homework', id, name: 'homework' }),
    version,
  };
}

/** The homework of a person, the latest first, and what of it cannot be read. */
export async function homeworkOf(
  queries: OwnQueries,
  personId: string,
): Promise<{ readonly homework: readonly StoredHomework[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(sql`
    select id, document, version from private.homework where person_id = ${personId} and teacher_id = ${queries.teacherId} order by created_at desc, id`);
  const { readable, unreadable } = partRows(rows, storedHomework);
  return { homework: readable, unreadable };
}

/** One piece of homework and whose it is; nothing where there is none. */
export async function readHomework(
  queries: OwnQueries,
  id: string,
): Promise<(StoredHomework & { readonly personId: string }) | undefined> {
  const [row] = await queries.rows(
    sql`select id, document, version, person_id from private.homework where id = ${id} and teacher_id = ${queries.teacherId}`,
  );
  return row && { ...storedHomework(row), personId: z.string().parse(row.person_id) };
}

/** Keeps what was done of it and the line on it, on top of the version it was read at. */
export async function saveHomework(
  queries: OwnQueries,
  personId: string,
  homework: Homework,
  baseVersion: number,
): Promise<Versioned> {
  const document = JSON.stringify(written(HOMEWORK_DOCUMENT, homework));
  const rows = await queries.rows(sql`
    update private.homework set document = ${document}::jsonb, version = version + 1
    where id = ${homework.id} and person_id = ${personId} and teacher_id = ${queries.teacherId} and version = ${baseVersion} returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  return { ok: false, code: 'changed-elsewhere', version: baseVersion };
}

/** Takes homework away; its practices stay on the shelf. False where it is not there. */
export async function takeHomework(queries: OwnQueries, personId: string, id: string): Promise<boolean> {
  const rows = await queries.rows(
    sql`delete from private.homework where id = ${id} and person_id = ${personId} and teacher_id = ${queries.teacherId} returning id`,
  );
  return rows.length > 0;
}
