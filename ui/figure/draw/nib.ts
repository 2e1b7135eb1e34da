import { n } from '../outline';

/**
 * The pressed line. An outline is inked by filling it once in ink, spread outwards by the width the nib
 * has there, and laying the fill over it: thin towards the light, thick away from it, and joined shapes
 * need no line between them. All in picture units, y downwards.
 */
export interface Flat {
  readonly x: number;
  readonly y: number;
}

/** Away from the light, which falls from the upper left. */
const AWAY: Flat = { x: 0.55, y: 0.835 };
/** The line's width towards the light and away from it, as shares of the ink's line. */
const THIN = 0.42;
const THICK = 1.18;

const towardsShade = (normal: Flat): number => normal.x * AWAY.x + normal.y * AWAY.y;

const pressed = (normal: Flat): number => (THIN + THICK) / 2 + ((THICK - THIN) / 2) * towardsShade(normal);

function areaOf(outline: readonly Flat[]): number {
  let sum = 0;
  let last = outline[outline.length - 1];
  for (const spot of outline) {
    if (last) sum += last.x * spot.y - spot.x * last.y;
    last = spot;
  }
  return sum;
}

/** How often the softened path says its control spot again, so that rounding does not add up. */
const SAID_AGAIN = 5;

/** An outline that turns the one way all of them turn. */
const turnedAlike = <S extends Flat>(outline: readonly S[]): readonly S[] =>
  areaOf(outline) < 0 ? [...outline].reverse() : outline;

/**
 * A closed path softened through an outline: each spot pulls the line, none is a corner. All such paths turn
 * the same way, so that several in one element join and never cut holes.
 */
export const softened = (outline: readonly Flat[]): string => pathThrough(turnedAlike(outline));

function pathThrough(spots: readonly Flat[]): string {
  const [first, last] = [spots[0], spots[spots.length - 1]];
  if (!first || !last || spots.length < 3) return '';
  let [x, y] = [first.x, first.y];
  let path = `M${n((last.x + x) / 2)} ${n((last.y + y) / 2)}`;
  for (let index = 1; index <= spots.length; index += 1) {
    const next = spots[index] ?? first;
    path += (index - 1) % SAID_AGAIN === 0 ? `Q${n(x)} ${n(y)} ` : 'T';
    path += `${n((x + next.x) / 2)} ${n((y + next.y) / 2)}`;
    [x, y] = [next.x, next.y];
  }
  return `${path}Z`;
}

/** Spots put in near the corners of long edges, so that softening rounds a corner no more than this. */
export function crisp(outline: readonly Flat[], corner: number): readonly Flat[] {
  return outline.flatMap((spot, index) => {
    const next = outline[(index + 1) % outline.length] ?? spot;
    const long = Math.hypot(next.x - spot.x, next.y - spot.y);
    if (long < corner * 3) return [spot];
    return [spot, between(spot, next, corner / long), between(spot, next, 1 - corner / long)];
  });
}

/** A closed outline with the directions out of it, one a spot: what the nib and the wash need. */
export interface Traced<S extends Flat = Flat> {
  readonly outline: readonly S[];
  readonly normals: readonly Flat[];
}

export function traced<S extends Flat>(given: readonly S[]): Traced<S> {
  const outline = turnedAlike(given);
  const normals: Flat[] = [];
  let before = outline[outline.length - 1];
  for (let index = 0; index < outline.length; index += 1) {
    const spot = outline[index];
    const after = outline[index + 1] ?? outline[0];
    if (!spot || !before || !after) break;
    const [dx, dy] = [after.x - before.x, after.y - before.y];
    const long = Math.sqrt(dx * dx + dy * dy) || 1;
    normals.push({ x: dy / long, y: -dx / long });
    before = spot;
  }
  return { outline, normals };
}

/** The fill of a traced outline. */
export const fillOf = ({ outline }: Traced): string => pathThrough(outline);

/** The ink under a closed outline: the outline spread by the nib, as far as `pressure` lets it at each spot. */
export function inkUnder<S extends Flat>(
  { outline, normals }: Traced<S>,
  line: number,
  pressure?: (spot: S) => number,
): string {
  return pathThrough(
    outline.map((spot, index) => {
      const normal = normals[index] ?? AWAY;
      const wide = line * pressed(normal) * (pressure ? pressure(spot) : 1);
      return { x: spot.x + normal.x * wide, y: spot.y + normal.y * wide };
    }),
  );
}

/** The quiet wash on the side away from the light, `deep` at the most. */
export function washOn({ outline, normals }: Traced, deep: number): string {
  const count = outline.length;
  const shade = normals.map((normal) => Math.max(0, towardsShade(normal) - 0.1));
  const start = shade.findIndex((dark, index) => dark > 0 && (shade[(index + count - 1) % count] ?? 0) <= 0);
  if (start < 0) return '';
  let path = '';
  let run: Flat[] = [];
  let inner: Flat[] = [];
  for (let step = 0; step <= count; step += 1) {
    const index = (start + step) % count;
    const [spot, normal, dark] = [outline[index], normals[index], step < count ? (shade[index] ?? 0) : 0];
    if (spot && normal && dark > 0) {
      run.push(spot);
      inner.push({ x: spot.x - normal.x * deep * dark, y: spot.y - normal.y * deep * dark });
    } else if (run.length > 0) {
      if (run.length > 2) path += softened([...run, ...inner.reverse()]);
      run = [];
      inner = [];
    }
  }
  return path;
}

/** One stroke of the brush through spots: it comes down, is pressed and lifts again. */
export function brush(spots: readonly Flat[], width: number): string {
  const count = spots.length;
  if (count < 2) return '';
  const [left, right]: [Flat[], Flat[]] = [[], []];
  spots.forEach((spot, index) => {
    const before = spots[Math.max(0, index - 1)] ?? spot;
    const after = spots[Math.min(count - 1, index + 1)] ?? spot;
    const [dx, dy] = [after.x - before.x, after.y - before.y];
    const long = Math.hypot(dx, dy) || 1;
    const half = (width / 2) * (0.15 + 0.85 * Math.sin((Math.PI * (index + 0.35)) / (count - 0.3)) ** 0.8);
    left.push({ x: spot.x - (dy / long) * half, y: spot.y + (dx / long) * half });
    right.push({ x: spot.x + (dy / long) * half, y: spot.y - (dx / long) * half });
  });
  return softened([...left, ...right.reverse()]);
}

/** Spots along a bow from one place to another; `bend` is its height as a share of its length. */
export function bow(from: Flat, to: Flat, bend: number, count = 5): readonly Flat[] {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  return Array.from({ length: count }, (_, index) => {
    const t = index / (count - 1);
    const out = 4 * t * (1 - t) * bend;
    return { x: from.x + dx * t - dy * out, y: from.y + dy * t + dx * out };
  });
}

export const between = (a: Flat, b: Flat, t: number): Flat => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});

/** Whether a place lies inside a closed outline (even-odd). */
export function inside(place: Flat, outline: readonly Flat[]): boolean {
  let within = false;
  for (let index = 0, last = outline.length - 1; index < outline.length; last = index, index += 1) {
    const [a, b] = [outline[index], outline[last]];
    if (!a || !b || a.y > place.y === b.y > place.y) continue;
    if (place.x < ((b.x - a.x) * (place.y - a.y)) / (b.y - a.y) + a.x) within = !within;
  }
  return within;
}
