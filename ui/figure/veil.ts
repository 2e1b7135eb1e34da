import { addScaled, LIMB_RADII, mix, ringAt, trunkAt, type Skeleton, type Vec } from '@/core/body';
import type { SkinPlace } from '@/core/channels';
import { type Camera, type Spot } from './view';

/** A ball of the body in the picture, its radius in picture units and in metres. */
interface Ball extends Spot {
  readonly r: number;
  readonly rM: number;
}

/** The skin of a part lies no deeper than this behind the balls that fill it; what is deeper lies behind another part, metres. */
const BEHIND_M = 0.055;
/** Balls along a bone: so near each other that nothing shows between them. */
const BALLS = 14;
const TRUNK_LEVELS = Array.from({ length: 13 }, (_, index) => 0.5 + index * 0.0275);

/** The balls that fill limbs, trunk and head, as the viewer sees them. */
function ballsOf(skeleton: Skeleton, camera: Camera): readonly Ball[] {
  const h = skeleton.build.statureM;
  const ball = (place: Vec, share: number): Ball => ({
    ...camera.spot(place),
    r: share * h * camera.units,
    rM: share * h,
  });
  const bone = (from: Vec, to: Vec, [a, b]: readonly [number, number]): Ball[] =>
    Array.from({ length: BALLS }, (_, step) => {
      const t = step / (BALLS - 1);
      return ball(mix(from, to, t), a + (b - a) * t);
    });
  const { head, headFrame, skull } = skeleton.trunk;
  return [
    ...(['left', 'right'] as const).flatMap((side) => {
      const [arm, leg] = [skeleton.arms[side], skeleton.legs[side]];
      return [
        ...bone(arm.shoulder, arm.elbow, LIMB_RADII.upperArm),
        ...bone(arm.elbow, arm.wrist, LIMB_RADII.forearm),
        ...bone(arm.wrist, arm.fingertip, [0.018, 0.012]),
        ...bone(leg.hip, leg.knee, LIMB_RADII.thigh),
        ...bone(leg.knee, leg.ankle, LIMB_RADII.shank),
        ...bone(leg.ankle, leg.ball, [0.02, 0.012]),
      ];
    }),
    ...TRUNK_LEVELS.flatMap((level) => {
      const { centre, frame } = trunkAt(skeleton.trunk, level);
      const { breadth, depth, ahead } = ringAt(level);
      const middle = addScaled(centre, frame.fwd, ahead * h);
      return [-1, -0.5, 0, 0.5, 1].map((way) =>
        ball(addScaled(middle, frame.left, way * Math.max(0, breadth - depth) * h), depth),
      );
    }),
    ...bone(skull, addScaled(head, headFrame.up, 0.02 * h), [0.045, 0.05]),
  ];
}

/**
 * Whether another part of the body stands between the viewer and a place on the skin: a hand before the belly, the
 * nearer of two crossed arms. That the skin itself turns away is not asked here.
 */
export function veilFor(skeleton: Skeleton, camera: Camera): (place: SkinPlace) => boolean {
  const balls = ballsOf(skeleton, camera);
  return ({ place }) => {
    const { x, y, depth } = camera.spot(place);
    return balls.some((ball) => {
      const [dx, dy] = [ball.x - x, ball.y - y];
      if (Math.abs(dx) > ball.r || Math.abs(dy) > ball.r) return false;
      const across = (dx * dx + dy * dy) / (ball.r * ball.r);
      return across < 1 && ball.depth + ball.rM * Math.sqrt(1 - across) - depth > BEHIND_M;
    });
  };
}
