import type { Side, Skeleton } from '../body';
import { countsOf, type Count } from './measures';
import { anchorOf, placeAnchor, type SkinPlace } from './place';
import { point, type PointCode } from './points';
import type { Site } from './site';

/** One distance of a point as it is counted on the body, from its landmark to where it ends. */
export interface CountedWay {
  readonly count: Count;
  /** Places on the skin along the way, the landmark first. */
  readonly way: readonly SkinPlace[];
  /** Where each whole cùn falls, the landmark first; the end too where it is no whole one. */
  readonly marks: readonly SkinPlace[];
}

/** Places between two marks, so that the way follows the skin. */
const BETWEEN = 4;

/** The sites a count goes through: 0 its landmark, 1 its end. */
function walked(site: Site, index: number): ((share: number) => Site) | undefined {
  switch (site.on) {
    case 'belly':
      // First up or down the midline, then aside at that height.
      return index === 0 && site.upCun !== 0
        ? (share) => ({ ...site, upCun: site.upCun * share, outCun: 0 })
        : (share) => ({ ...site, outCun: site.outCun * share });
    case 'scalp':
      return index === 0
        ? (share) => ({ ...site, behindHairlineCun: site.behindHairlineCun * share, outCun: 0 })
        : (share) => ({ ...site, outCun: site.outCun * share });
    case 'chest':
    case 'back':
      return (share) => ({ ...site, outCun: site.outCun * share });
    case 'flank':
      return (share) => ({ ...site, upCun: site.upCun * share });
    case 'upper arm':
    case 'forearm':
    case 'thigh':
    case 'shank':
      return (share) => ({ ...site, cun: site.cun * share });
    default:
      return undefined;
  }
}

/** The distances a point is counted by, laid on a body; none for a point that its landmarks fix alone. */
export function countedWays(skeleton: Skeleton, code: PointCode, side: Side): readonly CountedWay[] {
  const [site] = point(code).sites;
  if (!site) return [];
  return countsOf(site).flatMap((count, index) => {
    const at = walked(site, index);
    if (!at || count.cun === 0) return [];
    const place = (share: number): SkinPlace => placeAnchor(skeleton, anchorOf(at(share)), side);
    const whole = Math.floor(count.cun + 1e-9);
    const shares = Array.from({ length: whole + 1 }, (_, cun) => cun / count.cun);
    if (count.cun - whole > 1e-6) shares.push(1);
    const steps = Math.max(2, Math.ceil(count.cun * BETWEEN));
    return [
      {
        count,
        way: Array.from({ length: steps + 1 }, (_, step) => place(step / steps)),
        marks: shares.map(place),
      },
    ];
  });
}
