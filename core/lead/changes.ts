import type { Practice } from '../practice';

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
