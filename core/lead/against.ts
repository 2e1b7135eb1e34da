import type { Timeline } from '../practice';

/** A difference from the end worth a word, ms. */
export const WORTH_SAYING_MS = 15_000;

/** A class and its end. */
export interface Against {
  readonly timeline: Timeline;
  /** When it must be over, by the wall clock; nothing where it may go on. */
  readonly dueAtMs: number | undefined;
  readonly mayOverMs: number;
  /** Since when its end waits with it. */
  readonly endWaitsSinceMs: number | undefined;
}

/** When it must be over, as things stand: an end that waits with a pause goes on waiting. */
export const dueAt = ({ dueAtMs, endWaitsSinceMs }: Against, nowMs: number): number | undefined =>
  dueAtMs === undefined || endWaitsSinceMs === undefined
    ? dueAtMs
    : dueAtMs + Math.max(0, nowMs - endWaitsSinceMs);

/** How much later than it must a class would be over if it went on from here at once, ms; nothing where it may go on. */
export function driftMs(state: Against, positionMs: number, nowMs: number): number | undefined {
  const due = dueAt(state, nowMs);
  return due === undefined ? undefined : nowMs + state.timeline.totalMs - positionMs - due;
}
