import type { Rule } from '../rule';

const MOST_SHARE = 0.6;

export const lastTime: Rule = {
  id: 'last-time',
  why: 'Hard forms come back to be learnt; the rest may change from week to week.',
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
        say: `${again.length} of the ${main.length} main forms are those of the last class.`,
      },
    ];
  },
};
