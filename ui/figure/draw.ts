import {
  add,
  addScaled,
  dot,
  inFrame,
  mix,
  pressureOf,
  ringAt,
  scale,
  share,
  trunkAt,
  trunkSurface,
  HEAD,
  type Arm,
  type Frame,
  type Hand,
  type Leg,
  type Side,
  type Skeleton,
  type Vec,
} from '@/core/body';
import { drawHand } from './hands';
import { at, disc, discSpots, hull, rounded, solid, stroke, tube, type Ring } from './outline';
import { UNITS, type Camera, type Spot } from './view';

/**
 * The ink figure: a solved skeleton in loose clothes, as SVG markup made of numbers only. Shapes lie over
 * each other by their depth; joined shapes are outlined together first and filled after, so that no
 * line runs through them.
 */
export interface Ink {
  /** Width of the outline, picture units. */
  readonly line: number;
  /** Whether ground, shadows and stool are drawn. */
  readonly ground: boolean;
}

const SLEEVE = [0.036, 0.032, 0.033] as const;
const TROUSER = [0.058, 0.048, 0.041] as const;
/** The head is drawn a little large: it is what tells front from back. */
const HEAD_LARGE = 1.1;
const CLOTH = 0.008;

/** The outline lies under the fill (paint-order), so that of joined shapes only the outer half is seen. */
const joined = (kind: 'cloth' | 'skin' | 'stool' | 'sash', parts: string, line: number): string =>
  `<path class="fig-edged fig-${kind}" stroke-width="${line * 2}" d="${parts}"/>`;

const fill = (kind: string, parts: string): string => `<path class="fig-${kind}" d="${parts}"/>`;
const pen = (parts: string, width: number): string =>
  `<path class="fig-stroke" stroke-width="${width}" d="${parts}"/>`;

interface Easel {
  readonly camera: Camera;
  readonly skeleton: Skeleton;
  readonly ink: Ink;
  /** Stature in metres and in picture units. */
  readonly h: number;
  readonly u: number;
}

function bandRing(easel: Easel, level: number, wider: number): Ring {
  const { skeleton, h } = easel;
  const { centre, frame } = trunkAt(skeleton.trunk, level);
  const ring = ringAt(level);
  return {
    centre: addScaled(centre, frame.fwd, ring.ahead * h),
    a: scale(frame.left, (ring.breadth + wider) * h),
    b: scale(frame.fwd, (ring.depth + wider) * h),
  };
}

function drawFoot(easel: Easel, leg: Leg): string {
  const { camera, h, u, ink } = easel;
  const ring = (place: Vec, up: number, width: number, high: number): Ring => ({
    centre: addScaled(place, leg.foot.up, up * h),
    a: scale(leg.foot.left, width * h),
    b: scale(leg.foot.up, high * h),
  });
  const toe = mix(leg.ball, leg.toe, 0.8);
  const heel = mix(leg.heel, leg.ball, 0.14);
  const shape =
    solid(camera, [
      ring(heel, 0.017, 0.019, 0.017),
      ring(leg.ball, 0.013, 0.028, 0.013),
      ring(toe, 0.008, 0.022, 0.008),
    ]) + tube(camera.spot(leg.ankle), 0.022 * u, camera.spot(mix(heel, leg.ball, 0.45)), 0.012 * u);
  return joined('skin', shape, ink.line);
}

function drawLeg(easel: Easel, leg: Leg): string {
  const { camera, u, ink } = easel;
  const cuff = mix(leg.knee, leg.ankle, 0.9);
  const parts =
    tube(camera.spot(leg.hip), TROUSER[0] * u, camera.spot(leg.knee), TROUSER[1] * u) +
    tube(camera.spot(leg.knee), TROUSER[1] * u, camera.spot(cuff), TROUSER[2] * u);
  return drawFoot(easel, leg) + joined('cloth', parts, ink.line);
}

function pelvisShape(easel: Easel): string {
  const { camera, skeleton, h } = easel;
  const { trunk } = skeleton;
  const low: Ring = {
    centre: addScaled(trunk.midHip, trunk.pelvis.up, -0.02 * h),
    a: scale(trunk.pelvis.left, 0.066 * h),
    b: scale(trunk.pelvis.fwd, 0.056 * h),
  };
  return solid(camera, [bandRing(easel, 0.57, CLOTH), bandRing(easel, 0.53, CLOTH * 0.5), low]);
}

