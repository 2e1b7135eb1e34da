import type { Vec } from '@/core/body';
import type { Camera, Spot } from './view';

/** Outlines of round shapes in the picture plane, as SVG path data. */

/** Tenths that are kept as text: a picture is a few hundred units wide. */
const KEPT = 5000;
const texts = new Array<string | undefined>(2 * KEPT + 1);

/** To a tenth. A frame writes some three thousand numbers, most of them again and again: their texts are kept. */
export function n(value: number): string {
  const tenths = Math.round(value * 10);
  if (tenths < -KEPT || tenths > KEPT) return String(tenths / 10);
  return (texts[tenths + KEPT] ??= String(tenths / 10));
}

export const at = (spot: { readonly x: number; readonly y: number }): string => `${n(spot.x)} ${n(spot.y)}`;

/** A tapered tube between two round ends. */
export function tube(a: Spot, ra: number, b: Spot, rb: number): string {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const d = Math.hypot(dx, dy);
  if (d <= Math.abs(ra - rb) + 0.01) return ra >= rb ? disc(a, ra) : disc(b, rb);
  const angle = Math.atan2(dy, dx);
  const lean = Math.acos((ra - rb) / d);
  const on = (spot: Spot, r: number, turn: number): string =>
    `${n(spot.x + r * Math.cos(turn))} ${n(spot.y + r * Math.sin(turn))}`;
  const big = lean < Math.PI / 2 ? [1, 0] : [0, 1];
  return (
    `M${on(a, ra, angle + lean)}A${n(ra)} ${n(ra)} 0 ${big[0]} 1 ${on(a, ra, angle - lean)}` +
    `L${on(b, rb, angle - lean)}A${n(rb)} ${n(rb)} 0 ${big[1]} 1 ${on(b, rb, angle + lean)}Z`
  );
}

export function disc(spot: Spot, r: number): string {
  return `M${n(spot.x - r)} ${n(spot.y)}a${n(r)} ${n(r)} 0 1 1 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 1 ${n(-2 * r)} 0Z`;
}

/** An ellipse in space: its centre and two half axes. */
export interface Ring {
  readonly centre: Vec;
  readonly a: Vec;
  readonly b: Vec;
}

const STEPS = 8;
const TURNS = Array.from({ length: STEPS }, (_, index) => {
  const turn = (index * 2 * Math.PI) / STEPS;
  return [Math.cos(turn), Math.sin(turn)] as const;
});

export function ringSpots(camera: Camera, ring: Ring): readonly Spot[] {
  return TURNS.map(([c, s]) =>
    camera.spot([
      ring.centre[0] + c * ring.a[0] + s * ring.b[0],
      ring.centre[1] + c * ring.a[1] + s * ring.b[1],
      ring.centre[2] + c * ring.a[2] + s * ring.b[2],
    ]),
  );
}

/** The points of a round spot, for a hull. */
export function discSpots(spot: Spot, r: number): readonly Spot[] {
  return TURNS.map(([c, s]) => ({ x: spot.x + r * c, y: spot.y + r * s, depth: spot.depth }));
}

/** The convex outline round all spots (Andrew's monotone chain). */
export function hull(spots: readonly Spot[]): readonly Spot[] {
  const sorted = [...spots].sort((p, q) => p.x - q.x || p.y - q.y);
  const turn = (o: Spot, p: Spot, q: Spot): number => (p.x - o.x) * (q.y - o.y) - (p.y - o.y) * (q.x - o.x);
  const half = (points: readonly Spot[]): Spot[] => {
    const chain: Spot[] = [];
    for (const point of points) {
      while (chain.length > 1) {
        const [o, p] = [chain[chain.length - 2], chain[chain.length - 1]];
        if (!o || !p || turn(o, p, point) > 0) break;
        chain.length -= 1;
      }
      chain.push(point);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** A closed outline with its corners rounded: each spot pulls the line, none is a corner. */
export function rounded(spots: readonly Spot[]): string {
  const last = spots.at(-1);
  const first = spots[0];
  if (!first || !last || spots.length < 3) return '';
  let path = `M${at({ x: (last.x + first.x) / 2, y: (last.y + first.y) / 2 })}`;
  spots.forEach((spot, index) => {
    const next = spots[(index + 1) % spots.length] ?? first;
    path += `Q${at(spot)} ${at({ x: (spot.x + next.x) / 2, y: (spot.y + next.y) / 2 })}`;
  });
  return `${path}Z`;
}

/** An open line through spots, softened. */
export function stroke(spots: readonly Spot[]): string {
  const first = spots[0];
  if (!first) return '';
  let path = `M${at(first)}`;
  for (let index = 1; index < spots.length; index += 1) {
    const [here, next] = [spots[index], spots[index + 1]];
    if (!here) continue;
    path += next
      ? `Q${at(here)} ${at({ x: (here.x + next.x) / 2, y: (here.y + next.y) / 2 })}`
      : `L${at(here)}`;
  }
  return path;
}

/** An open line through every one of its spots, its corners softened (a Catmull-Rom spline, as cubic curves). */
export function through(spots: readonly Spot[]): string {
  const first = spots[0];
  if (!first) return '';
  let path = `M${at(first)}`;
  for (let index = 1; index < spots.length; index += 1) {
    const [a, b] = [spots[index - 1], spots[index]];
    if (!a || !b) continue;
    const before = spots[index - 2] ?? a;
    const after = spots[index + 1] ?? b;
    const out = { x: a.x + (b.x - before.x) / 6, y: a.y + (b.y - before.y) / 6 };
    const into = { x: b.x - (after.x - a.x) / 6, y: b.y - (after.y - a.y) / 6 };
    path += `C${at(out)} ${at(into)} ${at(b)}`;
  }
  return path;
}

/** The outline of a solid swept through rings. */
export function solid(camera: Camera, rings: readonly Ring[], extra: readonly Spot[] = []): string {
  return rounded(hull([...rings.flatMap((ring) => ringSpots(camera, ring)), ...extra]));
}
