import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { SHAPES, withOwnSections, type Shape, type ShapeSection } from '@/core/compose/shapes';
import { ALWAYS_THERE, SHAPE_IDS, type Customs, type OwnShapes, type ShapeId } from '@/core/customs';
import { ROLES, type Role } from '@/core/forms/model/roles';
import { clockText } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';

type OwnSections = NonNullable<OwnShapes[ShapeId]>;
type OwnSection = NonNullable<OwnSections[Role]>;

/** A section as the shape usually has it, told as one's own is; what has no place in it takes nothing. */
const usualOf = (section: ShapeSection | undefined): OwnSection => ({
  percent: Math.round(100 * (section?.share ?? 0)),
  fromMinutes: section?.from ?? 0,
});

const isSame = (a: OwnSection, b: OwnSection): boolean =>
  a.percent === b.percent && (a.percent === 0 || a.fromMinutes === b.fromMinutes);

/** What is written of a shape, without the sections that are as usual; nothing where all are. */
function written(id: ShapeId, own: OwnSections): OwnSections | undefined {
  const sections: Shape['sections'] = SHAPES[id].sections;
  const rows = ROLES.flatMap((role) => {
    const row = own[role];
    return row && !isSame(row, usualOf(sections[role])) ? [[role, row] as const] : [];
  });
  return rows.length === 0 ? undefined : Object.fromEntries(rows);
}

/** How the minutes of a class of so many would lie: a bar of its sections, each as wide as its share. */
function Proportions({ sections, minutes }: { sections: Shape['sections']; minutes: number }) {
  const there = ROLES.flatMap((role) => {
    const section = sections[role];
    return section && minutes >= (section.from ?? 0) ? [{ role, share: section.share }] : [];
  });
  const sum = there.reduce((total, { share }) => total + share, 0);
  return (
    <ol className="flex list-none flex-wrap gap-y-1 p-0" aria-label={`A class of ${minutes} minutes`}>
      {there.map(({ role, share }) => (
        <li
          key={role}
          className="small min-w-16 border-l border-ink px-1.5"
          style={{ flexGrow: share / sum, flexBasis: 0 }}
        >
          <span className="block">{ROLE_NAMES[role]}</span>
          <span className="figures quiet block">{clock((60 * minutes * share) / sum)}</span>
        </li>
      ))}
    </ol>
  );
}

/** To the nearest five seconds: a plan is no stop watch. */
const clock = (seconds: number): string => clockText(Math.round(seconds / 5) * 5000);

const MINUTES = [5, 10, 20, 30, 45, 60, 90] as const;

interface NumberProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly disabled?: boolean;
  readonly onChange: (value: number) => void;
}

/** A whole number in its bounds: what is being typed stands as it is typed, and what cannot be is put right on leaving. */
function WholeNumber({ label, value, least, most, disabled = false, onChange }: NumberProps) {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const numberOf = (text: string): number => Math.round(Number(text));
  const isWithin = (number: number): boolean => number >= least && number <= most;
  return (
    <input
      type="number"
      className="field figures w-20"
      aria-label={label}
      min={least}
      max={most}
      disabled={disabled}
      value={typed ?? value}
      onChange={({ target }) => {
        setTyped(target.value);
        if (target.value !== '' && isWithin(numberOf(target.value))) onChange(numberOf(target.value));
      }}
      onBlur={() => {
        if (typed !== undefined && typed !== '') onChange(Math.min(most, Math.max(least, numberOf(typed))));
        setTyped(undefined);
      }}
    />
  );
}

interface RowProps {
  readonly id: ShapeId;
  readonly role: Role;
  readonly value: OwnSection;
  readonly onChange: (value: OwnSection) => void;
}

function SectionRow({ id, role, value, onChange }: RowProps) {
  const must = (ALWAYS_THERE as readonly Role[]).includes(role);
  const name = ROLE_NAMES[role];
  return (
    <tr>
      <th scope="row" className="text-left font-normal">
        {name}
      </th>
      <td>
        <WholeNumber
          label={`${name}: share in per cent`}
          least={must ? 1 : 0}
          most={90}
          value={value.percent}
          onChange={(percent) => onChange({ ...value, percent })}
        />
      </td>
      <td>
        <WholeNumber
          label={`${name}: from so many minutes on`}
          least={0}
          most={120}
          disabled={value.percent === 0 || must || id === 'short'}
          value={value.fromMinutes}
          onChange={(fromMinutes) => onChange({ ...value, fromMinutes })}
        />
      </td>
    </tr>
  );
}

/** My shape of a class: for each family of themes which sections it has, and how much of the time is theirs. */
export function ShapeCustoms() {
  const { control, setValue } = useFormContext<Customs>();
  const shapes = useWatch({ control, name: 'shapes' });
  const [id, setId] = useState<ShapeId>('usual');
  const [minutes, setMinutes] = useState<number>(20);
  const own = shapes?.[id];
  const usual: Shape['sections'] = SHAPES[id].sections;
  const shape = withOwnSections(SHAPES[id], own);
  const change = (sections: OwnSections | undefined): void => {
    const { [id]: former, ...others } = shapes ?? {};
    void former;
    const mine = sections && written(id, sections);
    setValue('shapes', mine ? { ...others, [id]: mine } : others, {
      shouldDirty: true,
      shouldValidate: true,
    });
  };
  return (
    <section aria-labelledby="shapes">
      <h2 id="shapes">My shape of a class</h2>
      <div className="mt-2 flex flex-wrap items-end gap-4 border-t border-ink pt-2">
        <label>
          <span className="block">A class for</span>
          <select
            className="field w-auto"
            value={id}
            onChange={({ target: { value } }) => setId(SHAPE_IDS.find((one) => one === value) ?? 'usual')}
          >
            {SHAPE_IDS.map((one) => (
              <option key={one} value={one}>
                {SHAPES[one].name}
                {shapes?.[one] ? ' (mine)' : ''}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="block">Shown for</span>
          <select
            className="field w-auto"
            value={minutes}
            onChange={({ target: { value } }) => setMinutes(Number(value))}
          >
            {MINUTES.map((one) => (
              <option key={one} value={one}>
                {one} minutes
              </option>
            ))}
          </select>
        </label>
        {own && (
          <button type="button" className="press" onClick={() => change(undefined)}>
            As usual again
          </button>
        )}
      </div>
      <p className="quiet small my-2">{shape.why}</p>
      <Proportions sections={shape.sections} minutes={minutes} />
      <table className="mt-3 [&_td]:pr-6 [&_th]:pr-6 [&_th]:pb-1">
        <caption className="sr-only">Sections of a class for {shape.name}</caption>
        <thead>
          <tr className="quiet small text-left">
            <th scope="col">Section</th>
            <th scope="col">
              Share <span className="unit">%, 0 leaves it out</span>
            </th>
            <th scope="col">
              From <span className="unit">minutes on</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {ROLES.map((role) => (
            <SectionRow
              key={role}
              id={id}
              role={role}
              value={own?.[role] ?? usualOf(usual[role])}
              onChange={(value) => change({ ...own, [role]: value })}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}
