import { entryAt } from '../lists/lists';
import type { PhaseId } from '../phases';
import {
  EARTH_SCHOOLS,
  SEASON_IDS,
  SEASON_SCHOOLS,
  type EarthSchoolId,
  type SeasonId,
  type SeasonSchoolId,
} from './schools';
import { nextSunLongitude, sunLongitudeDeg, wrapDeg } from './sun';
import { addDays, dayNumber, instantOf, wallTime, type CivilDate } from './zone';

export { EARTH_SCHOOLS, SEASON_IDS, SEASON_SCHOOLS };
export type { EarthSchoolId, SeasonId, SeasonSchoolId };

export interface SeasonCustoms {
  readonly seasonSchool: SeasonSchoolId;
  readonly earthSchool: EarthSchoolId;
  /** Take the season at longitude + 180° south of the equator. */
  readonly mirrorSouth: boolean;
}

/** The phase that rules each season. Source: Sù Wèn 9 (from memory). */
export const SEASON_PHASE = {
  spring: 'wood',
  summer: 'fire',
  autumn: 'metal',
  winter: 'water',
} as const satisfies Record<SeasonId, PhaseId>;

/** A stretch of the year, as a season and the phase that rules it. */
export interface SeasonStretch {
  readonly season: SeasonId;
  readonly phase: PhaseId;
  /** True in an earth turn or in late summer, when the phase is earth and not the season's own. */
  readonly earth: boolean;
}

export interface SeasonNow extends SeasonStretch {
  /** When the season (not the earth stretch) changes next. */
  readonly seasonEndsAtMs: number;
  readonly nextSeason: SeasonId;
  /** When the ruling phase changes next: the earth turn counts. */
  readonly phaseEndsAtMs: number;
  readonly nextPhase: PhaseId;
}

/** A mark on a 360° year at which something changes; degrees are solar longitudes, dates are civil. */
interface YearMark {
  readonly season: SeasonId;
  readonly earth: boolean;
}

interface LongitudeMark extends YearMark {
  readonly longitudeDeg: number;
}

interface DateMark extends YearMark {
  readonly month: number;
  readonly day: number;
}

const SOLAR_MARKS: readonly LongitudeMark[] = [
  { longitudeDeg: 315, season: 'spring', earth: false },
  { longitudeDeg: 45, season: 'summer', earth: false },
  { longitudeDeg: 135, season: 'autumn', earth: false },
  { longitudeDeg: 225, season: 'winter', earth: false },
];

const EQUINOX_MARKS: readonly LongitudeMark[] = [
  { longitudeDeg: 0, season: 'spring', earth: false },
  { longitudeDeg: 90, season: 'summer', earth: false },
  { longitudeDeg: 180, season: 'autumn', earth: false },
  { longitudeDeg: 270, season: 'winter', earth: false },
];

const CALENDAR_MARKS: readonly DateMark[] = [
  { month: 3, day: 1, season: 'spring', earth: false },
  { month: 6, day: 1, season: 'summer', earth: false },
  { month: 9, day: 1, season: 'autumn', earth: false },
  { month: 12, day: 1, season: 'winter', earth: false },
];

/**
 * Width of an earth turn. The definition gives 18° before each solar-term beginning (297–315° and so on);
 * the other season schools take the same width before their own beginnings (common practice).
 */
const TURN_DEG = 18;
/** With the calendar school the turn is counted in days. */
const TURN_DAYS = 18;

/** The turn before a season belongs to the season before it. */
const seasonBefore = (marks: readonly YearMark[], index: number): SeasonId =>
  entryAt(marks, (index + 3) % 4).season;

/** A mark so many months later: south of the equator the seasons stand half a year apart. */
const shifted = <Mark extends DateMark>(mark: Mark, months: number): Mark => ({
  ...mark,
  month: ((mark.month - 1 + months) % 12) + 1,
});

/** When earth rules, as a school has it: laid over the beginnings of the seasons. */
interface EarthSchool {
  /** Where seasons go by the Sun's longitude; late summer begins at `lateSummerDeg` in that school. */
  readonly onLongitudes: (
    seasons: readonly LongitudeMark[],
    lateSummerDeg: number,
  ) => readonly LongitudeMark[];
  /** Where seasons go by dates; `seasons` stand where they do in `year`, shifted by `shiftMonths`. */
  readonly onDates: (seasons: readonly DateMark[], year: number, shiftMonths: number) => readonly DateMark[];
}

