const PREFIX = 'navuren-window-';

/**
 * Tells the other windows of this browser that a window is open, for as long as it is; gives back what ends it. Where
 * the browser has no locks (plain http from another machine) nobody is told.
 */
export function openWindow(windowKey: string): () => void {
  if (!('locks' in navigator)) return () => undefined;
  let end: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    end = resolve;
  });
  navigator.locks.request(`${PREFIX}${windowKey}`, () => held).catch(() => undefined);
  return end;
}

/** The keys of all windows that are open; empty where that cannot be known. */
export async function liveWindows(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set();
  const { held = [], pending = [] } = await navigator.locks.query();
  return new Set(
    [...held, ...pending].flatMap(({ name }) =>
      name?.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [],
    ),
  );
}
