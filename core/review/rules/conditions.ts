import { hasVariant, type VariantId } from '../../forms';
import { asksAnotherWay, cautionsOf, openCautions, type Caution, type ConditionId } from '../../people';
import type { Edit } from '../../practice';
import type { ItemView, Mend, Rule } from '../rule';
import type { PlainMend } from '../said';

const WEIGHT = { avoid: 'must', change: 'should', watch: 'consider' } as const;

/** The change that answers a caution, where there is one in the form itself. */
function mendFor(
  { item, form }: ItemView,
  caution: Caution,
  conditions: readonly ConditionId[],
): Mend | undefined {
  if (caution.remedy === 'omit-holds')
    return edits('no-holds', { kind: 'holds', itemId: item.id, omit: true });
  // What lies in the form itself is not taken out with the breath laid on it.
  const isItsOwn = cautionsOf(form, item.variant, conditions).some(({ code }) => code === caution.code);
  if (caution.remedy === 'plain-breath' && !isItsOwn)
    return edits('plain-breath', { kind: 'breathing', itemIds: [item.id], breathing: undefined });
  if (caution.remedy === 'exhale-by-mouth')
    return edits('by-mouth', { kind: 'exhale', itemId: item.id, byMouth: true });
  const gentler = (['smaller', 'seated'] as const satisfies readonly VariantId[]).find(
    (variant) =>
      item.variant === 'full' &&
      hasVariant(form, variant) &&
      variant === 'smaller' &&
      !cautionsOf(form, variant, conditions).some(asksAnotherWay),
  );
  return gentler
    ? edits('smaller', { kind: 'variant', itemId: item.id, variant: gentler })
    : edits('take-out', { kind: 'remove', itemId: item.id });
}

const edits = (code: PlainMend, edit: Edit): Mend => ({ kind: 'edits', said: { code }, edits: [edit] });

export const conditions: Rule = {
  id: 'conditions',
  source: 'common-practice',
  find: ({ practice, items, people }) =>
    items.flatMap((view) =>
      openCautions(view.form, view.item, people.conditions, practice.patterns).map((caution) => {
        const mend = caution.weight === 'watch' ? undefined : mendFor(view, caution, people.conditions);
        return {
          weight: WEIGHT[caution.weight],
          itemId: view.item.id,
          detail: `${caution.condition}/${caution.code}`,
          said: {
            code: 'condition' as const,
            form: view.form.name,
            condition: caution.condition,
            weight: caution.weight,
            caution: caution.code,
          },
          ...(mend ? { mend } : {}),
        };
      }),
    ),
};
