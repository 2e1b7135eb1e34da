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
      { kind: 'move-on', afterMs: 161_000, itemId: 'a' },
      { kind: 'begin-now', afterMs: 162_000 },
      { kind: 'insert', afterMs: 163_000, name: 'Draw up, press down' },
      { kind: 'teach', afterMs: 170_000, itemId: 'a' },
      { kind: 'resume', afterMs: 260_000 },
      { kind: 'tempo', afterMs: 270_000, factor: 1.1 },
      { kind: 'tempo', afterMs: 280_000, factor: 0.9 },
      { kind: 'tempo', afterMs: 290_000 },
    ];
    expect(happenedText({ ...record, happened })).toEqual([
      '1:00: stood still, 1:10 min',
      '2:20: one more of Cloud hands',
      '2:30: fitted to the end, for one more was done: Cloud hands ×4',
      '2:35: fitted to the end, for it was not on time yet, by the breath',
      '2:40: stayed in it, 1:40 min',
      '2:41: on after one side of Cloud hands',
      '2:42: begun sooner',
      '2:43: put in: Draw up, press down',
      '2:50: Cloud hands taught part by part, 1:30 min',
      '4:30: slower from there',
      '4:40: quicker from there',
      '4:50: slower or quicker from there',
    ]);
  });

  it('tells why a plan was fitted: what came between since it last was, or that it began at another time', () => {
    const fitted = (...before: readonly NonNullable<ClassRecord['happened']>[number]['kind'][]) =>
      happenedText({
        ...record,
        happened: [...before, 'retime' as const].map((kind, index) => ({ kind, afterMs: index * 1000 })),
      }).at(-1);
    expect(fitted()).toContain('for it had not begun on time');
    expect(fitted('pause', 'resume')).toContain('for it had stood still');
    expect(fitted('pause', 'retime', 'insert')).toContain('for a form was put in');
    expect(fitted('retime', 'teach', 'resume')).toContain('for a form was taught');
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
