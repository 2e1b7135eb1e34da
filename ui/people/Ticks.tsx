import type { ReactNode } from 'react';

/** Somebody as they are ticked. */
export interface TickedPerson {
  readonly id: string;
  readonly name: string;
}

interface Props {
  readonly legend: string;
  readonly people: readonly TickedPerson[];
  readonly present: ReadonlySet<string>;
  readonly onPresent: (present: ReadonlySet<string>) => void;
  /** What else is said of somebody, beside their name. */
  readonly beside?: (id: string) => ReactNode;
}

/** Who is here, each a tick. */
export function Ticks({ legend, people, present, onPresent, beside }: Props) {
  return (
    <fieldset>
      <legend className="caption">{legend}</legend>
      <ul>
        {people.map(({ id, name }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-b border-hairline py-1">
            <label className="inline-flex min-w-52 items-baseline gap-2 py-0.5 font-serif text-[1.1rem]">
              <input
                type="checkbox"
                className="accent-ink"
                checked={present.has(id)}
                onChange={(event) => {
                  const next = new Set(present);
                  if (event.target.checked) next.add(id);
                  else next.delete(id);
                  onPresent(next);
                }}
              />
              {name}
            </label>
            {beside?.(id)}
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

/** How many more came, who are not written down here. */
export function Others({ others, onOthers }: { others: string; onOthers: (others: string) => void }) {
  return (
    <label className="inline-flex items-baseline gap-2">
      and others, not written down here
      <input
        className="field figures w-20"
        type="number"
        min={0}
        max={500}
        value={others}
        onChange={(event) => onOthers(event.target.value)}
      />
    </label>
  );
}

/** What is typed as a number of people; nothing where it is none. */
export const countOf = (typed: string): number => Math.max(0, Math.min(500, Math.round(Number(typed)) || 0));
