import {
  goalsAt,
  goalsOf,
  solveGoals,
  type Goals,
  type Movement,
  type Skeleton,
  type Vec,
} from '@/core/body';
import { movingForm, tellingPosture, type Form, type VariantId } from '@/core/forms';
import type { MovingStroke } from '@/core/forms/measured/measure';

/** The stroke that shows a form best when only two postures can be shown. */
export interface BeginAndEnd {
  readonly movement: Movement;
  readonly begin: Goals;
  readonly end: Goals;
  /** Hardly anything moves: one posture tells all. */
  readonly isStill: boolean;
}

/** The hands and the head go less than this, m: it is stood, not done. */
const STILL_M = 0.08;

/** From the middle of the head to over the brow, forwards and up, m: a head that turns or tilts goes a way too. */
const BROW_M = 0.15;
const browOf = ({ trunk: { head, headFrame } }: Skeleton): Vec => {
  const at = (axis: 0 | 1 | 2): number => head[axis] + (headFrame.fwd[axis] + headFrame.up[axis]) * BROW_M;
  return [at(0), at(1), at(2)];
};

const apart = (a: Skeleton, b: Skeleton): number => {
  const far = (one: Vec, other: Vec): number =>
    Math.hypot(...one.map((value, index) => value - (other[index] ?? 0)));
  const [left, right] = [a.arms.left, a.arms.right];
  return far(left.palm, b.arms.left.palm) + far(right.palm, b.arms.right.palm) + far(browOf(a), browOf(b));
};

/** One round of a movement: a pulse goes through the same postures again and again. */
function oneRound({ movement, rounds }: MovingStroke): Movement {
  if (rounds <= 1) return movement;
  const keys = movement.keys.slice(0, 1 + (movement.keys.length - 1) / rounds);
  return { keys, at: keys.map((_, index) => index / Math.max(1, keys.length - 1)) };
}

/** How far a movement goes on its way, m, whether or not it comes back. */
function way(movement: Movement): number {
  const [from, middle, to] = [0, 0.5, 1].map((share) => solveGoals(goalsAt(movement, share)));
  return from && middle && to ? apart(from, middle) + apart(middle, to) : 0;
}

/**
 * Of a round on the first side, the stroke that leads to the posture the form is known by; where that one hardly moves, the
 * one that moves most.
 */
export function beginAndEnd(form: Form, variant: VariantId): BeginAndEnd | undefined {
  const telling = solveGoals(goalsOf(tellingPosture(form, variant)));
  const strokes = movingForm(form, variant)
    .filter(({ part, side }) => part === 'cycle' && side !== 'right')
    .map((stroke) => {
      const movement = oneRound(stroke);
      return { movement, by: way(movement), off: apart(solveGoals(goalsAt(movement, 1)), telling) };
    });
  const [nearest] = strokes.toSorted((a, b) => a.off - b.off);
  const [longest] = strokes.toSorted((a, b) => b.by - a.by);
  const best = nearest && nearest.by >= STILL_M ? nearest : longest;
  if (!best) return undefined;
  const { movement, by } = best;
  return { movement, begin: goalsAt(movement, 0), end: goalsAt(movement, 1), isStill: by < STILL_M };
}
