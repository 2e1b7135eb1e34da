import {
  add,
  addScaled,
  cross,
  dot,
  forearmAt,
  headSurface,
  inFrame,
  LEVELS,
  LIMB_RADII,
  mix,
  ringAt,
  scale,
  share,
  sub,
  trunkSurface,
  unit,
  type Frame,
  type Side,
  type Skeleton,
  type Vec,
} from '../body';
import {
  ANKLE_JOINT_CUN,
  AXILLA_ALONG,
  GLUTEAL_ALONG,
  HEAD_LINE,
  HEAD_SIDE_DEG,
  headArc,
  measure,
  PATELLA_CUN,
} from './measures';
import type { Bone, ChestLevel, Site, Vertebra } from './site';
import { VERTEBRAE } from './site';

/**
 * Where a site lies on any skeleton: the cùn turned once into shares of the body's own segments, then
 * put on the solved segments in whatever posture they are. Accuracy against the published distances: see
 * `cun.test.ts`.
 */
export type Anchor =
  | { readonly part: 'trunk'; readonly level: number; readonly aroundDeg: number }
  | { readonly part: 'head'; readonly aroundDeg: number; readonly upDeg: number }
  | { readonly part: 'neck'; readonly up: number; readonly aroundDeg: number }
  | { readonly part: 'shoulder'; readonly out: number; readonly aroundDeg: number }
  | { readonly part: Bone; readonly along: number; readonly aroundDeg: number }
  | { readonly part: 'hand'; readonly along: number; readonly across: number; readonly deep: number }
  | { readonly part: 'foot'; readonly along: number; readonly across: number; readonly up: number }
  | { readonly part: 'perineum' };

/** A place on the skin and the way the skin faces there, world metres. */
export interface SkinPlace {
  readonly place: Vec;
  readonly away: Vec;
}

const RAD = Math.PI / 180;
const frontCun = measure('nipples').share / 8;
const backCun = measure('scapulae').share / 6;
const chestCun = measure('notch-xiphoid').share / 9;

/** Level of a rib space: the first 2.6 cùn under the notch, then 1.6 each (from memory). */
function chestLevel(level: ChestLevel): number {
  const below = level === 'manubrium' ? 1 : level === 'collarbone' ? 1.6 : 1 + 1.6 * level;
  return LEVELS.sternalNotch - below * chestCun;
}

function bellyLevel(upCun: number): number {
  const unitUp = measure('xiphoid-navel').share / 8;
  const unitDown = measure('navel-pubis').share / 5;
  return LEVELS.navel + upCun * (upCun > 0 ? unitUp : unitDown);
}

/** Level under a spinous process: even steps C7–T12, T12–L5, and down the sacrum (from memory). */
export function vertebraLevel(vertebra: Vertebra): number {
  const index = VERTEBRAE.indexOf(vertebra);
  const [c7, t12, l5, s4, end] = [0, 12, 17, 21, 22];
  // GV4 and BL23 lie level with the navel (common practice): L2 is put there, two fifths of the way to L5.
  const lumbar = (LEVELS.t12 - LEVELS.navel) / 2;
  const [l5Level, s4Level] = [LEVELS.t12 - 5 * lumbar, 0.517];
  const between = (from: number, to: number, a: number, b: number): number =>
    a + ((b - a) * (index - from)) / (to - from);
  if (index <= t12) return between(c7, t12, LEVELS.c7, LEVELS.t12);
  if (index <= l5) return between(t12, l5, LEVELS.t12, l5Level);
  return index <= s4 ? between(l5, s4, l5Level, s4Level) : between(s4, end, s4Level, LEVELS.coccyx);
}

/** The angle whose arc over the trunk at a level, from the front (or back) midline, is so long. */
function angleForArc(level: number, arc: number): number {
  const ring = ringAt(level);
  const at = (deg: number): readonly [number, number] => {
    const [s, c] = [Math.sin(deg * RAD), Math.cos(deg * RAD)];
    const r = 1 / Math.hypot(s / ring.breadth, c / ring.depth);
    return [s * r, c * r];
  };
  let [sum, x, z] = [0, ...at(0)];
  for (let deg = 1; deg <= 120; deg += 1) {
    const [nx, nz] = at(deg);
    const step = Math.hypot(nx - x, nz - z);
    if (sum + step >= arc) return deg - 1 + (arc - sum) / step;
    [sum, x, z] = [sum + step, nx, nz];
  }
  throw new RangeError(`expected an arc within a third of the trunk, got ${arc} of stature`);
}

