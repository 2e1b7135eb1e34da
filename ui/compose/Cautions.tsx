import type { Form } from '@/core/forms';
import { cautionsOf, openCautions, type ConditionId } from '@/core/people';
import type { Item, Practice } from '@/core/practice';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { grouped } from '@/ui/words/cautions';

const WEIGHT = { avoid: 'must', change: 'should', watch: 'watch' } as const;

/** Cautions of the present group in full; the usual ones for everyone else in one line. */
export function Cautions({
  form,
  item,
  ownPatterns,
  conditions,
}: {
  form: Form;
  item: Item;
  ownPatterns: Practice['patterns'];
  conditions: readonly ConditionId[];
}) {
  const here = openCautions(form, item, conditions, ownPatterns);
  const others = cautionsOf(form, item.variant).filter(
    (caution) => caution.weight !== 'watch' && !conditions.includes(caution.condition),
  );
  const labels = [...new Set(others.map((caution) => caution.conditionLabel))];
  return (
    <section>
      <h3 className="caption">Care</h3>
      {grouped(here).map(({ say, labels: forThem, weight }) => (
        <p key={say} className={`mt-1 ${WEIGHT[weight]}`}>
          <strong>{weight === 'avoid' ? 'Avoid' : weight === 'change' ? 'Change' : 'Watch'}.</strong> Someone
          here: {forThem.join('; ')}. {say}
        </p>
      ))}
      {form.cautions.map((caution) => (
        <p key={caution} className="watch mt-1">
          {caution}
        </p>
      ))}
      {labels.length > 0 && <p className="quiet mt-1">Change or leave out with: {labels.join('; ')}.</p>}
      <p className="quiet mt-1">{FOR_EVERYONE}</p>
    </section>
  );
}
