import fc from 'fast-check';
import { goalsOf } from './goals';
import { boneFrame, hangingFoot, plantedFoot, solveTwoBones, spanFor } from './limbs';
import { share } from './skeleton';
import { solvePosture } from './solve';
import { cross, distance, dot, length, sub, unit, WORLD, type Vec } from './vector';
import { evenly } from '../evenly.test.data';

const ANY_BEND = { leastDeg: 0, mostDeg: 180 } as const;

describe('two bones between a root and a target', () => {
  it('make the triangles of the school book: 3–4–5 at a right angle, equal sides at sixty degrees', () => {
    // Hip at the origin, foot five below: thigh three, shank four.
    const right = solveTwoBones([0, 0, 0], [0, -5, 0], 3, 4, [0, 0, 1], ANY_BEND);
    expect(right.bendDeg).toBeCloseTo(90, 6);
    expect(right.joint[2]).toBeCloseTo(2.4, 6);
    expect(right.joint[1]).toBeCloseTo(-1.8, 6);
    const equal = solveTwoBones([0, 0, 0], [0, -1, 0], 1, 1, [0, 0, 1], ANY_BEND);
    expect(equal.bendDeg).toBeCloseTo(120, 6);
    const straight = solveTwoBones([0, 0, 0], [0, -2, 0], 1, 1, [0, 0, 1], ANY_BEND);
    expect(straight.bendDeg).toBeCloseTo(0, 4);
    expect(straight.missM).toBeCloseTo(0, 9);
  });

  it('know the span for a bend and the bend for a span', () => {
    fc.assert(
      fc.property(evenly(0.2, 0.6), evenly(0.2, 0.6), fc.integer({ min: 5, max: 150 }), (a, b, bend) => {
        const span = spanFor(a, b, bend);
        const solved = solveTwoBones([0, 0, 0], [0, -span, 0], a, b, [0, 0, 1], ANY_BEND);
        expect(solved.bendDeg).toBeCloseTo(bend, 3);
      }),
    );
    expect(spanFor(3, 4, 0)).toBeCloseTo(7, 9);
    expect(spanFor(3, 4, 90)).toBeCloseTo(5, 9);
    expect(spanFor(4, 3, 180)).toBeCloseTo(1, 9);
  });

  it('keep their lengths for any target, and say by how much they miss one out of reach', () => {
    const place = fc.tuple(evenly(-1, 1), evenly(-1, 1), evenly(-1, 1));
    fc.assert(
      fc.property(place, (target: Vec) => {
        const solved = solveTwoBones([0, 0, 0], target, 0.4, 0.42, [0, 0.2, 1], {
          leastDeg: 4,
          mostDeg: 135,
        });
        expect(distance([0, 0, 0], solved.joint)).toBeCloseTo(0.4, 6);
        expect(distance(solved.joint, solved.end)).toBeCloseTo(0.42, 6);
        expect(distance(solved.end, target)).toBeCloseTo(solved.missM, 5);
        expect(solved.bendDeg).toBeGreaterThan(3.9);
        expect(solved.bendDeg).toBeLessThan(135.1);
      }),
    );
  });

  it('bend to the side of the pole', () => {
    for (const pole of [
      [0, 0, 1],
      [0, 0, -1],
      [1, 0, 0],
      [-1, 0, 0.2],
    ] as const) {
      const { joint } = solveTwoBones([0, 0, 0], [0, -0.7, 0], 0.4, 0.4, pole, ANY_BEND);
      expect(dot(joint, unit(pole))).toBeGreaterThan(0.1);
    }
  });
});

describe('a foot', () => {
  const goals = goalsOf({});

  it('stands flat, as long as the table says, its pressure between heel and toes', () => {
    const foot = plantedFoot(goals.left, 0.45, 1.7);
    expect(foot.heel[1]).toBeCloseTo(0, 9);
    expect(foot.toe[1]).toBeCloseTo(0, 9);
    expect(foot.ankle[1]).toBeCloseTo(share('ankleHeight') * 1.7, 9);
    expect(distance(foot.heel, foot.toe)).toBeCloseTo(share('foot') * 1.7, 9);
    const along = distance(foot.heel, foot.pressure) / distance(foot.heel, foot.toe);
    expect(along).toBeCloseTo(0.45, 6);
  });

  it('turns about the ball when the heel lifts and about the heel when the toes do', () => {
    const flat = plantedFoot(goals.left, 0.45, 1.7);
    const up = plantedFoot({ ...goals.left, heelDeg: 30 }, 0.45, 1.7);
    expect(distance(flat.ball, up.ball)).toBeLessThan(1e-9);
    expect(up.heel[1]).toBeGreaterThan(0.05);
    const toes = plantedFoot({ ...goals.left, toeDeg: 20 }, 0.45, 1.7);
    expect(distance(flat.heel, toes.heel)).toBeLessThan(1e-9);
    expect(toes.toe[1]).toBeGreaterThan(0.05);
  });

  it('moves its pressure to what still touches the floor', () => {
    const share = (heelDeg: number, toeDeg: number): number => {
      const foot = plantedFoot({ ...goals.left, heelDeg, toeDeg }, 0.45, 1.7);
      const flat = plantedFoot(goals.left, 0.45, 1.7);
      return distance(flat.heel, foot.pressure) / distance(flat.heel, flat.toe);
    };
    expect(share(0, 0)).toBeCloseTo(0.45, 6);
    expect(share(25, 0)).toBeGreaterThan(0.7);
    expect(share(0, 25)).toBeLessThan(0.1);
  });

  it('hangs with its toes ahead of the shin whatever the knee’s bend, ninety degrees and more too', () => {
    const lengths = { thigh: 0.4, shank: 0.42 };
    for (const knee of [20, 60, 89.9, 90, 90.1, 110, 130]) {
      const goal = { ...goals.left, air: 1, thighDeg: 40, outDeg: 0, kneeDeg: knee, pointDeg: 0 };
      const hung = hangingFoot(goal, 'left', [0, 0.9, 0], WORLD, lengths);
      expect(length(hung.frame.fwd)).toBeCloseTo(1, 6);
      // The knee stands in front of the hip; the toes point on along the thigh's way, turned by the bend.
      const thigh: Vec = [0, -Math.cos(0.698), Math.sin(0.698)];
      const wanted = Math.sin((knee * Math.PI) / 180);
      expect(dot(hung.frame.fwd, thigh)).toBeCloseTo(wanted, 3);
    }
  });

  it('hangs alike on both sides', () => {
    for (const knee of [40, 90, 120]) {
      const lifted = (foot: 'left' | 'right') =>
        solvePosture({ feet: { lifted: { foot, thigh: 30, knee } }, weight: foot === 'left' ? 0 : 1 });
      const [left, right] = [lifted('left').legs.left, lifted('right').legs.right];
      expect(distance(left.toe, [-right.toe[0], right.toe[1], right.toe[2]])).toBeLessThan(0.001);
    }
  });
});

describe('the axes of a bone', () => {
  it('stand square, up towards the root', () => {
    const frame = boneFrame([0, 1, 0], [0.2, 0.4, 0.1], [0, 0, 1]);
    expect(dot(frame.up, unit(sub([0, 1, 0], [0.2, 0.4, 0.1])))).toBeCloseTo(1, 9);
    expect(dot(frame.up, frame.fwd)).toBeCloseTo(0, 9);
    expect(distance(cross(frame.up, frame.fwd), frame.left)).toBeLessThan(1e-9);
  });
});
