import { breathLevelAt, breathLine, startLevels, type Timeline, type TimelineEvent } from '.';

/** A timeline of breaths alone: what each is and how long, one after another. */
function timelineOf(...breaths: readonly (readonly [TimelineEvent['breath'], number])[]): Timeline {
  let startMs = 0;
  const events = breaths.map(([breath, lengthMs], index) => {
    const event = { index, breath, startMs, lengthMs, sips: 1, out: 'plain' };
    startMs += lengthMs;
    return event;
  });
  return { events, totalMs: startMs, items: [], sections: [] } as unknown as Timeline;
}
const levelAt = (timeline: Timeline, index: number, atMs: number): number =>
  breathLevelAt(timeline, startLevels(timeline), index, atMs);

describe('the level of the breath', () => {
  // Worked by hand: rising and falling by (1 − cos πt) / 2.
  const breath = timelineOf(['in', 4000], ['hold', 2000], ['out', 6000], ['free', 4000]);

  it('rises to full on the inhale, slowly at first and last', () => {
    expect(levelAt(breath, 0, 0)).toBe(0);
    expect(levelAt(breath, 0, 1000)).toBeCloseTo((1 - Math.SQRT1_2) / 2, 10);
    expect(levelAt(breath, 0, 2000)).toBeCloseTo(0.5, 10);
    expect(levelAt(breath, 0, 4000)).toBeCloseTo(1, 10);
  });

  it('stays where it is while held, and falls to empty on the exhale', () => {
    expect(levelAt(breath, 1, 5000)).toBeCloseTo(1, 10);
    expect(levelAt(breath, 2, 9000)).toBeCloseTo(0.5, 10);
    expect(levelAt(breath, 2, 12_000)).toBeCloseTo(0, 10);
  });

  it('begins each stroke where the one before ended; after free breath at empty', () => {
    expect(startLevels(breath).map((level) => Math.round(level * 100) / 100)).toEqual([0, 1, 1, 0]);
    expect(startLevels(timelineOf(['in', 1000], ['free', 1000], ['out', 1000]))).toEqual([0, 1, 0]);
  });

  it('ripples low where it is free, whole ripples and never under empty', () => {
    // One ripple in 4 s: at its crest after 2 s.
    expect(levelAt(breath, 3, 14_000)).toBeCloseTo(0.16, 10);
    expect(levelAt(breath, 3, 12_000)).toBeCloseTo(0, 10);
    expect(levelAt(breath, 3, 16_000)).toBeCloseTo(0, 10);
    const long = timelineOf(['in', 1000], ['free', 8000]);
    // From full it has settled after a third; two ripples in 8 s, with a crest at 6 s of it.
    expect(levelAt(long, 1, 1000)).toBeCloseTo(1, 10);
    expect(levelAt(long, 1, 7000)).toBeCloseTo(0.16, 10);
    expect(levelAt(long, 1, 5000)).toBeCloseTo(0, 10);
  });

  it('is that of the nearer end before and after its event, and nothing where there is none', () => {
    expect(levelAt(breath, 2, 0)).toBeCloseTo(1, 10);
    expect(levelAt(breath, 2, 99_000)).toBeCloseTo(0, 10);
    expect(levelAt(breath, 9, 1000)).toBe(0);
  });
});

describe('the line of the breath', () => {
  const breath = timelineOf(['in', 4000], ['hold', 2000], ['out', 6000]);

  it('has so many points a stroke, one where it is held, and one at the very end', () => {
    expect(breathLine(breath, 0, 12_000, 4).map(({ atMs }) => atMs)).toEqual([
      0, 1000, 2000, 3000, 4000, 6000, 7500, 9000, 10_500, 12_000,
    ]);
  });

  it('has more where long free breath ripples: one in 350 ms', () => {
    expect(breathLine(timelineOf(['free', 7000]), 0, 6999, 4)).toHaveLength(20);
    expect(breathLine(timelineOf(['free', 700]), 0, 699, 4)).toHaveLength(4);
  });

  it('has the strokes that touch the stretch asked for, ends included', () => {
    const times = (from: number, to: number) => breathLine(breath, from, to, 2).map(({ atMs }) => atMs);
    expect(times(4001, 5000)).toEqual([4000]);
    expect(times(4000, 5000)).toEqual([0, 2000, 4000]);
    expect(times(5000, 6000)).toEqual([4000, 6000, 9000]);
    expect(times(5000, 5999)).toEqual([4000]);
    expect(times(7000, 12_000)).toEqual([6000, 9000, 12_000]);
  });

  it('of nothing is nothing', () => {
    expect(breathLine(timelineOf(), 0, 0)).toEqual([]);
  });
});
