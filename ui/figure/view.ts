import { middleOfFeet, oppositeAhead, type Goals, type Skeleton, type Vec } from '@/core/body';

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
  /** Picture units per metre. */
  readonly units: number;
}

/** A parallel view: no vanishing point, so that lengths can be compared. `middle` is kept at x = 0. */
export function cameraFor(
  view: View,
  middle: { readonly x: number; readonly z: number },
  units = UNITS,
): Camera {
  const yaw = (view.yawDeg * Math.PI) / 180;
  const down = (view.downDeg * Math.PI) / 180;
  const [sy, cy, sd, cd] = [Math.sin(yaw), Math.cos(yaw), Math.sin(down), Math.cos(down)];
  const flip = view.mirrored ? -1 : 1;
  return {
    view,
    units,
    viewer: [sy * cd, sd, cy * cd],
    spot: ([px, y, pz]) => {
      const x = px - middle.x;
      const z = pz - middle.z;
      const near = x * sy + z * cy;
      return {
        x: flip * units * (x * cy - z * sy),
        y: -units * (y * cd - near * sd),
        depth: near * cd + y * sd,
      };
    },
  };
}

/** How much smaller one is seen in company, so that others are in the picture: 1 as large. */
const IN_COMPANY = { ring: 0.7, partner: 0.84 } as const;

/** The view of somebody as they stand, with whom they do it in sight. */
export function cameraOn(view: View, goals: Goals, statureM: number): Camera {
  const middle = middleOfFeet(goals);
  const { with: prop, withShare } = goals;
  const ahead = prop === 'partner' ? oppositeAhead(goals.base) * withShare : 0;
  const smaller = prop === 'partner' || prop === 'ring' ? 1 - (1 - IN_COMPANY[prop]) * withShare : 1;
  return cameraFor(view, { x: middle.x * statureM, z: (middle.z + ahead) * statureM }, UNITS * smaller);
}

export const cameraOnBody = (view: View, { goals, build }: Skeleton): Camera =>
  cameraOn(view, goals, build.statureM);
