import { addScaled, mix, scale, type Leg, type Vec } from '@/core/body';
import type { Ring } from '../outline';
import { shape, swept, type Easel } from './easel';

/** One dark cloth shoe: heel, ball and toe, with the ankle's opening. */
export function drawShoe(easel: Easel, leg: Leg): string {
  const { camera, h, line } = easel;
  const ring = (place: Vec, up: number, wide: number, high: number): Ring => ({
    centre: addScaled(place, leg.foot.up, up * h),
    a: scale(leg.foot.left, wide * h),
    b: scale(leg.foot.up, high * h),
  });
  const toe = mix(leg.ball, leg.toe, 0.82);
  const heel = mix(leg.heel, leg.ball, 0.12);
  const mouth: Ring = {
    centre: addScaled(leg.ankle, leg.foot.up, -0.002 * h),
    a: scale(leg.foot.left, 0.021 * h),
    b: scale(leg.foot.fwd, 0.021 * h),
  };
  const outline = swept(camera, [
    ring(heel, 0.016, 0.02, 0.016),
    ring(leg.ball, 0.013, 0.029, 0.013),
    ring(toe, 0.009, 0.021, 0.009),
    mouth,
  ]);
  return shape(easel, 'shoe', outline, line * 0.8);
}
