import { organ } from '../../phases';
import type { Rule } from '../rule';

export const nourishBeforeClear: Rule = {
  id: 'nourish-before-clear',
  why: 'Clear a place before you fill it: knock or trace before nourishing the same organ.',
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
          say: `“${view.form.name}” clears the ${shared ? organ(shared).name : 'organ'} after “${before.form.name}” has nourished it.`,
          mend: {
            kind: 'edits' as const,
            label: 'Clear first',
            edits: [{ kind: 'move-many' as const, itemIds: [view.item.id], toIndex: first }],
          },
        },
      ];
    }),
};
