import type { Timeline } from '../practice';
import { driftMs, dueAt, WORTH_SAYING_MS, type Against } from './against';

/** How a class stands against its end, in one quiet word. */
export type Word =
  /** It may go on as long as it likes, or has not begun. */
  | { readonly kind: 'open' }
  | { readonly kind: 'on-time' }
  | { readonly kind: 'over'; readonly ms: number }
  /** There is time left over, and for how many more repetitions of what is being done. */
  | { readonly kind: 'room'; readonly ms: number; readonly more: number };

/** How long one repetition takes where a class is, on both sides; nothing where nothing is repeated. */
function eachMs(timeline: Timeline, positionMs: number): number | undefined {
  const event = timeline.events.findLast(({ startMs }) => startMs <= positionMs);
  if (!event || event.repetition === 0) return undefined;
  return timeline.events
    .filter(({ itemId, repetition }) => itemId === event.itemId && repetition === event.repetitions)
    .reduce((sum, { lengthMs }) => sum + lengthMs, 0);
}

/** How long what is left may take, ms: to the end, or as much over it as it may; nothing where it may go on. */
export function leftFor(state: Against, positionMs: number, nowMs: number): number | undefined {
  const due = dueAt(state, nowMs);
  const drift = driftMs(state, positionMs, nowMs);
  if (due === undefined || drift === undefined) return undefined;
  return due - nowMs + (drift > 0 ? Math.min(drift, state.mayOverMs) : 0);
}

export function wordOf(state: Against, positionMs: number, nowMs: number): Word {
  const drift = driftMs(state, positionMs, nowMs);
  if (drift === undefined) return { kind: 'open' };
  const mayBe = drift > 0 && drift <= state.mayOverMs;
  if (Math.abs(drift) < WORTH_SAYING_MS || mayBe) return { kind: 'on-time' };
  if (drift > 0) return { kind: 'over', ms: drift };
  const each = eachMs(state.timeline, positionMs);
  return { kind: 'room', ms: -drift, more: each === undefined ? 0 : Math.floor(-drift / each) };
}
