import { NUMBER_WORDS } from '../../forms';

/** A number of repetitions as it is said: “three on each side”, “five breaths”, “six to nine times”. */
export interface CountSaid {
  /** The least and the most that is meant; the same but for a range. */
  readonly least: number;
  readonly most: number;
  /** What it is counted by: each side or way, both together, or left open. */
  readonly per: 'side' | 'all' | undefined;
  /** Whether breaths are counted. */
  readonly isBreaths: boolean;
  /** Whether it says outright that it is of repetitions: times, ×, rounds, a side, a way. */
  readonly isPlain: boolean;
}

/** Numbers as they are spoken, beside those that are written everywhere. */
const WORDS: Readonly<Record<string, number>> = {
  ...NUMBER_WORDS,
  eleven: 11,
  thirteen: 13,
  fourteen: 14,
  sixteen: 16,
  eighteen: 18,
  'twenty-four': 24,
  'thirty-six': 36,
  'a couple of': 2,
  'a couple': 2,
  'half a dozen': 6,
  'a dozen': 12,
};

const NUMBER = `\\d{1,2}|${Object.keys(WORDS)
  .toSorted((a, b) => b.length - a.length)
  .join('|')}`;
/** What is counted when a movement is: never hands, centres, fingers or seconds. */
const NOUN =
  'bends?|bows?|breaths?|circles?|draws?|folds?|lifts?|passes|presses|pulls?|pushes|rises?|rolls?|rounds?|shakes?|sounds?|spirals?|strokes?|sways?|sweeps?|swings?|turns?|twists?|waves?';
const HOW =
  'big|calm|cleansing|deep|easy|even|full|gentle|good|great|large|light|little|long|quiet|round|slow|small|soft|whole|wide|outward|inward|settling|low|high';
const PER_SIDE =
  '(?:(?:on|to|at|for|in|with) )?(?:each|either|every) (?:side|way|direction|leg|arm|foot|hand)|(?:a|per) (?:side|way|direction)|(?:on |to )?both (?:sides|ways)|one way and then the other|left and right(?! in turn)';
const IN_ALL = 'left and right in turn|in all|altogether|in total|all told|together';

const SAID = new RegExp(
  `(?<![\\w-])(?<least>${NUMBER})(?:\\s*(?:–|-|,| or | to )\\s*(?<most>${NUMBER}))?` +
    `(?:\\s*(?<times>×|x(?![a-z])|\\s(?:times|repetitions|reps|rounds|of (?:these|them|those))\\b)|(?:\\s+(?:${HOW}),?){0,2}\\s+(?<noun>${NOUN})\\b)?` +
    `(?:,?\\s+(?<side>${PER_SIDE})\\b|,?\\s+(?<all>${IN_ALL})\\b)?`,
  'gi',
);
/** “Once”, where it does not mean “as soon as” or “again”. */
const ONCE =
  /\b(?<!at )(?<word>once|twice|thrice)\b(?! (?:more|again|as|the|you|your|it|they|all|this|that|we|both)\b)(?:,? (?<side>(?:on |to )?(?:each|either) (?:side|way)))?/gi;
const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };

/** Before a number: then it is of a stay, of what is left, or of something that comes each so often. */
const OF_SOMETHING_ELSE =
  /\b(?:(?:hold|stay|rest|pause|wait|linger|listen)(?:ing|s)?(?: (?:it|here|there|low|still|on|so|open|up|down))?(?: for)?(?: about)?|count(?:ing)? (?:of|to)|all|every|last|first|next|another|these|those)\s*$/i;
/** After it: so many more are no count of the whole. */
const MORE = /^\s*more\b/i;

const valueOf = (said: string): number => WORDS[said.toLowerCase()] ?? Number(said);

/** Every count of repetitions in a text, in its order. */
export function readCounts(text: string): readonly CountSaid[] {
  const counts: (CountSaid & { readonly at: number })[] = [];
  for (const match of text.matchAll(SAID)) {
    const { least = '', most, times, noun, side, all } = match.groups ?? {};
    const before =
      text
        .slice(0, match.index)
        .split(/[.;:!?]/)
        .at(-1) ?? '';
    const after = text.slice(match.index + match[0].length);
    const isCount = times !== undefined || noun !== undefined || side !== undefined;
    if (!isCount || MORE.test(after) || OF_SOMETHING_ELSE.test(before)) continue;
    const from = valueOf(least);
    // One of a thing is hardly ever how often something is done: “one breath in”, “one hand each side”.
    if (from === 1 && times === undefined) continue;
    counts.push({
      at: match.index,
      least: from,
      most: most === undefined ? from : valueOf(most),
      per: side !== undefined ? 'side' : all !== undefined ? 'all' : undefined,
      isBreaths: noun?.toLowerCase().startsWith('breath') === true,
      isPlain: times !== undefined || side !== undefined || noun?.toLowerCase().startsWith('round') === true,
    });
  }
  for (const match of text.matchAll(ONCE)) {
    const { word = '', side } = match.groups ?? {};
    const count = TIMES[word.toLowerCase()] ?? 1;
    counts.push({
      at: match.index,
      least: count,
      most: count,
      per: side === undefined ? undefined : 'side',
      isBreaths: false,
      isPlain: true,
    });
  }
  return counts.toSorted((a, b) => a.at - b.at).map(({ at, ...said }) => (void at, said));
}

const SO_MANY_MORE = new RegExp(
  `\\b(?<more>${NUMBER}) more\\b(?:,? (?:and )?then (?<last>one|a last))?`,
  'gi',
);

/** “Two more”, “three more, then one”, as it is said with the first repetition: so many in all, that one with them. */
export const readMore = (text: string): readonly CountSaid[] =>
  [...text.matchAll(SO_MANY_MORE)].map(({ groups = {} }) => {
    const all = 1 + valueOf(groups['more'] ?? '') + (groups['last'] === undefined ? 0 : 1);
    return { least: all, most: all, per: undefined, isBreaths: false, isPlain: true };
  });

/** What is done of a form: how often, whether on two sides or both ways, and in how many breaths each time. */
export interface Done {
  readonly repetitions: number;
  readonly isTwoSided: boolean;
  readonly breathsEach: number;
}

/** Whether a count can be meant of what is done: of a side, of both together, or of its breaths. */
export function agrees({ least, most, per, isBreaths }: CountSaid, done: Done): boolean {
  const { repetitions, breathsEach } = done;
  const sides = done.isTwoSided ? 2 : 1;
  const perSide = [repetitions];
  const together = [repetitions * sides];
  const meant = per === 'side' ? perSide : per === 'all' ? together : [...perSide, ...together];
  const counted = isBreaths ? [...meant, ...meant.map((count) => count * breathsEach)] : meant;
  return counted.some((count) => count >= least && count <= most);
}