/** To add a school: a row of `schools.ts`, and its two functions here. */
const EARTH = {
  'four-turns': {
    onLongitudes: (seasons) => [
      ...seasons,
      ...seasons.map((mark, index) => ({
        longitudeDeg: wrapDeg(mark.longitudeDeg - TURN_DEG),
        season: seasonBefore(seasons, index),
        earth: true,
      })),
    ],
    // Counted back from its own season, since months are not all as long.
    onDates: (seasons, year) => [
      ...seasons,
      ...seasons.map((mark, index) => {
        const { month, day } = addDays({ year, month: mark.month, day: mark.day }, -TURN_DAYS);
        return { month, day, season: seasonBefore(seasons, index), earth: true };
      }),
    ],
  },
  'late-summer': {
    onLongitudes: (seasons, lateSummerDeg) => [
      ...seasons,
      { longitudeDeg: lateSummerDeg, season: 'summer', earth: true },
    ],
    // By the calendar from 15 August to 15 September: it takes two weeks of autumn with it.
    onDates: (seasons, _year, shiftMonths) => [
      ...seasons.filter((mark) => mark.season !== 'autumn'),
      shifted({ month: 8, day: 15, season: 'summer', earth: true }, shiftMonths),
      shifted({ month: 9, day: 16, season: 'autumn', earth: false }, shiftMonths),
    ],
  },
} as const satisfies Record<EarthSchoolId, EarthSchool>;

/** A moment somewhere, and how far the seasons stand apart there. */
interface Moment {
  readonly atMs: number;
  readonly zone: string;
  readonly isSouthern: boolean;
}

/** The season at a moment, as a school has it. To add one: a row of `schools.ts`, and its function here. */
const SEASONS = {
  'solar-term': (moment, earth) => byLongitude(moment, earth.onLongitudes(SOLAR_MARKS, 105)),
  equinox: (moment, earth) => byLongitude(moment, earth.onLongitudes(EQUINOX_MARKS, 150)),
  calendar: (moment, earth) => byCalendar(moment, earth),
} as const satisfies Record<SeasonSchoolId, (moment: Moment, earth: EarthSchool) => SeasonNow>;

const stretch = (mark: YearMark): SeasonStretch => ({
  season: mark.season,
  earth: mark.earth,
  phase: mark.earth ? 'earth' : SEASON_PHASE[mark.season],
});

/** Walks the marks from the one in force: the next change of season and the next change of phase. */
function withChanges<Mark extends YearMark>(
  marks: readonly Mark[],
  current: number,
  instantOfMark: (mark: Mark, afterMs: number) => number,
  atMs: number,
): SeasonNow {
  const now = stretch(entryAt(marks, current));
  let seasonChange: { atMs: number; season: SeasonId } | undefined;
  let phaseChange: { atMs: number; phase: PhaseId } | undefined;
  for (let ahead = 1; ahead <= marks.length; ahead += 1) {
    const mark = entryAt(marks, (current + ahead) % marks.length);
    const then = stretch(mark);
    phaseChange ??=
      then.phase !== now.phase ? { atMs: instantOfMark(mark, atMs), phase: then.phase } : undefined;
    seasonChange ??=
      then.season !== now.season ? { atMs: instantOfMark(mark, atMs), season: then.season } : undefined;
    if (seasonChange && phaseChange) break;
  }
  if (!seasonChange || !phaseChange) throw new RangeError('a year must hold at least two seasons');
  return {
    ...now,
    seasonEndsAtMs: seasonChange.atMs,
    nextSeason: seasonChange.season,
    phaseEndsAtMs: phaseChange.atMs,
    nextPhase: phaseChange.phase,
  };
}

function lastMarkBefore<Mark>(
  marks: readonly Mark[],
  valueOf: (mark: Mark) => number,
  value: number,
): number {
  let found = marks.length - 1;
  marks.forEach((mark, index) => {
    if (valueOf(mark) <= value) found = index;
  });
  return found;
}

/** Half the tolerance of the search for a longitude, so that a season has begun at its own instant. */
const EDGE_DEG = 0.0002;

function byLongitude({ atMs, isSouthern }: Moment, unsorted: readonly LongitudeMark[]): SeasonNow {
  const shiftDeg = isSouthern ? 180 : 0;
  const marks = unsorted.toSorted((a, b) => a.longitudeDeg - b.longitudeDeg);
  const longitude = wrapDeg(sunLongitudeDeg(atMs) + shiftDeg + EDGE_DEG);
  const current = lastMarkBefore(marks, (mark) => mark.longitudeDeg, longitude);
  return withChanges(
    marks,
    current,
    (mark, afterMs) => nextSunLongitude(mark.longitudeDeg - shiftDeg, afterMs),
    atMs,
  );
}

