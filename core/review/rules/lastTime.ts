import { USUAL_AGAIN, type Again } from '../../brief';
import type { Rule } from '../rule';

/** The share of the main forms that may come again, by how much is to. */
const MOST_SHARE: Readonly<Record<Again, number>> = {
  'as-last-time': 1,
  'a-little-new': 0.8,
  'all-new': 0.5,
};

export const lastTime: Rule = {
  id: 'last-time',
  source: 'common-practice',
  find: ({ practice, items, people }) => {
    const last = people.recent?.[0];
    const main = items.filter(
      ({ item }) => ['wake', 'clear', 'nourish', 'balance'].includes(item.role) && !item.hinge,
    );
    if (!last || main.length < 4) return [];
    const again = main.filter(({ item }) => last.includes(item.formId));
    if (again.length / main.length <= MOST_SHARE[practice.brief.again ?? USUAL_AGAIN]) return [];
    return [
      {
        weight: 'consider' as const,
        said: { code: 'same-as-last-time' as const, again: again.length, of: main.length },
      },
    ];
  },
};
