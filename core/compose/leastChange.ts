import { float, int16 } from './solver/access';

/** One way of doing a thing: how long it then takes, and what the change to it costs. */
export interface ChangeChoice {
  readonly ms: number;
  /** Not less than nothing; nothing for what stays as it is. */
  readonly cost: number;
}

/** Lengths are summed by the second. */
const GRAIN_MS = 1000;

/**
 * Of each row one choice, so that the costs and what the end costs are least: exact over all choices, to the second.
 * `fromMs` is what comes to it whatever is chosen; `endCost` is asked once for every second up to `mostMs` and says what it
 * costs to end there. Undefined where no sum lies within `mostMs`.
 */
export function leastChange<Choice extends ChangeChoice>(
  rows: readonly (readonly Choice[])[],
  {
    fromMs,
    mostMs,
    endCost,
  }: {
    readonly fromMs: number;
    readonly mostMs: number;
    readonly endCost: (ms: number) => number;
  },
): readonly Choice[] | undefined {
  const width = Math.ceil(mostMs / GRAIN_MS) + 1;
  const grains = (ms: number): number => Math.max(0, Math.round(ms / GRAIN_MS));
  let costs = new Float64Array(width).fill(Infinity);
  if (grains(fromMs) >= width) return undefined;
  costs[grains(fromMs)] = 0;
  const steps: Int16Array[] = [];
  for (const choices of rows) {
    const next = new Float64Array(width).fill(Infinity);
    const chosen = new Int16Array(width).fill(-1);
    choices.forEach(({ ms, cost }, index) => {
      const by = grains(ms);
      for (let at = 0; at + by < width; at += 1) {
        const sum = float(costs, at) + cost;
        if (sum < float(next, at + by)) {
          next[at + by] = sum;
          chosen[at + by] = index;
        }
      }
    });
    steps.push(chosen);
    costs = next;
  }
  let end = -1;
  let best = Infinity;
  for (let at = 0; at < width; at += 1) {
    const sum = float(costs, at) + endCost(at * GRAIN_MS);
    if (sum < best) [best, end] = [sum, at];
  }
  if (end < 0) return undefined;
  const result: Choice[] = [];
  for (let index = rows.length - 1; index >= 0; index -= 1) {
    const choice = rows[index]?.[int16(steps[index] ?? new Int16Array(), end)];
    if (!choice) return undefined;
    result.unshift(choice);
    end -= grains(choice.ms);
  }
  return result;
}
