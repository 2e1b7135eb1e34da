import fc from 'fast-check';
import {
  balanceMissM,
  distance,
  findMisses,
  jointAngles,
  massBySegments,
  MASSES,
  mirror,
  overDeg,
  postureSchema,
  share,
  solvePosture,
  supportMarginCm,
  USUAL_BUILD,
  type Skeleton,
  type Vec,
} from '.';
import { anyPosture } from './postures.test.data';

const SIDES = ['left', 'right'] as const;
const RUNS = { numRuns: 300 };
const bendDeg = (a: Vec, b: Vec, c: Vec): number => {
  const [p, q] = [
    [b[0] - a[0], b[1] - a[1], b[2] - a[2]] as const,
    [c[0] - b[0], c[1] - b[1], c[2] - b[2]] as const,
  ];
  const cosine = (p[0] * q[0] + p[1] * q[1] + p[2] * q[2]) / (Math.hypot(...p) * Math.hypot(...q));
  return (Math.acos(Math.max(-1, Math.min(1, cosine))) * 180) / Math.PI;
};

/** Every length that must not change, with what it must be for a stature. */
function lengths(body: Skeleton): readonly (readonly [string, number, number])[] {
  const { trunk, arms, legs } = body;
  return SIDES.flatMap((side) => [
    ['thigh', distance(legs[side].hip, legs[side].knee), share('thigh')] as const,
    ['shank', distance(legs[side].knee, legs[side].ankle), share('shank')] as const,
    ['foot', distance(legs[side].heel, legs[side].toe), share('foot')] as const,
    ['hip', distance(trunk.midHip, legs[side].hip), share('hipCentre')] as const,
    ['upper arm', distance(arms[side].shoulder, arms[side].elbow), share('upperArm')] as const,
    ['forearm', distance(arms[side].elbow, arms[side].wrist), share('forearm')] as const,
    ['hand', distance(arms[side].wrist, arms[side].fingertip), share('hand')] as const,
  ]);
}

describe('a solved body', () => {
  it('keeps the length of every segment, whatever is asked', () => {
    fc.assert(
      fc.property(anyPosture, fc.integer({ min: 145, max: 200 }), (posture, cm) => {
        const body = solvePosture(posture, { ...USUAL_BUILD, statureM: cm / 100 });
        for (const [name, length, wanted] of lengths(body))
          expect({ name, off: Math.abs(length / (cm / 100) - wanted) < 1e-6 }).toEqual({ name, off: true });
        const spine = [body.trunk.midHip, body.trunk.lumbar, body.trunk.thoracic, body.trunk.neck];
        const still = solvePosture({}).trunk;
        const rest = [still.midHip, still.lumbar, still.thoracic, still.neck];
        spine.slice(1).forEach((place, index) => {
          const [from, a, b] = [spine[index], rest[index], rest[index + 1]];
          if (!from || !a || !b) throw new Error('expected a spine');
          expect(distance(from, place) / (cm / 100)).toBeCloseTo(distance(a, b) / 1.7, 6);
        });
      }),
      RUNS,
    );
  });

  it('stands with planted feet flat on the floor within a millimetre, or says that a foot does not reach', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        const said = findMisses(body).some((miss) => miss.code === 'foot-reach');
        for (const side of SIDES) {
          const leg = body.legs[side];
          if (leg.air > 0 || said) continue;
          for (const place of [leg.heel, leg.ball, leg.toe]) expect(Math.abs(place[1])).toBeLessThan(0.001);
          expect(Math.abs(leg.foot.up[1])).toBeCloseTo(1, 4);
        }
      }),
      RUNS,
    );
  });

  it('keeps each joint within its range, or reports the joint and by how much', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        const misses = findMisses(body);
        const angles = jointAngles(body);
        for (const side of SIDES) {
          const { arms, legs } = body;
          const knee = bendDeg(legs[side].hip, legs[side].knee, legs[side].ankle);
          const elbow = bendDeg(arms[side].shoulder, arms[side].elbow, arms[side].wrist);
          // The angles measured from three places agree with the ones the joints are told by.
          expect(angles.legs[side].knee).toBeCloseTo(knee, 3);
          expect(angles.arms[side].elbow).toBeCloseTo(elbow, 3);
          const reported = (range: string): boolean =>
            misses.some((miss) => miss.code === 'range' && miss.range === range);
          if (overDeg('knee-flexion', knee) > 1) expect(reported('knee-flexion')).toBe(true);
          if (overDeg('elbow-flexion', elbow) > 1) expect(reported('elbow-flexion')).toBe(true);
          const hip = angles.legs[side].hipFlexion;
          if (overDeg('hip-flexion', hip) > 3) expect(reported('hip-flexion')).toBe(true);
        }
        if (overDeg('spine-turn', angles.spine.turn) > 3)
          expect(misses.some((miss) => miss.code === 'range' && miss.range === 'spine-turn')).toBe(true);
      }),
      RUNS,
    );
  });

  it('carries its centre of mass where the weight share says, or reports by how much it does not', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        const miss = findMisses(body).find((one) => one.code === 'balance');
        if (balanceMissM(body) > 0.012) expect(miss).toBeDefined();
        else expect(balanceMissM(body)).toBeLessThan(0.012);
      }),
      RUNS,
    );
  });

  it('has the centre of mass that its segments give, reckoned a second way', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        expect(distance(body.mass, massBySegments(body))).toBeLessThan(1e-6);
      }),
      RUNS,
    );
  });

  it('solves the mirror of a posture to the mirrored body', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const body = solvePosture(posture);
        const other = solvePosture(mirror(posture));
        const same = (a: Vec, b: Vec): void => expect(distance(a, [-b[0], b[1], b[2]])).toBeLessThan(0.001);
        same(body.trunk.head, other.trunk.head);
        same(body.mass, other.mass);
        same(body.arms.left.elbow, other.arms.right.elbow);
        same(body.arms.right.fingertip, other.arms.left.fingertip);
        same(body.legs.left.knee, other.legs.right.knee);
        same(body.legs.right.toe, other.legs.left.toe);
        const twice = mirror(mirror(posture));
        expect(twice.weight).toBeCloseTo(posture.weight ?? 0, 9);
        expect({ ...twice, weight: 0 }).toEqual({ ...posture, weight: 0 });
      }),
      RUNS,
    );
  });

  it('scales with stature', () => {
    fc.assert(
      fc.property(anyPosture, (posture) => {
        const [short, tall] = [1.5, 1.9].map((statureM) =>
          solvePosture(posture, { ...USUAL_BUILD, statureM }),
        );
        if (!short || !tall) throw new Error('expected two bodies');
        const grown = short.arms.left.palm.map((value) => (value * 1.9) / 1.5) as unknown as Vec;
        expect(distance(grown, tall.arms.left.palm)).toBeLessThan(0.003);
      }),
      { numRuns: 60 },
    );
  });
});

