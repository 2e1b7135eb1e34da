import {
  Body,
  EquatorFromVector,
  GeoVector,
  MakeTime,
  RotateVector,
  Rotation_EQJ_EQD,
  SearchSunLongitude,
  SiderealTime,
  SunPosition,
} from 'astronomy-engine';
import { DAY_MS, MINUTE_MS } from './zone';

/** Angle brought into 0 ≤ x < 360. */
export const wrapDeg = (deg: number): number => ((deg % 360) + 360) % 360;

/** Shortest signed way from `fromDeg` to `toDeg`, −180 ≤ x < 180. */
export const turnDeg = (fromDeg: number, toDeg: number): number => wrapDeg(toDeg - fromDeg + 180) - 180;

/**
 * The Sun's apparent geocentric ecliptic longitude of date in degrees, 0 ≤ x < 360.
 * Accuracy better than 0.001° for 1900–2100 (test: "agrees with Meeus, example 25.b").
 */
export function sunLongitudeDeg(atMs: number): number {
  return wrapDeg(SunPosition(new Date(atMs)).elon);
}

/** The most by which a term’s instant may differ from another careful reckoning, seconds. */
export const TERM_WITHIN_SEC = 65;

/**
 * The next instant at or after `fromMs` when the Sun's apparent longitude is `longitudeDeg`.
 * Milliseconds since 1970 UTC, good to about a minute: no term of 1900–2100 lies further than `TERM_WITHIN_SEC` from a
 * calendar package of another theory (test: "no term lies further"; Meeus table 27.E and NAOJ almanacs within 60 s).
 * Whoever prints a minute of it prints it as about that minute.
 */
export function nextSunLongitude(longitudeDeg: number, fromMs: number): number {
  const target = wrapDeg(longitudeDeg);
  const aheadDeg = wrapDeg(target - sunLongitudeDeg(fromMs));
  // The Sun moves 0.95–1.02° a day: start shortly before the estimate so that the search is a narrow one.
  const estimateMs = fromMs + (aheadDeg / 360) * 365.2422 * DAY_MS;
  const startMs = Math.max(fromMs, estimateMs - 6 * DAY_MS);
  const found = SearchSunLongitude(target, new Date(startMs), 14);
  if (!found) throw new RangeError(`no instant found for solar longitude ${longitudeDeg}° after ${fromMs}`);
  return found.date.getTime();
}

/** The last instant at or before `fromMs` when the Sun's apparent longitude was `longitudeDeg`. */
export function previousSunLongitude(longitudeDeg: number, fromMs: number): number {
  const behindDeg = wrapDeg(sunLongitudeDeg(fromMs) - longitudeDeg);
  const estimateMs = fromMs - (behindDeg / 360) * 365.2422 * DAY_MS;
  const found = nextSunLongitude(longitudeDeg, estimateMs - 6 * DAY_MS);
  return found <= fromMs ? found : nextSunLongitude(longitudeDeg, found - 371 * DAY_MS);
}

/**
 * Equation of time in minutes: how far the true Sun runs ahead of the mean Sun (positive in November,
 * negative in February). Within a second for 1900–2100 (test: "agrees with Meeus, example 28.a").
 */
export function equationOfTimeMin(atMs: number): number {
  const time = MakeTime(new Date(atMs));
  const ofDate = RotateVector(Rotation_EQJ_EQD(time), GeoVector(Body.Sun, time, true));
  const rightAscensionH = EquatorFromVector(ofDate).ra;
  const apparentH = SiderealTime(time) - rightAscensionH + 12;
  const meanH = (((atMs % DAY_MS) + DAY_MS) % DAY_MS) / (60 * MINUTE_MS);
  const differenceH = ((((apparentH - meanH + 12) % 24) + 24) % 24) - 12;
  return differenceH * 60;
}

/**
 * True solar time at a longitude, as an instant whose UTC reading is the sundial's reading
 * (milliseconds). Clock − zone offset + longitude/15 + equation of time.
 */
export function trueSolarMs(atMs: number, longitudeDeg: number): number {
  return atMs + (longitudeDeg / 15) * 60 * MINUTE_MS + equationOfTimeMin(atMs) * MINUTE_MS;
}
