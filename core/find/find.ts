import { plainText } from '../forms/asking/plain';

export type ThingKind = 'practice' | 'form' | 'point' | 'group' | 'person' | 'setting' | 'word' | 'room';

/** Something that can be gone to. */
export interface Thing {
  readonly kind: ThingKind;
  /** One of its kind. */
  readonly id: string;
  readonly name: string;
  readonly hanzi?: string | undefined;
  /** A few words to tell it from others. */
  readonly hint: string;
  readonly href: string;
  /** What else it is found by. */
  readonly also: string;
}

interface Prepared {
  readonly thing: Thing;
  readonly name: string;
  readonly words: readonly string[];
  readonly all: string;
}

/** Things made ready to be looked through many times. */
export const prepare = (things: readonly Thing[]): readonly Prepared[] =>
  things.map((thing) => {
    const name = plainText(thing.name);
    return {
      thing,
      name,
      words: name.split(/[\s,:()/·-]+/),
      all: plainText(`${thing.name} ${thing.hanzi ?? ''} ${thing.also}`),
    };
  });

/** How well a word fits, better first; nothing where it does not. */
function fit(word: string, { name, words, all }: Prepared): number | undefined {
  if (name === word) return 0;
  if (name.startsWith(word)) return 1;
  if (words.some((one) => one.startsWith(word))) return 2;
  if (new RegExp(`(^|[\\s,:()/·-])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`).test(all)) return 3;
  return all.includes(word) ? 4 : undefined;
}

/**
 * What fits all the words asked for, the best first, at most `most`; accents, tones and case do not matter. Of things
 * that fit alike the shorter name comes first, then the order they were given in.
 */
export function findThings(asked: string, things: readonly Prepared[], most = 24): readonly Thing[] {
  const words = plainText(asked)
    .split(/\s+/)
    .filter((word) => word !== '');
  if (words.length === 0) return [];
  const whole = words.join(' ');
  return things
    .flatMap((prepared, index) => {
      const fits = words.map((word) => fit(word, prepared));
      if (fits.some((one) => one === undefined)) return [];
      const start = prepared.name === whole ? -2 : prepared.name.startsWith(whole) ? -1 : 0;
      const by = start + fits.reduce<number>((sum, one) => sum + (one ?? 0), 0) / words.length;
      return [{ prepared, by, index }];
    })
    .sort((a, b) => a.by - b.by || a.prepared.name.length - b.prepared.name.length || a.index - b.index)
    .slice(0, most)
    .map(({ prepared }) => prepared.thing);
}