/** The angle over the head at so many cùn behind the front hairline. */
function scalpDeg(cun: number): number {
  const whole = headArc(HEAD_LINE.frontDeg, HEAD_LINE.backDeg);
  let deg: number = HEAD_LINE.frontDeg;
  let sum = 0;
  while (sum < (whole * cun) / 12) {
    sum += headArc(deg, deg + 0.25);
    deg += 0.25;
  }
  return deg;
}

function onScalp(behindCun: number, outCun: number): Anchor {
  const over = scalpDeg(behindCun) * RAD;
  const side = outCun * HEAD_SIDE_DEG * RAD;
  const [x, y, z] = [Math.sin(side), Math.cos(side) * Math.sin(over), Math.cos(side) * Math.cos(over)];
  return { part: 'head', aroundDeg: Math.atan2(x, z) / RAD, upDeg: Math.asin(y) / RAD };
}

function boneAlong(site: Site & { on: Bone }): number {
  switch (site.from) {
    case 'elbow crease':
      return 1 - (site.cun * (1 - AXILLA_ALONG)) / 9;
    case 'wrist crease':
      return 1 - site.cun / 12;
    case 'patella':
      return 1 - PATELLA_CUN / 19 - (site.cun * measure('pubis-patella').share) / 18 / share('thigh');
    case 'gluteal fold':
      return GLUTEAL_ALONG + (site.cun * (1 - GLUTEAL_ALONG)) / 14;
    case 'knee crease':
      return site.on === 'thigh' ? 1 - site.cun / 19 : site.cun / ANKLE_JOINT_CUN;
    case 'medial condyle':
      return (2 + site.cun) / ANKLE_JOINT_CUN;
    case 'medial malleolus':
      return (15 - site.cun) / ANKLE_JOINT_CUN;
    case 'lateral malleolus':
      return (16 - site.cun) / ANKLE_JOINT_CUN;
    default:
      return site.from satisfies never;
  }
}

/** Turns a site into shares of the body's segments (see `Anchor`). */
export function anchorOf(site: Site): Anchor {
  switch (site.on) {
    case 'belly': {
      const level = bellyLevel(site.upCun);
      return { part: 'trunk', level, aroundDeg: angleForArc(level, site.outCun * frontCun) };
    }
    case 'chest': {
      const level = chestLevel(site.level);
      return { part: 'trunk', level, aroundDeg: angleForArc(level, site.outCun * frontCun) };
    }
    case 'back': {
      const level = vertebraLevel(site.below);
      return { part: 'trunk', level, aroundDeg: 180 - angleForArc(level, site.outCun * backCun) };
    }
    case 'flank':
      return { part: 'trunk', level: bellyLevel(site.upCun), aroundDeg: site.aroundDeg };
    case 'ribs':
      return { part: 'trunk', level: chestLevel(site.space as ChestLevel), aroundDeg: site.aroundDeg };
    case 'scalp':
      return onScalp(site.behindHairlineCun, site.outCun);
    case 'face':
      return { part: 'head', aroundDeg: site.aroundDeg, upDeg: site.upDeg };
    case 'neck':
      return { part: 'neck', up: site.up, aroundDeg: site.aroundDeg };
    case 'shoulder':
      return { part: 'shoulder', out: site.out, aroundDeg: site.aroundDeg };
    case 'hand': {
      const deep = site.face === 'palm' ? 1 : site.face === 'back' ? -1 : 0;
      return { part: 'hand', along: site.along, across: site.across, deep };
    }
    case 'foot': {
      const top = site.along < 0.3 ? 1 : site.along > 0.7 ? 0.3 : 1 - (0.7 * (site.along - 0.3)) / 0.4;
      const up = site.face === 'top' ? top : site.face === 'sole' ? 0 : site.up;
      return { part: 'foot', along: site.along, across: site.across, up };
    }
    case 'perineum':
      return { part: 'perineum' };
    default:
      return { part: site.on, along: boneAlong(site), aroundDeg: site.aroundDeg };
  }
}

/** A place around a tube: its axis point, radius, and the two directions that span its section. */
function around(axis: Vec, radius: number, front: Vec, out: Vec, deg: number): SkinPlace {
  const away = add(scale(front, Math.cos(deg * RAD)), scale(out, Math.sin(deg * RAD)));
  return { place: addScaled(axis, away, radius), away };
}

