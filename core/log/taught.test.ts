import { taughtBy, type TaughtItem } from '.';

const item = (over: Partial<TaughtItem> = {}): TaughtItem => ({
  formId: 'wheel',
  name: 'Wheel',
  plannedMs: 60_000,
  actualMs: 60_000,
  plannedRepetitions: 6,
  repetitions: 6,
  undisturbed: true,
  ...over,
});
const times = (count: number, over: Partial<TaughtItem> = {}): readonly TaughtItem[] =>
  Array.from({ length: count }, () => item(over));
const usual = () => ({ talkSec: 20, firstFactor: 1.8 });

describe('what the log has taught', () => {
  it('is nothing of what went as planned', () => {
    expect(taughtBy(times(9), usual)).toEqual([]);
  });

  it('is a pace, half of which is believed after four classes', () => {
    expect(taughtBy(times(4, { actualMs: 72_000 }), usual)).toEqual([
      { formId: 'wheel', name: 'Wheel', planned: 4, pace: 1.1 },
    ]);
  });

  it('is talk and a first repetition, by whether it was new', () => {
    const [row] = taughtBy(
      [
        ...times(4, { taught: true, talkMs: 40_000, firstMs: 30_000, laterMs: 12_000 }),
        ...times(4, { taught: false, talkMs: 20_000, firstMs: 21_600, laterMs: 12_000 }),
      ],
      usual,
    );
    expect(row?.talkSec).toEqual({ taught: 30 });
    expect(row?.firstFactor).toEqual({ taught: expect.closeTo(2.15, 6) as number });
  });

  it('is what is always cut: three times, and half of the times it was planned', () => {
    const cut = { actualMs: 0, repetitions: 0, undisturbed: false };
    expect(taughtBy([...times(3, cut), ...times(3)], usual)[0]?.leftOut).toBe(3);
    expect(taughtBy([...times(3, cut), ...times(4)], usual)).toEqual([]);
    expect(taughtBy(times(2, cut), usual)).toEqual([]);
  });

  it('comes by name, and says nothing of the telling of a form nobody knows', () => {
    const rows = taughtBy(
      [...times(4, { actualMs: 72_000 }), ...times(4, { formId: 'bear', name: 'Bear', actualMs: 50_000 })],
      () => undefined,
    );
    expect(rows.map(({ name }) => name)).toEqual(['Bear', 'Wheel']);
  });
});
