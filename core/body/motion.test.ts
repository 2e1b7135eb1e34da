import fc from 'fast-check';
import {
  distance,
  goalsAt,
  goalsBetween,
  goalsOf,
  movementAsks,
  movementThrough,
  placeAfter,
  ringAt,
  solveGoals,
  stepsIn,
  sub,
  toFrame,
  trunkAt,
  type Posture,
  type Skeleton,
  type Vec,
} from '.';
import { anyPosture } from './postures.test.data';
import { evenly } from '../evenly.test.data';

const STEPS = 12;
const along = (from: Posture, to: Posture): readonly Skeleton[] => {
  const a = goalsOf(from);
  const b = placeAfter(a, goalsOf(to));
  return Array.from({ length: STEPS + 1 }, (_, index) => solveGoals(goalsBetween(a, b, index / STEPS)));
};

/** How deep a place lies in the trunk: 1 on the skin of its level ellipse, less inside. */
function outOfTrunk(body: Skeleton, place: Vec): number {
  const h = body.build.statureM;
  let out = Infinity;
  for (let level = 0.52; level <= 0.8; level += 0.02) {
    const { centre, frame } = trunkAt(body.trunk, level);
    const [x, y, z] = toFrame(frame, sub(place, centre));
    if (Math.abs(y) > 0.012 * h) continue;
    const ring = ringAt(level);
    out = Math.min(out, Math.hypot(x / (ring.breadth * h), (z - ring.ahead * h) / (ring.depth * h)));
  }
  return out;
}

