export { HOUR_MS, DAY_MS, wallTime, instantOf, isKnownZone } from './zone';
export { sunLongitudeDeg } from './sun';
export { SOLAR_TERMS } from './terms';
export {
  SEASON_IDS,
  SEASON_PHASE,
  SEASON_SCHOOLS,
  EARTH_SCHOOLS,
  seasonBands,
  seasonsBySchool,
} from './seasons';
export type { SeasonId, SeasonSchoolId, EarthSchoolId, SeasonBand, CalendarSeason } from './seasons';
export { DOUBLE_HOURS, HOUR_SCHOOLS, organHours, hourIndexOf } from './hours';
export { DAY_PARTS, readAlmanac, dayPartOf, nextTurningPoint } from './reading';
export type { AlmanacReading, DayPart } from './reading';
export { nextOccurrence, occurrences } from './classes';
export type { ClassTime } from './classes';
