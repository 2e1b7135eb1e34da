import { breathMark } from './BreathLine';

const strokes = [
  { seconds: 4, breath: 'in' },
  { seconds: 2, breath: 'hold' },
  { seconds: 6, breath: 'out' },
  { seconds: 8, breath: 'free' },
] as const;

describe('the mark on the breath line', () => {
  it('runs from left to right with the seconds', () => {
    const at = (index: number, part: number) => breathMark(strokes, index, part).x;
    expect(at(0, 0)).toBe(0);
    expect(at(3, 1)).toBe(600);
    expect(at(1, 0)).toBeCloseTo(at(0, 1), 9);
    // 4 + 2 of 20 seconds.
    expect(at(2, 0)).toBeCloseTo(180, 9);
  });

  it('rises with the inhale, stays in the pause, falls with the exhale', () => {
    const level = (index: number, part: number) => breathMark(strokes, index, part).y;
    // Smaller is higher on the page.
    expect(level(0, 1)).toBeLessThan(level(0, 0));
    expect(level(1, 0)).toBe(level(0, 1));
    expect(level(1, 1)).toBe(level(1, 0));
    expect(level(2, 0)).toBe(level(1, 1));
    expect(level(2, 1)).toBe(level(0, 0));
    for (let part = 0.1; part <= 1; part += 0.1)
      expect(level(0, part)).toBeLessThanOrEqual(level(0, part - 0.1));
  });
});
