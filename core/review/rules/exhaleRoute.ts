import { exhaleWanted } from '../../forms';
import { openCautions } from '../../people';
import { readRoutes } from '../reading/breathWords';
import { ownWordsMend, ownWordsOf, type Finding, type ItemView, type Rule } from '../rule';

/** The nose in the words where the breath goes out by the mouth, and the other way round. */
function saidOtherwise(view: ItemView): readonly Finding[] {
  const { item, form, layers } = view;
  const byMouth =
    item.exhaleByMouth ||
    form.exhale === 'mouth' ||
    layers.breathing?.pattern.outRoute === 'mouth' ||
    layers.sound !== undefined;
  return ownWordsOf(view).flatMap(({ key, cue, said }): readonly Finding[] => {
    const other = readRoutes(cue).find(({ way, by }) => way !== 'in' && (by === 'mouth') !== byMouth);
    return other === undefined
      ? []
      : [
          {
            weight: 'should',
            itemId: item.id,
            detail: key,
            said: { code: 'route-said-otherwise', cue: said, form: form.name, by: other.by },
            mend: ownWordsMend(item.id, key),
          },
        ];
  });
}

export const exhaleRoute: Rule = {
  id: 'exhale-route',
  source: 'common-practice',
  find: ({ items, customs, people }) => [
    ...items.flatMap(saidOtherwise),
    ...items.flatMap(({ item, form, layers }): readonly Finding[] => {
      const pattern = layers.breathing?.pattern;
      const wanted = item.hinge ? undefined : exhaleWanted(form, item.role, customs.exhaleRoute);
      const byMouth = item.exhaleByMouth || form.exhale === 'mouth';
      if (wanted === 'nose' && pattern?.outRoute === 'mouth' && !byMouth)
        return [
          {
            weight: 'consider' as const,
            itemId: item.id,
            said: { code: 'pattern-by-the-mouth' as const, form: form.name, pattern: pattern.name },
            mend: {
              kind: 'edits' as const,
              said: { code: 'plain-breath' as const },
              edits: [{ kind: 'breathing' as const, itemIds: [item.id], breathing: undefined }],
            },
          },
        ];
      if (wanted === 'mouth' && !byMouth && pattern?.outRoute !== 'mouth' && !layers.sound)
        return [
          {
            weight: 'consider' as const,
            itemId: item.id,
            said: { code: 'clears-by-the-nose' as const, form: form.name },
            mend: {
              kind: 'edits' as const,
              said: { code: 'by-mouth' as const },
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
          said: { code: 'by-the-mouth' as const, form: form.name, nourishes: item.role === 'nourish' },
          ...(form.exhale === 'nose'
            ? {
                mend: {
                  kind: 'edits' as const,
                  said: { code: 'by-nose' as const },
                  edits: [{ kind: 'exhale' as const, itemId: item.id, byMouth: false }],
                },
              }
            : {}),
        },
      ];
    }),
  ],
};
