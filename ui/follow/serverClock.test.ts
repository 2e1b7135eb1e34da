import { aheadOf } from './serverClock';

/** A server whose clock is so much ahead, over a network that takes so long there and back, ms. */
function over(aheadMs: number, ways: readonly (readonly [there: number, back: number])[]) {
  let nowMs = 1_000_000;
  let asked = 0;
  return {
    here: () => nowMs,
    ask: () => {
      const [there, back] = ways[asked % ways.length] ?? [0, 0];
      asked += 1;
      const thereMs = nowMs + there + aheadMs;
      nowMs += there + back;
      return Promise.resolve(thereMs);
    },
  };
}

describe('the clock of the server', () => {
  it('is known exactly where there and back take the same', async () => {
    expect(await aheadOf(over(420_000, [[8, 8]]))).toEqual({ aheadMs: 420_000, withinMs: 8 });
    expect((await aheadOf(over(-5000, [[0, 0]]))).aheadMs).toBe(-5000);
  });

  it('is taken from the quickest ask, and is off by half of that at most', async () => {
    // By hand: the quickest takes 4 there and 8 back, so it seems 2 ms less ahead than it is.
    const { aheadMs, withinMs } = await aheadOf(
      over(1000, [
        [90, 10],
        [4, 8],
        [300, 5],
        [40, 40],
        [9, 60],
      ]),
    );
    expect(withinMs).toBe(6);
    expect(aheadMs).toBe(998);
    expect(Math.abs(aheadMs - 1000)).toBeLessThanOrEqual(withinMs);
  });
});
