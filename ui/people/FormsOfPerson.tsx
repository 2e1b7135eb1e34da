import { useId, useState } from 'react';
import type { HowKnown } from '@/core/people/known';
import type { Person } from '@/core/people/person';
import { HOW_KNOWN_WORDS } from '@/ui/words/people';

export interface NamedForm {
  readonly id: string;
  readonly name: string;
}

/** A form typed by its name, with those that fit below it; the id once it is one. */
function FormField({
  label,
  forms,
  without,
  onForm,
}: {
  readonly label: string;
  readonly forms: readonly NamedForm[];
  readonly without: readonly string[];
  readonly onForm: (formId: string) => void;
}) {
  const [typed, setTyped] = useState('');
  const list = useId();
  const offered = forms.filter(({ id }) => !without.includes(id));
  return (
    <>
      <input
        className="field max-w-80"
        list={list}
        aria-label={label}
        placeholder="add a form …"
        autoComplete="off"
        value={typed}
        onChange={(event) => {
          const name = event.target.value;
          const form = offered.find((one) => one.name.toLowerCase() === name.trim().toLowerCase());
          if (form) onForm(form.id);
          setTyped(form ? '' : name);
        }}
      />
      <datalist id={list}>
        {offered.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
    </>
  );
}

interface ListProps {
  readonly legend: string;
  readonly note: string;
  readonly forms: readonly NamedForm[];
  readonly chosen: readonly string[];
  readonly onChosen: (formIds: string[]) => void;
}

/** Some forms, each a press away from being taken out again. */
export function FormList({ legend, note, forms, chosen, onChosen }: ListProps) {
  const nameOf = (id: string): string => forms.find((one) => one.id === id)?.name ?? id;
  return (
    <fieldset>
      <legend className="caption">{legend}</legend>
      <ul className="flex flex-wrap gap-x-4">
        {chosen.map((id) => (
          <li key={id} className="inline-flex items-baseline gap-2">
            {nameOf(id)}
            <button
              type="button"
              className="press-plain small"
              onClick={() => onChosen(chosen.filter((one) => one !== id))}
            >
              take out<span className="sr-only"> {nameOf(id)}</span>
            </button>
          </li>
        ))}
      </ul>
      <FormField
        label={`${legend}: add a form`}
        forms={forms}
        without={chosen}
        onForm={(id) => onChosen([...chosen, id])}
      />
      <p className="quiet small mt-1">{note}</p>
    </fieldset>
  );
}

interface KnowsProps {
  readonly forms: readonly NamedForm[];
  readonly knows: Person['knows'];
  /** In how many of the classes they were at each form was. */
  readonly times: Readonly<Record<string, number>>;
  readonly onKnows: (knows: Person['knows']) => void;
}

/** How well they know the forms they have met, as the teacher judges it, beside how often they did them. */
export function Knows({ forms, knows, times, onKnows }: KnowsProps) {
  const nameOf = (id: string): string => forms.find((one) => one.id === id)?.name ?? id;
  const met = [...new Set([...knows.map(({ formId }) => formId), ...Object.keys(times)])].toSorted(
    (a, b) => (times[b] ?? 0) - (times[a] ?? 0) || nameOf(a).localeCompare(nameOf(b)),
  );
  return (
    <details>
      <summary className="caption">Forms they have met ({met.length})</summary>
      {met.length === 0 && <p className="quiet">None yet, as far as the log knows.</p>}
      <ul className="columns-1 gap-x-10 md:columns-2">
        {met.map((formId) => (
          <li key={formId} className="flex break-inside-avoid items-baseline gap-3 py-0.5">
            <span className="flex-1">{nameOf(formId)}</span>
            <span className="quiet figures">{times[formId] ?? 0}×</span>
            <select
              className="field max-w-36"
              aria-label={`how well they know ${nameOf(formId)}`}
              value={knows.find((one) => one.formId === formId)?.how ?? ''}
              onChange={(event) => {
                const rest = knows.filter((one) => one.formId !== formId);
                const how = event.target.value as HowKnown | '';
                onKnows(how === '' ? rest : [...rest, { formId, how }]);
              }}
            >
              <option value="">not judged</option>
              {Object.entries(HOW_KNOWN_WORDS).map(([how, words]) => (
                <option key={how} value={how}>
                  {words}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
    </details>
  );
}
