import fc from 'fast-check';
import {
  BREATH_MANNERS,
  LONGEST_EXHALE_SEC,
  NEAR_PACE,
  PACE_KINDS,
  breathOf,
  breathSec,
  paceKind,
  splitBreath,
} from '.';
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

  // Common practice at five breaths a minute: one pace for all that flows, slow forms taking more breaths, not longer
  // ones (a look-back 20 s in two, an animal 20–45 s in two to four); inner breathing and sounds a little slower.
  it.each([
    ['gathering', 12],
    ['flowing', 12],
    ['turning', 10],
    ['wave', 12],
    ['neck', 10],
    ['one-leg', 10],
    ['animal', 12],
    ['leg-tracing', 12],
    ['arm-tracing', 12],
    ['inner', 14],
    ['sound', 14],
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

  it('halves every breath when the pace doubles, where no exhale is too long', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PACE_KINDS.map((row) => row.id)), evenly(4.5, 6), (kind, pace) => {
        const slow = breathSec(kind, { breathsPerMin: pace, outToIn: 1 });
        const quick = breathSec(kind, { breathsPerMin: pace * 2, outToIn: 1 });
        expect(slow / quick).toBeCloseTo(2, 9);
      }),
      { seed: 1 },
    );
  });
});

describe('the longest exhale', () => {
  // Worked by hand. Three a minute are 20 s: 10.9 s out at 1.2, so even parts of 9 s, a breath of 18 s (0.9 of the pace).
  it.each([
    ['as asked where it is short enough', 'flowing', 5, 1.2, undefined, 12 / 2.2, (12 * 1.2) / 2.2],
    ['nine seconds for anyone, the rest even', 'flowing', 3, 1.2, undefined, 9, 9],
    // 15 s at 2 : 1 are 10 s out: 9 s, and the inhale takes what the ratio gives up.
    ['the ratio yields before the pace', 'flowing', 4, 2, undefined, 6, 9],
    // 12 s at 1.2 are 6.5 s out: six, and six in.
    ['six for people with asthma', 'flowing', 5, 1.2, 6, 6, 6],
    // 15 s: even parts of 6 s would be 12 s, 0.8 of the pace.
    ['the breath yields next, as far as it may', 'flowing', 4, 1.2, 6, 6, 6],
    // 20 s: no shorter than 0.7 of the pace, 14 s; the inhale takes the rest.
    ['and then the inhale is longer', 'flowing', 3, 1.2, 6, 8, 6],
    // Inner work keeps at least the pace: 12 s at five a minute.
    ['inner work keeps the pace', 'inner', 5, 1.2, 6, 6, 6],
    // A limit over nine is nine.
    ['no limit is over nine', 'flowing', 3, 1.2, 20, 9, 9],
    // Two in to one out: 12 s in and 6 out at three and a third a minute, left as they are.
    ['an exhale shorter than the inhale', 'flowing', 60 / 18, 0.5, 6, 12, 6],
  ] as const)('%s', (_, kind, breathsPerMin, outToIn, longestExhaleSec, inSec, outSec) => {
    const split = breathOf(kind, { breathsPerMin, outToIn, longestExhaleSec });
    expect(split.inSec).toBeCloseTo(inSec, 9);
    expect(split.outSec).toBeCloseTo(outSec, 9);
  });

  it('law: never over its limit, and the breath as near the pace as its kind keeps', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PACE_KINDS),
        evenly(3, 9),
        evenly(0.5, 3),
        evenly(0.5, 2),
        fc.option(evenly(3, 9), { nil: undefined }),
        ({ id, keeps }, breathsPerMin, outToIn, stretch, longestExhaleSec) => {
          const { inSec, outSec } = breathOf(id, { breathsPerMin, outToIn, longestExhaleSec }, stretch);
          const ofPace = (inSec + outSec) / (60 / breathsPerMin);
          const [least, most] = NEAR_PACE[keeps];
          expect(outSec).toBeLessThanOrEqual((longestExhaleSec ?? LONGEST_EXHALE_SEC.anyone) + 1e-9);
          expect(ofPace).toBeGreaterThanOrEqual(least - 1e-9);
          expect(ofPace).toBeLessThanOrEqual(most + 1e-9);
          expect(inSec).toBeGreaterThan(0);
        },
      ),
      { seed: 3, numRuns: 500 },
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
