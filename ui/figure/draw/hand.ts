import { dot, inFrame, addScaled, scale, type Arm, type HandShape, type Side, type Vec } from '@/core/body';
import { discSpots, hull, type Ring } from '../outline';
import type { Spot } from '../view';
import { fill, inked, swept, type Easel } from './easel';
import { limbOf, type Station } from './limb';
import { brush, fillOf, inkUnder, traced, type Flat } from './nib';

/** Hands are drawn a little large, so that they read small. */
const LARGE = 1.12;
const DEG = Math.PI / 180;

/** How one finger is held: bent at its three joints towards the palm, and spread from the middle, degrees. */
interface Held {
  readonly bent: readonly [number, number, number];
  readonly spread?: number;
}

/** A place counted from the wrist: along the fingers, towards the thumb, out of the palm; shares of stature. */
type Put = readonly [number, number, number];

interface Pose {
  /** Index, middle, ring and little finger. */
  readonly fingers: readonly [Held, Held, Held, Held];
  /** The thumb from its root to its tip. */
  readonly thumb: readonly [Put, Put, Put];
}

/** Roots of the four fingers, how long each is and how thick; shares of stature. */
const FINGERS = [
  { across: 0.0165, root: 0.057, long: 0.044, thick: 0.0062 },
  { across: 0.0055, root: 0.059, long: 0.049, thick: 0.0064 },
  { across: -0.0056, root: 0.058, long: 0.045, thick: 0.0061 },
  { across: -0.0158, root: 0.054, long: 0.036, thick: 0.0054 },
] as const;
/** A finger's three bones as shares of its length. */
const BONES = [0.45, 0.3, 0.25] as const;

const same = (held: Held): Pose['fingers'] => [held, held, held, held];
const fanned = (bent: Held['bent'], by: number): Pose['fingers'] => [
  { bent, spread: by },
  { bent, spread: by * 0.3 },
  { bent, spread: -by * 0.4 },
  { bent, spread: -by },
];
const FIST: Held = { bent: [78, 95, 55] };
const STRAIGHT: Held = { bent: [2, 4, 3] };
const THUMB_OUT: Pose['thumb'] = [
  [0.018, 0.016, 0.003],
  [0.042, 0.03, 0.008],
  [0.064, 0.035, 0.01],
];
const THUMB_OVER: Pose['thumb'] = [
  [0.02, 0.016, 0.008],
  [0.042, 0.02, 0.024],
  [0.052, 0.002, 0.031],
];

/** How each shape of the hand is held (common practice). */
const POSES: Record<HandShape, Pose> = {
  open: { fingers: fanned([5, 7, 5], 3), thumb: THUMB_OUT },
  'hollow palm': {
    fingers: same({ bent: [18, 22, 14] }),
    thumb: [
      [0.018, 0.016, 0.004],
      [0.042, 0.024, 0.014],
      [0.064, 0.022, 0.022],
    ],
  },
  'loose fist': { fingers: same(FIST), thumb: THUMB_OVER },
  'gathered fingertips': {
    fingers: [
      { bent: [34, 14, 8], spread: -9 },
      { bent: [34, 16, 8], spread: -3 },
      { bent: [34, 15, 8], spread: 4 },
      { bent: [32, 10, 6], spread: 13 },
    ],
    thumb: [
      [0.02, 0.014, 0.006],
      [0.055, 0.016, 0.024],
      [0.092, 0.004, 0.03],
    ],
  },
  'bow hand': {
    fingers: [STRAIGHT, STRAIGHT, FIST, FIST],
    thumb: [
      [0.018, 0.016, 0.004],
      [0.04, 0.032, 0.008],
      [0.058, 0.042, 0.01],
    ],
  },
  claw: {
    fingers: fanned([4, 72, 30], 13),
    thumb: [
      [0.018, 0.016, 0.004],
      [0.05, 0.038, 0.012],
      [0.062, 0.035, 0.028],
    ],
  },
  feather: {
    fingers: fanned([-6, -2, 0], 15),
    thumb: [
      [0.02, 0.014, 0.004],
      [0.042, 0.026, 0.01],
      [0.06, 0.03, 0.016],
    ],
  },
  hoof: {
    fingers: same({ bent: [48, 92, 40] }),
    thumb: [
      [0.02, 0.014, 0.006],
      [0.044, 0.018, 0.018],
      [0.06, 0.014, 0.028],
    ],
  },
  antler: {
    fingers: [{ bent: [0, 4, 2], spread: 16 }, FIST, FIST, { bent: [0, 4, 2], spread: -22 }],
    thumb: THUMB_OUT,
  },
  // The thumb lies in the fist, its tip at the root of the ring finger.
  'thumb held': {
    fingers: same({ bent: [72, 92, 50] }),
    thumb: [
      [0.02, 0.016, 0.006],
      [0.042, 0.008, 0.013],
      [0.056, -0.006, 0.014],
    ],
  },
  // Thumb and index make a ring; the other three are long.
  'ring fingers': {
    fingers: [
      { bent: [46, 62, 22] },
      { bent: [8, 10, 6] },
      { bent: [6, 8, 6] },
      { bent: [4, 6, 4], spread: -8 },
    ],
    thumb: [
      [0.022, 0.018, 0.008],
      [0.05, 0.024, 0.026],
      [0.076, 0.017, 0.038],
    ],
  },
  // Index and middle finger long and together, the thumb over the other two.
  'sword fingers': {
    fingers: [STRAIGHT, STRAIGHT, FIST, FIST],
    thumb: [
      [0.02, 0.016, 0.008],
      [0.044, 0.012, 0.024],
      [0.054, -0.008, 0.03],
    ],
  },
};

