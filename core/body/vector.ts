/** Small vectors and frames. World frame: x to the person's left, y up, z forward; metres. */
export type Vec = readonly [x: number, y: number, z: number];

/** Three perpendicular unit axes: the person's left, up and forward of one segment. */
export interface Frame {
  readonly left: Vec;
  readonly up: Vec;
  readonly fwd: Vec;
}

// Names of the module's own: where globals are watched, as in tests, they are slow to read.
const { acos, cos, PI, sin, sqrt } = Math;

export const RAD = PI / 180;

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const addScaled = (a: Vec, b: Vec, k: number): Vec => [
  a[0] + b[0] * k,
  a[1] + b[1] * k,
  a[2] + b[2] * k,
];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec): number => sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const distance = (a: Vec, b: Vec): number => length(sub(a, b));
export const mix = (a: Vec, b: Vec, t: number): Vec => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

/** The unit vector along `a`, or `otherwise` where `a` has no direction. */
export function unit(a: Vec, otherwise: Vec = [0, 1, 0]): Vec {
  const size = length(a);
  return size < 1e-9 ? otherwise : scale(a, 1 / size);
}

/** The part of `a` perpendicular to the unit vector `axis`. */
export const across = (a: Vec, axis: Vec): Vec => addScaled(a, axis, -dot(a, axis));

export const clamp = (value: number, least: number, most: number): number =>
  value < least ? least : value > most ? most : value;

/** Slow in, slow out: 0 → 0, 1 → 1, no speed at either end. */
export function ease(t: number): number {
  const x = clamp(t, 0, 1);
  return x * x * (3 - 2 * x);
}

/** Degrees between two unit vectors, 0–180. */
export const angleDeg = (a: Vec, b: Vec): number => acos(clamp(dot(a, b), -1, 1)) / RAD;

export const WORLD: Frame = { left: [1, 0, 0], up: [0, 1, 0], fwd: [0, 0, 1] };

/** A vector given in a frame, as a world direction. */
export const inFrame = (frame: Frame, v: Vec): Vec => [
  frame.left[0] * v[0] + frame.up[0] * v[1] + frame.fwd[0] * v[2],
  frame.left[1] * v[0] + frame.up[1] * v[1] + frame.fwd[1] * v[2],
  frame.left[2] * v[0] + frame.up[2] * v[1] + frame.fwd[2] * v[2],
];

/** A world direction, as a vector in the frame. */
export const toFrame = (frame: Frame, v: Vec): Vec => [
  dot(v, frame.left),
  dot(v, frame.up),
  dot(v, frame.fwd),
];

/**
 * The frame turned (to the left), then pitched (forward), then rolled (to the left), each about its own
 * axes, in degrees.
 */
export function turned(frame: Frame, turnDeg: number, pitchDeg: number, rollDeg: number): Frame {
  const [st, ct] = [sin(turnDeg * RAD), cos(turnDeg * RAD)];
  const [sp, cp] = [sin(pitchDeg * RAD), cos(pitchDeg * RAD)];
  const [sr, cr] = [sin(rollDeg * RAD), cos(rollDeg * RAD)];
  // Columns of yaw · pitch · roll, written out.
  const left: Vec = [ct * cr - st * sp * sr, -sr * cp, -st * cr - ct * sp * sr];
  const up: Vec = [ct * sr + st * sp * cr, cr * cp, -st * sr + ct * sp * cr];
  const fwd: Vec = [st * cp, -sp, ct * cp];
  return { left: inFrame(frame, left), up: inFrame(frame, up), fwd: inFrame(frame, fwd) };
}

/** Between two frames, made perpendicular again. */
export function mixFrame(a: Frame, b: Frame, t: number): Frame {
  if (t <= 0) return a;
  if (t >= 1) return b;
  const up = unit(mix(a.up, b.up, t));
  const left = unit(across(mix(a.left, b.left, t), up), a.left);
  return { left, up, fwd: cross(left, up) };
}

/** `v` turned about the unit `axis` (right-hand rule). */
export function rotate(v: Vec, axis: Vec, deg: number): Vec {
  const [s, c] = [sin(deg * RAD), cos(deg * RAD)];
  const along = dot(v, axis) * (1 - c);
  const side = cross(axis, v);
  return [
    v[0] * c + side[0] * s + axis[0] * along,
    v[1] * c + side[1] * s + axis[1] * along,
    v[2] * c + side[2] * s + axis[2] * along,
  ];
}
