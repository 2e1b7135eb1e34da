import fc from 'fast-check';
import { ORGANS } from '../phases';
import { dayPartOf } from './reading';
import { DOUBLE_HOURS, hourIndexOf, hourReading, organHours } from './hours';
import { equationOfTimeMin } from './sun';
import { evenly } from '../evenly.test.data';

describe('the organ clock (common practice)', () => {
  it.each([
    [0, 'gallbladder'],
    [1, 'liver'],
    [2, 'liver'],
    [3, 'lung'],
    [4, 'lung'],
    [5, 'large-intestine'],
    [6, 'large-intestine'],
    [7, 'stomach'],
    [8, 'stomach'],
    [9, 'spleen'],
    [10, 'spleen'],
    [11, 'heart'],
    [12, 'heart'],
    [13, 'small-intestine'],
    [14, 'small-intestine'],
    [15, 'bladder'],
    [16, 'bladder'],
    [17, 'kidney'],
    [18, 'kidney'],
    [19, 'pericardium'],
    [20, 'pericardium'],
    [21, 'triple-burner'],
    [22, 'triple-burner'],
    [23, 'gallbladder'],
  ] as const)('gives the hour from %i to the %s', (hour, organ) => {
    expect(hourReading(hour).organ).toBe(organ);
    expect(hourReading(hour + 0.999).organ).toBe(organ);
  });

  it('goes round in the order in which the channels flow', () => {
    const fromLung = [...DOUBLE_HOURS.slice(2), ...DOUBLE_HOURS.slice(0, 2)].map((row) => row.organ);
    expect(fromLung).toEqual(ORGANS.map((row) => row.id));
    for (const row of ORGANS) expect(DOUBLE_HOURS[hourIndexOf(row.id)]?.organ).toBe(row.id);
  });

  it('counts down to the next double hour, never past two hours', () => {
    fc.assert(
      fc.property(evenly(0, 23.999), (hour) => {
        const reading = hourReading(hour);
        expect(reading.minutesLeft).toBeGreaterThan(0);
        expect(reading.minutesLeft).toBeLessThanOrEqual(120);
        const after = hourReading((hour + reading.minutesLeft / 60 + 0.001) % 24);
        expect(after.index).toBe((reading.index + 1) % 12);
      }),
      { seed: 3 },
    );
  });

  it('puts the sundial’s noon where the Sun is highest: in Greenwich, noon less the equation of time', () => {
    const place = { name: 'Greenwich', latitudeDeg: 51.48, longitudeDeg: 0, zone: 'UTC' };
    for (const month of [1, 4, 7, 10]) {
      const noonMs = Date.UTC(2026, month, 10, 12);
      const solarNoonMs = noonMs - equationOfTimeMin(noonMs) * 60_000;
      expect(organHours(solarNoonMs, place).solar.hourOfDay).toBeCloseTo(12, 2);
    }
  });

  it('names the parts of the day by the clock', () => {
    expect([0, 3.9, 4, 10.9, 11, 13.9, 14, 17.9, 18, 23].map(dayPartOf)).toEqual([
      'evening',
      'evening',
      'morning',
      'morning',
      'midday',
      'midday',
      'afternoon',
      'afternoon',
      'evening',
      'evening',
    ]);
  });
});
