import type { Pin } from '@/core/brief';
import { ROLES } from '@/core/forms/model/roles';
import { ROLE_NAMES } from '@/ui/words/names';
import { placeWord } from '@/ui/words/pins';

interface Props {
  readonly pins: readonly Pin[];
  readonly forms: readonly (readonly [id: string, name: string])[];
  readonly onChange: (pins: readonly Pin[]) => void;
}

const PLACES = [1, 2, 3, 4, 5, 6] as const;
const MOST_PINS = 20;
const MOST_TIMES = 99;

/** Pinned forms: those that must be in; for each, if wished, its section, its place there and how often. */
export function PinRows({ pins, forms, onChange }: Props) {
  const names = new Map(forms);
  const change = (pin: Pin): void => onChange(pins.map((one) => (one.formId === pin.formId ? pin : one)));
  return (
    <fieldset className="mt-4">
      <legend className="caption">pinned forms</legend>
      {pins.length > 0 && (
        <ul className="mb-2">
          {pins.map((pin) => {
            const name = names.get(pin.formId) ?? pin.formId;
            return (
              <li
                key={pin.formId}
                className="grid grid-cols-2 items-center gap-x-3 gap-y-1 border-b border-hairline py-1.5 sm:grid-cols-[minmax(0,1fr)_auto_auto_auto_auto]"
              >
                <span className="font-serif text-[1.1rem] max-sm:col-span-2">{name}</span>
                <select
                  className="field"
                  aria-label={`Section of ${name}`}
                  value={pin.role ?? ''}
                  onChange={(event) =>
                    change({ ...pin, role: ROLES.find((role) => role === event.target.value) })
                  }
                >
                  <option value="">in its section</option>
                  {ROLES.map((role) => (
                    <option key={role} value={role}>
                      in {ROLE_NAMES[role]}
                    </option>
                  ))}
                </select>
                <select
                  className="field"
                  aria-label={`Place of ${name}`}
                  value={pin.place ?? ''}
                  onChange={({ target }) =>
                    change({
                      ...pin,
                      place: target.value === 'last' ? 'last' : Number(target.value) || undefined,
                    })
                  }
                >
                  <option value="">anywhere in it</option>
                  {[...new Set([...PLACES, ...(typeof pin.place === 'number' ? [pin.place] : [])])].map(
                    (place) => (
                      <option key={place} value={place}>
                        {placeWord(place)}
                      </option>
                    ),
                  )}
                  <option value="last">last</option>
                </select>
                <label className="flex items-baseline gap-1.5">
                  <input
                    className="field figures w-20"
                    type="number"
                    inputMode="numeric"
                    min={1}
                    max={MOST_TIMES}
                    placeholder="as fits"
                    aria-label={`Times of ${name}`}
                    value={pin.repetitions ?? ''}
                    onChange={({ target }) => {
                      const count = Math.min(MOST_TIMES, Math.floor(Number(target.value)));
                      change({ ...pin, repetitions: count >= 1 ? count : undefined });
                    }}
                  />
                  times
                </label>
                <button
                  type="button"
                  className="press-plain justify-self-start"
                  onClick={() => onChange(pins.filter((one) => one.formId !== pin.formId))}
                >
                  without <span className="sr-only">{name}</span>
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <select
        className="field"
        aria-label="Pin a form"
        value=""
        disabled={pins.length >= MOST_PINS}
        onChange={({ target }) => {
          if (!pins.some((pin) => pin.formId === target.value)) onChange([...pins, { formId: target.value }]);
        }}
      >
        <option value="">add …</option>
        {forms.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </fieldset>
  );
}
