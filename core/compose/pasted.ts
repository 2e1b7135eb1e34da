import { NUMBER_WORDS, plainText, ROLES, searchText, type Form, type Role } from '../forms';
import { compile, layersCarried, type Item, type Practice } from '../practice';
import { fitForm } from './candidates';
import { itemDraft, practiceCustoms } from './items';
import type { Asking } from './asking';

/** A line of a running order as it was read. */
export interface PastedLine {
  readonly text: string;
  /** The form it means: sure, a few it may mean, or none. */
  readonly forms: readonly Form[];
  readonly sure: boolean;
  readonly repetitions: number | undefined;
  readonly minutes: number | undefined;
  /** A section, where the line only names one. */
  readonly role: Role | undefined;
}

/** Words of everyday talk for forms, so that a note from a lesson is understood (common practice). */
const SYNONYMS: Readonly<Record<string, string>> = {
  wuji: 'stand quiet arrive',
  'horse stance': 'hold horse',
  'hug the tree': 'embrace',
  'standing like a tree': 'embrace',
  'zhan zhuang': 'embrace',
  'swinging arms': 'swing arms',
  'arm swings': 'swing arms',
  'knocking on the door of life': 'swing and knock',
  bounce: 'bouncing',
  shake: 'shaking',
  'tap down': 'tapping',
  patting: 'tapping',
  'ba duan jin': 'brocade',
  'close down': 'hands to the belly',
};

const STOP_WORDS = new Set([
  'the',
  'a',
  'of',
  'and',
  'to',
  'with',
  'in',
  'on',
  'each',
  'side',
  'both',
  'sides',
  'way',
  'ways',
  'times',
  'time',
  'x',
  'min',
  'mins',
  'minute',
  'minutes',
  'reps',
  'repetitions',
  'breaths',
  'sec',
  'seconds',
  's',
]);

/** A count said as a word. */
const COUNT_WORDS: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3, ...NUMBER_WORDS };

/** Counts and minutes said in a line, and the line without them. */
function readCounts(line: string): {
  rest: string;
  repetitions: number | undefined;
  minutes: number | undefined;
} {
  let rest = line;
  let repetitions: number | undefined;
  let minutes: number | undefined;
  const take = (pattern: RegExp, read: (match: RegExpExecArray) => void): void => {
    const match = pattern.exec(rest);
    if (!match) return;
    read(match);
    rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
  };
  // A number in front of a line of a list is its number, not a count.
  rest = rest.replace(/^\s*(?:[-*•–]|\d{1,2}[.)])\s+/, '');
  take(
    /(\d{1,2}):(\d{2})(?:\s*(?:min(?:utes?)?))?/i,
    (match) => (minutes = Number(match[1]) + Number(match[2]) / 60),
  );
  take(
    /(\d+(?:[.,]\d+)?)\s*(?:min(?:ute)?s?|′)(?![a-z])/i,
    (match) => (minutes = Number((match[1] ?? '').replace(',', '.'))),
  );
  take(/(\d+)\s*(?:seconds?|secs?|s|″)(?![a-z])/i, (match) => (minutes = Number(match[1]) / 60));
  take(
    /(?:[x×]\s*(\d{1,2}))|(?:(\d{1,2})\s*(?:[x×](?![a-z])|times|reps?(?:etitions)?|rounds?|breaths?))/i,
    (match) => (repetitions = Number(match[1] ?? match[2])),
  );
  take(
    /\b(once|twice|thrice|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s*(?:times)?\b(?!\s+(?:arrows?|heights?|gates?|hands?|feet|centres?|circles?|animals?|fires?))/i,
    (match) => {
      const word = (match[1] ?? '').toLowerCase();
      if (word.endsWith('ce') || /times/i.test(match[0])) repetitions ??= COUNT_WORDS[word];
    },
  );
  return { rest, repetitions, minutes };
}

const wordsOf = (text: string): readonly string[] =>
  plainText(text)
    .split(/[^a-z\u4e00-\u9fff]+/)
    .filter((word) => word !== '' && !STOP_WORDS.has(word));

/** Whether two words may be the same, one of them shortened or inflected. */
const alike = (a: string, b: string): boolean =>
  a === b ||
  (a.length >= 4 &&
    b.length >= 4 &&
    (a.startsWith(b.slice(0, Math.max(4, b.length - 3))) ||
      b.startsWith(a.slice(0, Math.max(4, a.length - 3)))));

interface Named {
  readonly form: Form;
  readonly name: string;
  readonly names: readonly string[];
  readonly text: string;
}

/** How well a line names a form, 0–1: by the words it shares with its names, and by the words it has besides. */
function match(words: readonly string[], plain: string, { name, names, text, form }: Named): number {
  if (plain === name || (form.hanzi && plain.includes(form.hanzi))) return 1;
  const hits = (own: readonly string[]): number =>
    words.filter((word) => own.some((other) => alike(word, other))).length;
  const best = Math.max(
    ...names.map((one) => {
      const own = wordsOf(one);
      if (own.length === 0) return 0;
      const shared = hits(own);
      return (2 * shared) / (own.length + words.length);
    }),
  );
  const besides = words.filter((word) => text.includes(word)).length / Math.max(1, words.length);
  return Math.min(0.99, best * 0.85 + besides * 0.15);
}

