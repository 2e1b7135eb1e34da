import { ANATOMICAL, distance, solvePosture } from '../body';
import { countedWays, measure, placePoint, POINTS, type PointCode } from '.';

const body = solvePosture(ANATOMICAL);
const h = body.build.statureM;
const ways = (code: PointCode) => countedWays(body, code, 'left');

describe('distances counted on the body', () => {
  // From the WHO standard: each place and its counts.
  it.each([
    ['PC6', [[2, 'elbow-wrist']]],
    ['TE5', [[2, 'elbow-wrist']]],
    ['ST36', [[3, 'knee-lateral-malleolus']]],
    ['SP6', [[3, 'condyle-medial-malleolus']]],
    ['CV6', [[1.5, 'navel-pubis']]],
    ['ST25', [[2, 'nipples']]],
    ['BL23', [[1.5, 'scapulae']]],
  ] as const)('%s is counted by %j', (code, counts) => {
    expect(ways(code).map(({ count }) => [count.cun, count.of])).toEqual(counts);
  });

  it('are as long as the segment they are a part of says', () => {
    for (const code of ['PC6', 'ST36', 'SP6', 'LU6'] as const)
      for (const { count, way } of ways(code)) {
        const first = way[0];
        const last = way.at(-1);
        if (!first || !last) throw new Error(code);
        const row = measure(count.of);
        const expected = (count.cun * row.share * h) / row.cun;
        // Along a limb that tapers the skin is a little longer than the bone.
        expect(Math.abs(distance(first.place, last.place) - expected)).toBeLessThan(0.06 * expected + 0.002);
      }
  });

  it('end at the point, begin at a landmark, and mark each whole cùn', () => {
    for (const { code } of POINTS) {
      const counted = ways(code);
      const last = counted.at(-1);
      const [place] = placePoint(body, code, 'left');
      const end = last?.way.at(-1);
      if (!last || !end || !place) continue;
      expect({ code, gap: distance(end.place, place.place) < 1e-9 }).toEqual({ code, gap: true });
      for (const { count, marks } of counted)
        expect(marks).toHaveLength(Math.floor(count.cun + 1e-9) + 1 + (Number.isInteger(count.cun) ? 0 : 1));
    }
    expect(ways('PC6')[0]?.marks).toHaveLength(3);
    expect(ways('CV6')[0]?.marks).toHaveLength(3);
  });

  it('are none where a landmark says it all', () => {
    expect(ways('LI4')).toEqual([]);
    expect(ways('KI1')).toEqual([]);
  });
});
