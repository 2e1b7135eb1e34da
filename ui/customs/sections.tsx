'use client';

import { keysOf } from '@/core/lists/lists';
import { useFormContext, useWatch } from 'react-hook-form';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac';
import { STRENGTH_LEVELS, STRENGTHS, type Customs } from '@/core/customs';
import { FIGURE_BUILDS, FIGURE_SEATS } from '@/core/customs/looks';
import { CLOCKS, DATE_ORDERS, LENGTH_UNITS } from '@/core/customs/region';
import { BROCADE_SCHOOLS, JOINT_ORDERS } from '@/core/forms/model/setSchools';
import { ANIMAL_SCHOOLS, PHASE_IDS, VIRTUE_SCHOOLS } from '@/core/phases';
import { SOUND_SCHOOLS } from '@/core/sounds';
import { sourceTitle } from '@/core/sources';
import { capital } from '@/core/text/text';
import { TownField } from '@/ui/kit/TownField';
import { useReady } from '@/ui/kit/useReady';
import { Choice, schools, Text } from './fields';

const STRENGTH_CHOICES = keysOf(STRENGTH_LEVELS);

/** The zones this browser knows, with the one that is set. */
function ZoneChoice() {
  const { setValue, control, formState } = useFormContext<Customs>();
  const zone = useWatch({ control, name: 'place.zone' });
  const ready = useReady();
  const zones = ready ? [...new Set([zone, ...Intl.supportedValuesOf('timeZone')])].sort() : [zone];
  const problem = formState.errors.place?.zone?.message;
  return (
    <div>
      <label htmlFor="place-zone">Time zone</label>
      <select
        id="place-zone"
        className="field"
        // Its own value, as a town may bring a zone this browser's list has under another name.
        value={zone}
        onChange={(event) =>
          setValue('place.zone', event.target.value, { shouldDirty: true, shouldValidate: true })
        }
      >
        {zones.map((one) => (
          <option key={one} value={one}>
            {one.replaceAll('_', ' ').replace('/', ', ')}
          </option>
        ))}
      </select>
      {problem && <p className="must small mt-1">{problem}</p>}
    </div>
  );
}

export function PlaceCustoms() {
  const { setValue } = useFormContext<Customs>();
  return (
    <section aria-labelledby="place">
      <h2 id="place">Place</h2>
      <div className="mt-2 max-w-[28rem]">
        <TownField
          label="Take it from a town"
          start=""
          onTown={({ name, latitudeDeg, longitudeDeg, zone }) =>
            setValue(
              'place',
              { name, latitudeDeg, longitudeDeg, zone },
              { shouldDirty: true, shouldValidate: true },
            )
          }
        />
      </div>
      <div className="mt-2 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <Text name="place.name" label="Name" />
        <Text name="place.latitudeDeg" label="Latitude" unit="° north" isNumber />
        <Text name="place.longitudeDeg" label="Longitude" unit="° east" isNumber />
        <ZoneChoice />
      </div>
      <p className="quiet small mt-1">South and west are negative.</p>
    </section>
  );
}

export function SchoolCustoms() {
  const { register, control } = useFormContext<Customs>();
  const virtueSchool = useWatch({ control, name: 'virtueSchool' });
  return (
    <section aria-labelledby="schools">
      <h2 id="schools">Schools</h2>
      <div className="mt-2 border-t border-ink">
        <Choice name="seasonSchool" legend="Seasons begin" options={schools(SEASON_SCHOOLS)} />
        <Choice name="earthSchool" legend="Earth rules" options={schools(EARTH_SCHOOLS)} />
        <Choice
          name="hours"
          legend="Organ hours by"
          options={[
            { value: 'solar', label: 'true solar time at the place', source: 'common-practice' },
            { value: 'clock', label: 'the clock', source: 'common-practice' },
          ]}
        />
        <Choice
          name="dayTurns"
          legend="The day of stems and branches turns"
          options={[
            { value: 'midnight', label: 'at midnight', source: 'common-practice' },
            { value: 'zi-hour', label: 'with the zǐ hour, at 23:00', source: 'common-practice' },
          ]}
        />
        <Choice name="animalSchool" legend="Animals" options={schools(ANIMAL_SCHOOLS)} />
        <Choice name="virtueSchool" legend="Virtues" options={schools(VIRTUE_SCHOOLS)} />
        {virtueSchool === 'own' && (
          <div className="grid gap-3 border-b border-hairline py-2 sm:grid-cols-5">
            {PHASE_IDS.map((phase) => (
              <div key={phase}>
                <Text name={`ownVirtues.${phase}`} label={capital(phase)} />
              </div>
            ))}
          </div>
        )}
        <Choice name="soundSchool" legend="Healing sounds" options={schools(SOUND_SCHOOLS)} />
        <Choice name="brocadeSchool" legend="Eight brocades" options={schools(BROCADE_SCHOOLS)} />
        <Choice name="jointOrder" legend="Joints are loosened" options={schools(JOINT_ORDERS)} />
        <label className="flex items-baseline gap-2 py-2">
          <input type="checkbox" className="accent-ink" {...register('mirrorSouth')} />
          South of the equator the seasons stand half a year apart
        </label>
      </div>
    </section>
  );
}

