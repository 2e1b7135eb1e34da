import { shrunk, toldKey, toldOf } from '.';

/** Check values from classes as they are led (common practice): talk of none to 45 s, first repetitions 1.5 to 2.5 times as long. */

const told = (talks: readonly number[], firsts: readonly number[] = [], isTaught = true) =>
  toldOf([
    ...talks.map((sec) => ({ formId: 'wheel', taught: isTaught, talkMs: sec * 1000 })),
    ...firsts.map((factor) => ({
      formId: 'wheel',
      taught: isTaught,
      firstMs: factor * 12_000,
      laterMs: 12_000,
    })),
  ])[toldKey('wheel', isTaught ? 'taught' : 'known')];

describe('how forms are told, from the log', () => {
  it('is the middle of what was taken, by whether the form was new', () => {
    expect(told([10, 30, 14])).toEqual({ talkSec: 14, talks: 3, firsts: 0 });
    expect(told([], [1.5, 2.5])).toEqual({ firstFactor: 2, firsts: 2, talks: 0 });
    const both = toldOf([
      { formId: 'wheel', taught: true, talkMs: 30_000 },
      { formId: 'wheel', taught: false, talkMs: 4000 },
    ]);
    expect(both[toldKey('wheel', 'taught')]?.talkSec).toBe(30);
    expect(both[toldKey('wheel', 'known')]?.talkSec).toBe(4);
  });

  it('learns nothing from a telephone that rang, from what was jumped over, or from a log older than this', () => {
    expect(told([12, 400])).toMatchObject({ talkSec: 12, talks: 1 });
    expect(told([], [1.8, 9])).toMatchObject({ firstFactor: 1.8, firsts: 1 });
    expect(toldOf([{ formId: 'wheel' }, { formId: 'wheel', talkMs: 5000 }])).toEqual({});
    expect(toldOf([{ formId: 'wheel', taught: true }])).toEqual({
      [toldKey('wheel', 'taught')]: { talks: 0, firsts: 0 },
    });
  });

  it('never takes a first repetition for quicker than a later one', () => {
    expect(told([], [0.8])?.firstFactor).toBe(1);
  });

  it.each([
    // The weight is n/(n + 4): a fifth after one class, a half after four, two thirds after eight.
    [20, 40, 1, 24],
    [20, 40, 4, 30],
    [20, 5, 8, 10],
    [20, undefined, 0, 20],
  ])('the usual %s s, seen %s s, %s times: %s s', (usual, seen, samples, expected) => {
    expect(shrunk(usual, seen, samples)).toBeCloseTo(expected, 6);
  });
});
