import { keptCopies } from './keepRule';
import { PART_IDS, withNeeded } from './parts';

const daysUpTo = (last: string, count: number): readonly string[] =>
  Array.from({ length: count }, (_, back) =>
    new Date(Date.parse(`${last}T00:00:00Z`) - back * 86_400_000).toISOString().slice(0, 10),
  );

describe('the copies that are kept', () => {
  it('are the last seven days, then one of each week, then one of each month (worked by hand)', () => {
    // Monday 30 November 2026: weeks end on Sundays, months on their last days.
    const kept = [...keptCopies(daysUpTo('2026-11-30', 400), '2026-11-30')].toSorted().reverse();
    expect(kept.slice(0, 7)).toEqual([
      '2026-11-30',
      '2026-11-29',
      '2026-11-28',
      '2026-11-27',
      '2026-11-26',
      '2026-11-25',
      '2026-11-24',
    ]);
    // The weeks of 30, 23, 16, 9 and 2 November: their last days; 30 and 29 are there already.
    expect(kept.slice(7, 10)).toEqual(['2026-11-22', '2026-11-15', '2026-11-08']);
    expect(kept.slice(10)).toEqual([
      '2026-10-31',
      '2026-09-30',
      '2026-08-31',
      '2026-07-31',
      '2026-06-30',
      '2026-05-31',
      '2026-04-30',
      '2026-03-31',
      '2026-02-28',
      '2026-01-31',
      '2025-12-31',
    ]);
  });

  it('always hold the latest, however old it is', () => {
    expect([...keptCopies(['2024-01-02'], '2026-11-30')]).toEqual(['2024-01-02']);
    expect([...keptCopies([], '2026-11-30')]).toEqual([]);
  });
});

describe('parts of everything', () => {
  it('bring what they need', () => {
    expect(withNeeded(['came'])).toEqual(['groups', 'practices', 'log', 'people', 'came']);
    expect(withNeeded(['customs'])).toEqual(['customs']);
    expect(withNeeded(PART_IDS)).toEqual(PART_IDS);
  });
});
