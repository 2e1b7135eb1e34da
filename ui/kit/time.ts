import { CLOCKS, DATE_ORDERS } from '@/core/customs/region';
import { regionNow } from '@/ui/words/region';

/** 75_000 → "1:15"; rounds to the second. */
export function clockText(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  return `${ms < 0 && seconds > 0 ? '−' : ''}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

const TIME = { hour: '2-digit', minute: '2-digit' } as const;

const dateFormats = {
  day: { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
  dayTime: { weekday: 'short', day: 'numeric', month: 'long', ...TIME },
  dateTime: { day: 'numeric', month: 'short', year: 'numeric', ...TIME },
  dateSecond: { day: 'numeric', month: 'short', ...TIME, second: '2-digit' },
  time: TIME,
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  dayMonth: { day: 'numeric', month: 'short' },
  month: { month: 'long', year: 'numeric' },
  shortMonth: { month: 'short' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

/** The same spaces from every engine: some put a narrow one before am and pm, and page and server must agree. */
const evenSpaces = (text: string): string => text.replace(/[\u202f\u00a0]/g, ' ');

/** A date with its year first, as ISO 8601 writes it, its weekday before and its time after it. */
function yearFirst(format: Intl.DateTimeFormat, at: Date): string {
  const parts = new Map(format.formatToParts(at).map(({ type, value }) => [type, value]));
  const two = new Intl.DateTimeFormat('en-GB', {
    month: '2-digit',
    day: '2-digit',
    timeZone: format.resolvedOptions().timeZone,
  }).formatToParts(at);
  const digits = (type: 'month' | 'day'): string => two.find((part) => part.type === type)?.value ?? '';
  const date = [parts.get('year'), parts.has('month') && digits('month'), parts.has('day') && digits('day')];
  const clock = [parts.get('hour'), parts.get('minute'), parts.get('second')].filter(Boolean).join(':');
  return [
    parts.get('weekday'),
    date.filter(Boolean).join('-'),
    clock && `${clock}${parts.has('dayPeriod') ? ` ${parts.get('dayPeriod') ?? ''}` : ''}`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** To make a format takes a hundred times as long as to write a date by it, and a list has hundreds: each is made once. */
const made = new Map<string, Intl.DateTimeFormat>();

function formatFor(
  zone: string,
  format: keyof typeof dateFormats,
  { dates, clock }: ReturnType<typeof regionNow>,
): Intl.DateTimeFormat {
  const key = [zone, format, dates, clock].join();
  const known = made.get(key);
  if (known) return known;
  const options: Intl.DateTimeFormatOptions = dateFormats[format];
  const written = new Intl.DateTimeFormat(DATE_ORDERS.find(({ id }) => id === dates)?.locale, {
    ...options,
    ...(options.hour && {
      // Half past six in the morning is 06:30 of twenty-four hours and 6:30 am of twelve.
      hour: clock === '12-hour' ? 'numeric' : '2-digit',
      hourCycle: CLOCKS.find(({ id }) => id === clock)?.cycle,
    }),
    timeZone: zone,
  });
  made.set(key, written);
  return written;
}

/** An instant in words of the place's zone, as dates and hours are written where one lives. */
export function dateText(atMs: number, zone: string, format: keyof typeof dateFormats): string {
  const region = regionNow();
  const { dates } = region;
  const written = formatFor(zone, format, region);
  const at = new Date(atMs);
  const isWords = format === 'month' || format === 'shortMonth' || format === 'time';
  return evenSpaces(dates === 'year-first' && !isWords ? yearFirst(written, at) : written.format(at));
}

/** Hours of a day as a clock reads them: 6.5 → "06:30", or "6:30 am". */
export const hourText = (hourOfDay: number): string =>
  dateText((Math.floor(hourOfDay * 60) % 1440) * 60_000, 'UTC', 'time');

export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
