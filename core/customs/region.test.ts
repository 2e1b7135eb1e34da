import { LENGTH_UNITS, regionOf, USUAL_REGION } from './region';

describe('how dates, hours and lengths are written', () => {
  // Common practice: what is written in these countries.
  it.each([
    ['en-US', { dates: 'month-first', clock: '12-hour', length: 'inch' }],
    ['en-GB', { dates: 'day-first', clock: '24-hour', length: 'cm' }],
    ['de-DE', { dates: 'day-first', clock: '24-hour', length: 'cm' }],
    ['en-AU', { dates: 'day-first', clock: '12-hour', length: 'cm' }],
    ['sv-SE', { dates: 'year-first', clock: '24-hour', length: 'cm' }],
    ['zh-Hant-TW', { dates: 'year-first', clock: '12-hour', length: 'cm' }],
  ] as const)('%s', (tag, expected) => {
    expect(regionOf(tag)).toEqual(expected);
  });

  it('is the usual where a browser tells nothing of where it is, or nonsense', () => {
    for (const tag of ['en', '', 'not a tag', '123']) expect(regionOf(tag)).toEqual(USUAL_REGION);
  });

  it('an inch is the international inch', () => {
    expect(LENGTH_UNITS.find(({ id }) => id === 'inch')?.cm).toBe(2.54);
  });
});
