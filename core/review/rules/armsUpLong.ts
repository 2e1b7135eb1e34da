import { longestRun } from '../runs';
import type { Rule } from '../rule';

/** Seconds after which it is felt (common practice). */
const MOST_SEC = 240;

export const armsUpLong: Rule = {
  id: 'arms-up-long',
  source: 'common-practice',
  find: ({ items }) => {
    const run = longestRun(items, ({ asks }) => asks.armsAboveShoulders);
    if (!run || run.sec <= MOST_SEC) return [];
    return [
      {
        weight: 'consider' as const,
        itemId: run.items.at(-1)?.item.id ?? '',
        said: {
          code: 'arms-up-long' as const,
          seconds: Math.round(run.sec),
          forms: run.items.map(({ form }) => form.name),
        },
      },
    ];
  },
};