const NECK_RADII = [0.031, 0.028] as const;
const SHOULDER_RADII = [0.026, 0.032] as const;
const HAND_HALF = { across: 0.024, deep: 0.009 } as const;
const FOOT_HALF = share('footBreadth') / 2;
const between = (radii: readonly [number, number] | readonly number[], t: number): number =>
  (radii[0] ?? 0) + ((radii[1] ?? 0) - (radii[0] ?? 0)) * t;

function onBone(skeleton: Skeleton, side: Side, bone: Bone, along: number, aroundDeg: number): SkinPlace {
  const sign = side === 'left' ? 1 : -1;
  const h = skeleton.build.statureM;
  const arm = skeleton.arms[side];
  const leg = skeleton.legs[side];
  const [from, to, frame, radii]: readonly [Vec, Vec, Frame, readonly number[]] =
    bone === 'upper arm'
      ? [arm.shoulder, arm.elbow, arm.upperArm, LIMB_RADII.upperArm]
      : bone === 'forearm'
        ? [arm.elbow, arm.wrist, forearmAt(arm, along), LIMB_RADII.forearm]
        : bone === 'thigh'
          ? [leg.hip, leg.knee, leg.thigh, LIMB_RADII.thigh]
          : [leg.knee, leg.ankle, leg.shank, LIMB_RADII.shank];
  return around(
    mix(from, to, along),
    between(radii, along) * h,
    frame.fwd,
    scale(frame.left, sign),
    aroundDeg,
  );
}

/** Where the throat meets the floor of the chin, and where the nape meets the hair: degrees on the head's profile. */
const THROAT_DEG = -74;
const NAPE_DEG = HEAD_LINE.backDeg;

/**
 * A place round the neck. The neck stands obliquely: its foot runs from the notch above the breastbone in front to C7
 * behind, its top from under the chin to the back hairline; `up` goes from the one ring (0) to the other (1).
 */
function onNeck(skeleton: Skeleton, side: Side, up: number, aroundDeg: number): SkinPlace {
  const sign = side === 'left' ? 1 : -1;
  const { trunk, build } = skeleton;
  const h = build.statureM;
  const profile = (deg: number): Vec =>
    headSurface(trunk, h, Math.abs(deg) > 90 ? 180 : 0, Math.abs(deg) > 90 ? 180 - deg : deg).place;
  const front = mix(trunkSurface(trunk, h, LEVELS.sternalNotch, 0).place, profile(THROAT_DEG), up);
  const behind = mix(trunkSurface(trunk, h, LEVELS.c7, 180).place, profile(NAPE_DEG), up);
  const half = scale(sub(front, behind), 0.5);
  const out = scale(trunk.neckFrame.left, sign * between(NECK_RADII, up) * h);
  const [s, c] = [Math.sin(aroundDeg * RAD), Math.cos(aroundDeg * RAD)];
  const away = add(scale(half, c), scale(out, s));
  return { place: add(mix(behind, front, 0.5), away), away: unit(away) };
}

function onHand(skeleton: Skeleton, side: Side, anchor: Anchor & { part: 'hand' }): SkinPlace {
  const sign = side === 'left' ? 1 : -1;
  const h = skeleton.build.statureM;
  const { wrist, hand } = skeleton.arms[side];
  const thumb = scale(hand.left, sign);
  const along = addScaled(wrist, hand.up, -anchor.along * share('hand') * h);
  const place = addScaled(
    addScaled(along, thumb, anchor.across * HAND_HALF.across * h),
    hand.fwd,
    anchor.deep * HAND_HALF.deep * h,
  );
  return {
    place,
    away: anchor.deep === 0 ? scale(thumb, Math.sign(anchor.across)) : scale(hand.fwd, anchor.deep),
  };
}

function onFoot(skeleton: Skeleton, side: Side, anchor: Anchor & { part: 'foot' }): SkinPlace {
  const sign = side === 'left' ? 1 : -1;
  const h = skeleton.build.statureM;
  const { heel, foot } = skeleton.legs[side];
  const { along, across, up } = anchor;
  // Narrow at the heel, broadest at the ball.
  const breadth = along < 0.7 ? 0.62 + (0.38 * along) / 0.7 : 1 - 0.3 * ((along - 0.7) / 0.3);
  const out = scale(foot.left, sign);
  const place = addScaled(
    addScaled(addScaled(heel, foot.fwd, along * share('foot') * h), out, across * breadth * FOOT_HALF * h),
    foot.up,
    up * share('ankleHeight') * h,
  );
  const atEdge = Math.abs(across) === 1;
  const away = atEdge ? scale(out, across) : up === 0 ? scale(foot.up, -1) : foot.up;
  return { place, away };
}

