import fc from 'fast-check';
import { at, disc, discSpots, hull, ringSpots, rounded, solid, stroke, tube } from './outline';
import { cameraFor, VIEWS, type Spot } from './view';

const coordinate = fc.integer({ min: -200, max: 200 });
const spot: fc.Arbitrary<Spot> = fc.record({ x: coordinate, y: coordinate, depth: fc.constant(0) });
const spots = fc.array(spot, { minLength: 3, maxLength: 40 });

const turn = (o: Spot, p: Spot, q: Spot): number => (p.x - o.x) * (q.y - o.y) - (p.y - o.y) * (q.x - o.x);
const numbers = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('the outline round spots', () => {
  it('is convex and leaves no spot outside', () => {
    fc.assert(
      fc.property(spots, (places) => {
        const round = hull(places);
        if (round.length < 3) return;
        round.forEach((corner, index) => {
          const next = round[(index + 1) % round.length] ?? corner;
          for (const place of places) expect(turn(corner, next, place)).toBeGreaterThanOrEqual(-1e-6);
        });
      }),
    );
  });

  it('does not mind in which order the spots come', () => {
    fc.assert(
      fc.property(spots, (places) => {
        const key = (list: readonly Spot[]): readonly string[] => list.map(at).sort();
        expect(key(hull([...places].reverse()))).toEqual(key(hull(places)));
      }),
    );
  });

  it('rounds a square to a closed path through the middles of its sides', () => {
    const square = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ].map(([x = 0, y = 0]) => ({ x, y, depth: 0 }));
    const path = rounded(square);
    expect(path.startsWith('M0 5')).toBe(true);
    expect(path.endsWith('Z')).toBe(true);
    expect(path.match(/Q/g)).toHaveLength(4);
    expect(rounded(square.slice(0, 2))).toBe('');
  });
});

describe('tubes and discs', () => {
  it('stay within their two round ends', () => {
    const radius = fc.integer({ min: 2, max: 20 });
    fc.assert(
      fc.property(spot, radius, spot, radius, (a, ra, b, rb) => {
        const path = tube(a, ra, b, rb);
        expect(path).not.toMatch(/NaN/);
        const [left, right] = [Math.min(a.x - ra, b.x - rb), Math.max(a.x + ra, b.x + rb)];
        // The first place of the path lies on the outline of one end.
        const [x = 0, y = 0] = numbers(path);
        expect(x).toBeGreaterThanOrEqual(left - 0.2);
        expect(x).toBeLessThanOrEqual(right + 0.2);
        const gap = Math.min(
          Math.abs(Math.hypot(x - a.x, y - a.y) - ra),
          Math.abs(Math.hypot(x - b.x, y - b.y) - rb),
        );
        expect(gap).toBeLessThan(0.3);
      }),
    );
  });

  it('become one disc where one end swallows the other', () => {
    const [a, b] = [
      { x: 0, y: 0, depth: 0 },
      { x: 1, y: 0, depth: 0 },
    ];
    expect(tube(a, 10, b, 3)).toBe(disc(a, 10));
    expect(tube(a, 3, b, 10)).toBe(disc(b, 10));
  });

  it('have their spots at their radius', () => {
    for (const place of discSpots({ x: 5, y: -3, depth: 1 }, 7))
      expect(Math.hypot(place.x - 5, place.y + 3)).toBeCloseTo(7, 9);
  });
});

describe('lines and solids', () => {
  it('begin and end where they are told', () => {
    const line = stroke([
      { x: 0, y: 0, depth: 0 },
      { x: 5, y: 5, depth: 0 },
      { x: 10, y: 0, depth: 0 },
    ]);
    expect(line).toMatch(/^M0 0/);
    expect(line).toMatch(/L10 0$/);
    expect(stroke([])).toBe('');
  });

  it('are as broad as their rings seen from the front, as deep seen from the side', () => {
    const ring = { centre: [0, 1, 0], a: [0.2, 0, 0], b: [0, 0, 0.1] } as const;
    const width = (named: 'front' | 'side'): number => {
      const camera = cameraFor({ ...VIEWS[named], downDeg: 0 }, { x: 0, z: 0 });
      const xs = ringSpots(camera, ring).map((place) => place.x);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(width('front')).toBeGreaterThan(2 * 0.2 * 200 * 0.93);
    expect(width('front')).toBeLessThanOrEqual(2 * 0.2 * 200);
    expect(width('side')).toBeLessThanOrEqual(2 * 0.1 * 200);
    const camera = cameraFor(VIEWS.front, { x: 0, z: 0 });
    expect(solid(camera, [ring, { ...ring, centre: [0, 1.2, 0] }])).toMatch(/^M.*Z$/);
  });
});