function drawArm(easel: Easel, arm: Arm, side: Side): string {
  const { camera, skeleton, u, h, ink } = easel;
  const cuff = mix(arm.elbow, arm.wrist, 0.93);
  const parts =
    tube(camera.spot(arm.shoulder), SLEEVE[0] * u, camera.spot(arm.elbow), SLEEVE[1] * u) +
    tube(camera.spot(arm.elbow), SLEEVE[1] * u, camera.spot(cuff), SLEEVE[2] * u);
  const goal = side === 'left' ? skeleton.goals.leftHand : skeleton.goals.rightHand;
  const hand: Hand = goal.t < 0.5 ? goal.from : goal.to;
  const drawn = drawHand(camera, arm, side, hand.shape ?? 'open', h, ink.line * 0.85);
  const sleeve = joined('cloth', parts, ink.line);
  // The hand lies over the cuff where it comes towards the viewer, under it where it goes away.
  return camera.spot(arm.fingertip).depth > camera.spot(arm.elbow).depth - 0.1 * h
    ? sleeve + drawn
    : drawn + sleeve;
}

function drawJacket(easel: Easel): string {
  const { camera, skeleton, u, h, ink } = easel;
  const { trunk, arms } = skeleton;
  const neckBase: Ring = {
    centre: addScaled(trunk.neck, trunk.thorax.up, 0.014 * h),
    a: scale(trunk.thorax.left, 0.038 * h),
    b: scale(trunk.thorax.fwd, 0.036 * h),
  };
  const shoulders = (['left', 'right'] as const).flatMap((side) =>
    discSpots(camera.spot(addScaled(arms[side].shoulder, trunk.thorax.up, -0.006 * h)), SLEEVE[0] * u * 0.86),
  );
  const chest = solid(
    camera,
    [bandRing(easel, 0.6, CLOTH * 1.2), bandRing(easel, 0.66, CLOTH), bandRing(easel, 0.74, CLOTH), neckBase],
    shoulders,
  );
  const skirt = solid(camera, [
    bandRing(easel, 0.605, CLOTH * 1.4),
    bandRing(easel, 0.56, CLOTH * 2.4),
    bandRing(easel, 0.536, CLOTH * 2.6),
  ]);
  const sash = sashBand(easel);
  const facing = dot(trunk.thorax.fwd, camera.viewer);
  const collar =
    facing > 0.1
      ? (
          [
            [0.838, -50],
            [0.79, -24],
            [0.72, 2],
            [0.66, 16],
            [0.62, 26],
          ] as const
        )
          .map(([level, angle]) => trunkSurface(trunk, h, level, angle))
          .filter((spot) => dot(spot.away, camera.viewer) > -0.05)
          .map((spot) => camera.spot(addScaled(spot.place, spot.away, CLOTH * h)))
      : [];
  const upper =
    joined('cloth', chest, ink.line) + (collar.length > 1 ? pen(stroke(collar), ink.line * 0.75) : '');
  const lower = joined('cloth', skirt, ink.line);
  const band = joined('sash', sash, ink.line * 0.7);
  // Seen from below, as in a fold from behind, the skirt hides the sash; seen from above the chest does.
  const along = dot(trunk.abdomen.up, camera.viewer);
  if (along < -0.45) return upper + band + lower;
  return along > 0.6 ? lower + band + upper : lower + upper + band;
}

/** The sash: the part of a band round the waist whose outside faces the viewer. */
function sashBand(easel: Easel): string {
  const { camera, skeleton, h } = easel;
  const edge = (level: number, angles: readonly number[]) =>
    angles.map((angle) => {
      const { place, away } = trunkSurface(skeleton.trunk, h, level, angle);
      return camera.spot(addScaled(place, away, CLOTH * 1.9 * h));
    });
  const { frame } = trunkAt(skeleton.trunk, 0.604);
  const toViewer = [dot(frame.left, camera.viewer), dot(frame.fwd, camera.viewer)] as const;
  const middle = (Math.atan2(toViewer[0], toViewer[1]) * 180) / Math.PI;
  const angles = [-88, -60, -30, 0, 30, 60, 88].map((turn) => middle + turn);
  const spots = [...edge(0.617, angles), ...edge(0.592, [...angles].reverse())];
  return `M${spots.map(at).join('L')}Z`;
}

function drawNeck(easel: Easel): string {
  const { camera, skeleton, u, ink } = easel;
  const { trunk } = skeleton;
  return joined(
    'skin',
    tube(camera.spot(trunk.neck), 0.031 * u, camera.spot(trunk.skull), 0.028 * u),
    ink.line * 0.9,
  );
}

