import type { ItemView } from './rule';

export interface Run {
  readonly items: readonly ItemView[];
  readonly sec: number;
}

/** The longest stretch of items one after another that all ask the same; a still moment of 10 s ends it. */
export function longestRun(items: readonly ItemView[], asks: (view: ItemView) => boolean): Run | undefined {
  let best: Run | undefined;
  let now: { items: ItemView[]; sec: number } = { items: [], sec: 0 };
  for (const view of items) {
    if (!asks(view)) {
      now = { items: [], sec: 0 };
      continue;
    }
    const moving = view.events
      .filter((event) => event.kind === 'stroke')
      .reduce((sum, event) => sum + event.lengthMs, 0);
    now = { items: [...now.items, view], sec: now.sec + moving / 1000 };
    if (!best || now.sec > best.sec) best = now;
    if (view.quietSec >= 10) now = { items: [], sec: 0 };
  }
  return best;
}
