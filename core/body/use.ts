import { jointAngles } from './misses';
import type { Side } from './sides';
import { rangeOf, shareOfRange, type RangeId } from './ranges';
import type { Skeleton } from './solve';

/** How much of one joint's range a posture uses. */
export interface RangeUse {
  readonly range: RangeId;
  readonly side: Side | undefined;
  readonly joint: string;
  readonly motion: string;
  readonly angleDeg: number;
  /** The limit on the side the joint is bent to, degrees. */
  readonly limitDeg: number;
  /** 0 none, 1 all of it. */
  readonly share: number;
}

/** Ways a joint is bent the other way than its row is named for. */
const OTHER_WAY: Partial<Record<RangeId, string>> = {
  'hip-flexion': 'drawn back',
  'hip-abduction': 'crossed',
  'hip-rotation': 'turned in',
  'ankle-flexion': 'pointed',
  'spine-flexion': 'arched',
  'neck-flexion': 'tipped back',
};

function usage(range: RangeId, angleDeg: number, side?: Side): RangeUse {
  const row = rangeOf(range);
  return {
    range,
    side,
    joint: row.joint,
    motion: angleDeg < 0 ? (OTHER_WAY[range] ?? row.motion) : row.motion,
    angleDeg: Math.abs(angleDeg),
    limitDeg: angleDeg >= 0 ? row.most : -row.least,
    share: shareOfRange(range, angleDeg),
  };
}

/** Each joint's use of its range in a posture, the most used first; of left and right the greater. */
export function rangeUse(skeleton: Skeleton): readonly RangeUse[] {
  const angles = jointAngles(skeleton);
  const either = (range: RangeId, pick: (side: Side) => number): RangeUse => {
    const [left, right] = [usage(range, pick('left'), 'left'), usage(range, pick('right'), 'right')];
    if (Math.abs(left.share - right.share) < 0.02) return { ...left, side: undefined };
    return left.share > right.share ? left : right;
  };
  const all = [
    usage('spine-flexion', angles.spine.flexion),
    usage('spine-side', angles.spine.side),
    usage('spine-turn', angles.spine.turn),
    usage('neck-flexion', angles.neck.flexion),
    usage('neck-side', angles.neck.side),
    usage('neck-turn', angles.neck.turn),
    either('hip-flexion', (side) => angles.legs[side].hipFlexion),
    either('hip-abduction', (side) => angles.legs[side].hipAbduction),
    either('knee-flexion', (side) => angles.legs[side].knee),
    either('ankle-flexion', (side) => angles.legs[side].ankle),
    either('elbow-flexion', (side) => angles.arms[side].elbow),
    either('wrist-bend', (side) => angles.arms[side].wrist),
    either('shoulder-back', (side) => angles.arms[side].back),
  ];
  return all.sort((a, b) => b.share - a.share);
}