describe('between two postures', () => {
  it('the movement begins and ends exactly in them, and is the same each time', () => {
    fc.assert(
      fc.property(anyPosture, anyPosture, evenly(0, 1), (from, to, t) => {
        const [a, b] = [goalsOf(from), goalsOf(to)];
        expect(goalsBetween(a, b, 0)).toBe(a);
        expect(goalsBetween(a, b, 1)).toBe(b);
        expect(goalsBetween(a, b, t)).toEqual(goalsBetween(a, b, t));
      }),
    );
  });

  it('it is slow at both ends', () => {
    const a = goalsOf({});
    const b = goalsOf({ trunk: { lean: 30 } });
    const lean = (t: number) => goalsBetween(a, b, t).leanDeg;
    expect(lean(0.05)).toBeLessThan(30 * 0.02);
    expect(30 - lean(0.95)).toBeLessThan(30 * 0.02);
    expect(lean(0.5)).toBeCloseTo(15, 6);
  });

  it('a foot that stays planted does not slide', () => {
    const shift: readonly (readonly [Posture, Posture])[] = [
      [
        { feet: { apart: 1.4 }, weight: 0.5 },
        { feet: { apart: 1.4 }, weight: 0.9, sink: 40 },
      ],
      [{}, { trunk: { turn: 35 }, sink: 30 }],
      [
        { feet: { apart: 1 } },
        { feet: { apart: 1, lifted: { foot: 'left', thigh: 60, knee: 70 } }, weight: 0 },
      ],
    ];
    for (const [from, to] of shift) {
      const bodies = along(from, to);
      for (const body of bodies)
        for (const place of ['heel', 'ball', 'toe'] as const)
          expect(distance(body.legs.right[place], bodies[0]?.legs.right[place] ?? [0, 0, 0])).toBeLessThan(
            0.001,
          );
    }
  });

  it('a foot that steps leaves empty, clears the floor on its way and is down before it carries a third', () => {
    const bodies = along({ feet: { apart: 0.5 }, weight: 0.4 }, { feet: { apart: 1.6 }, weight: 0.5 });
    const start = bodies[0]?.legs.left.ankle ?? [0, 0, 0];
    let highest = 0;
    for (const body of bodies) {
      const leg = body.legs.left;
      const lowest = Math.min(leg.heel[1], leg.ball[1], leg.toe[1]);
      expect(lowest).toBeGreaterThan(-0.001);
      highest = Math.max(highest, lowest);
      const end = bodies.at(-1)?.legs.left.ankle ?? start;
      const flat = (to: Vec): number => Math.hypot(leg.ankle[0] - to[0], leg.ankle[2] - to[2]);
      // It leaves empty, and is down in its new place before it carries a third.
      if (flat(start) > 0.012 && flat(end) > 0.15) expect(leg.weight).toBeLessThan(0.05);
      if (leg.weight > 0.33) expect(Math.min(flat(start), flat(end))).toBeLessThan(0.012);
      if (leg.weight > 0.33) expect(lowest).toBeLessThan(0.012);
    }
    expect(highest).toBeGreaterThan(0.015);
    expect(stepsIn(movementThrough([{ feet: { apart: 0.5 } }, { feet: { apart: 1.6 } }]))).toBe(true);
    expect(stepsIn(movementThrough([{}, { sink: 30 }]))).toBe(false);
  });

  it('hands go round the trunk, not through it', () => {
    const ways: readonly (readonly [Posture, Posture])[] = [
      [
        { hands: { both: { near: 'kidneys' } } },
        { hands: { both: { near: 'lower dantian', off: [3, 0, 0] } } },
      ],
      [
        { hands: { both: { near: 'sacrum' } } },
        { hands: { both: { near: 'middle dantian', off: [3, 0, 2] } } },
      ],
      [{ hands: { both: { near: 'hip' } } }, { hands: { both: { near: 'collarbone' } } }],
    ];
    for (const [from, to] of ways)
      for (const body of along(from, to))
        for (const side of ['left', 'right'] as const)
          expect(outOfTrunk(body, body.arms[side].palm)).toBeGreaterThan(0.97);
  });

  it('any movement keeps the centre of mass on its way over the base', () => {
    fc.assert(
      fc.property(anyPosture, anyPosture, (from, to) => {
        for (const body of along(from, to)) {
          const feet = (['left', 'right'] as const).map((side) => body.legs[side].pressure);
          const [a, b] = [feet[0] ?? [0, 0, 0], feet[1] ?? [0, 0, 0]];
          const weight = body.legs.left.weight;
          expect(body.massAim[0]).toBeCloseTo(a[0] * weight + b[0] * (1 - weight), 6);
          expect(body.massAim[2]).toBeCloseTo(a[2] * weight + b[2] * (1 - weight), 6);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('a movement', () => {
  it('passes its postures in order, and refuses to be empty', () => {
    const movement = movementThrough([{}, { sink: 40 }, {}]);
    expect(goalsAt(movement, 0.5).sinkDeg).toBeCloseTo(40, 6);
    expect(goalsAt(movement, 1).sinkDeg).toBe(goalsOf({}).sinkDeg);
    expect(() => goalsAt({ keys: [], at: [] }, 0.5)).toThrow(RangeError);
  });

  it('asks what its deepest, longest and highest moments ask', () => {
    const movement = movementThrough([
      {},
      {
        feet: { lifted: { foot: 'left', thigh: 70, knee: 80 } },
        weight: 0,
        hands: { both: { near: 'reach', toward: [1, 2, 0] } },
      },
    ]);
    const asked = movementAsks([{ movement, seconds: 10, rounds: 1 }], 1);
    expect(asked.oneLegSec).toBeGreaterThan(3);
    expect(asked.oneLegSec).toBeLessThan(8);
    expect(asked.handsAboveSec).toBeGreaterThan(1);
    expect(asked.headBelowHeart).toBe(false);
    const fold = movementAsks(
      [
        {
          movement: movementThrough([{}, { trunk: { lean: 90, round: 40 }, sink: 20 }]),
          seconds: 6,
          rounds: 1,
        },
      ],
      1,
    );
    expect(fold.headBelowHeart).toBe(true);
    expect(fold.foldDeg).toBeGreaterThan(85);
  });
});