export function PaceCustoms() {
  return (
    <section aria-labelledby="pace">
      <h2 id="pace">Pace and sides</h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <Text name="breathsPerMin" label="Pace of a flowing form" unit="breaths a minute, 3–9" isNumber />
        <Text name="outToIn" label="Exhale against inhale" unit="times as long, 0.5–3" isNumber />
      </div>
      <div className="mt-3 border-t border-hairline">
        <Choice
          name="firstSide"
          legend="First side"
          options={[
            { value: 'left', label: 'left', source: 'common-practice' },
            { value: 'right', label: 'right', source: 'common-practice' },
          ]}
        />
        <Choice
          name="sideSeen"
          legend="While leading"
          options={[
            { value: 'own', label: 'say the side of the person practising', source: 'common-practice' },
            {
              value: 'facing',
              label: 'also say how you mirror it, as they see you',
              source: 'common-practice',
            },
          ]}
        />
      </div>
    </section>
  );
}

/** How the figure looks: people see themselves in it. */
export function FigureCustoms() {
  return (
    <section aria-labelledby="figure">
      <h2 id="figure">The figure</h2>
      <div className="mt-2 border-t border-hairline">
        <Choice
          name="figure.build"
          legend="Its build"
          options={FIGURE_BUILDS.map(({ id, label }) => ({ value: id, label }))}
        />
        <Choice
          name="figure.seat"
          legend="Seated, it sits on"
          options={FIGURE_SEATS.map(({ id, label }) => ({ value: id, label }))}
        />
      </div>
    </section>
  );
}

/** How dates, hours and lengths are written where one lives. */
export function RegionCustoms() {
  return (
    <section aria-labelledby="region">
      <h2 id="region">Dates, hours and lengths</h2>
      <div className="mt-2 border-t border-hairline">
        {(
          [
            ['region.dates', 'Dates', DATE_ORDERS],
            ['region.clock', 'Hours', CLOCKS],
            ['region.length', 'Lengths', LENGTH_UNITS],
          ] as const
        ).map(([name, legend, rows]) => (
          <Choice
            key={name}
            name={name}
            legend={legend}
            options={rows.map(({ id, label }) => ({ value: id, label }))}
          />
        ))}
      </div>
    </section>
  );
}

function Strength({ row }: { row: (typeof STRENGTHS)[number] }) {
  const { register } = useFormContext<Customs>();
  return (
    <fieldset className="grid gap-x-6 border-b border-hairline py-2 sm:grid-cols-[12rem_minmax(0,1fr)_13rem]">
      <legend className="sr-only">{row.label}</legend>
      <span aria-hidden>{row.label}</span>
      <span>
        <span className="flex flex-wrap gap-x-4">
          {STRENGTH_CHOICES.map((level) => (
            <label key={level} className="inline-flex items-baseline gap-1.5">
              <input type="radio" value={level} className="accent-ink" {...register(`strengths.${row.id}`)} />
              {level}
            </label>
          ))}
        </span>
        <span className="quiet small block">{row.what}</span>
      </span>
      <span className="quiet small">{sourceTitle(row.source)}</span>
    </fieldset>
  );
}

export function ComposerCustoms() {
  return (
    <section aria-labelledby="composer">
      <h2 id="composer">The composer</h2>
      <p className="quiet small mt-1">
        What it weighs against each other when it drafts; every “why this” is told in these terms.
      </p>
      <div className="mt-2 border-t border-ink">
        {STRENGTHS.map((row) => (
          <Strength key={row.id} row={row} />
        ))}
      </div>
      <div className="mt-3 grid items-end gap-4 sm:grid-cols-2">
        <Text name="newFormsAtMost" label="New forms in one class" unit="at most, 0–20" isNumber />
        <Text name="wordsPerMin" label="While speaking" unit="words a minute, 80–240" isNumber />
      </div>
      <div className="mt-3 border-t border-hairline">
        <Choice
          name="exhaleRoute"
          legend="The exhale goes"
          options={[
            {
              value: 'by-purpose',
              label: 'by purpose: the mouth to clear, the nose to nourish',
              source: 'common-practice',
            },
            { value: 'nose', label: 'by the nose always', source: 'common-practice' },
          ]}
        />
      </div>
    </section>
  );
}
