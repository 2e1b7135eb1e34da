import { asksOf } from '../../forms';
import type { Rule } from '../rule';

/** Seconds on one leg at a stretch that are long for most people (common practice). */
const MOST_SEC = 20;

export const oneLegLong: Rule = {
  id: 'one-leg-long',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, asks }) => {
      const own = asksOf(form, item.variant).oneLegSec;
      const held = own * item.stretch + asks.oneLegSec - own;
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