/** Puts an anchor on a skeleton, on one side; the midline takes either. */
export function placeAnchor(skeleton: Skeleton, anchor: Anchor, side: Side): SkinPlace {
  const sign = side === 'left' ? 1 : -1;
  const h = skeleton.build.statureM;
  const { trunk } = skeleton;
  switch (anchor.part) {
    case 'trunk':
      return trunkSurface(trunk, h, anchor.level, sign * anchor.aroundDeg);
    case 'head':
      return headSurface(trunk, h, sign * anchor.aroundDeg, anchor.upDeg);
    case 'neck':
      return onNeck(skeleton, side, anchor.up, anchor.aroundDeg);
    case 'shoulder': {
      const root = add(trunk.neck, inFrame(trunk.thorax, [sign * 0.03 * h, 0, 0]));
      const joint = skeleton.arms[side].shoulder;
      const line = unit(sub(joint, root));
      const up = unit(addScaled(trunk.thorax.up, line, -dot(trunk.thorax.up, line)));
      const front = scale(cross(line, up), sign);
      return around(
        mix(root, joint, anchor.out),
        between(SHOULDER_RADII, anchor.out) * h,
        front,
        up,
        anchor.aroundDeg,
      );
    }
    case 'hand':
      return onHand(skeleton, side, anchor);
    case 'foot':
      return onFoot(skeleton, side, anchor);
    case 'perineum': {
      const down = scale(trunk.pelvis.up, -1);
      return { place: addScaled(trunk.midHip, down, 0.034 * h), away: down };
    }
    case 'upper arm':
    case 'forearm':
    case 'thigh':
    case 'shank':
      return onBone(skeleton, side, anchor.part, anchor.along, anchor.aroundDeg);
    default:
      return anchor satisfies never;
  }
}

const wrapDeg = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** Anchors between two on the same part of the body; none where the parts differ. */
export function anchorsBetween(from: Anchor, to: Anchor, steps: number): readonly Anchor[] {
  if (from.part !== to.part) return [];
  const anchors: Anchor[] = [];
  for (let step = 1; step < steps; step += 1) {
    const t = step / steps;
    const anchor = mixAnchors(from, to, t);
    if (anchor) anchors.push(anchor);
  }
  return anchors;
}

function mixAnchors(from: Anchor, to: Anchor, t: number): Anchor | undefined {
  const num = (a: number, b: number): number => a + (b - a) * t;
  const deg = (a: number, b: number): number => a + wrapDeg(b - a) * t;
  if (from.part === 'trunk' && to.part === 'trunk')
    return { part: 'trunk', level: num(from.level, to.level), aroundDeg: deg(from.aroundDeg, to.aroundDeg) };
  if (from.part === 'head' && to.part === 'head') return mixOnHead(from, to, t);
  if (from.part === 'neck' && to.part === 'neck')
    return { part: 'neck', up: num(from.up, to.up), aroundDeg: deg(from.aroundDeg, to.aroundDeg) };
  if (from.part === 'shoulder' && to.part === 'shoulder')
    return { part: 'shoulder', out: num(from.out, to.out), aroundDeg: num(from.aroundDeg, to.aroundDeg) };
  if ('along' in from && 'aroundDeg' in from && 'along' in to && 'aroundDeg' in to)
    return {
      part: from.part,
      along: num(from.along, to.along),
      aroundDeg: deg(from.aroundDeg, to.aroundDeg),
    };
  return undefined;
}

/** Along the shortest way over the head, so that the crown is no seam. */
function mixOnHead(from: Anchor & { part: 'head' }, to: Anchor & { part: 'head' }, t: number): Anchor {
  const way = ({ aroundDeg, upDeg }: Anchor & { part: 'head' }): Vec => [
    Math.sin(aroundDeg * RAD) * Math.cos(upDeg * RAD),
    Math.sin(upDeg * RAD),
    Math.cos(aroundDeg * RAD) * Math.cos(upDeg * RAD),
  ];
  const [x, y, z] = unit(mix(way(from), way(to), t));
  return {
    part: 'head',
    aroundDeg: Math.atan2(x, z) / RAD,
    upDeg: Math.asin(Math.max(-1, Math.min(1, y))) / RAD,
  };
}
