import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { recordByHand } from '@/core/lead';
import { classWordsSchema, recordClass, writeOfClass } from './classes';
import { readPractice } from './practices';
import type { OwnQueries } from './sql';

const MINUTE_MS = 60_000;

/** A class that was led without a screen, as it is told. */
export const byHandSchema = classWordsSchema.extend({
  practiceId: z.string().min(1).max(64),
  groupId: z.string().max(64).nullable(),
  startedAtMs: z
    .number()
    .min(Date.UTC(2000, 0, 1))
    .max(Date.UTC(2200, 0, 1)),
  minutes: z.number().min(1, 'at least a minute').max(600, 'at most ten hours'),
});

/** Puts it into the log; its id, or nothing where there is no such practice on the shelf. */
export async function addByHand(
  queries: OwnQueries,
  { practiceId, groupId, startedAtMs, minutes, note, ledBy }: z.infer<typeof byHandSchema>,
): Promise<string | undefined> {
  const stored = await readPractice(queries, practiceId);
  if (!stored || stored.binned) return undefined;
  const id = randomUUID();
  const record = recordByHand(stored.practice, startedAtMs, minutes * MINUTE_MS);
  await recordClass(queries, { id, practiceId, version: stored.version, groupId, record });
  await writeOfClass(queries, id, { note, ledBy });
  return id;
}
