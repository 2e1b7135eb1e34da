import { longestRun } from '../runs';
import type { Rule } from '../rule';

/** Seconds after which it is felt (common practice). */
const MOST_SEC = 120;

export const lowLong: Rule = {
  id: 'low-long',
  why: 'A low stance held long sets knees and breath; rise in between.',
  source: 'common-practice',
  find: ({ items }) => {
    const run = longestRun(
      items,
      ({ asks }) => asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend === 'moderate'),
    );
    if (!run || run.sec <= MOST_SEC) return [];
    const names = run.items.map(({ form }) => `“${form.name}”`).join(', ');
    return [
      {
        weight: 'consider' as const,
        itemId: run.items.at(-1)?.item.id ?? '',
        say: `The legs stay low for ${Math.round(run.sec)} s on end: ${names}.`,
      },
    ];
  },
};