/** The edge of the hair: a slice through the head, tilted back. */
function hairEdge(
  frame: Frame,
  centre: Vec,
  h: number,
): { readonly edge: readonly Vec[]; readonly way: Vec } {
  const tilt: Vec = [0, 0.62, -0.785];
  const off = 0.14;
  const steps = 16;
  const ringRadius = Math.sqrt(1 - off * off);
  const a: Vec = [1, 0, 0];
  const b: Vec = [0, 0.785, 0.62];
  const edge = Array.from({ length: steps }, (_, index): Vec => {
    const turn = (index / steps) * 2 * Math.PI;
    const v = add(
      scale(tilt, off),
      add(scale(a, ringRadius * Math.cos(turn)), scale(b, ringRadius * Math.sin(turn))),
    );
    return addScaled(centre, inFrame(frame, [v[0] * HEAD.breadth, v[1] * HEAD.height, v[2] * HEAD.depth]), h);
  });
  return { edge, way: inFrame(frame, tilt) };
}

/** Directions and distances of an outline's spots from a middle inside it, in the order of their angle. */
function polar(
  outline: readonly Spot[],
  centre: Spot,
): readonly { readonly angle: number; readonly r: number }[] {
  return outline
    .map(({ x, y }) => ({
      angle: Math.atan2(y - centre.y, x - centre.x),
      r: Math.hypot(x - centre.x, y - centre.y),
    }))
    .sort((a, b) => a.angle - b.angle);
}

/** How far an outline lies from its middle in a direction: between the two spots beside it. */
function radiusAt(spots: ReturnType<typeof polar>, angle: number): number {
  const next = spots.findIndex((spot) => spot.angle >= angle);
  const after = spots[next < 0 ? 0 : next];
  const before = spots[(next <= 0 ? spots.length : next) - 1];
  if (!after || !before) return 0;
  const whole = (after.angle - before.angle + 2 * Math.PI) % (2 * Math.PI) || 1;
  const part = ((angle - before.angle + 2 * Math.PI) % (2 * Math.PI)) / whole;
  return before.r + (after.r - before.r) * Math.min(1, part);
}

/**
 * The hair as the viewer sees it: the part of its edge that faces them, closed round the head's outline on
 * the side the hair is (`towards`, radians in the picture). Undefined where none of the edge is seen.
 */
function hairOutline(
  edge: readonly Spot[],
  centre: Spot,
  towards: number,
  outline: readonly Spot[],
): readonly Spot[] | undefined {
  const seen = edge.map((spot) => spot.depth >= centre.depth);
  if (!seen.includes(true)) return undefined;
  if (!seen.includes(false)) return edge;
  const start = seen.findIndex((near, index) => near && !seen[(index + edge.length - 1) % edge.length]);
  const turned = [...edge.slice(start), ...edge.slice(0, start)];
  const near = turned.slice(0, seen.filter(Boolean).length);
  const angleOf = (spot: Spot | undefined): number =>
    spot ? Math.atan2(spot.y - centre.y, spot.x - centre.x) : 0;
  const wrap = (angle: number): number => Math.atan2(Math.sin(angle), Math.cos(angle));
  // From where the edge goes behind to where it comes back, by way of the hair's own side.
  const [leaves, returns] = [angleOf(near.at(-1)), angleOf(near[0])];
  const [out, home] = [wrap(towards - leaves), wrap(returns - towards)];
  const steps = 5;
  const round = polar(outline, centre);
  const arc = (from: number, by: number): readonly Spot[] =>
    Array.from({ length: steps + 1 }, (_, index) => {
      const angle = from + (by * index) / steps;
      const outer = radiusAt(round, wrap(angle));
      return { ...centre, x: centre.x + Math.cos(angle) * outer, y: centre.y + Math.sin(angle) * outer };
    });
  return [...near, ...arc(leaves, out), ...arc(towards, home)];
}

/** A place on the head: breadths, heights and depths from its middle. */
type Put = (x: number, y: number, z: number) => Vec;

/** The outline of the skull as it is seen. */
function headOutline({ camera, skeleton, h }: Easel, put: Put): readonly Spot[] {
  const frame = skeleton.trunk.headFrame;
  return hull(
    [-0.92, -0.6, 0, 0.55, 0.9].flatMap((y) => {
      const r = Math.sqrt(1 - y * y);
      // The jaw is narrower than the brow.
      const wide = y < 0 ? 1 - 0.22 * y * y : 1;
      const ring: Ring = {
        centre: put(0, y, y < 0 ? 0.08 : 0),
        a: scale(frame.left, HEAD.breadth * HEAD_LARGE * h * r * wide),
        b: scale(frame.fwd, HEAD.depth * HEAD_LARGE * h * r * wide),
      };
      return Array.from({ length: 9 }, (_, index) => {
        const turn = (index / 9) * 2 * Math.PI;
        return camera.spot(
          add(ring.centre, add(scale(ring.a, Math.cos(turn)), scale(ring.b, Math.sin(turn)))),
        );
      });
    }),
  );
}

