import type { Practice, Timeline } from '../practice';

/** One item as it is to be done instead; not at all where it is done no times. */
export interface LeadChange {
  readonly itemId: string;
  readonly repetitions: number;
  readonly stretch?: number | undefined;
  /** Quiet after it, s. */
  readonly quietSec?: number | undefined;
}

/** A practice with changes made to it. */
export const withChanges = (practice: Practice, changes: readonly LeadChange[]): Practice => {
  const changed = new Map(changes.map((change) => [change.itemId, change]));
  return {
    ...practice,
    items: practice.items.flatMap((item) => {
      const change = changed.get(item.id);
      if (!change) return [item];
      const { repetitions, stretch = item.stretch, quietSec = item.quietSec } = change;
      const quiet = quietSec === undefined ? {} : { quietSec };
      return repetitions === 0 ? [] : [{ ...item, repetitions, stretch, ...quiet }];
    }),
  };
};

/** Whether the sides of an item take turns, so that it can be stopped evenly after any repetition. */
export function takesTurns(timeline: Timeline, itemId: string): boolean {
  const strokes = timeline.events.filter((event) => event.itemId === itemId && event.repetition > 0);
  const firstOther = strokes.findIndex(({ pass }) => pass > 0);
  const firstSecond = strokes.findIndex(({ repetition }) => repetition > 1);
  return firstOther < 0 || firstSecond < 0 || firstOther < firstSecond;
}
