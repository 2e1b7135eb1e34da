import type { HandoutKind } from '@/core/handout/kinds';
import { CHOICES, type Chosen } from './choices';

interface Props {
  readonly kind: HandoutKind;
  readonly chosen: Chosen;
  readonly onChoose: (chosen: Chosen) => void;
  /** What "names" writes on it. */
  readonly names: string;
}

/** What can be said of one kind: its paper, its light, whether names are on it. */
export function Options({ kind, chosen, onChoose, names }: Props) {
  const has = (id: HandoutKind['options'][number]): boolean => kind.options.includes(id);
  const put = (id: HandoutKind['options'][number], value: string): void =>
    onChoose({ ...chosen, [id]: value });
  if (kind.options.length === 0) return null;
  return (
    <fieldset className="mt-5 space-y-2">
      <legend className="caption">How</legend>
      {CHOICES.filter(({ id }) => has(id)).map(({ id, label, values }) => (
        <label key={id} className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span>{label}</span>
          <select
            className="field w-48"
            value={chosen[id] ?? values[0]?.value ?? ''}
            onChange={(event) => put(id, event.target.value)}
          >
            {values.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
        </label>
      ))}
      {has('at') && (
        <label className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span>When</span>
          <input
            type="datetime-local"
            className="field w-48"
            value={chosen.at ?? ''}
            onChange={(event) => put('at', event.target.value)}
          />
        </label>
      )}
      {has('language') && (
        <label className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span>Language of your words</span>
          <input
            className="field w-48"
            value={chosen.language ?? 'en'}
            maxLength={35}
            spellCheck={false}
            onChange={(event) => put('language', event.target.value)}
          />
        </label>
      )}
      {has('breaths') && (
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="accent-ink"
            checked={chosen.breaths === '1'}
            onChange={(event) => put('breaths', event.target.checked ? '1' : '0')}
          />
          <span>Count the breaths where nothing is said</span>
        </label>
      )}
      {has('names') && (
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="accent-ink"
            checked={chosen.names === '1'}
            onChange={(event) => put('names', event.target.checked ? '1' : '0')}
          />
          <span>{names}</span>
        </label>
      )}
    </fieldset>
  );
}
