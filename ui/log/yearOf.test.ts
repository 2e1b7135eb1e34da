import { reedsOf, rowsOfMonths } from './reeds';
import { yearBefore, yearOf } from './yearOf';

const at = (text: string): number => Date.parse(text);
const given = (id: string, started: string, lengthMs = 1_800_000) => ({
  id,
  practiceName: 'Eight pieces at home',
  startedAtMs: at(started),
  lengthMs,
  theme: undefined,
});

describe('the line of a year', () => {
  it('runs from the first of the month eleven months ago to the end of this one, by the clock of the place', () => {
    const { fromMs, toMs } = yearBefore(at('2026-11-29T15:00:00Z'), 'Europe/London');
    expect(new Date(fromMs).toISOString()).toBe('2025-12-01T00:00:00.000Z');
    expect(new Date(toMs).toISOString()).toBe('2026-12-01T00:00:00.000Z');
    // New Year's Eve in London is the new year in Auckland already.
    const south = yearBefore(at('2026-12-31T20:00:00Z'), 'Pacific/Auckland');
    expect(new Date(south.toMs).toISOString()).toBe('2027-01-31T11:00:00.000Z');
  });

  it('puts each class where its day is, and counts them by month', () => {
    const { classes, months } = yearOf(
      [
        given('a', '2025-12-01T00:00:00Z'),
        given('b', '2026-06-02T06:20:00Z'),
        given('c', '2026-11-30T23:59:00Z'),
      ],
      at('2026-11-29T15:00:00Z'),
      'Europe/London',
    );
    expect(classes[0]?.at).toBeCloseTo(0, 6);
    expect(classes[1]?.at).toBeCloseTo(0.5, 1);
    expect(classes[2]?.at).toBeCloseTo(1, 3);
    expect(months.map(({ classes: count }) => count)).toEqual([1, 0, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1]);
    expect(months[0]).toMatchObject({ month: '2025-12', name: 'Dec', from: 0 });
    expect(months.at(-1)?.to).toBeCloseTo(1, 9);
    expect(classes[0]?.says).toContain('30 min');
    expect(classes[0]?.minutes).toBe(30);
  });

  it('keeps the names of two months far enough apart to be pressed, in whichever month it is looked at', () => {
    for (const width of [288, 296, 358, 560, 1200])
      for (let month = 1; month <= 12; month += 1) {
        const now = at(`2026-${String(month).padStart(2, '0')}-15T12:00:00Z`);
        const { months } = yearOf([], now, 'Europe/London');
        const rows = rowsOfMonths(months, width);
        for (const [index, { from }] of months.entries()) {
          const next = months.findIndex((_, later) => later > index && rows[later] === rows[index]);
          if (next < 0) continue;
          expect({ width, month, index, isFar: ((months[next]?.from ?? 1) - from) * width >= 24 }).toEqual({
            width,
            month,
            index,
            isFar: true,
          });
        }
        // Only where there is no room for one row are there two.
        if (width > 320) expect(Math.max(...rows)).toBe(0);
      }
  });

  it('keeps every class by its day, however many there are and however narrow the line', () => {
    for (const [perDay, width] of [
      [1, 356],
      [3, 356],
      [2, 1212],
    ] as const) {
      const many = Array.from({ length: 360 * perDay }, (_, index) => ({
        id: String(index),
        at: Math.floor(index / perDay) / 365,
        minutes: 12,
        ink: 'var(--water)',
        says: '',
      }));
      const standing = reedsOf(many, width);
      for (const [index, { at: day, x }] of standing.entries()) {
        expect(x - day * width).toBeLessThanOrEqual(3.4 + 1e-9);
        expect(x).toBeGreaterThanOrEqual(standing[index - 1]?.x ?? 0);
        expect(x).toBeLessThanOrEqual(width - 2);
      }
    }
    const [morning, evening] = reedsOf(
      [0, 1].map((index) => ({ id: String(index), at: 0.5, minutes: 12, ink: '', says: '' })),
      1212,
    );
    expect((evening?.x ?? 0) - (morning?.x ?? 0)).toBeGreaterThan(1.5);
  });
});
