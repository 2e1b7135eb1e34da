import { AsyncLocalStorage } from 'node:async_hooks';
import { askedFor } from './askedFor';

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 1));

describe('what is chosen for one who asks', () => {
  afterEach(() => Reflect.deleteProperty(globalThis, 'navurenAsked'));

  it('is one thing where one person asks, as in a browser', () => {
    const chosen = askedFor('colour', 'ochre');
    expect(chosen.now()).toBe('ochre');
    chosen.choose('indigo');
    expect(chosen.now()).toBe('indigo');
  });

  it('is each one’s own where several ask at once, through all they wait for, and in every bundle', async () => {
    const requests = new AsyncLocalStorage<Record<string, unknown>>();
    Object.assign(globalThis, { navurenAsked: requests });
    // Two bundles of one server have this module once each.
    const [first, second] = [askedFor('colour', 'ochre'), askedFor('colour', 'ochre')];
    const asks = (colour: string): Promise<string[]> =>
      requests.run({}, async () => {
        const before = second.now();
        first.choose(colour);
        await pause();
        const after = second.now();
        await Promise.all([pause(), pause()]);
        return [before, after, first.now()];
      });
    const colours = Array.from({ length: 20 }, (_, index) => `colour ${index}`);
    expect(await Promise.all(colours.map(asks))).toEqual(colours.map((one) => ['ochre', one, one]));
    // Nothing of theirs stays behind for whoever asks next, or for what no request is made for.
    expect(requests.run({}, () => first.now())).toBe('ochre');
    expect(first.now()).toBe('ochre');
  });
});
