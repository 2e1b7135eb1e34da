import type { Told } from './telling';

/** What the composer may know of those a practice is for: what they did lately, and what they have met. */
export interface GroupHistory {
  /** Forms of the last three classes, newest first. */
  readonly recent: readonly (readonly string[])[];
  readonly known: readonly string[];
  /** In how many classes each form was, by its id. */
  readonly times: Readonly<Record<string, number>>;
  /** How many classes they have had. */
  readonly given: number;
}

export interface History {
  readonly groups: Readonly<Record<string, GroupHistory>>;
  /** Practices led for nobody in particular. */
  readonly myself: GroupHistory;
  readonly pace: Readonly<Record<string, number>>;
  /** How forms were told, by form and by whether they were new. */
  readonly told: Readonly<Record<string, Told>>;
}

const NOBODY_YET: GroupHistory = { recent: [], known: [], times: {}, given: 0 };

/** What the log tells of those a practice is for: a group, or oneself. */
export const historyOf = (history: History, groupId: string | null): GroupHistory =>
  (groupId === null ? history.myself : history.groups[groupId]) ?? NOBODY_YET;
