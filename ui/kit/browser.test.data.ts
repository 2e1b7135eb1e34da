/** A browser for tests: a store that may refuse, and the windows that are open. */
class Store {
  refuses = false;
  setItem(key: string, text: string): void {
    if (this.refuses) throw new Error('full');
    (this as Record<string, unknown>)[key] = text;
  }
  getItem(key: string): string | null {
    return ((this as Record<string, unknown>)[key] as string | undefined) ?? null;
  }
  removeItem(key: string): void {
    delete (this as Record<string, unknown>)[key];
  }
}

export interface Browser {
  readonly store: Store;
  /** Keys of the windows that are open. */
  readonly open: string[];
}

/** Puts a fresh one in the place of the globals. */
export function freshBrowser(): Browser {
  const browser: Browser = { store: new Store(), open: [] };
  const locks = {
    query: async () => ({
      held: browser.open.map((name) => ({ name: `navuren-window-${name}` })),
      pending: [],
    }),
  };
  Object.defineProperty(globalThis, 'localStorage', { value: browser.store, configurable: true });
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
  return browser;
}
