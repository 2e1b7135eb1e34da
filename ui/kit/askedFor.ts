/**
 * What is chosen for one who asks, the same through everything made for them. In a browser, a worker and a test there is
 * one such person. A server makes pages for several at once: scripts/server.mjs gives each request a place of its own
 * (Node's AsyncLocalStorage), which all of its bundles share.
 */
interface Shared {
  navurenAsked?: { getStore: () => Record<string, unknown> | undefined };
}
const shared = globalThis as typeof globalThis & Shared;

export interface Chosen<T> {
  readonly now: () => T;
  readonly choose: (what: T) => void;
}

/** `name` is what it is known by in every bundle, `usual` what holds until something is chosen. */
export function askedFor<T>(name: string, usual: T): Chosen<T> {
  let here = usual;
  return {
    now: () => {
      const request = shared.navurenAsked?.getStore();
      if (request === undefined) return here;
      // Only `choose` below writes under this name.
      return name in request ? (request[name] as T) : usual;
    },
    choose: (what) => {
      const request = shared.navurenAsked?.getStore();
      if (request === undefined) here = what;
      else request[name] = what;
    },
  };
}