/** The form whose whole name (of two words or more) a line says, the longest there is, and what else the line says. */
function fullName(
  line: string,
  named: readonly Named[],
): { readonly form: Form; readonly rest: string } | undefined {
  const plain = plainText(line);
  let best: { form: Form; rest: string; length: number } | undefined;
  for (const { form, name } of named) {
    const at = name.includes(' ') ? plain.indexOf(name) : -1;
    const ends = /[a-z]/.test(plain[at + name.length] ?? ' ') || /[a-z]/.test(plain[at - 1] ?? ' ');
    if (at < 0 || ends || name.length <= (best?.length ?? 0)) continue;
    best = { form, rest: `${plain.slice(0, at)} ${plain.slice(at + name.length)}`, length: name.length };
  }
  const same =
    best && named.filter(({ name }) => name.length === best.length && plain.includes(name)).length > 1;
  return best && !same ? best : undefined;
}

const SURE = 0.74;
const MAYBE = 0.34;
const CLEARLY_AHEAD = 0.12;
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

/**
 * Reads a running order written as plain text, one form a line, with counts or minutes where they are said.
 * What is unsure comes back with the forms it may mean, best first; nothing is guessed silently.
 */
export function readRunningOrder(text: string, repertoire: readonly Form[]): readonly PastedLine[] {
  const named = repertoire.map((form): Named => ({
    form,
    name: plainText(form.name),
    names: [form.name, ...(form.pinyin ? [form.pinyin] : []), form.id.replaceAll('-', ' ')],
    text: searchText(form),
  }));
  return text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .slice(0, 200)
    .map((line): PastedLine => {
      // A name said in full is taken out first: “Sinking three times” says nothing of how often.
      const full = fullName(line, named);
      if (full) {
        const { repetitions, minutes } = readCounts(full.rest);
        return { text: line, forms: [full.form], sure: true, repetitions, minutes, role: undefined };
      }
      const { rest, repetitions, minutes } = readCounts(line);
      const plain = plainText(rest)
        .replace(/[^a-z\u4e00-\u9fff]+/g, ' ')
        .trim();
      const role = ROLE_WORDS[plain];
      if (role && repetitions === undefined && minutes === undefined)
        return { text: line, forms: [], sure: true, repetitions, minutes, role };
      const said = Object.entries(SYNONYMS).reduce(
        (words, [common, own]) => (plain.includes(common) ? `${words} ${own}` : words),
        plain,
      );
      const words = wordsOf(said);
      const ranked = named
        .map((entry) => ({ form: entry.form, score: words.length === 0 ? 0 : match(words, plain, entry) }))
        .filter(({ score }) => score >= MAYBE)
        .toSorted((a, b) => b.score - a.score)
        .slice(0, MOST_GUESSES);
      const [first, second] = ranked;
      const sure =
        first !== undefined &&
        (first.score >= 0.999 ||
          (first.score >= SURE && first.score - (second?.score ?? 0) >= CLEARLY_AHEAD));
      return {
        text: line,
        forms: ranked.map(({ form }) => form),
        sure,
        repetitions,
        minutes,
        role: undefined,
      };
    });
}

/** A line whose form has been settled. */
export interface SettledLine {
  readonly form: Form;
  readonly repetitions: number | undefined;
  readonly minutes: number | undefined;
  /** The section its list put it under, if one was named. */
  readonly role: Role | undefined;
}

/** The section a form joins: its own that keeps the order of sections, else the first it plays. */
function roleFor(form: Form, said: Role | undefined, after: Role | undefined): Role {
  if (said) return said;
  const from = after ? ROLES.indexOf(after) : 0;
  return form.roles.find((role) => ROLES.indexOf(role) >= from) ?? form.roles[0] ?? 'nourish';
}

/** The lines of a list with their forms: the sure ones, and those chosen (by place in the list) for the others. */
export function settleLines(
  lines: readonly PastedLine[],
  choose: (line: PastedLine, index: number) => Form | undefined,
): readonly SettledLine[] {
  const settled: SettledLine[] = [];
  let role: Role | undefined;
  lines.forEach((line, index) => {
    if (line.role) role = line.role;
    const form = line.sure ? line.forms[0] : choose(line, index);
    if (form && !line.role)
      settled.push({ form, repetitions: line.repetitions, minutes: line.minutes, role });
  });
  return settled;
}

/** A practice of settled lines, each as the group would do it; minutes are turned into repetitions. */
export function practiceFromLines(asking: Asking, lines: readonly SettledLine[]): Practice {
  let practice: Practice = {
    name: 'Untitled practice',
    brief: asking.brief,
    customs: practiceCustoms(asking),
    seed: asking.seed,
    items: [],
    forms: {},
  };
  let role: Role | undefined;
  for (const { form, repetitions, minutes, role: said } of lines) {
    role = roleFor(form, said, role);
    const fitted = fitForm(
      form,
      asking.brief.posture,
      asking.people.conditions,
      asking.customs,
      asking.brief.place,
    );
    const fitting =
      typeof fitted === 'string'
        ? { variant: 'full' as const, omitHolds: false, exhaleByMouth: false, reasons: [] }
        : fitted;
    const item: Item = {
      ...itemDraft(asking, { form, fitting }, role, [{ code: 'chosen-by-hand' }]),
      id: `${form.id}-${practice.items.length + 1}`,
      repetitions: repetitions ?? form.repetitions.usual,
    };
    const alone = (count: number): number =>
      compile({
        ...practice,
        ...layersCarried([item], asking.layers),
        items: [{ ...item, repetitions: count }],
        forms: { [form.id]: form },
      }).totalMs;
    const more = alone(2) - alone(1);
    const byTime =
      minutes === undefined || repetitions !== undefined || more <= 0
        ? item.repetitions
        : Math.min(99, Math.max(1, Math.round((minutes * 60_000 - alone(1)) / more) + 1));
    practice = {
      ...practice,
      items: [...practice.items, { ...item, repetitions: byTime }],
      forms: { ...practice.forms, [form.id]: form },
    };
  }
  return { ...practice, ...layersCarried(practice.items, asking.layers) };
}
