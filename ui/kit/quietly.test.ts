import { jest } from '@jest/globals';

/** A browser of its own: what it would do when idle is done when the test says so, and its clock is the test's. */
function browser() {
  const idle: ((deadline: { timeRemaining: () => number }) => void)[] = [];
  const keys: (() => void)[] = [];
  Object.assign(globalThis, {
    window: {
      requestIdleCallback: (work: (typeof idle)[number]) => idle.push(work),
      addEventListener: (_: string, noted: () => void) => keys.push(noted),
    },
  });
  return {
    press: () => keys.forEach((noted) => noted()),
    rest: (spareMs: number) => {
      let left = spareMs;
      idle.splice(0).forEach((work) => work({ timeRemaining: () => (left -= 3) }));
    },
  };
}

describe('what can wait', () => {
  beforeEach(() => {
    jest.resetModules();
    jest.useFakeTimers({ now: 10_000 });
  });
  afterEach(() => {
    jest.useRealTimers();
    Reflect.deleteProperty(globalThis, 'window');
  });
  const begun = async () => {
    const at = browser();
    const { quietly } = await import('./quietly');
    const done: string[] = [];
    for (const name of ['a', 'b', 'c']) quietly(() => done.push(name));
    return { at, done };
  };

  it('is done in order, as much at a time as there is time for', async () => {
    const { at, done } = await begun();
    expect(done).toEqual([]);
    at.rest(0);
    expect(done).toEqual(['a']);
    at.rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });

  it('is not begun within a quarter of a second of a key, and then is', async () => {
    const { at, done } = await begun();
    at.press();
    jest.advanceTimersByTime(100);
    at.rest(50);
    expect(done).toEqual([]);
    jest.advanceTimersByTime(149);
    at.rest(50);
    expect(done).toEqual([]);
    jest.advanceTimersByTime(1);
    at.rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });
});
