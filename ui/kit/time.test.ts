import { USUAL_REGION } from '@/core/customs/region';
import { writeAsIn } from '@/ui/words/region';
import { clockText, dateText, hourText, plural } from './time';

describe('times in words', () => {
  afterEach(() => writeAsIn(USUAL_REGION));

  it.each([
    [0, '0:00'],
    [499, '0:00'],
    [59_600, '1:00'],
    [75_000, '1:15'],
    [3_600_000, '60:00'],
    [-12_000, '−0:12'],
    [-200, '0:00'],
  ] as const)('show %i ms as %s', (ms, text) => {
    expect(clockText(ms)).toBe(text);
  });

  it('show hours of the day as a clock does', () => {
    expect([0, 6.5, 23.999, 12 + 1 / 60].map(hourText)).toEqual(['00:00', '06:30', '23:59', '12:01']);
  });

  it('show an instant in the zone of the place, not of the machine', () => {
    const atMs = Date.UTC(2026, 6, 1, 23, 30);
    expect(dateText(atMs, 'Europe/London', 'time')).toBe('00:30');
    expect(dateText(atMs, 'Pacific/Auckland', 'day')).toContain('2 July 2026');
    expect(dateText(atMs, 'America/New_York', 'day')).toContain('Wednesday');
  });

  // What CLDR gives for these countries, written out by hand; the last is ISO 8601.
  it.each([
    [{ dates: 'day-first', clock: '24-hour' }, '29 Nov 2026, 19:05', 'Sun 29 November at 19:05', '19:05'],
    [
      { dates: 'month-first', clock: '12-hour' },
      'Nov 29, 2026, 7:05 PM',
      'Sun, November 29 at 7:05 PM',
      '7:05 PM',
    ],
    [
      { dates: 'day-first', clock: '12-hour' },
      '29 Nov 2026, 7:05 pm',
      'Sun 29 November at 7:05 pm',
      '7:05 pm',
    ],
    [{ dates: 'year-first', clock: '24-hour' }, '2026-11-29 19:05', 'Sun 11-29 19:05', '19:05'],
  ] as const)('are written as %o', (region, dateTime, dayTime, time) => {
    writeAsIn({ ...region, length: 'cm' });
    const atMs = Date.UTC(2026, 10, 29, 19, 5);
    expect(dateText(atMs, 'Europe/London', 'dateTime')).toBe(dateTime);
    expect(dateText(atMs, 'Europe/London', 'dayTime')).toBe(dayTime);
    expect(dateText(atMs, 'Europe/London', 'time')).toBe(time);
  });

  it('show midnight as the beginning of a day, by either clock', () => {
    writeAsIn({ dates: 'month-first', clock: '24-hour', length: 'cm' });
    expect(hourText(0)).toBe('00:00');
    writeAsIn({ dates: 'month-first', clock: '12-hour', length: 'cm' });
    expect([hourText(0), hourText(12), hourText(6.5)]).toEqual(['12:00 AM', '12:00 PM', '6:30 AM']);
  });

  it('count in the singular and the plural', () => {
    expect([plural(1, 'day'), plural(0, 'day'), plural(2, 'half', 'halves')]).toEqual([
      '1 day',
      '0 days',
      '2 halves',
    ]);
  });
});
