import { type OrganId } from '../phases';
import { equationOfTimeMin, trueSolarMs } from './sun';
import { DAY_MS, HOUR_MS, MINUTE_MS, zoneOffsetMin, type Place } from './zone';

/** The twelve double hours from zǐ (23–1), with the branch that names each. */
// prettier-ignore
export const DOUBLE_HOURS = [
  { branch: 'zǐ', hanzi: '子', fromHour: 23, organ: 'gallbladder' },
  { branch: 'chǒu', hanzi: '丑', fromHour: 1, organ: 'liver' },
  { branch: 'yín', hanzi: '寅', fromHour: 3, organ: 'lung' },
  { branch: 'mǎo', hanzi: '卯', fromHour: 5, organ: 'large-intestine' },
  { branch: 'chén', hanzi: '辰', fromHour: 7, organ: 'stomach' },
  { branch: 'sì', hanzi: '巳', fromHour: 9, organ: 'spleen' },
  { branch: 'wǔ', hanzi: '午', fromHour: 11, organ: 'heart' },
  { branch: 'wèi', hanzi: '未', fromHour: 13, organ: 'small-intestine' },
  { branch: 'shēn', hanzi: '申', fromHour: 15, organ: 'bladder' },
  { branch: 'yǒu', hanzi: '酉', fromHour: 17, organ: 'kidney' },
  { branch: 'xū', hanzi: '戌', fromHour: 19, organ: 'pericardium' },
  { branch: 'hài', hanzi: '亥', fromHour: 21, organ: 'triple-burner' },
] as const satisfies readonly { branch: string; hanzi: string; fromHour: number; organ: OrganId }[];

export const HOUR_SCHOOLS = ['solar', 'clock'] as const;
export type HourSchool = (typeof HOUR_SCHOOLS)[number];

export interface HourReading {
  /** Hours since midnight, 0 ≤ x < 24. */
  readonly hourOfDay: number;
  readonly organ: OrganId;
  /** Index into DOUBLE_HOURS, 0 = zǐ. */
  readonly index: number;
  /** Minutes until the next double hour begins by the same reckoning. */
  readonly minutesLeft: number;
}

/** The double hour at a time of day, `hourOfDay` in 0 ≤ x < 24. Source: common practice. */
export function hourReading(hourOfDay: number): HourReading {
  const sinceZi = (hourOfDay + 1) % 24;
  const index = Math.floor(sinceZi / 2);
  const row = DOUBLE_HOURS[index];
  if (!row) throw new RangeError(`hour of day must be 0 ≤ x < 24, got ${hourOfDay}`);
  return { hourOfDay, organ: row.organ, index, minutesLeft: (2 - (sinceZi % 2)) * 60 };
}

const hourOfDay = (localMs: number): number => (((localMs % DAY_MS) + DAY_MS) % DAY_MS) / HOUR_MS;

export interface OrganHours {
  readonly solar: HourReading;
  readonly clock: HourReading;
  /** True solar time minus clock time in minutes, −720 < x ≤ 720. */
  readonly solarMinusClockMin: number;
  readonly equationOfTimeMin: number;
}

/** The organ hour by true solar time and by the clock at a place. */
export function organHours(atMs: number, place: Place): OrganHours {
  const clockMs = atMs + zoneOffsetMin(atMs, place.zone) * MINUTE_MS;
  const solarMs = trueSolarMs(atMs, place.longitudeDeg);
  const differenceMin = (solarMs - clockMs) / MINUTE_MS;
  // Across the date line the two differ by a day as well; the organ clock only knows the time of day.
  const wrapped = ((((differenceMin + 720) % 1440) + 1440) % 1440) - 720;
  return {
    solar: hourReading(hourOfDay(solarMs)),
    clock: hourReading(hourOfDay(clockMs)),
    solarMinusClockMin: wrapped,
    equationOfTimeMin: equationOfTimeMin(atMs),
  };
}

/** Where an organ stands on the ring of hours: 0 = gallbladder (23–1). */
export function hourIndexOf(organId: OrganId): number {
  return DOUBLE_HOURS.findIndex((row) => row.organ === organId);
}
