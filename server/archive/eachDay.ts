import { setTimeout as wait } from 'node:timers/promises';
import { dayOf } from '@/core/people/presence';
import { listTeachers } from '../access/accounts';
import { readCustoms } from '../customs';
import { OWNER, ownedBy, type Database } from '../sql';
import { copiesOf, copyOfDay } from './copies';

/** Whose copy could not be made, and why. */
export interface CopyNotMade {
  readonly teacherId: string;
  readonly error: unknown;
}

/**
 * Makes the copy of today of everyone who teaches, each by the day of their own place, one after the other. Where one
 * cannot be made the others still are. Between two copies as much time passes as the last one took: a school of
 * thousands that is copied keeps nobody waiting.
 */
export async function copiesOfToday(
  database: Database,
  dataFolder: string,
  nowMs: number,
): Promise<readonly CopyNotMade[]> {
  const notMade: CopyNotMade[] = [];
  for (const teacherId of [OWNER, ...(await listTeachers(database)).map((one) => one.id)]) {
    const fromMs = performance.now();
    const own = ownedBy(database, teacherId);
    try {
      const { zone } = (await readCustoms(own)).place;
      await copyOfDay(own, copiesOf(dataFolder, teacherId), dayOf(nowMs, zone), nowMs);
    } catch (error) {
      notMade.push({ teacherId, error });
    }
    await wait(performance.now() - fromMs);
  }
  return notMade;
}
