'use client';

import { z } from 'zod';
import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac';
import { customsSchema, STRENGTH_LEVELS, STRENGTHS, type Customs, type StrengthLevel } from '@/core/customs';
import { BROCADE_SCHOOLS, JOINT_ORDERS } from '@/core/forms/sets';
import { CONDITIONS } from '@/core/people';
import { ANIMAL_SCHOOLS, VIRTUE_SCHOOLS } from '@/core/phases';
import { SOUND_SCHOOLS } from '@/core/sounds';
import { sourceTitle, type SourceId } from '@/core/sources';
import { useReady } from '@/ui/kit/useReady';

interface Choice {
  readonly value: string;
  readonly label: string;
  readonly source?: SourceId;
}

const schools = (
  rows: readonly { readonly id: string; readonly label: string; readonly source: SourceId }[],
): readonly Choice[] => rows.map((row) => ({ value: row.id, label: row.label, source: row.source }));

const STRENGTH_CHOICES = Object.keys(STRENGTH_LEVELS) as readonly StrengthLevel[];

/** After the last change, so that typing a number is one save. */
const PAUSE_MS = 700;

type Kept =
  | { readonly code: 'kept' }
  | { readonly code: 'waiting' }
  | { readonly code: 'failed'; readonly message: string }
  | { readonly code: 'changed-elsewhere'; readonly message: string; readonly version: number };

const answerSchema = z.object({
  version: z.number().optional(),
  problem: z.object({ message: z.string(), version: z.number().optional() }).optional(),
});

/** Sends the customs on top of the version they were read at; tells how it ended, never throws. */
async function send(values: Customs, baseVersion: number): Promise<Kept & { readonly at?: number }> {
  try {
    const response = await fetch('/api/customs', {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ customs: values, baseVersion }),
      // Leaving the room must not lose the last change.
      keepalive: true,
    });
    const answer = answerSchema.parse(await response.json());
    if (response.ok && answer.version !== undefined) return { code: 'kept', at: answer.version };
    const message = answer.problem?.message ?? 'The server did not answer as expected; nothing was changed.';
    return response.status === 409
      ? { code: 'changed-elsewhere', message, version: answer.problem?.version ?? baseVersion }
      : { code: 'failed', message };
  } catch {
    return {
      code: 'failed',
      message: 'The server cannot be reached; nothing was changed, and what you typed is still here.',
    };
  }
}

/**
 * The customs: place, schools, pace, sides. Each contested point is a choice with its source. They save themselves a
 * moment after each change; what is not yet right says so and waits.
 */
export function CustomsForm({ customs, version }: { customs: Customs; version: number }) {
  const ready = useReady();
  const { register, handleSubmit, formState, control, getValues, setValue } = useForm<Customs>({
    defaultValues: customs,
    resolver: zodResolver(customsSchema),
    mode: 'onChange',
  });
  const chosenValues = useWatch({ control });
  const errors = formState.errors;
  const [kept, setKept] = useState<Kept>({ code: 'kept' });
  const base = useRef(version);
  /** What the server has, to tell whether anything waits. */
  const stored = useRef(JSON.stringify(customs));
  const turn = useRef<Promise<void>>(Promise.resolve());

  /** One save after another; a change made meanwhile is the next one’s. */
  const keep = useCallback((values: Customs): Promise<void> => {
    turn.current = turn.current.then(async () => {
      const text = JSON.stringify(values);
      if (text === stored.current) return setKept({ code: 'kept' });
      const ended = await send(values, base.current);
      if (ended.code === 'kept') {
        base.current = ended.at ?? base.current;
        stored.current = text;
      }
      setKept(ended);
    });
    return turn.current;
  }, []);
  const save = handleSubmit(
    (values) => keep(values),
    () => setKept({ code: 'waiting' }),
  );

  const waiting = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const typed = JSON.stringify(chosenValues);
  const refused = kept.code === 'changed-elsewhere';
  useEffect(() => {
    if (!ready || refused || typed === stored.current) return;
    setKept({ code: 'waiting' });
    waiting.current = setTimeout(() => void save(), PAUSE_MS);
    return () => clearTimeout(waiting.current);
    // `save` is made anew with every rendering and does the same each time.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [typed, ready, refused]);

  // When the server is back, saving goes on by itself.
  useEffect(() => {
    const again = (): void => void save();
    window.addEventListener('online', again);
    const timer = kept.code === 'failed' ? setInterval(again, 5000) : undefined;
    return () => {
      window.removeEventListener('online', again);
      clearInterval(timer);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
  }, [kept.code]);

  // Leaving with something unsaved: what is right goes off at once; what is not right asks first.
  useEffect(() => {
    const unsaved = (): Customs | undefined => {
      const values = getValues();
      return JSON.stringify(values) === stored.current ? undefined : values;
    };
    const leaving = (event: BeforeUnloadEvent): void => {
      if (unsaved()) event.preventDefault();
    };
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      const values = customsSchema.safeParse(unsaved());
      if (values.success) void send(values.data, base.current);
    };
  }, [getValues]);

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
            {choice('animalSchool', 'Animals', schools(ANIMAL_SCHOOLS))}
            {choice('virtueSchool', 'Virtues', schools(VIRTUE_SCHOOLS))}
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
          <fieldset className="mt-2">
            <legend className="caption">To be careful of, for yourself</legend>
            <div className="columns-1 gap-x-6 sm:columns-2 lg:columns-3">
              {CONDITIONS.map((row) => (
                <label key={row.id} className="flex items-baseline gap-2">
                  <input
                    type="checkbox"
                    className="accent-ink"
                    checked={(chosenValues.ownConditions ?? []).includes(row.id)}
                    onChange={(event) =>
                      setValue(
                        'ownConditions',
                        event.target.checked
                          ? [...(chosenValues.ownConditions ?? []), row.id]
                          : (chosenValues.ownConditions ?? []).filter((id) => id !== row.id),
                        { shouldDirty: true },
                      )
                    }
                  />
                  {row.label}
                </label>
              ))}
            </div>
            <p className="quiet small mt-1">
              Kept here for practices of your own. Your own clinician decides what is right for you.
            </p>
          </fieldset>
        </section>
        <p className="flex flex-wrap items-baseline gap-3">
          <button type="submit" className="press press-main" disabled={formState.isSubmitting}>
            Save the customs
          </button>
          <span className="quiet small" role="status">
            {kept.code === 'kept' && 'All is saved'}
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
                    base.current = kept.version;
                    void save();
                  }}
                >
                  Keep these
                </button>{' '}
                <button
                  type="button"
                  className="press"
                  onClick={() => {
                    stored.current = JSON.stringify(getValues());
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
