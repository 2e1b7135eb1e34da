import type { Rule } from '../rule';

export const nourishBeforeClear: Rule = {
  id: 'nourish-before-clear',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index) => {
      if (view.item.role !== 'clear' || view.item.hinge) return [];
      const first = items.findIndex(
        (other, place) =>
          place < index &&
          other.item.role === 'nourish' &&
          !other.item.hinge &&
          other.organs.some((id) => view.organs.includes(id)),
      );
      const before = items[first];
      if (!before) return [];
      const shared = before.organs.find((id) => view.organs.includes(id));
      return [
        {
          weight: 'should' as const,
          itemId: view.item.id,
          said: {
            code: 'nourished-before-cleared' as const,
            form: view.form.name,
            before: before.form.name,
            organ: shared,
          },
          mend: {
            kind: 'edits' as const,
            said: { code: 'clear-first' as const },
            edits: [{ kind: 'move-many' as const, itemIds: [view.item.id], toIndex: first }],
          },
        },
      ];
    }),
};
