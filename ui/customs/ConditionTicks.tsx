import { CONDITIONS, type ConditionId } from '@/core/people';

interface Props {
  readonly legend: string;
  /** What is done with it, and who decides. */
  readonly note: string;
  readonly chosen: readonly ConditionId[];
  readonly onChosen: (conditions: ConditionId[]) => void;
}

/** The conditions to be careful of, each a tick. */
export function ConditionTicks({ legend, note, chosen, onChosen }: Props) {
  return (
    <fieldset>
      <legend className="caption">{legend}</legend>
      <div className="columns-1 gap-x-6 sm:columns-2 lg:columns-3">
        {CONDITIONS.map((row) => (
          <label key={row.id} className="flex items-baseline gap-2">
            <input
              type="checkbox"
              className="accent-ink"
              checked={chosen.includes(row.id)}
              onChange={(event) =>
                onChosen(event.target.checked ? [...chosen, row.id] : chosen.filter((id) => id !== row.id))
              }
            />
            {row.label}
          </label>
        ))}
      </div>
      <p className="quiet small mt-1">{note}</p>
    </fieldset>
  );
}
