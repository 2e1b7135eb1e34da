import type { Spot } from '../view';
import type { Flat } from './nib';

/** A place along a limb: how thick it is there, and how far cloth hangs below it, picture units. */
export interface Station extends Spot {
  /** 0 at the root, 1 at the joint in the middle, 2 at the end. */
  readonly along: number;
  readonly r: number;
  readonly sag: number;
}

/** A spot of a limb's outline, with where along the limb it lies, 0–2. */
export interface LimbSpot extends Flat {
  readonly along: number;
}

/** A limb as it is seen: its outline and its inner edges. */
export interface Limb {
  readonly outline: readonly LimbSpot[];
  /** Edges that lie over the limb itself where it is bent: a fold begins there. */
  readonly creases: readonly (readonly Flat[])[];
}

/** How thick, and how far cloth hangs, at one place of a limb; shares of stature. */
export interface Measure {
  readonly along: number;
  readonly r: number;
  readonly sag?: number;
}

/** Within this of the joint the limb bends as a curve. */
const BEND = 0.16;

const lerp = (a: Spot, b: Spot, t: number): Spot => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
  depth: a.depth + (b.depth - a.depth) * t,
});

/** A place along root, joint and end, 0–2: one curve through the joint, no corner. */
export function alongLimb(joints: readonly [Spot, Spot, Spot], along: number): Spot {
  const [root, joint, end] = joints;
  if (along <= 1 - BEND) return lerp(root, joint, along);
  if (along >= 1 + BEND) return lerp(joint, end, along - 1);
  const t = (along - 1 + BEND) / (2 * BEND);
  const [from, to] = [lerp(root, joint, 1 - BEND), lerp(joint, end, BEND)];
  return lerp(lerp(from, joint, t), lerp(joint, to, t), t);
}

/** The stations of a limb. `unit` picture units a stature; `hang` how far its two halves lie across, 0–1. */
export function stationsOf(
  joints: readonly [Spot, Spot, Spot],
  measures: readonly Measure[],
  unit: number,
  hang: readonly [number, number] = [0, 0],
): readonly Station[] {
  return measures.map(({ along, r, sag = 0 }) => {
    const lower = Math.min(1, Math.max(0, (along - 0.8) / 0.4));
    return {
      ...alongLimb(joints, along),
      along,
      r: r * unit,
      sag: sag * unit * (hang[0] * (1 - lower) + hang[1] * lower),
    };
  });
}

interface Edge extends LimbSpot {
  readonly station: number;
}

/** A spot of an edge that lies this far inside another station is not seen. */
const WITHIN = 0.93;
/** Neighbours of a limb that grows thicker hold each other's edges a little. */
const WITHIN_NEIGHBOUR = 0.72;

/** The directions of a chain of stations; a step that is no step goes on as the one before. */
function waysOf(stations: readonly Station[]): readonly Flat[] {
  let last: Flat = { x: 0, y: 1 };
  return stations.map((spot, index) => {
    const before = stations[Math.max(0, index - 1)] ?? spot;
    const after = stations[Math.min(stations.length - 1, index + 1)] ?? spot;
    const [dx, dy] = [after.x - before.x, after.y - before.y];
    const long = Math.hypot(dx, dy);
    if (long > 0.4) last = { x: dx / long, y: dy / long };
    return last;
  });
}

const edgeAt = (station: Station, index: number, normal: Flat): Edge => ({
  x: station.x + normal.x * station.r,
  y: station.y + normal.y * station.r + station.sag * Math.max(0, normal.y),
  along: station.along,
  station: index,
});

/** The far end of a limb, from one edge over its end to the other: a half circle, or cut straighter. */
function capAt(station: Station, index: number, way: Flat, round: number): readonly Edge[] {
  return [-58, 0, 58].map((deg) => {
    const turn = (deg * Math.PI) / 180;
    const [on, across] = [station.r * Math.cos(turn) * round, station.r * Math.sin(turn)];
    const normal = { x: way.x * on - way.y * across, y: way.y * on + way.x * across };
    return {
      x: station.x + normal.x,
      y: station.y + normal.y + station.sag * Math.max(0, normal.y / Math.max(0.1, station.r)),
      along: station.along,
      station: index,
    };
  });
}

/**
 * The outline of a limb: what is seen of both edges and both ends. Edges inside the limb (at the inside of a
 * bent knee, say) are left out of it and given as creases.
 * @param ends how round the far end is: 1 a half circle, 0 cut straight.
 */
export function limbOf(stations: readonly Station[], ends = 1): Limb {
  const ways = waysOf(stations);
  const side = (sign: number): readonly Edge[] =>
    stations.map((station, index) => {
      const way = ways[index] ?? { x: 0, y: 1 };
      return edgeAt(station, index, { x: -way.y * sign, y: way.x * sign });
    });
  const seen = (edge: Edge): boolean => {
    for (let index = 0; index < stations.length; index += 1) {
      const other = stations[index];
      if (!other || index === edge.station) continue;
      const within = other.r * (Math.abs(index - edge.station) < 2 ? WITHIN_NEIGHBOUR : WITHIN);
      const [dx, dy] = [edge.x - other.x, edge.y - other.y];
      if (dx * dx + dy * dy < within * within) return false;
    }
    return true;
  };
  const count = stations.length;
  const [first, last] = [stations[0], stations[count - 1]];
  if (!first || !last) return { outline: [], creases: [] };
  const [firstWay, lastWay] = [ways[0] ?? { x: 0, y: 1 }, ways[count - 1] ?? { x: 0, y: 1 }];
  const [left, right] = [side(1), side(-1)];
  // The left edge lies a quarter turn from the way, so the far end is gone round against the clock.
  const round = [
    ...left,
    ...[...capAt(last, count - 1, lastWay, ends)].reverse(),
    ...[...right].reverse(),
    ...[...capAt(first, 0, { x: -firstWay.x, y: -firstWay.y }, 1)].reverse(),
  ].filter(seen);
  return {
    outline: round,
    creases: [left, right]
      .map((edge) => creaseOf(edge, seen, stations))
      .filter((crease) => crease.length > 1),
  };
}

/** The part of an edge that lies over the limb itself, where the half it belongs to is the nearer one. */
function creaseOf(
  edge: readonly Edge[],
  seen: (spot: Edge) => boolean,
  stations: readonly Station[],
): readonly Flat[] {
  const depth = (from: number, to: number): number => {
    const those = stations.filter(({ along }) => along >= from && along <= to);
    return those.reduce((sum, station) => sum + station.depth, 0) / Math.max(1, those.length);
  };
  const lowerNearer = depth(1.2, 1.8) >= depth(0.2, 0.8);
  const own = edge.filter((spot) => (lowerNearer ? spot.along >= 1 : spot.along <= 1) && !seen(spot));
  // Begun at the last spot that is seen, so that the fold comes out of the outline.
  const joints = edge.filter((spot) => (lowerNearer ? spot.along >= 1 : spot.along <= 1) && seen(spot));
  const from = lowerNearer ? joints[0] : joints[joints.length - 1];
  if (!from || own.length === 0) return [];
  return [from, ...(lowerNearer ? own.reverse() : own)];
}
