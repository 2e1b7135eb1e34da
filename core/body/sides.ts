import { defined } from '../text/defined';
import type { Base, Posture } from './posture';

/** Standing as the places of points are described: upright, arms a little out, palms forward. */
export const ANATOMICAL: Posture = {
  hands: {
    both: { near: 'reach', toward: [0.55, -1, 0.05], palm: 'forward', fingers: 'down', share: 0.98 },
  },
};

export type Side = 'left' | 'right';
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

type EachFoot = number | { readonly left?: number | undefined; readonly right?: number | undefined };

/** The value for one foot, where one number serves both. */
export function footValue(value: EachFoot | undefined, side: Side, otherwise: number): number {
  if (value === undefined) return otherwise;
  return typeof value === 'number' ? value : (value[side] ?? otherwise);
}

const opposite = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : -value;

const swapFeet = (value: EachFoot): EachFoot =>
  typeof value === 'number' ? value : defined({ left: value.right, right: value.left });

/** What is rested on, with left and right changed over. */
const mirroredBase = (base: Base): Base =>
  base === 'left side' ? 'right side' : base === 'right side' ? 'left side' : base;

/** The same posture with left and right changed over, as seen in a mirror. */
export function mirror(posture: Posture): Posture {
  const { feet, pelvis, trunk, head, hands } = posture;
  return defined({
    ...posture,
    base: posture.base && mirroredBase(posture.base),
    // Rounded, so that a mirror of a mirror is what it was.
    weight: posture.weight === undefined ? undefined : Number((1 - posture.weight).toFixed(6)),
    feet:
      feet &&
      defined({
        ...feet,
        ahead: feet.ahead && { ...feet.ahead, foot: otherSide(feet.ahead.foot) },
        turnOut: feet.turnOut === undefined ? undefined : swapFeet(feet.turnOut),
        heels: feet.heels === undefined ? undefined : swapFeet(feet.heels),
        toes: feet.toes === undefined ? undefined : swapFeet(feet.toes),
        lifted: feet.lifted && { ...feet.lifted, foot: otherSide(feet.lifted.foot) },
      }),
    pelvis: pelvis && defined({ ...pelvis, turn: opposite(pelvis.turn) }),
    shoulders:
      posture.shoulders &&
      defined({ ...posture.shoulders, of: posture.shoulders.of && otherSide(posture.shoulders.of) }),
    trunk: trunk && defined({ ...trunk, turn: opposite(trunk.turn), bend: opposite(trunk.bend) }),
    head: head && defined({ ...head, turn: opposite(head.turn), tilt: opposite(head.tilt) }),
    hands: hands && defined({ both: hands.both, left: hands.right, right: hands.left }),
  });
}
