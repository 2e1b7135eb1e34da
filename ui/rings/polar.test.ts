import fc from 'fast-check';
import { bandPath, onRing } from './polar';
import { evenly } from '@/core/evenly.test.data';

describe('places on a ring', () => {
  it('go clockwise from the top', () => {
    expect(onRing(0, 10)).toEqual({ x: 0, y: -10 });
    expect(onRing(90, 10)).toEqual({ x: 10, y: 0 });
    expect(onRing(180, 10)).toEqual({ x: 0, y: 10 });
    expect(onRing(270, 10)).toEqual({ x: -10, y: 0 });
  });

  it('keep their radius, whatever the angle', () => {
    fc.assert(
      fc.property(evenly(-720, 720), evenly(1, 400), (angle, radius) => {
        const { x, y } = onRing(angle, radius);
        expect(Math.hypot(x, y)).toBeCloseTo(radius, 1);
      }),
      { seed: 1 },
    );
  });
});

describe('a band of a ring', () => {
  it('takes the long way round where it is more than half', () => {
    expect(bandPath(0, 90, 10, 20)).toContain('A20 20 0 0 1');
    expect(bandPath(0, 270, 10, 20)).toContain('A20 20 0 1 1');
    expect(bandPath(350, 10, 10, 20)).toContain('A20 20 0 0 1');
  });

  it('is closed and never empty, even for a whole turn', () => {
    for (const [from, to] of [
      [0, 360],
      [15, 15],
      [-90, 30],
    ] as const) {
      const path = bandPath(from, to, 10, 20);
      expect(path).toMatch(/^M.*Z$/);
      expect(path).not.toContain('NaN');
    }
  });
});
