import type { SourceId } from '../sources';

/**
 * The measures of a body: lengths as shares of stature, masses as shares of body mass.
 */

interface LengthRow {
  /** Share of stature, 0–1. */
  readonly share: number;
  readonly what: string;
  readonly source: SourceId;
}

/**
 * Drillis & Contini, as given in Winter, *Biomechanics and Motor Control of Human Movement*, fig. 4.1.
 * Breadths there are outer breadths; the joint centres lie inside them, as marked.
 */
// prettier-ignore
export const LENGTHS = {
  upperArm: { share: 0.186, what: 'shoulder to elbow', source: 'drillis-contini' },
  forearm: { share: 0.146, what: 'elbow to wrist', source: 'drillis-contini' },
  hand: { share: 0.108, what: 'wrist to fingertips', source: 'drillis-contini' },
  thigh: { share: 0.245, what: 'hip to knee (0.530 − 0.285)', source: 'drillis-contini' },
  shank: { share: 0.246, what: 'knee to ankle (0.285 − 0.039)', source: 'drillis-contini' },
  ankleHeight: { share: 0.039, what: 'ankle to sole', source: 'drillis-contini' },
  foot: { share: 0.152, what: 'heel to toe', source: 'drillis-contini' },
  footBreadth: { share: 0.055, what: 'breadth of the foot', source: 'drillis-contini' },
  hipHeight: { share: 0.53, what: 'floor to hip joint', source: 'drillis-contini' },
  shoulderHeight: { share: 0.818, what: 'floor to shoulder', source: 'drillis-contini' },
  chinHeight: { share: 0.87, what: 'floor to chin', source: 'drillis-contini' },
  shoulderBreadth: { share: 0.259, what: 'breadth of the shoulders', source: 'drillis-contini' },
  hipBreadth: { share: 0.191, what: 'breadth of the hips', source: 'drillis-contini' },
  chestBreadth: { share: 0.174, what: 'breadth of the chest', source: 'drillis-contini' },
  /** Half the distance between the joint centres, inside the outer breadths. */
  shoulderCentre: { share: 0.109, what: 'midline to shoulder joint centre', source: 'body-from-memory' },
  hipCentre: { share: 0.052, what: 'midline to hip joint centre', source: 'body-from-memory' },
  /** Ankle to heel and to the ball of the foot, along the sole. */
  heelBehind: { share: 0.035, what: 'ankle back to the heel', source: 'body-from-memory' },
  ballAhead: { share: 0.0745, what: 'ankle forward to the ball of the foot', source: 'body-from-memory' },
  /** Joints of the spine over the floor, standing. */
  lumbosacral: { share: 0.575, what: 'floor to L4/L5', source: 'body-from-memory' },
  thoracolumbar: { share: 0.665, what: 'floor to T12/L1', source: 'body-from-memory' },
  cervicothoracic: { share: 0.845, what: 'floor to C7/T1', source: 'body-from-memory' },
  skullBase: { share: 0.915, what: 'floor to the top of the neck', source: 'body-from-memory' },
  /** The seat of a stool that fits: a little under the knee. */
  seat: { share: 0.25, what: 'floor to the seat', source: 'common-practice' },
} as const satisfies Record<string, LengthRow>;

/** The share of stature of one length. */
export const share = (name: keyof typeof LENGTHS): number => LENGTHS[name].share;

export const SEGMENTS = [
  'hand',
  'forearm',
  'upper arm',
  'foot',
  'shank',
  'thigh',
  'head and neck',
  'thorax',
  'abdomen',
  'pelvis',
] as const;
export type Segment = (typeof SEGMENTS)[number];

interface MassRow {
  readonly segment: Segment;
  /** Share of body mass of one such segment. */
  readonly mass: number;
  /** Centre of mass, as a share of the way from the nearer (or upper) end to the farther. */
  readonly centre: number;
  /** How many the body has. */
  readonly count: 1 | 2;
  readonly source: SourceId;
}

