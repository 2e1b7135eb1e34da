import fc from 'fast-check';
import { brushPath, washPath } from './brush';
import { evenly } from '@/core/evenly.test.data';

const x = (ms: number): number => ms / 10;
const y = (level: number): number => 100 * (1 - level);
const numbers = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('the brush', () => {
  it('draws nothing for nothing, and a closed shape for any line', () => {
    expect(brushPath([], x, y)).toBe('');
    expect(washPath([], x, y)).toBe('');
    fc.assert(
      fc.property(fc.array(evenly(0, 1), { minLength: 1, maxLength: 40 }), (levels) => {
        const points = levels.map((level, index) => ({ atMs: index * 100, level }));
        for (const path of [brushPath(points, x, y), washPath(points, x, y)]) {
          expect(path).toMatch(/^M.*Z$/);
          expect(path).not.toMatch(/NaN|Infinity/);
        }
      }),
      { seed: 1 },
    );
  });

  it('is thicker where the breath is full than where it is empty', () => {
    const flat = (level: number) =>
      numbers(
        brushPath(
          [
            { atMs: 0, level },
            { atMs: 1000, level },
          ],
          x,
          y,
        ),
      );
    const thickness = (level: number) => {
      const ys = flat(level).filter((_, index) => index % 2 === 1);
      return Math.max(...ys) - Math.min(...ys);
    };
    expect(thickness(1)).toBeGreaterThan(thickness(0) * 2);
  });

  it('keeps its thickness on a steep rise, measured across the line', () => {
    const steep = numbers(
      brushPath(
        [
          { atMs: 0, level: 0.5 },
          { atMs: 1, level: 0.5001 },
          { atMs: 2, level: 0.5002 },
        ],
        (ms) => ms / 1e6,
        (level) => level * 1e6,
      ),
    );
    const xs = steep.filter((_, index) => index % 2 === 0);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(2 * (0.5 + 0.9 * 0.5), 0);
  });

  it('lets the wash stand on the floor of the line', () => {
    const ys = numbers(
      washPath(
        [
          { atMs: 0, level: 0.2 },
          { atMs: 500, level: 1 },
        ],
        x,
        y,
      ),
    ).filter((_, index) => index % 2 === 1);
    expect(Math.max(...ys)).toBe(100);
    expect(Math.min(...ys)).toBe(0);
  });
});
