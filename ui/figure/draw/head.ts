import { add, addScaled, dot, inFrame, scale, HEAD, type Frame, type Vec } from '@/core/body';
import { hull } from '../outline';
import type { Spot } from '../view';
import { fill, inked, shape, strokes, type Easel } from './easel';
import { limbOf } from './limb';
import { bow, brush, crisp, fillOf, inkUnder, inside, softened, traced, type Flat } from './nib';

/** The head is drawn a little large: it is what tells front from back. */
const LARGE = 1.1;

/** A place on the head: breadths, heights and depths from its middle. */
type Put = (x: number, y: number, z: number) => Vec;

/** The outline of the skull as it is seen: the jaw narrower than the brow, the chin ahead of the neck. */
function skullOf({ camera, skeleton, h }: Easel, put: Put): readonly Spot[] {
  const frame = skeleton.trunk.headFrame;
  return hull(
    [-0.97, -0.78, -0.45, 0, 0.4, 0.72, 0.95].flatMap((y) => {
      const r = Math.sqrt(1 - y * y);
      const wide = y < 0 ? 1 - 0.24 * y * y : 1;
      const centre = put(0, y, y < 0 ? 0.16 * -y : -0.03);
      return Array.from({ length: 10 }, (_, index) => {
        const turn = (index / 10) * 2 * Math.PI;
        const a = scale(frame.left, HEAD.breadth * LARGE * h * r * wide * Math.cos(turn));
        const b = scale(frame.fwd, HEAD.depth * LARGE * h * r * wide * Math.sin(turn));
        return camera.spot(add(centre, add(a, b)));
      });
    }),
  );
}

