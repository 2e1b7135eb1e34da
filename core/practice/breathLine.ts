import { ease, emptied, filled } from '../patterns/shape';
import type { Timeline, TimelineEvent } from './compile';

/** A point of the breath line: time from the beginning in ms, level 0 (empty) … 1 (full). */
export interface BreathPoint {
  readonly atMs: number;
  readonly level: number;
}

/** Natural breath is drawn as a low ripple: level and period, for the eye only. */
const RIPPLE_LEVEL = 0.16;
const RIPPLE_MS = 4000;

/** The level of the breath within an event at `t` in 0…1, coming from `fromLevel`. */
function levelWithin(event: TimelineEvent, t: number, fromLevel: number): number {
  switch (event.breath) {
    case 'in':
      return fromLevel + (1 - fromLevel) * filled(t, event.sips);
    case 'out':
      return fromLevel * (1 - emptied(t, event.out));
    case 'hold':
      return fromLevel;
    case 'free': {
      const settled = fromLevel * (1 - ease(Math.min(1, t * 3)));
      // Whole ripples only, so that the line meets the next stroke where that begins.
      const ripples = Math.max(1, Math.round(event.lengthMs / RIPPLE_MS));
      return settled + RIPPLE_LEVEL * Math.sin(Math.PI * t * ripples) ** 2 * (1 - settled);
    }
    default:
      return event.breath satisfies never;
  }
}

/** The level at which each event begins. */
export function startLevels(timeline: Timeline): readonly number[] {
  let level = 0;
  return timeline.events.map((event) => {
    const start = level;
    level = event.breath === 'free' ? 0 : levelWithin(event, 1, start);
    return start;
  });
}

/** The level of the breath at a moment, 0…1. */
export function breathLevelAt(
  timeline: Timeline,
  levels: readonly number[],
  eventIndex: number,
  atMs: number,
): number {
  const event = timeline.events[eventIndex];
  if (!event) return 0;
  const t = Math.min(1, Math.max(0, (atMs - event.startMs) / event.lengthMs));
  return levelWithin(event, t, levels[eventIndex] ?? 0);
}

/** The breath line between two moments as points, dense enough to draw smoothly at `pointsPerEvent`. */
export function breathLine(
  timeline: Timeline,
  fromMs: number,
  toMs: number,
  pointsPerEvent = 8,
): readonly BreathPoint[] {
  const levels = startLevels(timeline);
  const points: BreathPoint[] = [];
  for (const event of timeline.events) {
    if (event.startMs + event.lengthMs < fromMs || event.startMs > toMs) continue;
    const count =
      event.breath === 'free'
        ? Math.max(pointsPerEvent, Math.ceil(event.lengthMs / 350))
        : event.breath === 'hold'
          ? 1
          : pointsPerEvent * event.sips;
    for (let step = 0; step < count; step += 1) {
      const atMs = event.startMs + (event.lengthMs * step) / count;
      points.push({ atMs, level: breathLevelAt(timeline, levels, event.index, atMs) });
    }
  }
  const last = timeline.events.at(-1);
  if (last && toMs >= timeline.totalMs)
    points.push({
      atMs: timeline.totalMs,
      level: breathLevelAt(timeline, levels, last.index, timeline.totalMs),
    });
  return points;
}
