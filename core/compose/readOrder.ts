import { formsOfSet, NUMBER_WORDS, plainText, ROLES, type Form, type Role, type SetSchools } from '../forms';
import { namesOf, SET_NAMES } from '../forms/asking/otherNames';

/** A line of a running order as it was read. */
export interface PastedLine {
  readonly text: string;
  /** What is left of it when counts and minutes are taken out: a name for what is none of the forms. */
  readonly name: string;
  /** The form it means: sure, a few it may mean with the likeliest first, or none. A set’s forms in order. */
  readonly forms: readonly Form[];
  readonly sure: boolean;
  readonly repetitions: number | undefined;
  readonly minutes: number | undefined;
  /** A section, where the line only names one. */
  readonly role: Role | undefined;
  /** A set, where the line names one. */
  readonly set: string | undefined;
}

const STOP_WORDS: ReadonlySet<string> = new Set(
  (
    'the a an of and to with in on at by for into each side both sides way ways times time x min mins minute minutes ' +
    'reps repetitions breath breaths sec secs seconds s per every direction directions then slowly gently about do'
  ).split(' '),
);

/** A count said as a word. */
const COUNT_WORDS: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3, ...NUMBER_WORDS };
const WORD = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';
/** What follows a number that is a count: "each", "on each side", "a side", "times", "x". */
const COUNTED = String.raw`(?:[x×](?![a-z])|times|reps?(?:etitions)?|rounds?|breaths?|(?:on |per |to |at )?(?:each|every)(?: (?:side|way|direction|leg|arm|foot))?|(?:a|per) side)`;

interface Counted {
  readonly rest: string;
  readonly repetitions: number | undefined;
  readonly minutes: number | undefined;
}

/** Counts and minutes said in a line, in every usual wording, and the line without them. */
function readCounts(line: string): Counted {
  // A number in front of a line of a list is its number, not a count.
  let rest = line.replace(/^\s*(?:[-*•–]|\d{1,2}[.)])\s+/, '');
  let repetitions: number | undefined;
  let minutes: number | undefined;
  const take = (pattern: RegExp, read: (match: RegExpExecArray) => boolean | void): void => {
    const match = pattern.exec(rest);
    if (!match || read(match) === false) return;
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
  };
  const count = (said: string | undefined): void => {
    repetitions ??= COUNT_WORDS[(said ?? '').toLowerCase()] ?? Number(said);
  };
  take(
    /(\d{1,2}):(\d{2})(?:\s*(?:min(?:utes?)?))?/i,
    (match) => void (minutes = Number(match[1]) + Number(match[2]) / 60),
  );
  take(
    /(\d+(?:[.,]\d+)?)\s*(?:min(?:ute)?s?|′)(?![a-z])/i,
    (match) => void (minutes = Number((match[1] ?? '').replace(',', '.'))),
  );
  take(/(\d+)\s*(?:seconds?|secs?|s|″)(?![a-z])/i, (match) => void (minutes = Number(match[1]) / 60));
  take(/[x×]\s*(\d{1,2})(?!\d)/i, (match) => count(match[1]));
  take(new RegExp(String.raw`(?<![a-z\d])(\d{1,2})\s*${COUNTED}`, 'i'), (match) => count(match[1]));
  take(new RegExp(String.raw`\b(${WORD})\s+${COUNTED}`, 'i'), (match) => count(match[1]));
  take(/\b(once|twice|thrice)\b/i, (match) => count(match[1]));
  // All that is left beside a name.
  take(new RegExp(String.raw`^\s*(${WORD})\s*$`, 'i'), (match) => count(match[1]));
  // “Three cleansing breaths”: the number stands before what is counted.
  take(new RegExp(String.raw`^\s*(${WORD}|\d{1,2})\s+(?=(?:[a-z]+\s+)?breaths?\b)`, 'i'), (match) =>
    count(match[1]),
  );
  // A number that is left at the end of a line is how often.
  take(/(?<=\s)(\d{1,2})\s*$/, (match) => (repetitions === undefined ? count(match[1]) : false));
  return { rest, repetitions, minutes };
}

const letters = (text: string): string =>
  plainText(text)
    .replace(/[^a-z0-9\u4e00-\u9fff]+/g, ' ')
    .trim();
