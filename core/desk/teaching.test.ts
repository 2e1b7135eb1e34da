import fc from 'fast-check';
import { shareOf, startTeaching, teaching, type Teaching, type TeachingPress } from './teaching';

const PARTS = 4;
const after = (...presses: readonly TeachingPress[]): Teaching =>
  presses.reduce(
    (state, press, index) => teaching(state, press, PARTS, 1000 * (index + 1)),
    startTeaching(0),
  );

describe('a form taught part by part', () => {
  it('begins with the first part, whole, as quickly as it is led', () => {
    expect(startTeaching(5)).toEqual({ part: 0, slow: 1, limbs: 'whole', sinceMs: 5 });
  });

  it('goes on and back, and no further than its parts', () => {
    expect(after('on', 'on').part).toBe(2);
    expect(after('on', 'on', 'on', 'on', 'on').part).toBe(3);
    expect(after('on', 'back', 'back').part).toBe(0);
  });

  it('is gone through again from the beginning of the part, whatever is pressed', () => {
    for (const press of ['again', 'on', 'slower', 'feet', 'whole'] as const)
      expect(after(press).sinceMs).toBe(1000);
    // At the last part there is nothing to go on to: it is left as it stands.
    expect(after('on', 'on', 'on', 'on').sinceMs).toBe(3000);
  });

  it('is half a time slower, then twice, then three times, and back', () => {
    expect([after('slower').slow, after('slower', 'slower').slow]).toEqual([1.5, 2]);
    expect(after('slower', 'slower', 'slower', 'slower').slow).toBe(3);
    expect(after('slower', 'quicker', 'quicker').slow).toBe(1);
  });

  it('is only the feet, only the hands, or the whole again', () => {
    expect(after('feet').limbs).toBe('feet');
    expect(after('feet', 'hands').limbs).toBe('hands');
    expect(after('hands', 'hands').limbs).toBe('whole');
    expect(after('hands', 'whole').limbs).toBe('whole');
  });

  it('is done once and then stands', () => {
    const state = after('slower');
    expect(shareOf(state, 4000, 1000)).toBe(0);
    expect(shareOf(state, 4000, 4000)).toBeCloseTo(0.5, 6);
    expect(shareOf(state, 4000, 9000)).toBe(1);
    expect(shareOf(state, 0, 1000)).toBe(1);
  });

  it('never leaves its parts', () => {
    const press = fc.constantFrom<TeachingPress>(
      'again',
      'on',
      'back',
      'slower',
      'quicker',
      'feet',
      'hands',
      'whole',
    );
    fc.assert(
      fc.property(fc.array(press, { maxLength: 60 }), (presses) => {
        const { part, slow } = after(...presses);
        expect(part).toBeGreaterThanOrEqual(0);
        expect(part).toBeLessThan(PARTS);
        expect([1, 1.5, 2, 3]).toContain(slow);
      }),
    );
  });
});
