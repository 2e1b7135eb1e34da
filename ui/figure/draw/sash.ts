import { add, dot, trunkAt, type Vec } from '@/core/body';
import { bow, type Flat } from './nib';
import { onCloth, shape, type Easel } from './easel';

/** Where the sash lies: its edges, and its knot in degrees from the front to the left. */
const BAND = { top: 0.62, low: 0.589, off: 0.0155 } as const;
const KNOT_AT = 14;

/** A ribbon hanging from a knot to a place, wider at its end. */
function ribbon(from: Flat, to: Flat, wide: number, bend: number): readonly Flat[] {
  const middle = bow(from, to, bend, 5);
  const left = middle.map((spot, index) => ({ x: spot.x - wide * (0.5 + index * 0.16), y: spot.y }));
  const right = middle.map((spot, index) => ({
    x: spot.x + wide * (0.5 + index * 0.16),
    y: spot.y - index * wide * 0.12,
  }));
  return [...left, ...right.reverse()];
}

/** The sash: the part of a band round the waist whose outside is seen, its knot and two ends that hang. */
export function drawSash(easel: Easel): string {
  const { camera, skeleton, u, h, line } = easel;
  const edge = (level: number, angles: readonly number[]): readonly Flat[] =>
    angles.map((angle) => camera.spot(onCloth(easel, level, angle, BAND.off).place));
  const { frame } = trunkAt(skeleton.trunk, 0.604);
  const middle = (Math.atan2(dot(frame.left, camera.viewer), dot(frame.fwd, camera.viewer)) * 180) / Math.PI;
  const angles = [-90, -82, -60, -30, 0, 30, 60, 82, 90].map((turn) => middle + turn);
  const band = shape(
    easel,
    'sash',
    [...edge(BAND.top, angles), ...edge(BAND.low, [...angles].reverse())],
    line * 0.75,
  );
  const knot = onCloth(easel, 0.604, KNOT_AT, 0.022);
  if (dot(knot.away, camera.viewer) < 0.05) return band;
  const hung = (x: number, down: number): Flat => {
    const place: Vec = add(knot.place, [0, -down * h, 0]);
    const spot = camera.spot(place);
    return { x: spot.x + x * u, y: spot.y };
  };
  const tied = camera.spot(knot.place);
  const round = [0, 60, 120, 180, 240, 300].map((deg) => ({
    x: tied.x + 0.0135 * u * Math.cos((deg * Math.PI) / 180),
    y: tied.y + 0.012 * u * Math.sin((deg * Math.PI) / 180),
  }));
  if (easel.detail === 'plain')
    return band + shape(easel, 'sash', ribbon(tied, hung(0.006, 0.1), 0.011 * u, 0.06), line * 0.6);
  return (
    band +
    shape(easel, 'sash', ribbon(tied, hung(0.018, 0.112), 0.0085 * u, -0.08), line * 0.6) +
    shape(easel, 'sash', ribbon(tied, hung(-0.012, 0.092), 0.008 * u, 0.08), line * 0.6) +
    shape(easel, 'sash', round, line * 0.6)
  );
}
