import { median } from '../log/median';
import type { Felt } from './felt';
import { SCALE_IDS, type ScaleId } from './terms';

/** Something of a person that is a number: a rate, the sum of tension, or a step of a scale. */
export type QuantityId = 'pulse' | 'breaths' | 'tension' | ScaleId;
export const QUANTITY_IDS: readonly QuantityId[] = ['pulse', 'breaths', 'tension', ...SCALE_IDS];

/** How a quantity was; nothing where it was not taken. */
export function quantityOf(felt: Felt, id: QuantityId): number | undefined {
  if (id === 'pulse' || id === 'breaths') return felt[id]?.perMin;
  if (id === 'tension')
    return felt.tension && Object.values(felt.tension).reduce((sum, level) => sum + level, 0);
  return felt.scales?.[id];
}

/** A moment somebody was asked. */
export interface FeltAt {
  readonly atMs: number;
  readonly felt: Felt;
}

/** A class somebody was at. */
export interface ClassTime {
  readonly id: string;
  readonly practiceName: string;
  readonly startedAtMs: number;
  readonly endedAtMs: number;
}

/** How somebody was before and after one class. */
export interface Pair {
  readonly given: ClassTime;
  readonly before: FeltAt;
  readonly after: FeltAt;
}

/** What is taken so long before a class, or after its end, still belongs to it, ms. */
export const BELONGS_MS = 3 * 3_600_000;

/**
 * The pairs of before and after: of each class the last moment before it began and the first after it ended, no more
 * than three hours away. A moment belongs to one class: the one it is nearest to.
 */
export function pairsOf(moments: readonly FeltAt[], classes: readonly ClassTime[]): readonly Pair[] {
  const gap = (moment: FeltAt, given: ClassTime): number =>
    moment.felt.when === 'before' ? given.startedAtMs - moment.atMs : moment.atMs - given.endedAtMs;
  const nearest = (moment: FeltAt): ClassTime | undefined =>
    classes
      // Written down a little late, as the class has begun or is just over, it still belongs.
      .filter((given) => gap(moment, given) >= -LATE_MS && gap(moment, given) <= BELONGS_MS)
      .toSorted((a, b) => Math.abs(gap(moment, a)) - Math.abs(gap(moment, b)))[0];
  const found = new Map<string, { given: ClassTime; before?: FeltAt; after?: FeltAt }>();
  for (const moment of moments.toSorted((a, b) => a.atMs - b.atMs)) {
    if (moment.felt.when === 'apart') continue;
    const given = nearest(moment);
    if (!given) continue;
    const pair = found.get(given.id) ?? { given };
    // Of several the last before and the first after.
    if (moment.felt.when === 'before') pair.before = moment;
    else pair.after ??= moment;
    found.set(given.id, pair);
  }
  return [...found.values()].flatMap(({ given, before, after }) =>
    before && after ? [{ given, before, after }] : [],
  );
}

/** How late something may be written down and still be of before or after, ms. */
const LATE_MS = 15 * 60_000;

/** So few pairs say nothing: with five, all going one way, chance alone does so once in sixteen (a sign test). */
export const FEWEST_PAIRS = 5;

/** What a quantity did from before to after, over so many classes; never why. */
export interface Change {
  readonly id: QuantityId;
  readonly times: number;
  /** Before and after, in the order of the classes. */
  readonly pairs: readonly { readonly atMs: number; readonly before: number; readonly after: number }[];
  /** The middle one of the changes and the least and the most; nothing where there are too few. */
  readonly change: { readonly median: number; readonly least: number; readonly most: number } | undefined;
}

/** The changes of every quantity that was taken both before and after at least once. */
export function changesOf(pairs: readonly Pair[]): readonly Change[] {
  return QUANTITY_IDS.flatMap((id): readonly Change[] => {
    const both = pairs.flatMap(({ given, before, after }) => {
      const [was, is] = [quantityOf(before.felt, id), quantityOf(after.felt, id)];
      return was === undefined || is === undefined
        ? []
        : [{ atMs: given.startedAtMs, before: was, after: is }];
    });
    if (both.length === 0) return [];
    const changes = both.map(({ before, after }) => after - before);
    return [
      {
        id,
        times: both.length,
        pairs: both.toSorted((a, b) => a.atMs - b.atMs),
        change:
          both.length < FEWEST_PAIRS
            ? undefined
            : { median: median(changes), least: Math.min(...changes), most: Math.max(...changes) },
      },
    ];
  });
}

/** Pairs by the practice that lay between, the most frequent first. */
export function byPractice(
  pairs: readonly Pair[],
): readonly { readonly practiceName: string; readonly changes: readonly Change[]; readonly times: number }[] {
  const groups = new Map<string, Pair[]>();
  for (const pair of pairs)
    groups.set(pair.given.practiceName, [...(groups.get(pair.given.practiceName) ?? []), pair]);
  return [...groups]
    .map(([practiceName, of]) => ({ practiceName, changes: changesOf(of), times: of.length }))
    .toSorted((a, b) => b.times - a.times);
}
