import { nextAt } from './ClassEnd';

describe('a time of day a class must end at', () => {
  const at = (hours: number, minutes: number): number => new Date(2026, 10, 30, hours, minutes).getTime();

  it('is the next moment the clock shows it: today, or past midnight', () => {
    expect(nextAt('19:30', at(18, 0))).toBe(at(19, 30));
    expect(nextAt('6:05', at(18, 0))).toBe(new Date(2026, 11, 1, 6, 5).getTime());
    expect(nextAt('18:00', at(18, 0))).toBe(new Date(2026, 11, 1, 18, 0).getTime());
  });

  it('is none while it is being typed', () => {
    expect(nextAt('', at(18, 0))).toBeUndefined();
    expect(nextAt('19:', at(18, 0))).toBeUndefined();
  });
});
