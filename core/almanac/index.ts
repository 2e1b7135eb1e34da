export {
  MINUTE_MS,
  HOUR_MS,
  DAY_MS,
  wallTime,
  instantOf,
  isKnownZone,
  zoneOffsetMin,
  dayNumber,
  addDays,
  isoWeekday,
} from './zone';
export type { Place, CivilDate, WallTime } from './zone';
export {
  sunLongitudeDeg,
  nextSunLongitude,
  previousSunLongitude,
  equationOfTimeMin,
  trueSolarMs,
  wrapDeg,
} from './sun';
export { SOLAR_TERMS, termAt, nextTerms, termsOfYear } from './terms';
export type { SolarTerm, SolarTermId, TermInstant } from './terms';
export {
  SEASON_IDS,
  SEASON_PHASE,
  SEASON_SCHOOLS,
  EARTH_SCHOOLS,
  seasonAt,
  seasonBands,
  seasonsBySchool,
} from './seasons';
export type {
  SeasonId,
  SeasonSchoolId,
  EarthSchoolId,
  SeasonCustoms,
  SeasonNow,
  SeasonBand,
  CalendarSeason,
} from './seasons';
export { DOUBLE_HOURS, HOUR_SCHOOLS, hourReading, organHours, hourIndexOf } from './hours';
export type { HourSchool, HourReading, OrganHours } from './hours';
export { STEMS, BRANCHES, fourPillars } from './sexagenary';
export type { Sexagenary, FourPillars } from './sexagenary';
export { DAY_PARTS, readAlmanac, dayPartOf, civilDaysBetween, nextTurningPoint } from './reading';
export type { AlmanacReading, AlmanacCustoms, DayPart } from './reading';
export { nextOccurrence, occurrences } from './classes';
export type { ClassTime } from './classes';
