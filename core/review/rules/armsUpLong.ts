import { longestRun } from '../runs';
import type { Rule } from '../rule';

/** Seconds after which it is felt (common practice). */
const MOST_SEC = 240;

export const armsUpLong: Rule = {
  id: 'arms-up-long',
  why: 'Arms held high tire the shoulders and drive the qi up; let them hang in between.',
  source: 'common-practice',
  find: ({ items }) => {
    const run = longestRun(items, ({ asks }) => asks.armsAboveShoulders);
    if (!run || run.sec <= MOST_SEC) return [];
    const names = run.items.map(({ form }) => `“${form.name}”`).join(', ');
    return [
      {
        weight: 'consider' as const,
        itemId: run.items.at(-1)?.item.id ?? '',
        say: `The arms are above the shoulders again and again for ${Math.round(run.sec)} s on end: ${names}.`,
      },
    ];
  },
};
