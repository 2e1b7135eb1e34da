import { createEmptyCard, fsrs, generatorParameters, Rating, type Card } from 'ts-fsrs';
import { DAY_MS } from '../almanac/zone';

/**
 * How a group comes to know a form, and keeps it: the free spaced-repetition scheduler (package ts-fsrs), once a class
 * the form was led in, for the group as for one person. So much of it should still be there when it comes back: higher
 * than for one person alone, as not everybody was there each time (a teacher’s guess).
 */
const RETENTION = 0.95;

const scheduler = fsrs(
  generatorParameters({
    request_retention: RETENTION,
    maximum_interval: 365,
    // Weeks lie between classes, not minutes; and the same days always give the same plan.
    enable_short_term: false,
    enable_fuzz: false,
  }),
);

/** A form that is being learnt comes so many weeks running (common practice: three or four). */
export const WEEKS_RUNNING = 3;
/** Led so often, and so surely still there, it is known (a teacher’s guess). */
export const KNOWN_TIMES = 4;
const KNOWN_SURELY = 0.9;

/** What is remembered of a form by those it was led for. */
export interface Recall {
  /** When it was led, ms, oldest first; once a day. */
  readonly ledMs: readonly number[];
  readonly card: Card;
}

const NOT_YET: Recall = { ledMs: [], card: createEmptyCard(new Date(0)) };

/** It was led once more. A second time on the same day adds nothing. */
export function ledOnce({ ledMs, card }: Recall, atMs: number): Recall {
  const last = ledMs.at(-1);
  if (last !== undefined && atMs - last < DAY_MS / 2) return { ledMs, card };
  const from = ledMs.length === 0 ? createEmptyCard(new Date(atMs)) : card;
  return { ledMs: [...ledMs, atMs], card: scheduler.next(from, new Date(atMs), Rating.Good).card };
}

/** What is remembered after the classes in which a form was led, ms, in any order. */
export const recallOf = (ledMs: readonly number[]): Recall =>
  ledMs.toSorted((a, b) => a - b).reduce(ledOnce, NOT_YET);

/** How surely a form is still there at a moment, 0–1; 0 where it was never led. */
export const surelyThere = ({ ledMs, card }: Recall, atMs: number): number =>
  ledMs.length === 0 ? 0 : scheduler.get_retrievability(card, new Date(atMs), false);

/** Whether a group knows a form: it was led often enough, and lately enough. */
export const isKnown = (recall: Recall, atMs: number): boolean =>
  recall.ledMs.length >= KNOWN_TIMES && surelyThere(recall, atMs) >= KNOWN_SURELY;

/** When it should come back, ms; undefined where it was never led. */
export const dueMs = ({ ledMs, card }: Recall): number | undefined =>
  ledMs.length === 0 ? undefined : card.due.getTime();

/** A class further off than half a week after the due day is too late: it comes back in the one before. */
const NEAR_MS = 3.5 * DAY_MS;

/**
 * Whether a form should come in a class: while it is new, some weeks running; then when it is due, in the class nearest
 * to that day.
 */
export function comesBack(recall: Recall, atMs: number): boolean {
  const due = dueMs(recall);
  if (due === undefined) return false;
  if (recall.ledMs.length < WEEKS_RUNNING) return true;
  return due - atMs < NEAR_MS;
}
