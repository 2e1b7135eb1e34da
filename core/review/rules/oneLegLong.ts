import type { Rule } from '../rule';

/** Seconds on one leg at a stretch that are long for most people (common practice). */
const MOST_SEC = 20;

export const oneLegLong: Rule = {
  id: 'one-leg-long',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, asks }) => {
      const held = asks.oneLegSec > 0 ? asks.oneLegSec * item.stretch + (item.holdSec ?? 0) : 0;
      if (held <= MOST_SEC) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          said: { code: 'one-leg-long' as const, form: form.name, seconds: Math.round(held) },
        },
      ];
    }),
};