describe('masses', () => {
  it('sum to one (Dempster, via Winter)', () => {
    const sum = MASSES.reduce((total, row) => total + row.mass * row.count, 0);
    expect(sum).toBeCloseTo(1, 9);
  });

  it('put the centre of a standing body a little over half its height (Winter: about 0.56 of stature, from memory)', () => {
    const body = solvePosture({});
    expect(body.mass[1] / body.build.statureM).toBeGreaterThan(0.54);
    expect(body.mass[1] / body.build.statureM).toBeLessThan(0.58);
  });
});

describe('postures that cannot be', () => {
  const codes = (posture: unknown): readonly string[] =>
    findMisses(solvePosture(postureSchema.parse(posture))).map((miss) => miss.code);

  it('are told as data: weight on a foot in the air, a hand out of reach, a hip bent too far', () => {
    expect(codes({ weight: 0.9, feet: { lifted: { foot: 'left', thigh: 60, knee: 80 } } })).toContain(
      'weight-in-air',
    );
    expect(codes({ hands: { left: { near: 'toes' } } })).toContain('hand-reach');
    expect(codes({ sink: 100, trunk: { lean: 100 } })).toContain('range');
    expect(codes({})).toEqual([]);
  });

  it('are refused where the words are not of the trade', () => {
    expect(postureSchema.safeParse({ weight: 1.4 }).success).toBe(false);
    expect(postureSchema.safeParse({ hands: { left: { near: 'tail' } } }).success).toBe(false);
    expect(postureSchema.safeParse({ wings: 2 }).success).toBe(false);
  });

  it('fall outside their base when the weight is not over the feet', () => {
    const body = solvePosture({});
    expect(supportMarginCm(body)).toBeGreaterThan(5);
    const tipped = { ...body, mass: [body.mass[0], body.mass[1], body.mass[2] + 0.4] as const };
    expect(supportMarginCm(tipped)).toBeLessThan(0);
    expect(supportMarginCm(solvePosture({ base: 'chair' }))).toBeUndefined();
  });
});
