'use client';

import { useFormContext, useWatch, type FieldPath } from 'react-hook-form';
import type { Customs } from '@/core/customs';
import { sourceTitle, type SourceId } from '@/core/sources';

export interface Option {
  readonly value: string;
  readonly label: string;
  readonly source?: SourceId;
}

/** The schools of a table as options, each with its source. */
export const schools = (
  rows: readonly { readonly id: string; readonly label: string; readonly source: SourceId }[],
): readonly Option[] => rows.map((row) => ({ value: row.id, label: row.label, source: row.source }));

/** What is wrong with a field, by its path. */
function problemAt(errors: unknown, name: string): string | undefined {
  const found = name
    .split('.')
    .reduce<unknown>(
      (value, key) =>
        typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined,
      errors,
    );
  return typeof found === 'object' &&
    found !== null &&
    'message' in found &&
    typeof found.message === 'string'
    ? found.message
    : undefined;
}

const asNumber = (value: unknown): number =>
  String(value).trim() === '' ? Number.NaN : Number(String(value).replace(',', '.'));

interface TextProps {
  readonly name: FieldPath<Customs>;
  readonly label: string;
  readonly unit?: string;
  readonly isNumber?: boolean;
}

/** A field of text or a number with its unit; what is wrong with it stands below. */
export function Text({ name, label, unit, isNumber = false }: TextProps) {
  const { register, formState } = useFormContext<Customs>();
  const problem = problemAt(formState.errors, name);
  const id = name.replace('.', '-');
  return (
    <div>
      <label htmlFor={id}>
        {label} {unit !== undefined && <span className="unit">{unit}</span>}
      </label>
      <input
        id={id}
        className="field figures"
        inputMode={isNumber ? 'decimal' : 'text'}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        {...register(name, isNumber ? { setValueAs: asNumber } : {})}
      />
      {problem && (
        <p id={`${id}-problem`} className="must small mt-1">
          {problem}
        </p>
      )}
    </div>
  );
}

interface ChoiceProps {
  readonly name: FieldPath<Customs>;
  readonly legend: string;
  readonly options: readonly Option[];
}

/** One contested point: the positions, and the source of the one that is chosen. */
export function Choice({ name, legend, options }: ChoiceProps) {
  const { register, control } = useFormContext<Customs>();
  const value = useWatch({ control, name });
  const chosen = options.find((option) => option.value === value);
  return (
    <fieldset className="grid gap-x-6 border-b border-hairline py-2 sm:grid-cols-[12rem_minmax(0,1fr)_13rem]">
      <legend className="sr-only">{legend}</legend>
      <span aria-hidden>{legend}</span>
      <span>
        {options.map((option) => (
          <label key={option.value} className="flex items-baseline gap-2">
            <input type="radio" value={option.value} className="accent-ink" {...register(name)} />
            <span>{option.label}</span>
          </label>
        ))}
      </span>
      <span className="quiet small">{chosen?.source ? sourceTitle(chosen.source) : ''}</span>
    </fieldset>
  );
}
