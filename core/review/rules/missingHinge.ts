import type { Rule } from '../rule';

export const missingHinge: Rule = {
  id: 'missing-hinge',
  why: 'A gathering breath parts one block from the next, so that the group knows where it stands.',
  source: 'common-practice',
  find: ({ items, practice }) =>
    practice.brief.minutes < 15
      ? []
      : items.flatMap(({ item, form, quietSec }, index) => {
          const before = items[index - 1];
          if (!before || before.item.hinge || item.hinge) return [];
          const meet = [before.item.role, item.role].toSorted().join() === 'clear,nourish';
          if (!meet || before.quietSec >= 10 || quietSec < 0) return [];
          return [
            {
              weight: 'consider' as const,
              itemId: item.id,
              say: `Clearing meets nourishing before “${form.name}” without a breath between.`,
            },
          ];
        }),
};
