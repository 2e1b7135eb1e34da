import { usedDeeply } from '../../compose';
import { hasVariant } from '../../forms';
import type { Rule } from '../rule';

export const coldJoints: Rule = {
  id: 'cold-joints',
  source: 'common-practice',
  find: ({ items }) => {
    const warm = new Set<string>();
    return items.flatMap(({ item, form }) => {
      const cold = usedDeeply(form, item.variant).filter((joint) => !warm.has(joint));
      for (const joint of form.loosens) warm.add(joint);
      if (cold.length === 0) return [];
      const easier =
        item.variant === 'full' &&
        hasVariant(form, 'smaller') &&
        usedDeeply(form, 'smaller').every((joint) => warm.has(joint));
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: { code: 'cold-joints' as const, form: form.name, joints: cold },
          ...(easier
            ? {
                mend: {
                  kind: 'edits' as const,
                  said: { code: 'smaller' as const },
                  edits: [{ kind: 'variant' as const, itemId: item.id, variant: 'smaller' as const }],
                },
              }
            : {}),
        },
      ];
    });
  },
};
