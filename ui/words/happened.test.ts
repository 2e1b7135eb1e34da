import type { ClassRecord } from '@/core/lead';
import { endedText, happenedText } from './happened';

const record: ClassRecord = {
  startedAtMs: 1_800_000_000_000,
  endedAtMs: 1_800_000_600_000,
  plannedMs: 600_000,
  actualMs: 600_000,
  finished: true,
  items: [
    {
      itemId: 'a',
      formId: 'cloud-hands',
      name: 'Cloud hands',
      role: 'nourish',
      plannedMs: 1000,
      actualMs: 1000,
      plannedRepetitions: 6,
      repetitions: 4,
      undisturbed: true,
    },
  ],
};

describe('what happened in a class, in words', () => {
  it('is nothing where nothing did', () => {
    expect(happenedText(record)).toEqual([]);
  });

  it('tells when, how long it stood, which form, and what a new plan changed', () => {
    const happened: ClassRecord['happened'] = [
      { kind: 'pause', afterMs: 60_000 },
      { kind: 'resume', afterMs: 130_000 },
      { kind: 'one-more', afterMs: 140_000, itemId: 'a' },
      { kind: 'retime', afterMs: 150_000, changes: [{ itemId: 'a', repetitions: 4 }] },
      { kind: 'retime', afterMs: 155_000 },
      { kind: 'stay', afterMs: 160_000 },
    ];
    expect(happenedText({ ...record, happened })).toEqual([
      '1:00: stood still, 1:10 min',
      '2:20: one more of Cloud hands',
      '2:30: fitted to the end: Cloud hands ×4',
      '2:35: fitted to the end, by the breath',
      '2:40: stayed in it',
    ]);
  });

  it.each([
    [undefined, ''],
    [2000, 'ended on time'],
    [-80_000, 'ended 1:20 min early'],
    [65_000, 'ended 1:05 min late'],
  ])('against its end, %s: %s', (overMs, text) => {
    expect(endedText(overMs === undefined ? {} : { overMs })).toBe(text);
  });
});
