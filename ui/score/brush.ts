import { entryAt } from '@/core/lists/lists';
import type { BreathPoint } from '@/core/practice';

/** Tenths of a pixel are finer than any screen. */
export const round = (value: number): number => Math.round(value * 10) / 10;

/** The breath line itself, as points on the drawing. */
function drawnPoints(
  points: readonly BreathPoint[],
  x: (ms: number) => number,
  y: (level: number) => number,
) {
  return points.map((point) => ({ x: x(point.atMs), y: y(point.level), level: point.level }));
}

/**
 * The breath line as a brush stroke: a closed shape, measured across the line, that thickens as the breath
 * fills, so that rises swell and falls taper.
 */
export function brushPath(
  points: readonly BreathPoint[],
  x: (ms: number) => number,
  y: (level: number) => number,
  weight = 1,
): string {
  if (points.length === 0) return '';
  const drawn = drawnPoints(points, x, y);
  const edge = (index: number, way: 1 | -1): string => {
    const here = entryAt(drawn, index);
    const before = drawn[index - 1] ?? here;
    const after = drawn[index + 1] ?? here;
    const [dx, dy] = [after.x - before.x, after.y - before.y];
    const length = Math.hypot(dx, dy) || 1;
    const half = (0.5 + 0.9 * here.level) * weight * way;
    return `${round(here.x - (dy / length) * half)} ${round(here.y + (dx / length) * half)}`;
  };
  const indexes = drawn.map((_, index) => index);
  return `M${indexes.map((index) => edge(index, -1)).join('L')}L${indexes
    .toReversed()
    .map((index) => edge(index, 1))
    .join('L')}Z`;
}

/** The ground under the breath line, for a wash of ink that lets the whole be seen breathing. */
export function washPath(
  points: readonly BreathPoint[],
  x: (ms: number) => number,
  y: (level: number) => number,
): string {
  const drawn = drawnPoints(points, x, y);
  const [first, last] = [drawn[0], drawn.at(-1)];
  if (!first || !last) return '';
  const floor = round(y(0));
  return `M${round(first.x)} ${floor}L${drawn.map((point) => `${round(point.x)} ${round(point.y)}`).join('L')}L${round(last.x)} ${floor}Z`;
}