/** The edge of the hair: a slice through the head, tilted back. */
function hairEdge(
  frame: Frame,
  centre: Vec,
  h: number,
): { readonly edge: readonly Vec[]; readonly way: Vec } {
  const tilt: Vec = [0, 0.7, -0.714];
  const off = 0.16;
  const steps = 18;
  const ringRadius = Math.sqrt(1 - off * off);
  const edge = Array.from({ length: steps }, (_, index): Vec => {
    const turn = (index / steps) * 2 * Math.PI;
    const [c, s] = [ringRadius * Math.cos(turn), ringRadius * Math.sin(turn)];
    const v: Vec = [c, tilt[1] * off + 0.714 * s, tilt[2] * off + 0.7 * s];
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
  const [leaves, returns] = [angleOf(near[near.length - 1]), angleOf(near[0])];
  const [out, home] = [wrap(towards - leaves), wrap(returns - towards)];
  const steps = 5;
  const round = polar(outline, centre);
  const arc = (from: number, by: number): readonly Spot[] =>
    Array.from({ length: steps + 1 }, (_, index) => {
      const angle = from + (by * index) / steps;
      const outer = radiusAt(round, wrap(angle)) * 1.015;
      return { ...centre, x: centre.x + Math.cos(angle) * outer, y: centre.y + Math.sin(angle) * outer };
    });
  return [...near, ...arc(leaves, out), ...arc(towards, home)];
}

/** The ears that are seen. */
function ears(easel: Easel, put: Put): string {
  const { camera, skeleton, line } = easel;
  return (['left', 'right'] as const)
    .filter((side) => dot(skeleton.trunk.headFrame.left, camera.viewer) * (side === 'left' ? 1 : -1) > 0.22)
    .map((side) => {
      const sign = side === 'left' ? 1 : -1;
      const spots = [
        put(sign * 0.99, 0.1, 0.02),
        put(sign * 1.05, 0.14, -0.1),
        put(sign * 1.06, 0.06, -0.24),
        put(sign * 1.03, -0.16, -0.14),
        put(sign * 0.97, -0.24, 0),
      ].map((place) => camera.spot(place));
      return shape(easel, 'skin', spots, line * 0.5);
    })
    .join('');
}

/** A calm face: brows, lids closed, nose and mouth, each where it is seen. */
function face(easel: Easel, put: Put): string {
  const { camera, skeleton, line } = easel;
  const frame = skeleton.trunk.headFrame;
  const ahead = dot(frame.fwd, camera.viewer);
  const spot = (x: number, y: number, z: number): Flat => camera.spot(put(x, y, z));
  const fine: (readonly Flat[])[] = [];
  for (const sign of [1, -1] as const) {
    // The half of the face that is turned away shows no eye.
    if (dot(add(scale(frame.left, sign * 0.55), scale(frame.fwd, 0.83)), camera.viewer) < 0.16) continue;
    const [inner, outer] = [spot(0.22 * sign, -0.02, 0.98), spot(0.62 * sign, -0.05, 0.82)];
    fine.push([inner, spot(0.33 * sign, -0.09, 0.95), spot(0.48 * sign, -0.1, 0.9), outer]);
    fine.push([spot(0.2 * sign, 0.15, 0.97), spot(0.42 * sign, 0.22, 0.9), spot(0.66 * sign, 0.14, 0.76)]);
  }
  // The nose lies on the side that is turned away, so that its edge is what one sees.
  const turn = dot(frame.left, camera.viewer);
  const way = turn > 0 ? -1 : 1;
  if (ahead > -0.1) {
    fine.push([
      spot(0.05 * way, 0.04, 1),
      spot(0.07 * way, -0.16, 1.16),
      spot(0.02 * way, -0.3, 1.22),
      spot(-0.08 * way, -0.33, 1.06),
    ]);
    fine.push([spot(-0.2, -0.57, 1), spot(0, -0.6, 1.07), spot(0.2, -0.57, 1)]);
  }
  return strokes(fine, line * 0.62);
}

function nose({ camera, u }: Easel, put: Put): readonly Flat[] {
  return crisp(
    [put(0, 0.2, 0.9), put(0, 0.08, 1), put(0, -0.22, 1.2), put(0, -0.29, 1.16), put(0, -0.34, 0.9)].map(
      (place) => camera.spot(place),
    ),
    0.003 * u,
  );
}

/** The neck; `over` is the jacket it comes out of, inside which its line is lifted. */
export function drawNeck(easel: Easel, over?: readonly Flat[]): string {
  const { camera, skeleton, u, line } = easel;
  const { trunk } = skeleton;
  const station = (place: Vec, along: number, r: number) => ({
    ...camera.spot(place),
    along,
    r: r * u,
    sag: 0,
  });
  const neck = limbOf([
    station(trunk.neck, 0, 0.032),
    station(addScaled(trunk.neck, addScaled(trunk.skull, trunk.neck, -1), 0.5), 1, 0.0275),
    station(trunk.skull, 2, 0.0275),
  ]);
  return shape(easel, 'skin', neck.outline, line * 0.8, (spot) =>
    over && spot.along < 0.2 && inside(spot, over) ? 0.5 : 1,
  );
}

/** Head, hair with its knot and pin, and the face where it is large enough to be one. */
export function drawHead(easel: Easel): string {
  const { camera, skeleton, u, h, line, detail } = easel;
  const { trunk } = skeleton;
  const frame = trunk.headFrame;
  const put: Put = (x, y, z) =>
    addScaled(trunk.head, inFrame(frame, [x * HEAD.breadth, y * HEAD.height, z * HEAD.depth]), h * LARGE);
  const outline = skullOf(easel, put);
  const { edge, way } = hairEdge(frame, trunk.head, h * LARGE * 1.02);
  const centre = camera.spot(trunk.head);
  const pole = camera.spot(addScaled(trunk.head, way, h * 0.1));
  const hair = hairOutline(
    edge.map((place) => camera.spot(place)),
    centre,
    Math.atan2(pole.y - centre.y, pole.x - centre.x),
    outline,
  );
  const behind = dot(way, camera.viewer) >= 0;
  const knotAt = camera.spot(put(0, 1.1, -0.5));
  const round = [0, 45, 90, 135, 180, 225, 270, 315].map((deg) => ({
    x: knotAt.x + 0.0235 * u * Math.cos((deg * Math.PI) / 180),
    y: knotAt.y + 0.021 * u * Math.sin((deg * Math.PI) / 180),
  }));
  const pin = bow(camera.spot(put(0.72, 1.14, -0.46)), camera.spot(put(-0.66, 1.2, -0.5)), 0.02);
  const knot =
    shape(easel, easel.hair, round, line * 0.4) +
    (detail === 'plain' ? '' : fill('pin', brush(pin, line * 1.25)));
  const knotBehind = dot(inFrame(frame, [0, 0.6, -0.8]), camera.viewer) < 0;
  const profile =
    Math.abs(dot(frame.left, camera.viewer)) > 0.5 && detail !== 'plain' ? nose(easel, put) : [];
  const faces = (profile.length > 0 ? [outline, profile] : [outline]).map((each) => traced(each));
  const skin =
    inked(faces.map((one, index) => inkUnder(one, line * (index === 0 ? 0.85 : 0.5))).join('')) +
    fill('skin', faces.map(fillOf).join(''));
  return (
    (knotBehind ? knot : '') +
    skin +
    fill(easel.hair, hair ? softened(hair) : behind ? softened(outline) : '') +
    ears(easel, put) +
    (detail === 'fingers' ? face(easel, put) : '') +
    (knotBehind ? '' : knot)
  );
}
