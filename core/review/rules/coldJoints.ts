import { usedDeeply } from '../../compose';
import { hasVariant } from '../../forms';
import type { Rule } from '../rule';

export const coldJoints: Rule = {
  id: 'cold-joints',
  why: 'A joint is loosened before it is used deeply.',
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
          say: `“${form.name}” uses ${cold.join(' and ')} deeply, and nothing before it loosens ${cold.length > 1 ? 'them' : cold[0] === 'spine' || cold[0] === 'neck' ? 'it' : 'them'}.`,
          ...(easier
            ? {
                mend: {
                  kind: 'edits' as const,
                  label: 'Do it smaller',
                  edits: [{ kind: 'variant' as const, itemId: item.id, variant: 'smaller' as const }],
                },
              }
            : {}),
        },
      ];
    });
  },
};
