import { exhaleWanted } from '../../forms';
import { openCautions } from '../../people';
import type { Finding, Rule } from '../rule';

export const exhaleRoute: Rule = {
  id: 'exhale-route',
  why: 'To clear, the breath goes out by the mouth; to nourish, in and out by the nose. Some keep to the nose always.',
  source: 'common-practice',
  find: ({ items, customs, people }) =>
    items.flatMap(({ item, form }): readonly Finding[] => {
      const wanted = item.hinge ? undefined : exhaleWanted(form, item.role, customs.exhaleRoute);
      const byMouth = item.exhaleByMouth || form.exhale === 'mouth';
      if (wanted === 'mouth' && !byMouth)
        return [
          {
            weight: 'consider' as const,
            itemId: item.id,
            say: `“${form.name}” clears, and its breath goes out by the nose.`,
            mend: {
              kind: 'edits' as const,
              label: 'Out by the mouth',
              edits: [{ kind: 'exhale' as const, itemId: item.id, byMouth: true }],
            },
          },
        ];
      // Those who must not hold or press let it go by the mouth whatever the purpose.
      const eased = openCautions(form, { ...item, exhaleByMouth: false }, people.conditions).some(
        (caution) => caution.remedy === 'exhale-by-mouth',
      );
      if (wanted !== 'nose' || !byMouth || eased) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          say: `“${form.name}” ${item.role === 'nourish' ? 'nourishes' : 'is done'}, and its breath goes out by the mouth.`,
          ...(form.exhale === 'nose'
            ? {
                mend: {
                  kind: 'edits' as const,
                  label: 'Out by the nose',
                  edits: [{ kind: 'exhale' as const, itemId: item.id, byMouth: false }],
                },
              }
            : {}),
        },
      ];
    }),
};
