'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { useEffect, useEffectEvent, useState, type ReactNode } from 'react';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac';
import { customsSchema, STRENGTH_LEVELS, STRENGTHS, type Customs, type StrengthLevel } from '@/core/customs';
import { BROCADE_SCHOOLS, JOINT_ORDERS } from '@/core/forms/sets';
import { ANIMAL_SCHOOLS, PHASE_IDS, VIRTUE_SCHOOLS } from '@/core/phases';
import { SOUND_SCHOOLS } from '@/core/sounds';
import { sourceTitle, type SourceId } from '@/core/sources';
import { useReady } from '@/ui/kit/useReady';
import { ConditionTicks } from './ConditionTicks';
import { CustomsKeeper, type Kept } from './keeper';

interface Choice {
  readonly value: string;
  readonly label: string;
  readonly source?: SourceId;
}

const schools = (
  rows: readonly { readonly id: string; readonly label: string; readonly source: SourceId }[],
): readonly Choice[] => rows.map((row) => ({ value: row.id, label: row.label, source: row.source }));

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

const STRENGTH_CHOICES = Object.keys(STRENGTH_LEVELS) as readonly StrengthLevel[];

/** After the last change, so that typing a number is one save. */
const PAUSE_MS = 700;
/** How long after a failure saving is tried again by itself. */
const AGAIN_MS = 5000;

/**
 * The customs: place, schools, pace, sides. Each contested point is a choice with its source. They save themselves a
 * moment after each change; what is not yet right says so and waits.
 */
