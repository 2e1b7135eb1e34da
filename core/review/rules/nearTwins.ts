import { twinKind } from '../../forms';
import type { Rule } from '../rule';

export const nearTwins: Rule = {
  id: 'near-twins',
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
          said: { code: 'near-twin' as const, form: view.form.name, twin: twin.form.name },
          mend: {
            kind: 'edits' as const,
            said: { code: 'take-out' as const },
            edits: [{ kind: 'remove' as const, itemId: view.item.id }],
          },
        },
      ];
    }),
};
