import { twinKind } from '../../forms';
import type { Rule } from '../rule';

export const nearTwins: Rule = {
  id: 'near-twins',
  why: 'Two forms that do the same thing the same way are one form too many, or one done too short.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index) => {
      const kind = twinKind(view.form);
      if (view.item.hinge || kind === undefined || view.item.role === 'loosen') return [];
      const twin = items
        .slice(0, index)
        .find(
          (other) =>
            !other.item.hinge &&
            other.item.formId !== view.item.formId &&
            other.item.role === view.item.role &&
            twinKind(other.form) === kind,
        );
      if (!twin) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: view.item.id,
          say: `“${view.form.name}” does much what “${twin.form.name}” has done.`,
          mend: {
            kind: 'edits' as const,
            label: 'Take it out',
            edits: [{ kind: 'remove' as const, itemId: view.item.id }],
          },
        },
      ];
    }),
};
