import {
  DAY_MS,
  HOUR_MS,
  instantOf,
  occurrences,
  readAlmanac,
  seasonBands,
  sunLongitudeDeg,
  wallTime,
} from '@/core/almanac';
import { OF_TERMS, preloadFaces } from '@/app/preloadFaces';
import { suggestThemes, type BriefWishes, type Suggestion } from '@/core/brief';
import { writeBriefQuery } from '@/core/formats';
import { readStoredCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { calendarOf, listGroups } from '@/server/groups';
import { nextClass } from '@/server/nextClass';
import { AlmanacRoom, type AlmanacView } from '@/ui/almanac/AlmanacRoom';
import { KeepsTime } from '@/ui/almanac/KeepsTime';
import { NextClass } from '@/ui/almanac/NextClass';
import { MomentPicker } from '@/ui/almanac/MomentPicker';
import { weeksFrom } from '@/ui/almanac/weeks';
import { FirstMinute } from '@/ui/first/FirstMinute';
import { chosenHere } from '@/ui/kit/chosenHere';
import { FallenBack } from '@/ui/customs/FallenBack';
import { now } from '@/ui/kit/now';
import { dateText } from '@/ui/kit/time';

export const metadata = { title: 'Almanac' };

const MOMENT = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/;

type Asked = { readonly atMs: number; readonly isNow: boolean; readonly problem: string | undefined };

/** The moment an address asks for, by the wall clock of the place. */
function askedMoment(at: string | undefined, zone: string): Asked {
  const now = Date.now();
  if (at === undefined) return { atMs: now, isNow: true, problem: undefined };
  const parts = MOMENT.exec(at)?.slice(1).map(Number);
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0] = parts ?? [];
  const date = new Date(Date.UTC(year, month - 1, day));
  const exists =
    date.getUTCFullYear() === year &&
    date.getUTCMonth() === month - 1 &&
    date.getUTCDate() === day &&
    hour < 24 &&
    minute < 60;
  if (!parts || !exists)
    return {
      atMs: now,
      isNow: true,
      problem: `“${at.slice(0, 40)}” is not a date and time; this is now. Write it like 2026-11-25T06:20.`,
    };
  if (year < 1900 || year > 2100)
    return { atMs: now, isNow: true, problem: 'The almanac knows the years 1900 to 2100; this is now.' };
  return { atMs: instantOf({ year, month, day, hour, minute }, zone), isNow: false, problem: undefined };
}

/** Opens Compose with the suggestion's words chosen. */
function composeLink(
  { theme, intent, dayPart, minutes, posture, groupId }: Suggestion,
  season: BriefWishes['season'] | undefined,
): string {
  const group = groupId === undefined ? {} : { groupId };
  // Looked at ahead, the season is that of the day looked at; today it is left to the day it is opened.
  const ahead = season === undefined ? {} : { season };
  return `/compose?${writeBriefQuery({ theme, intent, dayPart, minutes, posture, ...group, ...ahead })}`;
}

function wallText(atMs: number, zone: string): string {
  const wall = wallTime(atMs, zone);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${wall.year}-${two(wall.month)}-${two(wall.day)}T${two(wall.hour)}:${two(wall.minute)}`;
}

export default async function AlmanacPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  preloadFaces(OF_TERMS);
  const open = await mine();
  const { customs, version, fallenBack } = await readStoredCustoms(open);
  chosenHere(customs);
  const [groups, query] = [await listGroups(open), await searchParams];
  const next = await nextClass(open, customs.place.zone, now());
  const { place } = customs;
  const asked = askedMoment(typeof query.at === 'string' ? query.at : undefined, place.zone);
  const reading = readAlmanac(asked.atMs, place, customs);
  // The summer solstice of this hemisphere stands at the top of the ring.
  const turnDeg = customs.mirrorSouth && place.latitudeDeg < 0 ? 90 : -90;
  const angleAt = (atMs: number) => sunLongitudeDeg(atMs) + turnDeg;
  // A whole year that begins where a band begins, so that none is cut in two.
  const yearFromMs =
    seasonBands(asked.atMs - 200 * DAY_MS, asked.atMs, place, customs)[0]?.toMs ?? asked.atMs;
  const bands = seasonBands(yearFromMs + 1000, yearFromMs + 365.2422 * DAY_MS, place, customs).map(
    (band) => ({
      phase: band.phase,
      earth: band.earth,
      season: band.season,
      fromDeg: angleAt(band.fromMs),
      toDeg: angleAt(band.toMs),
    }),
  );
  const classesUntil = (days: number) =>
    groups
      .flatMap((group) =>
        group.times.flatMap((time) =>
          occurrences(time, asked.atMs, asked.atMs + days * DAY_MS, place.zone).map((atMs) => ({
            name: group.name,
            minutes: group.minutes,
            atMs,
          })),
        ),
      )
      .toSorted((a, b) => a.atMs - b.atMs);
  const view: AlmanacView = {
    reading,
    customs,
    year: {
      bands,
      todayDeg: angleAt(asked.atMs),
      turnDeg,
      classes: classesUntil(42).map((coming) => ({
        angleDeg: angleAt(coming.atMs),
        label: `${coming.name}, ${dateText(coming.atMs, place.zone, 'dayTime')}`,
      })),
    },
    suggestions: suggestThemes(reading, calendarOf(groups), place.zone).map((suggestion) => ({
      suggestion,
      href: composeLink(
        suggestion,
        asked.isNow ? undefined : reading.season.earth ? 'earth-turn' : reading.season.season,
      ),
      groupName: groups.find((group) => group.id === suggestion.groupId)?.name,
    })),
    weeks: weeksFrom(asked.atMs, customs, classesUntil(42)),
    comingClasses: classesUntil(8).slice(0, 7),
  };
  // Nothing has been settled here yet.
  const isNew = version === 0;
  const day = (
    <>
      {dateText(asked.atMs, place.zone, 'day')}
      <span className="quiet">, {place.name}</span>
    </>
  );
  const link = (shiftMs: number) => `/?at=${wallText(asked.atMs + shiftMs, place.zone)}`;
  return (
    <>
      {isNew && <FirstMinute customs={customs} />}
      <div className="mb-5 space-y-2">
        {isNew ? <h2>{day}</h2> : <h1>{day}</h1>}
        <MomentPicker
          value={wallText(asked.atMs, place.zone)}
          isNow={asked.isNow}
          zone={place.zone}
          links={{
            dayBefore: link(-DAY_MS),
            dayAfter: link(DAY_MS),
            hourBefore: link(-2 * HOUR_MS),
            hourAfter: link(2 * HOUR_MS),
          }}
        />
      </div>
      {asked.isNow && next && (
        <NextClass
          next={next}
          zone={place.zone}
          composeHref={`/compose?${writeBriefQuery({ groupId: next.groupId })}`}
        />
      )}
      {asked.problem && (
        <p role="alert" className="must mb-4">
          {asked.problem}
        </p>
      )}
      {asked.isNow && asked.problem === undefined && <KeepsTime />}
      {fallenBack.length > 0 && <FallenBack fields={fallenBack} elsewhere />}
      <AlmanacRoom view={view} />
    </>
  );
}