/** The ears that are seen. */
function ears({ camera, skeleton }: Easel, put: Put): string {
  const frame = skeleton.trunk.headFrame;
  return (['left', 'right'] as const)
    .map((side) => {
      const sign = side === 'left' ? 1 : -1;
      const seen = dot(frame.left, camera.viewer) * sign;
      if (seen < 0.25) return '';
      const spots = [
        put(sign, 0.14, -0.02),
        put(sign * 1.04, 0.1, -0.2),
        put(sign * 1.02, -0.16, -0.12),
        put(sign, -0.2, 0),
      ];
      return stroke(spots.map((place) => camera.spot(place)));
    })
    .join('');
}

function drawHead(easel: Easel): string {
  const { camera, skeleton, u, h, ink } = easel;
  const { trunk } = skeleton;
  const frame = trunk.headFrame;
  const put = (x: number, y: number, z: number): Vec =>
    addScaled(
      trunk.head,
      inFrame(frame, [x * HEAD.breadth, y * HEAD.height, z * HEAD.depth]),
      h * HEAD_LARGE,
    );
  const outline = headOutline(easel, put);
  const skull = rounded(outline);
  const { edge, way } = hairEdge(frame, trunk.head, h * HEAD_LARGE);
  const centre = camera.spot(trunk.head);
  const pole = camera.spot(addScaled(trunk.head, way, h * 0.1));
  const hair = hairOutline(
    edge.map((place) => camera.spot(place)),
    centre,
    Math.atan2(pole.y - centre.y, pole.x - centre.x),
    outline,
  );
  const hairFacing = dot(way, camera.viewer) >= 0;
  const area = hair ? rounded(hair) : hairFacing ? skull : '';
  const knot = camera.spot(put(0, 0.98, -0.62));
  const knotShape = `<path class="fig-hair" d="${disc(knot, 0.021 * u)}"/>`;
  const nose = [put(0, 0.16, 0.97), put(0, -0.12, 1.2), put(0, -0.2, 1.0)].map((place) => camera.spot(place));
  const faceSeen = dot(frame.fwd, camera.viewer);
  const ear = ears(easel, put);
  const features = ear + (faceSeen > -0.12 ? stroke(nose) : '');
  const behind = dot(inFrame(frame, [0, 0.5, -0.85]), camera.viewer) < 0.1;
  return (
    (behind ? knotShape : '') +
    fill('skin', skull) +
    fill('hair', area) +
    `<path class="fig-stroke" stroke-width="${ink.line * 0.9}" d="${skull}"/>` +
    (features === '' ? '' : pen(features, ink.line * 0.75)) +
    (behind ? '' : knotShape)
  );
}

function drawShadow(easel: Easel, leg: Leg): string {
  const { camera, h } = easel;
  const weight = pressureOf(leg);
  const place: Vec = [leg.pressure[0], 0, leg.pressure[2]];
  const onFloor = leg.air > 0.5 ? mix(leg.heel, leg.toe, 0.5) : place;
  const spot = camera.spot([onFloor[0], 0, onFloor[2]]);
  const wide = (0.05 + 0.06 * weight) * h * UNITS;
  const round = (v: number): string => v.toFixed(1);
  return `<ellipse class="fig-shadow" cx="${round(spot.x)}" cy="${round(spot.y)}" rx="${round(wide)}" ry="${round(wide * 0.24)}" fill-opacity="${(0.05 + 0.3 * weight).toFixed(2)}"/>`;
}

/** Half width and depth of the stool's seat, and where its legs stand, as shares of stature. */
const STOOL = { wide: 0.148, deep: 0.098, legAcross: 0.128, legDeep: 0.07, splay: 0.018 } as const;

function drawStool(easel: Easel): string {
  const { camera, h, ink } = easel;
  const seat = share('seat') * h;
  const ring = (y: number): Ring => ({
    centre: [0, y, -0.01 * h],
    a: [STOOL.wide * h, 0, 0],
    b: [0, 0, STOOL.deep * h],
  });
  const legs = [
    [1, 1],
    [1, -1],
    [-1, 1],
    [-1, -1],
  ]
    .map(([across = 1, deep = 1]) =>
      tube(
        camera.spot([across * STOOL.legAcross * h, seat - 0.02 * h, (deep * STOOL.legDeep - 0.01) * h]),
        1.8,
        camera.spot([across * (STOOL.legAcross + STOOL.splay) * h, 0, (deep * STOOL.legDeep - 0.01) * h]),
        1.6,
      ),
    )
    .join('');
  return (
    joined('stool', legs, ink.line * 0.7) +
    joined('stool', solid(camera, [ring(seat - 0.004 * h), ring(seat - 0.022 * h)]), ink.line * 0.8)
  );
}

