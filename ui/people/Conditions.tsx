import type { ConditionId } from '@/core/people';
import type { Person } from '@/core/people/person';
import { Spell } from './Spell';

interface Props {
  readonly all: readonly { readonly id: ConditionId; readonly label: string }[];
  readonly conditions: Person['conditions'];
  readonly onConditions: (conditions: Person['conditions']) => void;
}

/** What somebody has: each with its days and a line of its own. */
export function Conditions({ all, conditions, onConditions }: Props) {
  const labelOf = (id: ConditionId): string => all.find((one) => one.id === id)?.label ?? id;
  const change = (at: number, next: Partial<Person['conditions'][number]>): void =>
    onConditions(conditions.map((one, index) => (index === at ? { ...one, ...next } : one)));
  return (
    <fieldset>
      <legend className="caption">Has</legend>
      <ul>
        {conditions.map((one, index) => (
          <li
            key={index}
            className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-hairline py-1"
          >
            <span className="min-w-48 font-medium">{labelOf(one.id)}</span>
            <Spell of={labelOf(one.id)} spell={one} onSpell={(spell) => change(index, spell)} />
            <input
              className="field min-w-40 flex-1"
              aria-label={`a line on it, ${labelOf(one.id)}`}
              placeholder="a line, if you wish"
              maxLength={400}
              value={one.note}
              onChange={(event) => change(index, { note: event.target.value })}
            />
            <button
              type="button"
              className="press-plain"
              onClick={() => onConditions(conditions.filter((_, at) => at !== index))}
            >
              Take out<span className="sr-only"> {labelOf(one.id)}</span>
            </button>
          </li>
        ))}
      </ul>
      <select
        className="field mt-2 max-w-80"
        aria-label="something they have"
        value=""
        onChange={(event) => {
          const id = all.find((one) => one.id === event.target.value)?.id;
          if (id) onConditions([...conditions, { id, note: '' }]);
        }}
      >
        <option value="">add what is to be minded …</option>
        {all.map(({ id, label }) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
      </select>
      <p className="quiet small mt-1">
        It decides what a class they come to leaves out or changes; nobody is named there. Their own clinician
        decides what is right for them.
      </p>
    </fieldset>
  );
}
