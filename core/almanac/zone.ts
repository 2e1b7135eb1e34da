import { tzOffset } from '@date-fns/tz';

export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;

/** A place as the almanac needs it. Latitude −90…90°, longitude −180…180° east, zone an IANA name. */
export interface Place {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly zone: string;
}

/** A date of the civil calendar; month 1–12, day 1–31. */
export interface CivilDate {
  readonly year: number;
  readonly month: number;
  readonly day: number;
}

/** A wall-clock reading; hour 0–23, minute 0–59, second 0–59 (whole seconds, rounded down). */
export interface WallTime extends CivilDate {
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
}

/** Minutes the zone's clocks are ahead of UTC at this instant, daylight saving included. */
export function zoneOffsetMin(atMs: number, zone: string): number {
  const offset = tzOffset(zone, new Date(atMs));
  if (Number.isNaN(offset)) throw new RangeError(`unknown time zone: expected an IANA name, got "${zone}"`);
  return offset;
}

/** UTC, or a place of the zone database: area and city. Offsets and abbreviations are no places (BST is two). */
const ZONE_NAME = /^(?:UTC|[A-Za-z_]+(?:\/[A-Za-z0-9_+-]+){1,2})$/;

/** Whether `zone` names a time zone the platform (Intl) knows, by its name in the zone database. */
export function isKnownZone(zone: string): boolean {
  if (!ZONE_NAME.test(zone)) return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return !Number.isNaN(tzOffset(zone, new Date(0)));
  } catch {
    return false;
  }
}

/** What the wall clock shows in `zone` at `atMs` (milliseconds since 1970 UTC). */
export function wallTime(atMs: number, zone: string): WallTime {
  const shifted = new Date(atMs + zoneOffsetMin(atMs, zone) * MINUTE_MS);
  return {
    year: shifted.getUTCFullYear(),
    month: shifted.getUTCMonth() + 1,
    day: shifted.getUTCDate(),
    hour: shifted.getUTCHours(),
    minute: shifted.getUTCMinutes(),
    second: shifted.getUTCSeconds(),
  };
}

/**
 * The instant at which the wall clock in `zone` shows the given reading.
 * A reading skipped by a clock going forward is taken with the offset before the change (so 01:30 becomes
 * 02:30); one shown twice is taken the first time.
 */
export function instantOf(
  wall: CivilDate & { readonly hour?: number; readonly minute?: number; readonly second?: number },
  zone: string,
): number {
  const asUtc = Date.UTC(
    wall.year,
    wall.month - 1,
    wall.day,
    wall.hour ?? 0,
    wall.minute ?? 0,
    wall.second ?? 0,
  );
  const before = zoneOffsetMin(asUtc - DAY_MS, zone);
  const after = zoneOffsetMin(asUtc + DAY_MS, zone);
  // Try the earlier offset first: of two readings the first; of none, the clock as it stood before.
  for (const offset of [before, after]) {
    const candidate = asUtc - offset * MINUTE_MS;
    if (zoneOffsetMin(candidate, zone) === offset) return candidate;
  }
  return asUtc - before * MINUTE_MS;
}

/** Days since 1970-01-01 of a civil date; whole and continuous, for differences of dates. */
export function dayNumber(date: CivilDate): number {
  return Math.round(Date.UTC(date.year, date.month - 1, date.day) / DAY_MS);
}

/** The civil date `days` after another. */
export function addDays(date: CivilDate, days: number): CivilDate {
  const moved = new Date(Date.UTC(date.year, date.month - 1, date.day + days));
  return { year: moved.getUTCFullYear(), month: moved.getUTCMonth() + 1, day: moved.getUTCDate() };
}

/** Day of the week, Monday = 1 … Sunday = 7 (ISO 8601). */
export function isoWeekday(date: CivilDate): number {
  return ((((dayNumber(date) + 3) % 7) + 7) % 7) + 1;
}
