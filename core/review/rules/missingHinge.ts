import type { Rule } from '../rule';

export const missingHinge: Rule = {
  id: 'missing-hinge',
  source: 'common-practice',
  find: ({ items, practice }) =>
    practice.brief.minutes < 15
      ? []
      : items.flatMap(({ item, form }, index) => {
          const before = items[index - 1];
          if (!before || before.item.hinge || item.hinge) return [];
          const meet = [before.item.role, item.role].toSorted().join() === 'clear,nourish';
          if (!meet || before.quietSec >= 10) return [];
          return [
            {
              weight: 'consider' as const,
              itemId: item.id,
              said: { code: 'hinge-missing' as const, form: form.name },
            },
          ];
        }),
};
