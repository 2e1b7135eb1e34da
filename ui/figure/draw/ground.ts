import { mix, pressureOf, type Leg, type Vec } from '@/core/body';
import { n } from '../outline';
import type { Easel } from './easel';

/** One soft brush of shadow under a foot, as wide and dark as the weight it carries. */
export function drawShadow({ camera, u }: Easel, leg: Leg): string {
  const weight = pressureOf(leg);
  const over: Vec = leg.air > 0.5 ? mix(leg.heel, leg.toe, 0.5) : leg.pressure;
  const spot = camera.spot([over[0], 0, over[2]]);
  const wide = (0.05 + 0.07 * weight) * u;
  return `<ellipse class="fig-shadow" cx="${n(spot.x)}" cy="${n(spot.y)}" rx="${n(wide)}" ry="${n(wide * 0.2)}" fill-opacity="${(0.06 + 0.28 * weight).toFixed(2)}"/>`;
}
