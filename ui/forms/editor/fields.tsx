import type { ReactNode } from 'react';

/** Several of a few values, each with a tick. */
export function Ticks<Value extends string>({
  legend,
  values,
  chosen,
  name,
  onChosen,
}: {
  readonly legend: string;
  readonly values: readonly Value[];
  readonly chosen: readonly Value[];
  readonly name?: (value: Value) => ReactNode;
  readonly onChosen: (values: readonly Value[]) => void;
}) {
  return (
    <fieldset>
      <legend className="caption">{legend}</legend>
      <span className="flex flex-wrap gap-x-4">
        {values.map((value) => (
          <label key={value} className="inline-flex items-baseline gap-1.5">
            <input
              type="checkbox"
              className="accent-ink"
              checked={chosen.includes(value)}
              onChange={(event) =>
                onChosen(
                  event.target.checked ? [...chosen, value] : chosen.filter((other) => other !== value),
                )
              }
            />
            {name ? name(value) : value}
          </label>
        ))}
      </span>
    </fieldset>
  );
}

/** One of a few values. */
export function Select<Value extends string>({
  label,
  value,
  values,
  name,
  onValue,
}: {
  readonly label: string;
  readonly value: Value;
  readonly values: readonly Value[];
  readonly name?: (value: Value) => string;
  readonly onValue: (value: Value) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">{label}</span>
      <select
        className="field"
        value={value}
        onChange={(event) => {
          const next = values.find((one) => one === event.target.value);
          if (next !== undefined) onValue(next);
        }}
      >
        {values.map((one) => (
          <option key={one} value={one}>
            {name ? name(one) : one}
          </option>
        ))}
      </select>
    </label>
  );
}

/** A whole number with its unit. */
export function Amount({
  label,
  unit,
  value,
  least,
  most,
  onValue,
}: {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">
        {label} <span className="unit">{unit}</span>
      </span>
      <input
        type="number"
        className="field figures"
        min={least}
        max={most}
        value={value}
        onChange={(event) => {
          const next = Number(event.target.value);
          if (Number.isFinite(next)) onValue(next);
        }}
      />
    </label>
  );
}
