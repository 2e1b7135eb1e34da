import { createWriteStream, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { keptCopies } from '@/core/archive/keepRule';
import { COPIES } from '../folder';
import { OWNER, type OwnDatabase } from '../sql';
import { writeArchive } from './write';

const NAME = /^navuren-(\d{4}-\d{2}-\d{2})\.zip$/;

export interface Copy {
  readonly day: string;
  readonly bytes: number;
}

/** Where a teacher’s copies lie: each has their own, and the owner’s lie where they did before there were others. */
export const copiesOf = (dataFolder: string, teacherId: string): string =>
  path.join(dataFolder, COPIES, ...(teacherId === OWNER ? [] : [teacherId]));

/** The copies there are in a folder of them, the latest first. */
export function listCopies(at: string): readonly Copy[] {
  if (!existsSync(at)) return [];
  return readdirSync(at)
    .flatMap((name) => {
      const day = NAME.exec(name)?.[1];
      return day === undefined ? [] : [{ day, bytes: statSync(path.join(at, name)).size }];
    })
    .toSorted((a, b) => (a.day < b.day ? 1 : -1));
}

/** What was there before something was brought in the last time. */
export const BEFORE = 'before';

/** The file of a day’s copy, or of what was there before; nothing where there is none. */
export function copyFile(at: string, day: string): string | undefined {
  if (day !== BEFORE && !/^\d{4}-\d{2}-\d{2}$/.test(day)) return undefined;
  const file = path.join(at, `navuren-${day}.zip`);
  return existsSync(file) ? file : undefined;
}

/** Writes pieces into a file: under another name first, so that what stands under its own is always whole. */
export async function writeWhole(file: string, pieces: AsyncIterable<Uint8Array>): Promise<void> {
  // Servers that share a folder may write the same copy at the same moment.
  const draft = `${file}.${randomUUID()}.part`;
  const stream = createWriteStream(draft);
  try {
    for await (const piece of pieces) if (!stream.write(piece)) await once(stream, 'drain');
    stream.end();
    await once(stream, 'finish');
    renameSync(draft, file);
  } catch (error) {
    stream.destroy();
    rmSync(draft, { force: true });
    throw error;
  }
}

/** Writes everything into a file. */
export const saveArchive = (database: OwnDatabase, file: string, nowMs: number): Promise<void> =>
  database.reading((queries) => writeWhole(file, writeArchive(queries, nowMs)));

/** Makes the copy of a day unless it is there (or `anew`), and lets go of those that are kept no longer. */
export async function copyOfDay(
  database: OwnDatabase,
  at: string,
  day: string,
  nowMs: number,
  anew = false,
): Promise<void> {
  mkdirSync(at, { recursive: true });
  const file = path.join(at, `navuren-${day}.zip`);
  if (!existsSync(file) || anew) await saveArchive(database, file, nowMs);
  const days = listCopies(at).map((copy) => copy.day);
  const kept = keptCopies(days, day);
  for (const old of days) if (!kept.has(old)) rmSync(path.join(at, `navuren-${old}.zip`), { force: true });
}