const wordsOf = (text: string): readonly string[] => {
  const all = letters(text)
    .split(' ')
    .filter((word) => word !== '');
  const kept = all.filter((word) => !STOP_WORDS.has(word));
  return kept.length > 0 ? kept : all;
};

/** A word without its ending: "circle", "circles" and "circling" alike. */
const stem = (word: string): string =>
  word.length < 4 ? word : word.replace(/(?:ings?|es|ed|s|e|y)$/, '').replace(/([a-z])\1$/, '$1');

/** Whether two words are the same but for their endings. */
const alike = (a: string, b: string): boolean =>
  a === b || `${a}s` === b || a === `${b}s` || stem(a) === stem(b);

interface Named {
  readonly form: Form;
  /** Every name of it, as its words that say something. */
  readonly names: readonly (readonly string[])[];
  readonly plain: ReadonlySet<string>;
  readonly hanzi: readonly string[];
}

/** What a word says: a rare one more than one that stands in many names. */
type Says = (word: string) => number;

function sayingOf(named: readonly Named[]): Says {
  const forms = new Map<string, number>();
  for (const { names } of named)
    for (const word of new Set(names.flat())) forms.set(word, (forms.get(word) ?? 0) + 1);
  const known = [...forms.keys()];
  const kept = new Map<string, number>();
  return (word) => {
    const before = kept.get(word);
    if (before !== undefined) return before;
    const like =
      forms.get(word) ??
      Math.max(0, ...known.filter((one) => alike(one, word)).map((one) => forms.get(one) ?? 0));
    // A word in no name at all says that something else is meant.
    const says = like === 0 ? MOST_SAID : Math.min(MOST_SAID, Math.log(1 + named.length / like));
    kept.set(word, says);
    return says;
  };
}
const MOST_SAID = 4;

/** How well words name a form, 0–1: what they share with its likeliest name, of all that both say. */
function match(words: readonly string[], { names }: Named, says: Says): number {
  const whole = (list: readonly string[]): number => list.reduce((sum, word) => sum + says(word), 0);
  const said = whole(words);
  return Math.max(
    0,
    ...names.map((own) => {
      const shared = whole(words.filter((word) => own.some((other) => alike(word, other))));
      const covered = whole(own.filter((word) => words.some((other) => alike(word, other))));
      const all = said + whole(own);
      return all === 0 ? 0 : (shared + covered) / all;
    }),
  );
}

function namedOf(form: Form): Named {
  const names = namesOf(form);
  const isHanzi = (name: string): boolean => /[\u4e00-\u9fff]/u.test(name);
  return {
    form,
    names: names.filter((name) => !isHanzi(name)).map(wordsOf),
    plain: new Set(names.map(letters)),
    hanzi: [...(form.hanzi ? [form.hanzi] : []), ...names.filter(isHanzi)],
  };
}

/** The form one of whose names (of two words or more) a line says in full, the longest there is, and what else it says. */
function fullName(
  line: string,
  named: readonly Named[],
): { readonly form: Form; readonly rest: string } | undefined {
  const plain = plainText(line);
  let best: { form: Form; rest: string; length: number } | undefined;
  let isShared = false;
  for (const { form } of named) {
    const name = plainText(form.name);
    const at = name.includes(' ') ? plain.indexOf(name) : -1;
    const isWithin = /[a-z]/.test(plain[at + name.length] ?? ' ') || /[a-z]/.test(plain[at - 1] ?? ' ');
    if (at < 0 || isWithin || name.length < (best?.length ?? 0)) continue;
    isShared = name.length === best?.length;
    best = { form, rest: `${plain.slice(0, at)} ${plain.slice(at + name.length)}`, length: name.length };
  }
  return best && !isShared ? best : undefined;
}

/** So well is a form named that it is meant, where the next is so far behind: well, or less well and far ahead. */
const SURE = [
  { score: 0.72, ahead: 0.12 },
  { score: 0.6, ahead: 0.25 },
] as const;
const MAYBE = 0.3;
/** A gentler kind of a form is called so; where nobody says it, the usual kind is meant. */
const UNSAID = 0.8;
const isGentler = ({ form }: Named): boolean => form.id.startsWith('gentle-');
const MOST_GUESSES = 5;

