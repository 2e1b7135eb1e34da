import type { Form, SealId } from '@/core/forms';
import { sealRefusal, SEALS } from '@/core/forms/model/seals';
import type { Item } from '@/core/practice';
import { WHY_NO_SEAL } from '@/ui/words/patterns';

/** The shape the hands keep on a still form; what does not fit the form cannot be chosen. */
export function SealLayer({
  form,
  item,
  onSeal,
}: {
  readonly form: Form;
  readonly item: Item;
  readonly onSeal: (seal: SealId | undefined) => void;
}) {
  return (
    <label className="block">
      <span className="caption block">hands</span>
      <select
        className="field"
        value={item.seal ?? ''}
        onChange={({ target: { value } }) => onSeal(SEALS.find(({ id }) => id === value)?.id)}
      >
        <option value="">as the form has them</option>
        {SEALS.map(({ id, name }) => {
          const why = sealRefusal(form, item.variant, id);
          return (
            <option key={id} value={id} disabled={why !== undefined}>
              {name}
              {why ? ` (${WHY_NO_SEAL[why]})` : ''}
            </option>
          );
        })}
      </select>
    </label>
  );
}
