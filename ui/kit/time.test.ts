import { clockText, dateText, hourText, plural } from './time';

describe('times in words', () => {
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

  it('count in the singular and the plural', () => {
    expect([plural(1, 'day'), plural(0, 'day'), plural(2, 'half', 'halves')]).toEqual([
      '1 day',
      '0 days',
      '2 halves',
    ]);
  });
});
