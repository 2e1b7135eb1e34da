import { distance, solvePosture, type Posture } from '../../body';
import { restOf, strokePostures } from '../writing/embody';
import { cycleOf } from '../model/variants';
import { keptByWay } from '../model/keptByWay';

/**
 * The posture that tells a form from others at a glance: of the ends of its strokes the one whose hands,
 * head and feet are farthest from standing at rest. Rest itself where the form has no postures.
 */
export const tellingPosture = keptByWay((form, variant): Posture => {
  const rest = restOf(form, variant);
  const calm = solvePosture(rest);
  let best = rest;
  let far = 0;
  for (const stroke of cycleOf(form, variant)) {
    const posture = strokePostures(stroke, variant).at(-1);
    if (!posture) continue;
    const there = solvePosture(posture);
    const away =
      distance(there.arms.left.palm, calm.arms.left.palm) +
      distance(there.arms.right.palm, calm.arms.right.palm) +
      distance(there.trunk.head, calm.trunk.head) +
      distance(there.legs.left.toe, calm.legs.left.toe);
    // The later of two alike: a form is known by where it arrives.
    if (away >= far * 0.98) {
      far = Math.max(far, away);
      best = posture;
    }
  }
  return best;
});
