import { rankFor } from '../../known';
import type { OrganId } from '../../phases';
import type { ItemView, ReviewContext, Rule } from '../rule';

/** The organs a form is known for; where it is known for none, those it serves. What it merely touches is not what it is done for. */
function meantOf({ form, organs }: ItemView, { practice }: ReviewContext): readonly OrganId[] {
  const known = organs.filter((id) => {
    const rank = rankFor(form, { kind: 'organ', organ: id }, practice.customs);
    return rank === 'named' || rank === 'accepted';
  });
  return known.length > 0 ? known : organs;
}

export const nourishBeforeClear: Rule = {
  id: 'nourish-before-clear',
  source: 'common-practice',
  find: (context) => {
    const { items } = context;
    const meant = items.map((view) => meantOf(view, context));
    return items.flatMap((view, index) => {
      if (view.item.role !== 'clear' || view.item.hinge) return [];
      const cleared = meant[index] ?? [];
      const first = items.findIndex(
        (other, place) =>
          place < index &&
          other.item.role === 'nourish' &&
          !other.item.hinge &&
          (meant[place] ?? []).some((id) => cleared.includes(id)),
      );
      const before = items[first];
      if (!before) return [];
      const shared = meant[first]?.find((id) => cleared.includes(id));
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
    });
  },
};