export function CustomsForm({ customs, version }: { customs: Customs; version: number }) {
  const ready = useReady();
  const { register, handleSubmit, formState, control, reset, getValues, setValue } = useForm<Customs>({
    defaultValues: customs,
    resolver: zodResolver(customsSchema),
    mode: 'onChange',
  });
  const chosenValues = useWatch({ control });
  const errors = formState.errors;
  const [kept, setKept] = useState<Kept>({ code: 'kept' });
  const [keeper] = useState(() => new CustomsKeeper(customs, version));
  const save = handleSubmit(
    async (values) => setKept(await keeper.keep(values)),
    () => setKept({ code: 'waiting' }),
  );
  const again = useEffectEvent(() => void save());

  const typed = JSON.stringify(chosenValues);
  const refused = kept.code === 'changed-elsewhere';
  useEffect(() => {
    if (!ready || refused || keeper.has(JSON.parse(typed))) return undefined;
    const timer = setTimeout(again, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [keeper, typed, ready, refused]);

  // When the server is back, saving goes on by itself.
  useEffect(() => {
    const back = (): void => again();
    window.addEventListener('online', back);
    const timer = kept.code === 'failed' ? setInterval(back, AGAIN_MS) : undefined;
    return () => {
      window.removeEventListener('online', back);
      clearInterval(timer);
    };
  }, [kept.code]);

  // Leaving with something unsaved: what is right goes off at once; what is not right asks first.
  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent): void => {
      if (!keeper.has(getValues())) event.preventDefault();
    };
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      const values = customsSchema.safeParse(getValues());
      if (values.success) void keeper.keep(values.data);
    };
  }, [getValues, keeper]);

  const problemOf = (name: string): string | undefined => {
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
  };

  const text = (name: FieldPath<Customs>, label: string, unit = '', number = false): ReactNode => {
    const problem = problemOf(name);
    const id = name.replace('.', '-');
    return (
      <div>
        <label htmlFor={id}>
          {label} {unit !== '' && <span className="unit">{unit}</span>}
        </label>
        <input
          id={id}
          className="field figures"
          inputMode={number ? 'decimal' : 'text'}
          aria-invalid={problem !== undefined}
          aria-describedby={problem ? `${id}-problem` : undefined}
          {...register(
            name,
            number
              ? {
                  setValueAs: (value: unknown) =>
                    String(value).trim() === '' ? Number.NaN : Number(String(value).replace(',', '.')),
                }
              : {},
          )}
        />
        {problem && (
          <p id={`${id}-problem`} className="must small mt-1">
            {problem}
          </p>
        )}
      </div>
    );
  };

  const choice = (name: FieldPath<Customs>, legend: string, options: readonly Choice[]): ReactNode => {
    const chosen = options.find((option) => option.value === chosenValues[name as keyof Customs]);
    return (
      <fieldset className="grid gap-x-6 border-b border-hairline py-2 sm:grid-cols-[12rem_1fr_13rem]">
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
  };

  return (
    <form onSubmit={(event) => void save(event)} noValidate>
      <fieldset disabled={!ready} className="space-y-6">
        <section aria-labelledby="place">
          <h2 id="place">Place</h2>
          <div className="mt-2 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
            {text('place.name', 'Name')}
            {text('place.latitudeDeg', 'Latitude', '° north', true)}
            {text('place.longitudeDeg', 'Longitude', '° east', true)}
            {text('place.zone', 'Time zone')}
          </div>
          <p className="quiet small mt-1">
            South and west are negative. The zone is an IANA name such as Europe/London.
          </p>
        </section>
        <section aria-labelledby="schools">
          <h2 id="schools">Schools</h2>
          <div className="mt-2 border-t border-ink">
            {choice('seasonSchool', 'Seasons begin', schools(SEASON_SCHOOLS))}
            {choice('earthSchool', 'Earth rules', schools(EARTH_SCHOOLS))}
            {choice('hours', 'Organ hours by', [
              { value: 'solar', label: 'true solar time at the place', source: 'common-practice' },
              { value: 'clock', label: 'the clock', source: 'common-practice' },
            ])}
            {choice('dayTurns', 'The day of stems and branches turns', [
              { value: 'midnight', label: 'at midnight', source: 'common-practice' },
              { value: 'zi-hour', label: 'with the zǐ hour, at 23:00', source: 'common-practice' },
            ])}
            {choice('animalSchool', 'Animals', schools(ANIMAL_SCHOOLS))}
            {choice('virtueSchool', 'Virtues', schools(VIRTUE_SCHOOLS))}
            {chosenValues.virtueSchool === 'own' && (
              <div className="grid gap-3 border-b border-hairline py-2 sm:grid-cols-5">
                {PHASE_IDS.map((phase) => (
                  <div key={phase}>{text(`ownVirtues.${phase}`, capital(phase))}</div>
                ))}
              </div>
            )}
            {choice('soundSchool', 'Healing sounds', schools(SOUND_SCHOOLS))}
            {choice('brocadeSchool', 'Eight brocades', schools(BROCADE_SCHOOLS))}
            {choice('jointOrder', 'Joints are loosened', schools(JOINT_ORDERS))}
            <label className="flex items-baseline gap-2 py-2">
              <input type="checkbox" className="accent-ink" {...register('mirrorSouth')} />
              South of the equator the seasons stand half a year apart
            </label>
          </div>
        </section>
        <section aria-labelledby="pace">
          <h2 id="pace">Pace and sides</h2>
          <div className="mt-2 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
            {text('breathsPerMin', 'Pace of a flowing form', 'breaths a minute, 3–9', true)}
            {text('outToIn', 'Exhale against inhale', 'times as long, 0.5–3', true)}
          </div>
          <div className="mt-3 border-t border-hairline">
            {choice('firstSide', 'First side', [
              { value: 'left', label: 'left', source: 'common-practice' },
              { value: 'right', label: 'right', source: 'common-practice' },
            ])}
            {choice('sideSeen', 'While leading', [
              { value: 'own', label: 'say the side of the person practising', source: 'common-practice' },
              {
                value: 'facing',
                label: 'also say how you mirror it, as they see you',
                source: 'common-practice',
              },
            ])}
          </div>
        </section>
        <section aria-labelledby="composer">
          <h2 id="composer">The composer</h2>
          <p className="quiet small mt-1">
            What it weighs against each other when it drafts; every “why this” is told in these terms.
          </p>
          <div className="mt-2 border-t border-ink">
            {STRENGTHS.map((row) => (
              <fieldset
                key={row.id}
                className="grid gap-x-6 border-b border-hairline py-2 sm:grid-cols-[12rem_1fr_13rem]"
              >
                <legend className="sr-only">{row.label}</legend>
                <span aria-hidden>{row.label}</span>
                <span>
                  <span className="flex flex-wrap gap-x-4">
                    {STRENGTH_CHOICES.map((level) => (
                      <label key={level} className="inline-flex items-baseline gap-1.5">
                        <input
                          type="radio"
                          value={level}
                          className="accent-ink"
                          {...register(`strengths.${row.id}`)}
                        />
                        {level}
                      </label>
                    ))}
                  </span>
                  <span className="quiet small block">{row.what}</span>
                </span>
                <span className="quiet small">{sourceTitle(row.source)}</span>
              </fieldset>
            ))}
          </div>
          <div className="mt-3 grid items-end gap-4 sm:grid-cols-2">
            {text('newFormsAtMost', 'New forms in one class', 'at most, 0–20', true)}
            {text('wordsPerMin', 'While speaking', 'words a minute, 80–240', true)}
          </div>
          <div className="mt-3 border-t border-hairline">
            {choice('exhaleRoute', 'The exhale goes', [
              {
                value: 'by-purpose',
                label: 'by purpose: the mouth to clear, the nose to nourish',
                source: 'common-practice',
              },
              { value: 'nose', label: 'by the nose always', source: 'common-practice' },
            ])}
          </div>
        </section>
        <section aria-labelledby="alone">
          <h2 id="alone">Practising alone</h2>
          <ConditionTicks
            legend="To be careful of, for yourself"
            note="Kept here for practices of your own. Your own clinician decides what is right for you."
            chosen={chosenValues.ownConditions ?? []}
            onChosen={(conditions) => setValue('ownConditions', conditions, { shouldDirty: true })}
          />
        </section>
        <p className="flex flex-wrap items-baseline gap-3">
          <button type="submit" className="press press-main" disabled={formState.isSubmitting}>
            Save the customs
          </button>
          <span className="quiet small" role="status">
            {kept.code === 'kept' && (keeper.has(JSON.parse(typed)) ? 'All is saved' : 'Saving …')}
            {kept.code === 'waiting' &&
              (Object.keys(errors).length > 0 ? 'Not saved: something above is not right yet' : 'Saving …')}
          </span>
        </p>
        {(kept.code === 'failed' || kept.code === 'changed-elsewhere') && (
          <p role="alert" className="must">
            {kept.message}{' '}
            {kept.code === 'changed-elsewhere' && (
              <>
                <button
                  type="button"
                  className="press"
                  onClick={() => {
                    keeper.seen(kept.version);
                    void save();
                  }}
                >
                  Keep these
                </button>{' '}
                <button
                  type="button"
                  className="press"
                  onClick={() => {
                    reset(customs);
                    window.location.reload();
                  }}
                >
                  Take the other window’s
                </button>
              </>
            )}
          </p>
        )}
      </fieldset>
    </form>
  );
}
