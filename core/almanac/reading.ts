import { organHours, type HourReading, type HourSchool, type OrganHours } from './hours';
import { fourPillars, type DayTurns, type FourPillars } from './sexagenary';
import { seasonAt, type SeasonCustoms, type SeasonNow } from './seasons';
import { nextSunLongitude, previousSunLongitude, sunLongitudeDeg, wrapDeg } from './sun';
import { nextTerms, termAt, type TermInstant } from './terms';
import { dayNumber, wallTime, type Place } from './zone';

export interface AlmanacCustoms extends SeasonCustoms {
  readonly hours: HourSchool;
  readonly dayTurns: DayTurns;
}

/** Everything the almanac says of one instant at one place. */
export interface AlmanacReading {
  readonly atMs: number;
  readonly sunLongitudeDeg: number;
  readonly season: SeasonNow;
  /** Civil days from today to the day the season changes, in the place's zone. */
  readonly daysToSeasonChange: number;
  /** Civil days from today to the day the ruling phase changes. */
  readonly daysToPhaseChange: number;
  readonly term: TermInstant;
  readonly nextTerm: TermInstant;
  readonly hours: OrganHours;
  /** The double hour by the reckoning the customs choose. */
  readonly hour: HourReading;
  /** Yang grows from the winter to the summer solstice of this hemisphere. */
  readonly yearHalf: 'yang' | 'yin';
  /** Yang of the day grows from midnight to noon by the chosen reckoning. */
  readonly dayHalf: 'yang' | 'yin';
  readonly dayPart: DayPart;
  readonly pillars: FourPillars;
}

export const DAY_PARTS = ['morning', 'midday', 'afternoon', 'evening'] as const;
export type DayPart = (typeof DAY_PARTS)[number];

/** Plain parts of the day by the hour, of the sundial or the clock: from 4, 11, 14 and 18. Source: common practice. */
export function dayPartOf(hourOfDay: number): DayPart {
  if (hourOfDay < 4 || hourOfDay >= 18) return 'evening';
  if (hourOfDay < 11) return 'morning';
  return hourOfDay < 14 ? 'midday' : 'afternoon';
}

/** Civil days between two instants as a wall calendar counts them. */
export function civilDaysBetween(fromMs: number, toMs: number, zone: string): number {
  return dayNumber(wallTime(toMs, zone)) - dayNumber(wallTime(fromMs, zone));
}

/** Reads the almanac for an instant (ms since 1970 UTC; 1900–2100) at a place, by the given customs. */
export function readAlmanac(atMs: number, place: Place, customs: AlmanacCustoms): AlmanacReading {
  const southern = customs.mirrorSouth && place.latitudeDeg < 0;
  const longitude = sunLongitudeDeg(atMs);
  const season = seasonAt(atMs, place, customs);
  const hours = organHours(atMs, place);
  const hour = hours[customs.hours];
  const { term } = termAt(atMs);
  const [nextTerm] = nextTerms(atMs, 1);
  if (!nextTerm) throw new RangeError('a year always holds a next solar term');
  return {
    atMs,
    sunLongitudeDeg: longitude,
    season,
    daysToSeasonChange: civilDaysBetween(atMs, season.seasonEndsAtMs, place.zone),
    daysToPhaseChange: civilDaysBetween(atMs, season.phaseEndsAtMs, place.zone),
    term: { term, atMs: previousSunLongitude(term.longitudeDeg, atMs) },
    nextTerm,
    hours,
    hour,
    yearHalf: wrapDeg(longitude + (southern ? 180 : 0) - 270) < 180 ? 'yang' : 'yin',
    dayHalf: hour.hourOfDay < 12 ? 'yang' : 'yin',
    // Who counts the hours by the sundial has the parts of the day by it too.
    dayPart: dayPartOf(hour.hourOfDay),
    pillars: fourPillars(atMs, place, customs.hours, customs.dayTurns),
  };
}

/** The solstice or equinox after an instant: which longitude (0, 90, 180, 270) and when. */
export function nextTurningPoint(atMs: number): { readonly longitudeDeg: number; readonly atMs: number } {
  const longitudeDeg = (Math.floor(sunLongitudeDeg(atMs) / 90 + 1) * 90) % 360;
  return { longitudeDeg, atMs: nextSunLongitude(longitudeDeg, atMs) };
}
