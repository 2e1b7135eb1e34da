import type { Skeleton, Vec } from '@/core/body';
import { othersSeen, wallCorners } from './company';
import type { Camera, Spot } from './view';

/** Room round the joints for cloth, hands, hair and shadow, picture units. */
const MARGIN = { side: 34, above: 46, below: 26 } as const;

/** Everything that has to be in sight of a body: its outmost places, those of others with it, and its wall. */
export function outmostSpots(skeleton: Skeleton, camera: Camera): readonly Spot[] {
  const { arms, legs, trunk } = skeleton;
  const places: readonly Vec[] = [
    trunk.head,
    trunk.midHip,
    ...(['left', 'right'] as const).flatMap((side) => [
      arms[side].elbow,
      arms[side].fingertip,
      legs[side].knee,
      legs[side].heel,
      legs[side].toe,
    ]),
  ];
  const seenBy = [camera, ...othersSeen(skeleton, camera).map((other) => other.camera)];
  return [
    ...seenBy.flatMap(({ spot }) => places.map((place) => spot(place))),
    ...wallCorners(skeleton).map((corner) => camera.spot(corner)),
  ];
}

/** The part of the picture a body fills, as an SVG viewBox; no narrower than a standing person. */
export function fitBox(skeleton: Skeleton, camera: Camera): string {
  const spots = outmostSpots(skeleton, camera);
  const xs = spots.map((spot) => spot.x);
  const half = Math.max(90, ...xs.map(Math.abs)) + MARGIN.side;
  const top = Math.min(...spots.map((spot) => spot.y)) - MARGIN.above;
  const bottom = Math.max(...spots.map((spot) => spot.y)) + MARGIN.below;
  return [-half, top, 2 * half, bottom - top].map((value) => value.toFixed(0)).join(' ');
}

/** What of the picture a body needs: half its width, and how far up, picture units. */
export interface Reach {
  readonly half: number;
  readonly up: number;
}

/** No smaller than someone standing with the arms down. */
const LEAST: Reach = { half: 130, up: 372 };

/** What of the picture several bodies need together, with room round them. */
export function reachOf(bodies: readonly Skeleton[], camera: (skeleton: Skeleton) => Camera): Reach {
  return bodies.reduce((most, skeleton) => {
    const spots = outmostSpots(skeleton, camera(skeleton));
    return {
      half: Math.max(most.half, ...spots.map(({ x }) => Math.abs(x) + MARGIN.side)),
      up: Math.max(most.up, ...spots.map(({ y }) => -y + MARGIN.above - 14)),
    };
  }, LEAST);
}

/** The box of a reach on its ground, as an SVG viewBox. */
export const boxOf = ({ half, up }: Reach): string =>
  [-half, -up, 2 * half, up + MARGIN.below + 8].map((value) => value.toFixed(1)).join(' ');

/** A close look round one place, as an SVG viewBox. */
export function closeBox(place: Vec, camera: Camera): string {
  const spot = camera.spot(place);
  const [width, height] = [96, 120];
  return [spot.x - width / 2, spot.y - height / 2, width, height].map((value) => value.toFixed(0)).join(' ');
}
