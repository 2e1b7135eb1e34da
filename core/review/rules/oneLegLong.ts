import type { Rule } from '../rule';

/** Seconds on one leg at a stretch that are long for most people (common practice). */
const MOST_SEC = 20;

export const oneLegLong: Rule = {
  id: 'one-leg-long',
  why: 'On one leg, fix the gaze, keep it short and have a chair at hand.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, asks }) => {
      const held = asks.oneLegSec > 0 ? asks.oneLegSec * item.stretch + (item.holdSec ?? 0) : 0;
      if (held <= MOST_SEC) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          say: `“${form.name}” stands on one leg for about ${Math.round(held)} s at a stretch.`,
        },
      ];
    }),
};
