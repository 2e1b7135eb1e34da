import { BROCADE_SCHOOLS, JOINT_ORDERS } from '@/core/forms/model/setSchools';
import { ANIMAL_SCHOOLS } from '@/core/phases';
import { SOUND_SCHOOLS } from '@/core/sounds';
import type { Ways } from '@/core/term/document';

interface Option {
  readonly id: string;
  readonly label: string;
}

/** What is one of a few; the labels are those of Customs. */
const CHOICES: readonly {
  readonly of: keyof Ways;
  readonly label: string;
  readonly options: readonly Option[];
}[] = [
  { of: 'soundSchool', label: 'Sounds', options: SOUND_SCHOOLS },
  { of: 'animalSchool', label: 'Animals', options: ANIMAL_SCHOOLS },
  { of: 'brocadeSchool', label: 'Eight brocades', options: BROCADE_SCHOOLS },
  { of: 'jointOrder', label: 'Joints are loosened', options: JOINT_ORDERS },
  {
    of: 'firstSide',
    label: 'The first side',
    options: [
      { id: 'left', label: 'left' },
      { id: 'right', label: 'right' },
    ],
  },
];

/** Only what is said: what is as in one's own customs is not there. */
const without = (ways: Ways): Ways | undefined => {
  const said = Object.entries(ways).filter(([, value]) => value !== undefined);
  return said.length === 0 ? undefined : Object.fromEntries(said);
};

/** What the teacher of a term does otherwise than oneself: its weeks are planned, composed and opened by it. */
export function WaysFields({
  ways = {},
  onChange,
}: {
  readonly ways: Ways | undefined;
  readonly onChange: (ways: Ways | undefined) => void;
}) {
  const put = (of: keyof Ways, value: string | number | undefined): void =>
    onChange(without({ ...ways, [of]: value }));
  const count = Object.keys(ways).length;
  return (
    <details className="border-l border-hairline pl-3">
      <summary className="press-plain w-fit cursor-pointer">
        What they do otherwise{count > 0 && <span className="quiet small"> {count} of six</span>}
      </summary>
      <div className="mt-2 flex flex-wrap gap-4">
        {CHOICES.map(({ of, label, options }) => (
          <label key={of} className="min-w-0 basis-64">
            <span className="caption block">{label}</span>
            <select
              className="field w-full"
              value={String(ways[of] ?? '')}
              onChange={(event) => put(of, event.target.value === '' ? undefined : event.target.value)}
            >
              <option value="">as in your customs</option>
              {options.map((option) => (
                <option key={option.id} value={option.id}>
                  {option.label}
                </option>
              ))}
            </select>
          </label>
        ))}
        <label className="basis-64">
          <span className="caption block">Breaths a minute</span>
          <input
            type="number"
            className="field figures w-32"
            min={3}
            max={9}
            step={0.5}
            placeholder="as yours"
            value={ways.breathsPerMin ?? ''}
            onChange={(event) =>
              put('breathsPerMin', event.target.value === '' ? undefined : event.target.valueAsNumber)
            }
          />
        </label>
      </div>
    </details>
  );
}
