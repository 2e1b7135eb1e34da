import fc from 'fast-check';
import { BREATH_MANNERS, PACE_KINDS, breathSec, paceKind, splitBreath } from '.';
import { sourceIds, sourceKind } from '../sources';
import { evenly } from '../evenly.test.data';

describe('the pace table (common practice)', () => {
  it('has one row a kind, each with a usual breath inside its range and a source', () => {
    expect(new Set(PACE_KINDS.map((row) => row.id)).size).toBe(PACE_KINDS.length);
    for (const row of PACE_KINDS) {
      expect(row.leastSec).toBeLessThanOrEqual(row.usualSec);
      expect(row.mostSec).toBeGreaterThanOrEqual(row.usualSec);
      expect(sourceIds).toContain(row.source);
      expect(sourceKind(row.source)).toBe('common-practice');
    }
  });

  it.each([
    ['gathering', 12],
    ['turning', 10],
    ['wave', 12],
    ['neck', 20],
    ['one-leg', 16],
    ['animal', 18],
    ['leg-tracing', 16],
    ['arm-tracing', 12],
    ['inner', 16],
    ['heel', 8],
  ] as const)('has a %s breath of %f s beside 12 s of a flowing one', (kind, usualSec) => {
    expect(paceKind(kind).usualSec).toBe(usualSec);
    expect(breathSec(kind, { breathsPerMin: 5, outToIn: 1 })).toBeCloseTo(usualSec, 9);
  });

  it('keeps the ordinary teaching pace of 4–6 breaths a minute within the range of flowing forms', () => {
    for (const breathsPerMin of [4, 5, 6]) {
      const seconds = breathSec('flowing', { breathsPerMin, outToIn: 1.2 });
      expect(seconds).toBeGreaterThanOrEqual(paceKind('flowing').leastSec);
      expect(seconds).toBeLessThanOrEqual(paceKind('flowing').mostSec);
    }
  });

  it('halves every breath when the pace doubles', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PACE_KINDS.map((row) => row.id)), evenly(3, 4.5), (kind, pace) => {
        const slow = breathSec(kind, { breathsPerMin: pace, outToIn: 1 });
        const quick = breathSec(kind, { breathsPerMin: pace * 2, outToIn: 1 });
        expect(slow / quick).toBeCloseTo(2, 9);
      }),
      { seed: 1 },
    );
  });
});

describe('the split of a breath', () => {
  it('adds up to the whole and keeps the ratio', () => {
    fc.assert(
      fc.property(evenly(1, 60), evenly(0.5, 3), (whole, ratio) => {
        const { inSec, outSec } = splitBreath(whole, ratio);
        expect(inSec + outSec).toBeCloseTo(whole, 9);
        expect(outSec / inSec).toBeCloseTo(ratio, 9);
      }),
      { seed: 2 },
    );
  });

  it('knows each manner once', () => {
    expect(new Set(BREATH_MANNERS.map((row) => row.id)).size).toBe(BREATH_MANNERS.length);
  });
});
