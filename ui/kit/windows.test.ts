import { liveWindows, openWindow } from './windows';

/** Locks as a browser has them, enough for windows: held until what was asked to hold them ends. */
class Locks {
  readonly held = new Set<string>();
  refuses = false;
  async request(name: string, hold: () => Promise<void>): Promise<void> {
    if (this.refuses) throw new Error('not allowed');
    this.held.add(name);
    await hold();
    this.held.delete(name);
  }
  async query() {
    return { held: [...this.held].map((name) => ({ name })), pending: [{ name: 'another-page' }, {}] };
  }
}
const inBrowser = (navigator: object): void => {
  Object.defineProperty(globalThis, 'navigator', { value: navigator, configurable: true });
};

describe('the windows of this browser', () => {
  it('know of one another while they are open, and of nothing else that holds a lock', async () => {
    const locks = new Locks();
    inBrowser({ locks });
    const close = openWindow('one');
    openWindow('two');
    locks.held.add('some-other-lock');
    expect([...(await liveWindows())]).toEqual(['one', 'two']);
    close();
    await Promise.resolve();
    await Promise.resolve();
    expect([...(await liveWindows())]).toEqual(['two']);
  });

  it('go on where the browser has no locks or refuses them', async () => {
    inBrowser({});
    expect(() => openWindow('one')()).not.toThrow();
    expect((await liveWindows()).size).toBe(0);
    const locks = new Locks();
    locks.refuses = true;
    inBrowser({ locks });
    expect(() => openWindow('one')()).not.toThrow();
    expect((await liveWindows()).size).toBe(0);
  });
});
