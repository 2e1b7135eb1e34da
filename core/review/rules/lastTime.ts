import type { Rule } from '../rule';

const MOST_SHARE = 0.6;

export const lastTime: Rule = {
  id: 'last-time',
  source: 'common-practice',
  find: ({ items, people }) => {
    const last = people.recent?.[0];
    const main = items.filter(
      ({ item }) => ['wake', 'clear', 'nourish', 'balance'].includes(item.role) && !item.hinge,
    );
    if (!last || main.length < 4) return [];
    const again = main.filter(({ item }) => last.includes(item.formId));
    if (again.length / main.length <= MOST_SHARE) return [];
    return [
      {
        weight: 'consider' as const,
        said: { code: 'same-as-last-time' as const, again: again.length, of: main.length },
      },
    ];
  },
};