/** The figure as SVG markup. Pure: the same skeleton, camera and ink give the same text. */
export function drawFigure(skeleton: Skeleton, camera: Camera, ink: Ink): string {
  const h = skeleton.build.statureM;
  const easel: Easel = { camera, skeleton, ink, h, u: h * UNITS };
  const { trunk, legs, arms } = skeleton;
  const chestDepth = camera.spot(trunk.thoracic).depth;
  const depthOf = (place: Vec): number => camera.spot(place).depth;
  const frontSeen = dot(trunk.thorax.fwd, camera.viewer) > 0;
  const headFar = depthOf(trunk.head) < chestDepth - 0.07 * h;

  const sides = ['left', 'right'] as const;
  const legOrder = [...sides].sort(
    (a, b) => depthOf(legs[a].knee) + depthOf(legs[a].ankle) - depthOf(legs[b].knee) - depthOf(legs[b].ankle),
  );
  // A thigh that comes towards the viewer lies over the jacket.
  const overJacket = (side: Side): boolean =>
    depthOf(legs[side].knee) > depthOf(legs[side].hip) + 0.16 * h &&
    legs[side].knee[1] > legs[side].hip[1] - 0.1 * h &&
    !skeleton.goals.chair;
  const handDepth = (side: Side): number => (depthOf(arms[side].palm) * 2 + depthOf(arms[side].elbow)) / 3;
  const armOrder = [...sides].sort((a, b) => handDepth(a) - handDepth(b));
  const armBehind = (side: Side): boolean => {
    const across = Math.abs(dot(trunk.thorax.left, camera.viewer));
    // Seen from the side, the far arm is behind whatever it does; else its hand decides.
    const far = across > 0.5 && depthOf(arms[side].shoulder) < chestDepth - 0.03 * h;
    return far || handDepth(side) < chestDepth - 0.012 * h;
  };

  const pelvis = pelvisShape(easel);
  const head = drawNeck(easel) + drawHead(easel);
  const parts: string[] = [];
  if (ink.ground) for (const side of sides) parts.push(drawShadow(easel, legs[side]));
  if (skeleton.goals.chair && ink.ground && frontSeen) parts.push(drawStool(easel));
  for (const side of armOrder) if (armBehind(side)) parts.push(drawArm(easel, arms[side], side));
  if (headFar) parts.push(head);
  // The pelvis is outlined before the legs and filled after them, so that no line parts them from it.
  parts.push(`<path class="fig-stroke" stroke-width="${ink.line * 2}" d="${pelvis}"/>`);
  for (const side of legOrder) if (!overJacket(side)) parts.push(drawLeg(easel, legs[side]));
  parts.push(fill('cloth', pelvis));
  if (skeleton.goals.chair && ink.ground && !frontSeen) parts.push(drawStool(easel));
  if (!headFar && !frontSeen) parts.push(drawNeck(easel));
  parts.push(drawJacket(easel));
  for (const side of legOrder) if (overJacket(side)) parts.push(drawLeg(easel, legs[side]));
  if (!headFar) parts.push(frontSeen ? head : drawHead(easel));
  for (const side of armOrder) if (!armBehind(side)) parts.push(drawArm(easel, arms[side], side));
  return parts.join('');
}

/** A small mark on the floor under the centre of mass, with the line that drops to it. */
export function drawMass(skeleton: Skeleton, camera: Camera): string {
  const over = camera.spot(skeleton.mass);
  const under = camera.spot([skeleton.mass[0], 0, skeleton.mass[2]]);
  return `<path class="fig-mass" d="M${at(over)}L${at(under)}"/><path class="fig-mass-dot" d="${disc(over, 5)}${disc(under, 3)}"/>`;
}

/** What each foot carries, in per cent, written under it; nothing for a person on a chair. */
export function drawWeights(skeleton: Skeleton, camera: Camera): string {
  if (skeleton.goals.chair) return '';
  return (['left', 'right'] as const)
    .map((side) => {
      const { pressure } = skeleton.legs[side];
      const spot = camera.spot([pressure[0], 0, pressure[2]]);
      const share = Math.round(pressureOf(skeleton.legs[side]) * 100);
      return `<text class="fig-weight" x="${spot.x.toFixed(1)}" y="${(spot.y + 22).toFixed(1)}" text-anchor="middle">${share} %</text>`;
    })
    .join('');
}
