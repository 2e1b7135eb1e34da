import { longestRun } from '../runs';
import type { Rule } from '../rule';

/** Seconds after which it is felt (common practice). */
const MOST_SEC = 120;

export const lowLong: Rule = {
  id: 'low-long',
  source: 'common-practice',
  find: ({ items }) => {
    const run = longestRun(
      items,
      ({ asks }) => asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend === 'moderate'),
    );
    if (!run || run.sec <= MOST_SEC) return [];
    return [
      {
        weight: 'consider' as const,
        itemId: run.items.at(-1)?.item.id ?? '',
        said: {
          code: 'low-long' as const,
          seconds: Math.round(run.sec),
          forms: run.items.map(({ form }) => form.name),
        },
      },
    ];
  },
};
