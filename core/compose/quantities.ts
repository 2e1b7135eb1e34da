import { ROLES, type Role } from '../forms';
import type { Practice, Timeline, TimelineEvent } from '../practice';
import { effortCurve, type EffortSpan } from './effort';

/** How quickly one breathes over an item; undefined where the breath is free. */
export interface BreathSpan {
  readonly startMs: number;
  readonly lengthMs: number;
  readonly perMin: number | undefined;
}

/** What a practice comes to, in numbers that can be laid against another's. */
export interface Quantities {
  readonly totalMs: number;
  /** The time of each section, ms, in the order a class goes; sections it does not have are 0. */
  readonly sections: readonly { readonly role: Role; readonly ms: number }[];
  readonly effort: readonly EffortSpan[];
  readonly breaths: readonly BreathSpan[];
}

/** Breaths a minute while the breath is led: talk, settling and free strokes say nothing of it. */
function breathsPerMin(events: readonly TimelineEvent[]): number | undefined {
  const led = events.filter(
    ({ breath, breathNumber, kind }) => kind === 'stroke' && breath !== 'free' && breathNumber > 0,
  );
  const ms = led.reduce((sum, { lengthMs }) => sum + lengthMs, 0);
  if (ms === 0) return undefined;
  return (new Set(led.map(({ breathNumber }) => breathNumber)).size * 60_000) / ms;
}

/** The quantities of a practice as it is timed. */
export const quantitiesOf = (practice: Practice, timeline: Timeline): Quantities => ({
  totalMs: timeline.totalMs,
  sections: ROLES.map((role) => ({
    role,
    ms: timeline.sections
      .filter((section) => section.role === role)
      .reduce((sum, { lengthMs }) => sum + lengthMs, 0),
  })),
  effort: effortCurve(practice, timeline),
  breaths: timeline.items.map(({ startMs, lengthMs, firstEvent, eventCount }) => ({
    startMs,
    lengthMs,
    perMin: breathsPerMin(timeline.events.slice(firstEvent, firstEvent + eventCount)),
  })),
});
