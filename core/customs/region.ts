/** How dates, hours and lengths are written where one lives. What is computed and kept is the same for all. */
export const DATE_ORDERS = [
  { id: 'day-first', label: 'day first: 29 November 2026', locale: 'en-GB' },
  { id: 'month-first', label: 'month first: November 29, 2026', locale: 'en-US' },
  { id: 'year-first', label: 'year first: 2026-11-29', locale: 'en-GB' },
] as const;
export type DateOrderId = (typeof DATE_ORDERS)[number]['id'];

export const CLOCKS = [
  { id: '24-hour', label: '24 hours: 18:30', cycle: 'h23' },
  { id: '12-hour', label: '12 hours: 6:30 pm', cycle: 'h12' },
] as const;
export type ClockId = (typeof CLOCKS)[number]['id'];

/** Lengths with how many centimetres each is; an inch is 2.54 cm exactly (international yard and pound, 1959). */
export const LENGTH_UNITS = [
  { id: 'cm', label: 'centimetres', sign: 'cm', cm: 1 },
  { id: 'inch', label: 'inches', sign: 'in', cm: 2.54 },
] as const;
export type LengthUnitId = (typeof LENGTH_UNITS)[number]['id'];

export interface Region {
  readonly dates: DateOrderId;
  readonly clock: ClockId;
  readonly length: LengthUnitId;
}

export const USUAL_REGION: Region = { dates: 'day-first', clock: '24-hour', length: 'cm' };

/** Where inches are in daily use for a body's measures, and where dates begin with the month or the year (common practice). */
const INCHES: ReadonlySet<string> = new Set(['US', 'LR', 'MM']);
const MONTH_FIRST: ReadonlySet<string> = new Set(['US', 'PH', 'PR', 'GU']);
const YEAR_FIRST: ReadonlySet<string> = new Set(['CN', 'TW', 'JP', 'KR', 'HU', 'LT', 'SE', 'CA', 'HK']);

/**
 * What a browser's language (a BCP 47 tag, for example en-US) lets one expect; the usual where it tells nothing. Which
 * clock is used comes from Intl, the rest from the tag's region.
 */
export function regionOf(tag: string): Region {
  let region: string | undefined;
  let isTwelve: boolean | undefined;
  try {
    region = new Intl.Locale(tag).region;
    isTwelve =
      region === undefined
        ? undefined
        : new Intl.DateTimeFormat(tag, { hour: 'numeric' }).resolvedOptions().hour12;
  } catch {
    return USUAL_REGION;
  }
  if (region === undefined) return USUAL_REGION;
  return {
    dates: MONTH_FIRST.has(region) ? 'month-first' : YEAR_FIRST.has(region) ? 'year-first' : 'day-first',
    clock: isTwelve === true ? '12-hour' : '24-hour',
    length: INCHES.has(region) ? 'inch' : 'cm',
  };
}
