import { ANATOMICAL, goalsOf, LEVELS, solveGoals, trunkAt, type Skeleton, type Vec } from '@/core/body';
import type { TensionRegion } from '@/core/felt/terms';
import { figureMarkup } from '@/ui/figure/markup';
import { cameraOnBody, VIEWS, type Spot } from '@/ui/figure/view';

/** The two pictures of the body that are touched. */
export type Face = 'front' | 'back';

export interface TensionPlace {
  readonly region: TensionRegion;
  readonly spot: Spot;
  /** Half its width and height, picture units. */
  readonly half: readonly [number, number];
}

const between = (a: Vec, b: Vec, t: number): Vec => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

interface Part {
  readonly faces: readonly Face[];
  readonly half: readonly [number, number];
  readonly at: (body: Skeleton) => Vec;
}

const BOTH: readonly Face[] = ['front', 'back'];
const level = (name: keyof typeof LEVELS) => (body: Skeleton) => trunkAt(body.trunk, LEVELS[name]).centre;

const sided = (side: 'left' | 'right') =>
  ({
    shoulder: { faces: BOTH, half: [15, 14.2], at: ({ arms }) => arms[side].shoulder },
    arm: {
      faces: BOTH,
      half: [14.2, 32],
      at: ({ arms }) => between(arms[side].shoulder, arms[side].wrist, 0.55),
    },
    hand: {
      faces: BOTH,
      half: [14.2, 18],
      at: ({ arms }) => between(arms[side].wrist, arms[side].fingertip, 0.5),
    },
    hip: { faces: BOTH, half: [14.2, 15], at: ({ legs }) => legs[side].hip },
    thigh: { faces: BOTH, half: [15, 24], at: ({ legs }) => between(legs[side].hip, legs[side].knee, 0.55) },
    knee: { faces: BOTH, half: [14.2, 14.2], at: ({ legs }) => legs[side].knee },
    calf: {
      faces: BOTH,
      half: [14.2, 22],
      at: ({ legs }) => between(legs[side].knee, legs[side].ankle, 0.5),
    },
    foot: { faces: BOTH, half: [16, 14.2], at: ({ legs }) => between(legs[side].ankle, legs[side].toe, 0.4) },
  }) as const satisfies Record<string, Part>;
const [left, right] = [sided('left'), sided('right')];

/** Where each region lies on the figure. */
const PARTS: Readonly<Record<TensionRegion, Part>> = {
  head: { faces: BOTH, half: [18, 14.2], at: ({ trunk }) => between(trunk.skull, trunk.head, 2.1) },
  jaw: { faces: ['front'], half: [15, 14.2], at: ({ trunk }) => between(trunk.skull, trunk.head, 0.55) },
  neck: { faces: BOTH, half: [15, 14.2], at: ({ trunk }) => between(trunk.neck, trunk.skull, 0.35) },
  chest: { faces: ['front'], half: [26, 24], at: level('sternumEnd') },
  'upper-back': { faces: ['back'], half: [26, 26], at: level('sternumEnd') },
  belly: { faces: ['front'], half: [24, 22], at: level('navel') },
  'low-back': { faces: ['back'], half: [24, 22], at: level('navel') },
  'left-shoulder': left.shoulder,
  'right-shoulder': right.shoulder,
  'left-arm': left.arm,
  'right-arm': right.arm,
  'left-hand': left.hand,
  'right-hand': right.hand,
  'left-hip': left.hip,
  'right-hip': right.hip,
  'left-thigh': left.thigh,
  'right-thigh': right.thigh,
  'left-knee': left.knee,
  'right-knee': right.knee,
  'left-calf': left.calf,
  'right-calf': right.calf,
  'left-foot': left.foot,
  'right-foot': right.foot,
};

/** One of the two pictures: the figure as markup of numbers only, and the places that can be touched on it. */
export function tensionPicture(face: Face): {
  readonly markup: string;
  readonly places: readonly TensionPlace[];
} {
  const goals = goalsOf(ANATOMICAL);
  const body = solveGoals(goals);
  const camera = cameraOnBody(VIEWS[face], body);
  return {
    markup: figureMarkup(goals, VIEWS[face], { line: 3.2, detail: 'folds' }),
    places: Object.entries(PARTS).flatMap(([region, part]) =>
      part.faces.includes(face)
        ? [{ region: region as TensionRegion, spot: camera.spot(part.at(body)), half: part.half }]
        : [],
    ),
  };
}
