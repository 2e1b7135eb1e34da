import { SYLLABLES, syllable } from '@/core/sounds';
import { frontLines, sideLines } from './mouthShape';

/** The numbers of a path: x and y by turns. */
const numbersIn = (path: string): readonly number[] =>
  [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([one]) => Number(one));
const xs = (path: string): readonly number[] => numbersIn(path).filter((_, at) => at % 2 === 0);
const ys = (path: string): readonly number[] => numbersIn(path).filter((_, at) => at % 2 === 1);
const span = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

describe('a drawn mouth', () => {
  it('stays within its box, for every sound', () => {
    for (const { mouth } of SYLLABLES.map(({ id }) => syllable(id))) {
      const front = frontLines(mouth);
      const side = sideLines(mouth);
      for (const path of [front.upperLip, front.lowerLip, front.opening]) {
        expect(Math.min(...xs(path))).toBeGreaterThanOrEqual(0);
        expect(Math.max(...xs(path))).toBeLessThanOrEqual(120);
        expect(Math.min(...ys(path))).toBeGreaterThanOrEqual(0);
        expect(Math.max(...ys(path))).toBeLessThanOrEqual(92);
      }
      for (const path of Object.values(side))
        for (const value of numbersIn(path)) expect(Number.isFinite(value)).toBe(true);
    }
  });

  // What the mouths are told to be, by how the sounds are taught.
  it('is as its words say', () => {
    const wide = (id: Parameters<typeof syllable>[0]): number =>
      span(xs(frontLines(syllable(id).mouth).opening));
    const open = (id: Parameters<typeof syllable>[0]): number =>
      span(ys(frontLines(syllable(id).mouth).opening));
    // Round as a tube against corners drawn back; wide open against teeth together; lips closed.
    expect(wide('hu')).toBeLessThan(wide('he'));
    expect(wide('xi')).toBeGreaterThan(wide('he'));
    expect(open('haaa')).toBeGreaterThan(2 * open('si'));
    expect(frontLines(syllable('hum').mouth).upperTeeth).toBeUndefined();
    expect(frontLines(syllable('hum').mouth).opening).not.toContain('Z');
    // The tongue stands higher in xī than in haaa, and the lips of hū reach further forward (to the left).
    const tongueTop = (id: Parameters<typeof syllable>[0]): number =>
      Math.min(...ys(sideLines(syllable(id).mouth).tongue));
    expect(tongueTop('xi')).toBeLessThan(tongueTop('haaa'));
    const lip = (id: Parameters<typeof syllable>[0]): number =>
      Math.min(...xs(sideLines(syllable(id).mouth).face).slice(4));
    expect(lip('hu')).toBeLessThan(lip('si'));
    // A hum leaves by the nose: its air ends higher than that of an open mouth.
    const airEnd = (id: Parameters<typeof syllable>[0]): number =>
      ys(sideLines(syllable(id).mouth).air).at(-1) ?? 0;
    expect(airEnd('hum')).toBeLessThan(airEnd('haaa'));
  });
});
