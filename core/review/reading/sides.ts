/** A side as a cue names it: outright, or as what changes with the side in the score. */
export interface SideSaid {
  readonly side: 'left' | 'right' | 'side' | 'other';
  /** What of the body has that side; nothing where a way is meant ("turn to the left"). */
  readonly part: string | undefined;
}

const PARTS =
  'ankle|arm|ear|elbow|eye|fist|flank|foot|forearm|hand|heel|hip|knee|leg|palm|ribs|shoulder|sole|thigh|thumb|toes?|wrist';
const SIDED = new RegExp(
  `(?<to>\\b(?:to|towards?|over|past|on|onto|from|off) )?(?:(?:the|your|to) )?(?<side>\\{(?:side|other)\\}|(?<![\\w-])(?:left|right)\\b(?! (?:away|there|here|now)\\b))(?:[ -](?<part>${PARTS})s?\\b)?`,
  'gi',
);
/** Both sides at once, or one after the other: no side is named. */
const BOTH =
  /\b(?:left and (?:then )?right|right and (?:then )?left|left(?:,)? (?:or|then) (?:the )?right)\b/gi;

/** Every side named in a text, in its order; "left and right" names none. */
export const readSides = (text: string): readonly SideSaid[] =>
  [...text.replace(BOTH, 'both').matchAll(SIDED)].flatMap(({ groups = {} }) => {
    const side = (groups['side'] ?? '').toLowerCase().replace(/[{}]/g, '') as SideSaid['side'];
    const part = groups['part']?.toLowerCase();
    return part === undefined && groups['to'] === undefined ? [] : [{ side, part }];
  });

/** A side of its own beside one that follows the score, or alone: wrong on every second repetition. */
export const namesOneSide = (text: string): boolean =>
  /(?<![\w-])(?:left|right)\b(?! (?:away|there|here|now)\b)/i.test(text.replace(BOTH, 'both'));

/** What only those understand who look at the one who says it. */
const SHOWN =
  /\b(?:like this|this way|that way|this (?:hand|side|foot|arm|leg|knee|heel|direction)|(?:the way|as) I (?:do|show)|(?:watch|look at|follow) me|as you (?:can )?see)\b(?! (?:whole|evening|morning|season|year|time))|(?:^|[.;:,] ?)(?:and )?here(?=\s*[,.;!]|$)/i;
export const isShown = (text: string): boolean => SHOWN.test(text);
