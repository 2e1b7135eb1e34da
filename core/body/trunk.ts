import { HEAD, share, TRUNK_RINGS } from './skeleton';
import { add, addScaled, inFrame, mix, mixFrame, turned, unit, type Frame, type Vec } from './vector';
import type { Goals } from './goals';
import { restFrame } from './resting';

const { cos, hypot, max, min, PI, sin } = Math;

/** The spine and head, relative to the middle of the hips; metres for a stature of one metre. */
export interface Trunk {
  readonly pelvis: Frame;
  readonly abdomen: Frame;
  readonly thorax: Frame;
  readonly neckFrame: Frame;
  readonly headFrame: Frame;
  readonly midHip: Vec;
  readonly lumbar: Vec;
  readonly thoracic: Vec;
  readonly neck: Vec;
  readonly skull: Vec;
  readonly head: Vec;
}

const LUMBAR_UP = share('lumbosacral') - share('hipHeight');
const THORACIC_UP = share('thoracolumbar') - share('lumbosacral');
const NECK_UP = share('cervicothoracic') - share('thoracolumbar');
const SKULL_UP = share('skullBase') - share('cervicothoracic');

/** Shares of the spine's bending that fall to the low back; the rest is the ribs' (from memory). */
const LOW_BACK = { turn: 0.2, round: 0.45, bend: 0.45 } as const;

/** Bends the spine as the goals say, with the middle of the hips at the origin. */
export function solveTrunk(goals: Goals): Trunk {
  const spineTurn = goals.turnDeg - goals.hipsTurnDeg;
  const pelvis = turned(restFrame(goals.base), goals.hipsTurnDeg, goals.leanDeg - goals.tuckDeg, 0);
  const abdomen = turned(
    pelvis,
    spineTurn * LOW_BACK.turn,
    goals.roundDeg * LOW_BACK.round + goals.tuckDeg,
    goals.bendDeg * LOW_BACK.bend,
  );
  const thorax = turned(
    abdomen,
    spineTurn * (1 - LOW_BACK.turn),
    goals.roundDeg * (1 - LOW_BACK.round),
    goals.bendDeg * (1 - LOW_BACK.bend),
  );
  const neckFrame = turned(thorax, goals.headTurnDeg / 2, goals.nodDeg / 2, goals.headTiltDeg / 2);
  const headFrame = turned(neckFrame, goals.headTurnDeg / 2, goals.nodDeg / 2, goals.headTiltDeg / 2);
  const midHip: Vec = [0, 0, 0];
  const lumbar = add(midHip, inFrame(pelvis, [0, LUMBAR_UP, -0.008]));
  const thoracic = add(lumbar, inFrame(abdomen, [0, THORACIC_UP, -0.004]));
  const neck = add(thoracic, inFrame(thorax, [0, NECK_UP, -0.004]));
  const skull = add(neck, inFrame(neckFrame, [0, SKULL_UP, 0.014]));
  const head = add(skull, inFrame(headFrame, [0, HEAD.up, HEAD.ahead]));
  return { pelvis, abdomen, thorax, neckFrame, headFrame, midHip, lumbar, thoracic, neck, skull, head };
}

/** The same trunk moved and scaled: every place becomes `at + place × stature`. */
export function placeTrunk(trunk: Trunk, at: Vec, statureM: number): Trunk {
  const put = (place: Vec): Vec => addScaled(at, place, statureM);
  return {
    ...trunk,
    midHip: put(trunk.midHip),
    lumbar: put(trunk.lumbar),
    thoracic: put(trunk.thoracic),
    neck: put(trunk.neck),
    skull: put(trunk.skull),
    head: put(trunk.head),
  };
}