/** Dempster, via Winter table 4.1 (from memory; the masses are checked to sum to one). */
// prettier-ignore
export const MASSES = [
  { segment: 'hand', mass: 0.006, centre: 0.506, count: 2, source: 'dempster-winter' },
  { segment: 'forearm', mass: 0.016, centre: 0.43, count: 2, source: 'dempster-winter' },
  { segment: 'upper arm', mass: 0.028, centre: 0.436, count: 2, source: 'dempster-winter' },
  { segment: 'foot', mass: 0.0145, centre: 0.5, count: 2, source: 'dempster-winter' },
  { segment: 'shank', mass: 0.0465, centre: 0.433, count: 2, source: 'dempster-winter' },
  { segment: 'thigh', mass: 0.1, centre: 0.433, count: 2, source: 'dempster-winter' },
  { segment: 'head and neck', mass: 0.081, centre: 1, count: 1, source: 'dempster-winter' },
  { segment: 'thorax', mass: 0.216, centre: 0.82, count: 1, source: 'dempster-winter' },
  { segment: 'abdomen', mass: 0.139, centre: 0.44, count: 1, source: 'dempster-winter' },
  { segment: 'pelvis', mass: 0.142, centre: 0.105, count: 1, source: 'dempster-winter' },
] as const satisfies readonly MassRow[];

const massTable = Object.fromEntries(MASSES.map((row) => [row.segment, row])) as Record<Segment, MassRow>;

/** The row of one segment. */
export const massOf = (segment: Segment): MassRow => massTable[segment];

/** One body: stature in metres, girth against the usual (1), mass in kilograms. */
export interface Build {
  readonly statureM: number;
  readonly girth: number;
  readonly massKg: number;
}

export const USUAL_BUILD: Build = { statureM: 1.7, girth: 1, massKg: 65 };

/**
 * The surface of the trunk as level ellipses, bottom to top: height over the floor and half breadth
 * and half depth, as shares of stature. Breadths of hips and chest are Drillis & Contini's halved; the
 * rest is drawn from memory of ordinary bodies.
 */
// prettier-ignore
export const TRUNK_RINGS = [
  { level: 0.505, breadth: 0.082, depth: 0.056, ahead: 0.000 },
  { level: 0.530, breadth: 0.0955, depth: 0.063, ahead: -0.002 },
  { level: 0.575, breadth: 0.088, depth: 0.058, ahead: 0.000 },
  { level: 0.610, breadth: 0.079, depth: 0.054, ahead: 0.002 },
  { level: 0.660, breadth: 0.081, depth: 0.057, ahead: 0.003 },
  { level: 0.720, breadth: 0.087, depth: 0.065, ahead: 0.004 },
  { level: 0.765, breadth: 0.089, depth: 0.062, ahead: 0.000 },
  { level: 0.810, breadth: 0.084, depth: 0.046, ahead: -0.004 },
  { level: 0.845, breadth: 0.036, depth: 0.036, ahead: 0.000 },
] as const;

/** Heights of the landmarks of the trunk's midline, as shares of stature (from memory). */
export const LEVELS = {
  pubis: 0.512,
  navel: 0.603,
  sternumEnd: 0.7,
  sternalNotch: 0.805,
  c7: 0.845,
  t12: 0.645,
  coccyx: 0.508,
} as const;

/** Half sizes of the head (breadth, height, depth) and its centre over the top of the neck. */
export const HEAD = { breadth: 0.044, height: 0.066, depth: 0.057, up: 0.022, ahead: 0.012 } as const;

/** Radii of the limbs as shares of stature: at the upper end, the middle joint and the far end. */
export const LIMB_RADII = {
  upperArm: [0.029, 0.024],
  forearm: [0.024, 0.016],
  thigh: [0.05, 0.033],
  shank: [0.032, 0.021],
} as const;
