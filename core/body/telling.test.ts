import { REPERTOIRE, movingForm } from '../forms';
import { goalsOf } from './goals';
import { movementThrough } from './motion';
import type { Posture } from './posture';
import { solveGoals } from './solve';
import { onlyOf, tellingOf } from './telling';

/** Both arms reaching somewhere, standing as one is. */
const reaching = (toward: readonly [number, number, number]): Posture => {
  const hand = { near: 'reach' as const, toward: [...toward] as [number, number, number] };
  return { hands: { left: hand, right: hand } };
};
const [DOWN, FORWARD, WIDE] = [reaching([0, -1, 0.1]), reaching([0, 0, 1]), reaching([1, 0, 0])];

describe('what a movement tells from a side', () => {
  it('is nothing where nothing moves', () => {
    expect(tellingOf(movementThrough([DOWN]), 0)).toBe(0);
  });

  it('is more from the side for what goes forward, and more from the front for what goes sideways', () => {
    const forward = movementThrough([DOWN, FORWARD]);
    const wide = movementThrough([DOWN, WIDE]);
    expect(tellingOf(forward, 90)).toBeGreaterThan(1.15 * tellingOf(forward, 0));
    expect(tellingOf(wide, 0)).toBeGreaterThan(1.15 * tellingOf(wide, 90));
  });

  it('is, from the front, what the palms, elbows and the rest really go across and up (worked out again by hand)', () => {
    const movement = movementThrough([DOWN, WIDE]);
    const [a, b] = movement.keys.map((goals) => solveGoals(goals));
    if (!a || !b) throw new Error('expected two postures');
    const straight = (['left', 'right'] as const).reduce((sum, side) => {
      const palm = Math.hypot(
        b.arms[side].palm[0] - a.arms[side].palm[0],
        b.arms[side].palm[1] - a.arms[side].palm[1],
      );
      return sum + 2 * palm;
    }, 0);
    // They go by an arc, which is longer than the straight way, by π/2√2 for a quarter of a circle, and the elbows too.
    expect(tellingOf(movement, 0)).toBeGreaterThan(straight);
    expect(tellingOf(movement, 0)).toBeLessThan(straight * 2);
  });

  it('tells the right of the bow from its right as its left from its left', () => {
    const bow = REPERTOIRE.find(({ id }) => id === 'brocade-draw-the-bow');
    if (!bow) throw new Error('expected the bow');
    const strokes = movingForm(bow, 'full');
    const of = (side: 'left' | 'right', yawDeg: number): number =>
      strokes
        .filter((stroke) => stroke.side === side)
        .reduce((sum, { movement }) => sum + tellingOf(movement, yawDeg), 0);
    expect(of('left', 38) / of('right', -38)).toBeCloseTo(1, 0);
  });
});

describe('only the feet, or only the hands', () => {
  const rest = goalsOf(DOWN);
  const whole = goalsOf({ ...WIDE, sink: 30, weight: 0.2 });

  it('leaves the hands hanging, or the feet standing', () => {
    const feet = onlyOf('feet', whole, rest);
    expect(feet.sinkDeg).toBe(whole.sinkDeg);
    expect(feet.weight).toBe(whole.weight);
    expect(feet.leftHand).toBe(rest.leftHand);
    expect(feet.leanDeg).toBe(rest.leanDeg);
    const hands = onlyOf('hands', whole, rest);
    expect(hands.sinkDeg).toBe(rest.sinkDeg);
    expect(hands.leftHand).toBe(whole.leftHand);
    expect(hands.leanDeg).toBe(whole.leanDeg);
  });
});
