import { sentencesOf } from './sentences';

export type Way = 'in' | 'out';

/** Every word for a breath, with where it stands. */
const BREATH =
  /\b(?:(?<both>in and (?:then )?out|out and (?:then )?in)|(?<in>inhal\w*|in-breath|breath(?:e|es|ing|s)?(?: \w+)? in|drink the breath|in(?= (?:as|when|while|through|by)\b))|(?<out>exhal\w*|out-breath|breath(?:e|es|ing|s)?(?: \w+)? out|let the breath (?:go|out)|sigh\w*|out(?= (?:as|when|while|through|by)\b)))\b/gi;

interface WordAt {
  readonly way: Way | 'both';
  readonly from: number;
  readonly to: number;
}

const wordsIn = (text: string): readonly WordAt[] =>
  [...text.matchAll(BREATH)].map(({ index, groups = {}, 0: word }) => ({
    way: groups['both'] !== undefined ? 'both' : groups['in'] !== undefined ? 'in' : 'out',
    from: index,
    to: index + word.length,
  }));

/** What the breath is told to do in a text: in, out, or both. */
export const readBreaths = (text: string): ReadonlySet<Way> =>
  new Set(wordsIn(text).flatMap(({ way }): Way[] => (way === 'both' ? ['in', 'out'] : [way])));

/** What is done, in the pairs the breath goes with: up and down, apart and together, away and home, aside and back. */
// prettier-ignore
const DEEDS = {
  rise: /\b(?:ris(?:e|es|ing)|lifts?|lifting|floats? (?:\w+ )?up|float|climbs?|draws? up|up)\b/i,
  sink: /\b(?:sinks?|sinking|drops?|falls?|falling|lowers?|settles?|comes? down|press(?:es)? down|down)\b/i,
  part: /\b(?:parts?|apart|opens?|opening|widens?|spreads?|unfolds?)\b/i,
  meet: /\b(?:meets?|closes?|closing|together|near each other|folds?)\b/i,
  push: /\b(?:push(?:es)?|pushing|press(?:es)? (?:out|away|forward)|forward)\b/i,
  draw: /\b(?:draws? (?:it )?(?:home|in|back)|draw home|pulls? (?:in|back)|come home|sits? back|gathers? in|brings? (?:it |them )?(?:home|in|to))\b/i,
  turn: /\b(?:turns? (?:to|the waist|and|out)|look back|twists?)\b/i,
  return: /\b(?:come (?:back|home)|comes? back|return|unwinds?|to the (?:front|middle))\b/i,
} as const satisfies Record<string, RegExp>;
export type Deed = keyof typeof DEEDS;
const DEED_IDS = Object.keys(DEEDS) as readonly Deed[];

export const deedsIn = (text: string): readonly Deed[] => DEED_IDS.filter((deed) => DEEDS[deed].test(text));

/** Which deed is said to go with which breath: "breathe out as the palms part" is (out, part). */
export interface BreathedDeed {
  readonly way: Way;
  readonly deed: Deed;
}

/** What is said between one word for the breath and the next belongs to the first: "in as they rise, out as they fall". */
export const readBreathedDeeds = (text: string): readonly BreathedDeed[] =>
  sentencesOf(text).flatMap((sentence) => {
    const words = wordsIn(sentence);
    return words.flatMap(({ way, to }, index) => {
      if (way === 'both') return [];
      const said = sentence.slice(to, words[index + 1]?.from);
      const deeds = deedsIn(said);
      // Two deeds of one pair in one breath say nothing of either.
      return deeds
        .filter((deed) => !deeds.includes(AGAINST[deed]))
        .map((deed): BreathedDeed => ({ way, deed }));
    });
  });

const AGAINST: Readonly<Record<Deed, Deed>> = {
  rise: 'sink',
  sink: 'rise',
  part: 'meet',
  meet: 'part',
  push: 'draw',
  draw: 'push',
  turn: 'return',
  return: 'turn',
};

/** By which way the breath is said to come or go. */
export interface RouteSaid {
  readonly way: Way | 'both';
  readonly by: 'nose' | 'mouth';
}

const ROUTE =
  /\b(?:through|by|from|via|with) (?:the |your )?(?:(?<nose>nose|nostrils)|(?<mouth>mouth|lips))\b/gi;

/** The nose and the mouth as the breath is said to take them; each goes with the nearest word for a breath before it. */
export const readRoutes = (text: string): readonly RouteSaid[] =>
  sentencesOf(text).flatMap((sentence) => {
    const words = wordsIn(sentence);
    const isOfBreath = words.length > 0 || /\bbreath/i.test(sentence);
    return [...sentence.matchAll(ROUTE)].flatMap(({ index, groups = {} }): readonly RouteSaid[] =>
      isOfBreath || /\bsound/i.test(sentence)
        ? [
            {
              way:
                words.findLast(({ to }) => to <= index)?.way ??
                (/\bsound\b[^,;]*\b(?:goes|out)\b/i.test(sentence) ? 'out' : 'both'),
              by: groups['nose'] !== undefined ? 'nose' : 'mouth',
            },
          ]
        : [],
    );
  });
