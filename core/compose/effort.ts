import type { Practice, Timeline } from '../practice';
import { formOf } from '../practice';
import { effortOf } from './joints';

/** The effort from one moment to the next, 0 (none) to 1 (much). */
export interface EffortSpan {
  readonly itemId: string;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly effort: number;
}

/** The effort curve of a practice: a step for every item. */
export const effortCurve = (practice: Practice, timeline: Timeline): readonly EffortSpan[] =>
  timeline.items.map(({ itemId, itemIndex, startMs, lengthMs }) => {
    const item = practice.items[itemIndex];
    return { itemId, startMs, lengthMs, effort: item ? effortOf(formOf(practice, item), item.variant) : 0 };
  });

/** The channels a practice reaches, each with the time given to it, longest first, ms. */
export function channelTimes(
  practice: Practice,
  timeline: Timeline,
): readonly { readonly channel: string; readonly ms: number }[] {
  const sums = new Map<string, number>();
  for (const { itemIndex, lengthMs } of timeline.items) {
    const item = practice.items[itemIndex];
    for (const { channel } of item ? formOf(practice, item).channels : [])
      sums.set(channel, (sums.get(channel) ?? 0) + lengthMs);
  }
  return [...sums].map(([channel, ms]) => ({ channel, ms })).toSorted((a, b) => b.ms - a.ms);
}