interface Scene {
  readonly easel: Easel;
  readonly spot: (put: Put) => Spot;
  readonly unit: number;
}

/** The stations of one finger, from its root to its tip. */
function fingerStations({ easel, spot, unit }: Scene, index: number, held: Held): readonly Station[] {
  const { across, root, long, thick } = FINGERS[index] ?? FINGERS[1];
  const spread = (held.spread ?? 0) * DEG;
  let [along, aside, palm, turn] = [root - 0.006, across, 0, 0];
  const places: Put[] = [[along, aside, palm]];
  BONES.forEach((share, bone) => {
    turn += (held.bent[bone] ?? 0) * DEG;
    const step = share * long + (bone === 0 ? 0.006 : 0);
    along += step * Math.cos(turn) * Math.cos(spread);
    aside += step * Math.cos(turn) * Math.sin(spread);
    palm += step * Math.sin(turn);
    places.push([along, aside, palm]);
  });
  return places.map((place, station) => ({
    ...spot(place),
    along: station / 2,
    r: thick * unit * (station === 3 ? 0.78 : 1 - 0.06 * station) * (easel.detail === 'plain' ? 1.15 : 1),
    sag: 0,
  }));
}

function thumbStations({ spot, unit }: Scene, thumb: Pose['thumb']): readonly Station[] {
  return thumb.map((place, station) => ({
    ...spot(place),
    along: station,
    r: [0.0095, 0.0078, 0.0058][station]! * unit,
    sag: 0,
  }));
}

/** The palm from the wrist to the knuckles. */
function palmOf({ easel, unit }: Scene, arm: Arm, place: (put: Put) => Vec): readonly Flat[] {
  const size = unit / (easel.u / easel.h);
  const ring = (along: number, palm: number, wide: number, thick: number): Ring => ({
    centre: place([along, 0, palm]),
    a: scale(arm.hand.left, wide * size),
    b: scale(arm.hand.fwd, thick * size),
  });
  return swept(easel.camera, [
    ring(0, 0, 0.0135, 0.0115),
    ring(0.03, 0.002, 0.0205, 0.0115),
    ring(0.058, 0, 0.0225, 0.0085),
  ]);
}

/** Lines between neighbouring fingers that lie side by side on the side that is seen. */
function partings(fingers: readonly (readonly Station[])[], palmDepth: number): readonly (readonly Flat[])[] {
  return fingers.slice(1).flatMap((finger, index) => {
    const other = fingers[index] ?? finger;
    const pairs = finger.map((station, at) => [station, other[at] ?? station] as const).slice(0, 4);
    const near = pairs.filter(([a, b]) => (a.depth + b.depth) / 2 >= palmDepth - 0.004);
    const line = near
      .filter(([a, b]) => {
        const gap = Math.hypot(a.x - b.x, a.y - b.y);
        return gap > (a.r + b.r) * 0.4 && gap < (a.r + b.r) * 1.25;
      })
      .map(([a, b]) => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }));
    return line.length > 1 ? [line] : [];
  });
}

/**
 * One hand, with the bare forearm's fill laid in so that no line parts them.
 * @param forearm the fill of the forearm, whose ink already lies under it.
 */
export function drawHand(easel: Easel, arm: Arm, side: Side, held: HandShape, forearm: string): string {
  const { camera, h, u, line, detail } = easel;
  const sign = side === 'left' ? 1 : -1;
  const size = h * LARGE;
  const place = ([along, thumb, palm]: Put): Vec =>
    addScaled(arm.wrist, inFrame(arm.hand, [sign * thumb * size, -along * size, palm * size]), 1);
  const scene: Scene = { easel, unit: u * LARGE, spot: (put) => camera.spot(place(put)) };
  const pose = POSES[held];
  const fingers = pose.fingers.map((finger, index) => fingerStations(scene, index, finger));
  // From afar fingers that lie together are one.
  const together = detail === 'plain' && pose.fingers.every(({ spread = 0 }) => Math.abs(spread) < 5);
  const drawn: readonly (readonly Flat[])[] = together
    ? [hull(fingers.flatMap((finger) => finger.flatMap((station) => discSpots(station, station.r))))]
    : fingers.map((finger) => limbOf(finger).outline);
  const outlines = [palmOf(scene, arm, place), ...drawn].map((outline) => traced(outline));
  const thumb = traced<Flat>(limbOf(thumbStations(scene, pose.thumb)).outline);
  const ink = line * (detail === 'fingers' ? 0.62 : 0.8);
  const palmDepth = camera.spot(place([0.05, 0, 0])).depth;
  // The thumb's own edge shows over the palm where it lies on the side that is seen.
  const thumbSeen = dot(arm.hand.fwd, camera.viewer) > 0.25 && detail === 'fingers';
  const lines = detail === 'fingers' ? partings(fingers, palmDepth) : [];
  return (
    inked([...outlines, thumb].map((outline) => inkUnder(outline, ink)).join('')) +
    forearm +
    fill('skin', outlines.map(fillOf).join('')) +
    (thumbSeen ? inked(inkUnder(thumb, ink * 0.7)) : '') +
    fill('skin', fillOf(thumb)) +
    (lines.length > 0 ? inked(lines.map((each) => brush(each, ink * 0.95)).join('')) : '')
  );
}
