import { useState } from 'react';
import type { MeasureId } from '@/core/channels/measures';
import type { Person } from '@/core/people/person';
import { cmOfLength, lengthName, lengthSign, lengthText } from '@/ui/words/region';

/** A segment that can be measured, and the length of a cùn there by what is kept of the person. */
export interface MeasureOfPerson {
  readonly id: MeasureId;
  readonly what: string;
  readonly cun: number;
  /** Of one cùn, cm; nothing where no length of the person is known. */
  readonly cunCm: number | undefined;
}

type Kept = Person['measures'];

/** A length typed in one's own unit; nothing where none is. */
function Length({
  label,
  cm,
  onCm,
}: {
  readonly label: string;
  readonly cm: number | undefined;
  readonly onCm: (cm: number | undefined) => void;
}) {
  const [typed, setTyped] = useState(cm === undefined ? '' : String(Number(lengthText(cm, 1))));
  return (
    <input
      className="field figures w-24"
      inputMode="decimal"
      aria-label={`${label}, ${lengthName()}`}
      value={typed}
      onChange={(event) => {
        setTyped(event.target.value);
        const length = Number(event.target.value.replace(',', '.'));
        onCm(event.target.value.trim() === '' || Number.isNaN(length) ? undefined : cmOfLength(length));
      }}
    />
  );
}

interface Props {
  readonly rows: readonly MeasureOfPerson[];
  readonly measures: Kept;
  readonly onMeasures: (measures: Kept) => void;
}

/** Stature and measured segments: the cùn of this person. */
export function Measures({ rows, measures, onMeasures }: Props) {
  const setSegment = (id: MeasureId, cm: number | undefined): void => {
    const { [id]: _former, ...rest } = measures.segmentsCm;
    onMeasures({ ...measures, segmentsCm: cm === undefined ? rest : { ...rest, [id]: cm } });
  };
  return (
    <details>
      <summary className="caption">Stature and cùn</summary>
      <label className="flex items-baseline gap-2">
        stature
        <Length
          label="stature"
          cm={measures.statureCm}
          onCm={(statureCm) => onMeasures({ ...measures, statureCm })}
        />
        <span className="unit">{lengthSign()}</span>
      </label>
      <table className="mt-2">
        <thead>
          <tr className="caption text-left">
            <th scope="col" className="font-medium">
              segment
            </th>
            <th scope="col" className="px-4 text-right font-medium">
              cùn
            </th>
            <th scope="col" className="font-medium">
              measured, {lengthSign()}
            </th>
            <th scope="col" className="pl-4 text-right font-medium">
              {lengthSign()} a cùn
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, what, cun, cunCm }) => (
            <tr key={id} className="border-t border-hairline">
              <th scope="row" className="py-0.5 text-left font-normal">
                {what}
              </th>
              <td className="px-4 text-right">{cun}</td>
              <td>
                <Length label={what} cm={measures.segmentsCm[id]} onCm={(cm) => setSegment(id, cm)} />
              </td>
              <td className="figures pl-4 text-right">{cunCm === undefined ? '–' : lengthText(cunCm, 2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="quiet small">The last column follows once it is saved.</p>
    </details>
  );
}
