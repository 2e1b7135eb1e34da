'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Customs } from '@/core/customs';
import { regionOf } from '@/core/customs/region';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac/schools';
import { SOUND_SCHOOLS } from '@/core/sounds';
import { sourceTitle, type SourceId } from '@/core/sources';
import { sendCustoms } from '@/ui/customs/keeper';
import { TownField } from '@/ui/kit/TownField';
import { askTowns, placeText, type Town } from '@/ui/kit/towns';
import { useReady } from '@/ui/kit/useReady';

interface Row {
  readonly id: string;
  readonly label: string;
  readonly source: SourceId;
}

/** One contested point: what most do is chosen, the rest a press away. */
function School<Id extends string>({
  legend,
  rows,
  most,
  value,
  onChoose,
}: {
  legend: string;
  rows: readonly (Row & { readonly id: Id })[];
  most: Id;
  value: Id;
  onChoose: (id: Id) => void;
}) {
  return (
    <fieldset className="py-1.5">
      <legend className="font-medium">{legend}</legend>
      {rows.map(({ id, label, source }) => (
        <label key={id} className="flex items-baseline gap-2">
          <input
            type="radio"
            className="accent-ink"
            name={legend}
            checked={value === id}
            onChange={() => onChoose(id)}
          />
          <span>
            {label}
            {id === most && <span className="quiet"> · what most do</span>}
            {id === value && <span className="quiet small block">{sourceTitle(source)}</span>}
          </span>
        </label>
      ))}
    </fieldset>
  );
}

const MINUTES = [10, 15, 20, 30, 45] as const;
const POSTURES = [
  { id: 'standing', label: 'standing' },
  { id: 'seated', label: 'on a chair' },
] as const;

const ZONE_DEFAULT = 'Europe/London';

/** Where this browser says it is: the largest town of its time zone, until another is named. */
function usePlaceHere(onPlace: (town: Town) => void): void {
  useEffect(() => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || ZONE_DEFAULT;
    askTowns({ zone })
      .then(([town]) => {
        if (town) onPlace(town);
      })
      // Without an answer the place stays the one a new installation begins with.
      .catch(() => undefined);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asked once, as the page opens
  }, []);
}

/**
 * The first minute of a new installation: what this is, where one practises, three points on which schools differ, what
 * one has today. All of it has a good answer already; one press leads to today's practice.
 */
export function FirstMinute({ customs }: { customs: Customs }) {
  const router = useRouter();
  const ready = useReady();
  const [place, setPlace] = useState<Customs['place']>(customs.place);
  const [isNamed, setNamed] = useState(false);
  const [schools, setSchools] = useState({
    seasonSchool: customs.seasonSchool,
    earthSchool: customs.earthSchool,
    soundSchool: customs.soundSchool,
  });
  const [minutes, setMinutes] = useState<number>(15);
  const [posture, setPosture] = useState<'standing' | 'seated'>('standing');
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const settle = ({ name, latitudeDeg, longitudeDeg, zone }: Town): void =>
    setPlace({ name, latitudeDeg, longitudeDeg, zone });
  usePlaceHere((town) => {
    if (!isNamed) settle(town);
  });
  const begin = async (then: string): Promise<void> => {
    setBusy(true);
    const sent = await sendCustoms(
      { ...customs, ...schools, place, region: regionOf(navigator.language) },
      0,
    );
    setBusy(false);
    // Somebody else was quicker: their customs hold, and there is nothing more to ask here.
    if (sent.code === 'failed') return setProblem(sent.message);
    router.push(then);
    router.refresh();
  };
  return (
    <section aria-labelledby="first" className="mb-10 border-b border-ink pb-8" data-testid="first-minute">
      <h1 id="first">Navuren</h1>
      <p className="mt-1 max-w-[46rem] font-serif text-[1.44rem] leading-snug">
        Say how long you have and for whom: it chooses the forms, the breath and the sounds that suit the
        season and the day, writes the practice with you, checks it, and leads it.
      </p>
      <fieldset disabled={!ready || busy} className="mt-5 grid gap-x-12 gap-y-6 lg:grid-cols-3">
        <section aria-labelledby="first-where">
          <h2 id="first-where">Where are you?</h2>
          <p className="quiet small mb-2">
            For the sun, the seasons and the hours; it stays on this machine.
          </p>
          <TownField
            label="A town near you"
            start=""
            onTown={(town) => {
              setNamed(true);
              settle(town);
            }}
          />
          <p className="mt-1">
            <strong className="font-medium">{place.name}</strong>{' '}
            <span className="quiet figures">
              {placeText(place)}, {place.zone.replace('_', ' ')}
            </span>
            {!isNamed && <span className="quiet small block">by the clock of this browser</span>}
          </p>
        </section>
        <section aria-labelledby="first-school">
          <h2 id="first-school">What do you follow?</h2>
          <p className="quiet small">Schools differ; all of it can be changed in Customs.</p>
          <School
            legend="The seasons begin by"
            rows={SEASON_SCHOOLS}
            most="solar-term"
            value={schools.seasonSchool}
            onChoose={(seasonSchool) => setSchools({ ...schools, seasonSchool })}
          />
          <School
            legend="Earth has its time in"
            rows={EARTH_SCHOOLS}
            most="four-turns"
            value={schools.earthSchool}
            onChoose={(earthSchool) => setSchools({ ...schools, earthSchool })}
          />
          <School
            legend="The six sounds are"
            rows={SOUND_SCHOOLS}
            most="standard"
            value={schools.soundSchool}
            onChoose={(soundSchool) => setSchools({ ...schools, soundSchool })}
          />
        </section>
        <section aria-labelledby="first-today">
          <h2 id="first-today">What have you today?</h2>
          <fieldset className="py-1.5">
            <legend className="font-medium">Minutes</legend>
            <span className="flex flex-wrap gap-x-5">
              {MINUTES.map((count) => (
                <label key={count} className="figures inline-flex items-baseline gap-2">
                  <input
                    type="radio"
                    className="accent-ink"
                    name="first-minutes"
                    checked={minutes === count}
                    onChange={() => setMinutes(count)}
                  />
                  {count}
                </label>
              ))}
            </span>
          </fieldset>
          <fieldset className="py-1.5">
            <legend className="font-medium">You are</legend>
            <span className="flex flex-wrap gap-x-5">
              {POSTURES.map(({ id, label }) => (
                <label key={id} className="inline-flex items-baseline gap-2">
                  <input
                    type="radio"
                    className="accent-ink"
                    name="first-posture"
                    checked={posture === id}
                    onChange={() => setPosture(id)}
                  />
                  {label}
                </label>
              ))}
            </span>
          </fieldset>
          <p className="mt-3 flex flex-wrap items-center gap-2">
            <button
              type="button"
              className="press press-main"
              onClick={() => void begin(`/compose?minutes=${minutes}&posture=${posture}`)}
            >
              Today’s practice
            </button>
            <button type="button" className="press" onClick={() => void begin('/')}>
              Look round first
            </button>
          </p>
          {problem && (
            <p role="alert" className="must mt-2">
              {problem}
            </p>
          )}
          <p className="quiet small mt-3">
            Navuren tells, counts and reminds; it does not treat. Whoever is ill, pregnant or newly operated
            asks those who care for them first.
          </p>
        </section>
      </fieldset>
    </section>
  );
}
