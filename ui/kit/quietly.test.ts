/** A browser whose clock and idle moments are the test's. */
const at = {
  ms: 10_000,
  idle: [] as ((deadline: { timeRemaining: () => number }) => void)[],
  keys: [] as (() => void)[],
};
const timers: { readonly dueMs: number; readonly work: () => void }[] = [];
const own = { now: performance.now, setTimeout: globalThis.setTimeout };

const press = (): void => at.keys.forEach((noted) => noted());
const rest = (spareMs: number): void => {
  let left = spareMs;
  at.idle.splice(0).forEach((work) => work({ timeRemaining: () => (left -= 3) }));
};
const pass = (ms: number): void => {
  at.ms += ms;
  const due = timers.filter(({ dueMs }) => dueMs <= at.ms);
  timers.splice(0, timers.length, ...timers.filter(({ dueMs }) => dueMs > at.ms));
  due.forEach(({ work }) => work());
};

beforeAll(() => {
  Object.assign(globalThis, {
    window: {
      requestIdleCallback: (work: (typeof at.idle)[number]) => at.idle.push(work),
      addEventListener: (_: string, noted: () => void) => at.keys.push(noted),
    },
    setTimeout: (work: () => void, ms = 0) => timers.push({ dueMs: at.ms + ms, work }),
  });
  performance.now = () => at.ms;
});
afterAll(() => {
  Reflect.deleteProperty(globalThis, 'window');
  globalThis.setTimeout = own.setTimeout;
  performance.now = own.now;
});

describe('what can wait', () => {
  const begun = async (): Promise<readonly string[]> => {
    const { quietly } = await import('./quietly');
    const done: string[] = [];
    for (const name of ['a', 'b', 'c']) quietly(() => done.push(name));
    return done;
  };

  it('is done in order, as much at a time as there is time for', async () => {
    const done = await begun();
    expect(done).toEqual([]);
    rest(0);
    expect(done).toEqual(['a']);
    rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });

  it('is not begun within a quarter of a second of a key, and then is', async () => {
    const done = await begun();
    press();
    pass(100);
    rest(50);
    expect(done).toEqual([]);
    pass(149);
    rest(50);
    expect(done).toEqual([]);
    pass(1);
    rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });

  const slowly = async (): Promise<readonly string[]> => {
    const { quietly } = await import('./quietly');
    const done: string[] = [];
    for (const name of ['a', 'b', 'c'])
      quietly(() => {
        at.ms += 10;
        done.push(name);
      });
    return done;
  };

  it('lets a key be heard between pieces that take long, while somebody is at the keys', async () => {
    press();
    pass(300);
    const done = await slowly();
    rest(50);
    expect(done).toEqual(['a', 'b']);
    rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });

  it('takes what the browser can spare where nobody is', async () => {
    press();
    pass(3000);
    const done = await slowly();
    rest(50);
    expect(done).toEqual(['a', 'b', 'c']);
  });

  it('goes on after a piece that fails', async () => {
    const { quietly } = await import('./quietly');
    const done: string[] = [];
    quietly(() => {
      throw new Error('on purpose');
    });
    quietly(() => done.push('after it'));
    expect(() => rest(50)).toThrow('on purpose');
    rest(50);
    expect(done).toEqual(['after it']);
  });
});