const ROLE_WORDS: Readonly<Record<string, Role>> = {
  ...Object.fromEntries(ROLES.map((role) => [role, role])),
  arrival: 'arrive',
  opening: 'arrive',
  'warm up': 'loosen',
  loosening: 'loosen',
  waking: 'wake',
  clearing: 'clear',
  nourishing: 'nourish',
  stillness: 'still',
  'be still': 'still',
  balancing: 'balance',
  gathering: 'gather',
  closing: 'close',
};

/** A name as one writes it: without what parted it from counts. */
const nameIn = (rest: string): string => {
  const name = rest
    .replace(/\s+/g, ' ')
    .replace(/^[\s,;:.()\-–—·]+|[\s,;:(\-–—·]+$/g, '')
    .slice(0, 80);
  return name.charAt(0).toUpperCase() + name.slice(1);
};

/** The set a line names, and nothing else. */
const setNamed = (plain: string): string | undefined =>
  Object.entries(SET_NAMES).find(([, names]) => names.some((name) => letters(name) === plain))?.[0];

interface Reading {
  readonly named: readonly Named[];
  readonly says: Says;
  readonly repertoire: readonly Form[];
  readonly schools: SetSchools;
}

function readLine(text: string, { named, says, repertoire, schools }: Reading): PastedLine {
  const line = (over: Partial<PastedLine>): PastedLine => ({
    text,
    name: nameIn(readCounts(text).rest) || text,
    forms: [],
    sure: true,
    repetitions: undefined,
    minutes: undefined,
    role: undefined,
    set: undefined,
    ...over,
  });
  // A name said in full is taken out first: “Sinking three times” says nothing of how often.
  const full = fullName(text, named);
  if (full) {
    const { repetitions, minutes } = readCounts(full.rest);
    return line({ forms: [full.form], repetitions, minutes });
  }
  const { rest, repetitions, minutes } = readCounts(text);
  const plain = letters(rest);
  const role = ROLE_WORDS[plain];
  if (role && repetitions === undefined && minutes === undefined) return line({ role });
  const set = setNamed(plain);
  if (set !== undefined) {
    const forms = formsOfSet(set, schools).flatMap((id) => repertoire.find((form) => form.id === id) ?? []);
    return line({ forms, repetitions, minutes, set });
  }
  const exact = named.filter(
    (one) => one.plain.has(plain) || one.hanzi.some((name) => plainText(rest).includes(name)),
  );
  if (exact.length === 1) return line({ forms: exact.map(({ form }) => form), repetitions, minutes });
  const words = wordsOf(rest);
  const isGentle = words.includes('gentle');
  const ranked = named
    .map((entry) => ({
      form: entry.form,
      score:
        words.length === 0 ? 0 : match(words, entry, says) * (isGentle || !isGentler(entry) ? 1 : UNSAID),
    }))
    .filter(({ score }) => score >= MAYBE)
    .toSorted((a, b) => b.score - a.score)
    .slice(0, MOST_GUESSES);
  const [first, second] = ranked;
  const ahead = (first?.score ?? 0) - (second?.score ?? 0);
  const sure = SURE.some((need) => (first?.score ?? 0) >= need.score && ahead >= need.ahead);
  return line({ forms: ranked.map(({ form }) => form), sure, repetitions, minutes });
}

/** So many lines are read of a running order. */
export const MOST_LINES = 200;

/** The lines of a text with something in them. */
export const linesIn = (text: string): readonly string[] =>
  text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '');

/**
 * Reads a running order written as plain text, one form a line, with counts or minutes where they are said. What is
 * unsure comes back with the forms it may mean, best first; a set’s name stands for its forms in the order of the school.
 */
export function readRunningOrder(
  text: string,
  repertoire: readonly Form[],
  schools: SetSchools,
): readonly PastedLine[] {
  const named = repertoire.map(namedOf);
  const reading: Reading = { named, says: sayingOf(named), repertoire, schools };
  return linesIn(text)
    .slice(0, MOST_LINES)
    .map((line) => readLine(line, reading));
}
