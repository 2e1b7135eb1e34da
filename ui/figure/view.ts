import { middleOfFeet, type Goals, type Skeleton, type Vec } from '@/core/body';

/** Where the viewer stands: degrees round the person from the front, towards the person's left. */
export interface View {
  readonly yawDeg: number;
  /** Degrees the viewer looks down. */
  readonly downDeg: number;
  /** As a mirror shows it: left and right of the picture changed over. */
  readonly mirrored: boolean;
}

export const NAMED_VIEWS = ['front', 'facing you', 'three-quarter', 'side', 'back'] as const;
export type NamedView = (typeof NAMED_VIEWS)[number];

export const VIEWS: Record<NamedView, View> = {
  front: { yawDeg: 0, downDeg: 9, mirrored: false },
  'facing you': { yawDeg: 0, downDeg: 9, mirrored: true },
  'three-quarter': { yawDeg: 38, downDeg: 9, mirrored: false },
  side: { yawDeg: 90, downDeg: 6, mirrored: false },
  back: { yawDeg: 180, downDeg: 9, mirrored: false },
};

/** Picture units per metre. */
export const UNITS = 200;

export interface Spot {
  readonly x: number;
  readonly y: number;
  /** Larger is nearer the viewer, metres. */
  readonly depth: number;
}

export interface Camera {
  readonly spot: (place: Vec) => Spot;
  /** Unit vector from the person to the viewer. */
  readonly viewer: Vec;
  readonly view: View;
}

/** A parallel view: no vanishing point, so that lengths can be compared. `middle` is kept at x = 0. */
export function cameraFor(view: View, middle: { readonly x: number; readonly z: number }): Camera {
  const yaw = (view.yawDeg * Math.PI) / 180;
  const down = (view.downDeg * Math.PI) / 180;
  const [sy, cy, sd, cd] = [Math.sin(yaw), Math.cos(yaw), Math.sin(down), Math.cos(down)];
  const flip = view.mirrored ? -1 : 1;
  return {
    view,
    viewer: [sy * cd, sd, cy * cd],
    spot: ([px, y, pz]) => {
      const x = px - middle.x;
      const z = pz - middle.z;
      const near = x * sy + z * cy;
      return {
        x: flip * UNITS * (x * cy - z * sy),
        y: -UNITS * (y * cd - near * sd),
        depth: near * cd + y * sd,
      };
    },
  };
}

export function middleOf(skeleton: Skeleton): { readonly x: number; readonly z: number } {
  return middleOfGoals(skeleton.goals, skeleton.build.statureM);
}

export function middleOfGoals(goals: Goals, statureM: number): { readonly x: number; readonly z: number } {
  const middle = middleOfFeet(goals);
  return { x: middle.x * statureM, z: middle.z * statureM };
}