/** Centre and axes of the trunk at a level: a height over the floor as it would be standing, 0.50–0.86. */
export function trunkAt(trunk: Trunk, level: number): { readonly centre: Vec; readonly frame: Frame } {
  const hip = share('hipHeight');
  const low = share('lumbosacral');
  const mid = share('thoracolumbar');
  const top = share('cervicothoracic');
  if (level <= low) {
    const t = (level - hip) / (low - hip);
    const frame = mixFrame(trunk.pelvis, trunk.abdomen, max(0, t) * 0.5);
    return { centre: mix(trunk.midHip, trunk.lumbar, t), frame };
  }
  if (level <= mid) {
    const t = (level - low) / (mid - low);
    const frame =
      t < 0.5
        ? mixFrame(trunk.pelvis, trunk.abdomen, 0.5 + t)
        : mixFrame(trunk.abdomen, trunk.thorax, t - 0.5);
    return { centre: mix(trunk.lumbar, trunk.thoracic, t), frame };
  }
  const t = (level - mid) / (top - mid);
  const frame = mixFrame(trunk.abdomen, trunk.thorax, min(1, 0.5 + t * 2));
  return { centre: mix(trunk.thoracic, trunk.neck, t), frame };
}

/** Half breadth, half depth and forward shift of the trunk at a level, as shares of stature. */
export function ringAt(level: number): {
  readonly breadth: number;
  readonly depth: number;
  readonly ahead: number;
} {
  const rings = TRUNK_RINGS;
  if (level <= rings[0].level) return rings[0];
  for (let index = 1; index < rings.length; index += 1) {
    const above = rings[index];
    const below = rings[index - 1];
    if (!above || !below || level > above.level) continue;
    const t = (level - below.level) / (above.level - below.level);
    return {
      breadth: below.breadth + (above.breadth - below.breadth) * t,
      depth: below.depth + (above.depth - below.depth) * t,
      ahead: below.ahead + (above.ahead - below.ahead) * t,
    };
  }
  return rings[rings.length - 1] ?? rings[0];
}

/**
 * A place on the skin of the trunk: at a level, seen from its centre towards `angleDeg` (0 front, 90 the
 * person's left, 180 back). Returns the place, and the way the skin faces there.
 */
export function trunkSurface(
  trunk: Trunk,
  statureM: number,
  level: number,
  angleDeg: number,
): { readonly place: Vec; readonly away: Vec; readonly frame: Frame } {
  const { centre, frame } = trunkAt(trunk, level);
  const ring = ringAt(level);
  const [s, c] = [sin((angleDeg * PI) / 180), cos((angleDeg * PI) / 180)];
  // Where the ray from the centre meets the ellipse.
  const r = 1 / hypot(s / ring.breadth, c / ring.depth);
  const place = add(centre, inFrame(frame, [s * r * statureM, 0, (c * r + ring.ahead) * statureM]));
  const away = unit(inFrame(frame, [s / ring.breadth, 0, c / ring.depth]));
  return { place, away, frame };
}

/** A place on the skin of the head: azimuth as above, elevation up from the ears' level, degrees. */
export function headSurface(
  trunk: Trunk,
  statureM: number,
  azimuthDeg: number,
  elevationDeg: number,
): { readonly place: Vec; readonly away: Vec; readonly frame: Frame } {
  const [sa, ca] = [sin((azimuthDeg * PI) / 180), cos((azimuthDeg * PI) / 180)];
  const [se, ce] = [sin((elevationDeg * PI) / 180), cos((elevationDeg * PI) / 180)];
  const v: Vec = [sa * ce, se, ca * ce];
  const r = 1 / hypot(v[0] / HEAD.breadth, v[1] / HEAD.height, v[2] / HEAD.depth);
  const frame = trunk.headFrame;
  const place = add(
    trunk.head,
    inFrame(frame, [v[0] * r * statureM, v[1] * r * statureM, v[2] * r * statureM]),
  );
  const away = unit(
    inFrame(frame, [v[0] / HEAD.breadth ** 2, v[1] / HEAD.height ** 2, v[2] / HEAD.depth ** 2]),
  );
  return { place, away, frame };
}
