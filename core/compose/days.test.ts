import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import type { Item } from '../practice';
import { compose, seedOfDay } from '.';
import { ANCHORS } from './again';
import { HEART } from './criteria';

describe('the seed of a day', () => {
  it('stays from midnight to midnight, and is the next number on the next day', () => {
    const noon = seedOfDay(new Date(2026, 10, 29, 12, 0));
    expect(seedOfDay(new Date(2026, 10, 29, 0, 0))).toBe(noon);
    expect(seedOfDay(new Date(2026, 10, 29, 23, 59))).toBe(noon);
    expect(seedOfDay(new Date(2026, 10, 30, 0, 0))).toBe(noon + 1);
    // A night of changed clocks is one night.
    expect(seedOfDay(new Date(2026, 9, 26)) - seedOfDay(new Date(2026, 9, 24))).toBe(2);
    // The first seed of all is without any whim.
    expect(seedOfDay(new Date(1970, 0, 1))).toBeGreaterThan(1);
  });
});

describe('another day without a log (a third to a half of the heart is new, the anchors stay: common practice)', () => {
  const DAYS = 5;
  const BRIEFS: readonly Partial<Brief>[] = [
    { theme: { kind: 'organ', organ: 'kidney' }, minutes: 12 },
    { theme: { kind: 'organ', organ: 'liver' }, minutes: 30 },
    { theme: { kind: 'phase', phase: 'fire' }, minutes: 25 },
    { theme: { kind: 'aim', aim: 'back' }, minutes: 15, intent: 'nourish' },
  ];
  const first = seedOfDay(new Date(2026, 10, 23));
  const weeks = BRIEFS.map((brief) =>
    Array.from({ length: DAYS }, (_, day) => {
      const result = compose({
        brief: { ...PLAIN_BRIEF, ...brief },
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: first + day,
        enough: 0.05,
      });
      if (!result.ok) throw new Error('expected a practice');
      return result.practice.items.filter(({ hinge }) => !hinge);
    }),
  );
  /** The mean share of forms of a kind that were not there the day before. */
  const newIn = (isCounted: (item: Item) => boolean): number => {
    const shares = weeks.flatMap((days) =>
      days.slice(1).map((items, index) => {
        const before = new Set(days[index]?.map(({ formId }) => formId));
        const counted = items.filter(isCounted);
        return counted.filter(({ formId }) => !before.has(formId)).length / counted.length;
      }),
    );
    return shares.reduce((sum, share) => sum + share, 0) / shares.length;
  };

  it('changes a third to a half of the heart', () => {
    expect(newIn(({ role }) => HEART.has(role))).toBeGreaterThan(0.28);
    expect(newIn(({ role }) => HEART.has(role))).toBeLessThan(0.52);
  });

  it('keeps how one arrives, gathers and closes', () => {
    expect(newIn(({ role }) => ANCHORS.has(role))).toBeLessThan(0.15);
  });

  it('changes a quarter to two fifths in all: three in five to three in four return (common practice)', () => {
    expect(newIn(() => true)).toBeGreaterThan(0.15);
    expect(newIn(() => true)).toBeLessThan(0.4);
  });
});