function byCalendar({ atMs, zone, isSouthern }: Moment, earth: EarthSchool): SeasonNow {
  const shiftMonths = isSouthern ? 6 : 0;
  const today = wallTime(atMs, zone);
  const seasons = CALENDAR_MARKS.map((mark) => shifted(mark, shiftMonths));
  const marksOf = (year: number): readonly DateMark[] =>
    earth
      .onDates(seasons, year, shiftMonths)
      .toSorted((a, b) => a.month * 100 + a.day - (b.month * 100 + b.day));
  const marks = marksOf(today.year);
  const current = lastMarkBefore(marks, (mark) => mark.month * 100 + mark.day, today.month * 100 + today.day);
  const instantOfMark = (mark: DateMark): number => {
    const index = marks.indexOf(mark);
    const dateIn = (year: number): CivilDate => {
      const { month, day } = entryAt(marksOf(year), index);
      return { year, month, day };
    };
    const thisYear = dateIn(today.year);
    const passed = dayNumber(thisYear) <= dayNumber(today);
    return instantOf(passed ? dateIn(today.year + 1) : thisYear, zone);
  };
  return withChanges(marks, current, instantOfMark, atMs);
}

/**
 * The season and ruling phase at an instant, by the chosen schools, and when each changes next.
 * Calendar seasons change at local midnight in `zone`; the others at the Sun's longitude.
 */
export function seasonAt(
  atMs: number,
  place: { readonly latitudeDeg: number; readonly zone: string },
  customs: SeasonCustoms,
): SeasonNow {
  const isSouthern = customs.mirrorSouth && place.latitudeDeg < 0;
  return SEASONS[customs.seasonSchool]({ atMs, zone: place.zone, isSouthern }, EARTH[customs.earthSchool]);
}

/** What season a calendar of some school has, and whether it is the user's own. */
export interface CalendarSeason {
  readonly label: string;
  readonly own: boolean;
  readonly season: SeasonId | 'earth-turn';
}

/** A label without its explanation. */
const short = (label: string): string => label.split(/: | \(/)[0] ?? label;

/**
 * The season at an instant by every calendar: the user's own first, then those that take Earth as they do,
 * then the others, which say how they take it.
 */
export function seasonsBySchool(
  atMs: number,
  place: { readonly latitudeDeg: number; readonly zone: string },
  customs: SeasonCustoms,
): readonly CalendarSeason[] {
  const calendars = EARTH_SCHOOLS.flatMap((earth) =>
    SEASON_SCHOOLS.map((school) => {
      const now = seasonAt(atMs, place, { ...customs, seasonSchool: school.id, earthSchool: earth.id });
      const sameEarth = earth.id === customs.earthSchool;
      return {
        label: sameEarth ? short(school.label) : `${short(school.label)} with Earth in ${short(earth.label)}`,
        own: sameEarth && school.id === customs.seasonSchool,
        season: now.earth ? ('earth-turn' as const) : now.season,
        rank: sameEarth ? 1 : 2,
      };
    }),
  );
  return calendars
    .toSorted((a, b) => Number(b.own) - Number(a.own) || a.rank - b.rank)
    .map(({ label, own, season }) => ({ label, own, season }));
}

/** One band of the year ring: from and to in ms since 1970 UTC. */
export interface SeasonBand extends SeasonStretch {
  readonly fromMs: number;
  readonly toMs: number;
}

/** The bands of seasons and earth stretches that cover `fromMs`…`toMs`, in order, without gaps. */
export function seasonBands(
  fromMs: number,
  toMs: number,
  place: { readonly latitudeDeg: number; readonly zone: string },
  customs: SeasonCustoms,
): readonly SeasonBand[] {
  const bands: SeasonBand[] = [];
  let cursorMs = fromMs;
  while (cursorMs < toMs) {
    const now = seasonAt(cursorMs, place, customs);
    const endMs = Math.min(toMs, now.seasonEndsAtMs, now.phaseEndsAtMs);
    bands.push({ season: now.season, phase: now.phase, earth: now.earth, fromMs: cursorMs, toMs: endMs });
    // Step a second past the edge, since a found instant is only good to about a second.
    cursorMs = endMs + (endMs < toMs ? 1000 : 0);
  }
  return bands;
}
