import { CHANNEL_IDS, type ChannelId } from '../channels/channels';
import { POINT_CODES } from '../channels/codes';
import { organ, ORGAN_IDS, PHASE_IDS, phaseName, type OrganId, type PhaseId } from '../phases';
import type { Asks, Form } from './model';
import type { VariantId } from './terms';
import { ROLES, type Role } from './roles';
import { NUMBER_WORDS } from './numbers';
import { plainText } from './plain';

/** What a practitioner may want to leave out, and which asks it speaks of. */
// prettier-ignore
export const WITHOUT = [
  { id: 'raised-arms', label: 'without raising the arms', asks: (asks: Asks) => asks.armsAboveShoulders },
  { id: 'one-leg', label: 'both feet down', asks: (asks: Asks) => asks.oneLegSec > 0 },
  { id: 'deep-knees', label: 'without deep knees', asks: (asks: Asks) => asks.kneeBend === 'deep' || asks.kneeBend === 'moderate' },
  { id: 'deep-fold', label: 'without a deep fold', asks: (asks: Asks) => asks.fold === 'deep' || asks.headBelowHeart },
  { id: 'twist', label: 'without a full twist', asks: (asks: Asks) => asks.twist === 'full' },
  { id: 'holds', label: 'without holds', asks: (asks: Asks) => asks.breathHold || asks.staticHold },
  { id: 'knocking', label: 'without knocking', asks: (asks: Asks) => asks.percussion.length > 0 },
  { id: 'impact', label: 'without impact', asks: (asks: Asks) => asks.impact !== 'none' },
  { id: 'steps', label: 'without steps', asks: (asks: Asks) => asks.stepping },
  { id: 'neck', label: 'sparing the neck', asks: (asks: Asks) => asks.neck !== 'none' },
  { id: 'vigour', label: 'nothing vigorous', asks: (asks: Asks) => asks.vigorous },
  { id: 'imagery', label: 'without inward imagery', asks: (asks: Asks) => asks.inwardImagery },
] as const;
export type WithoutId = (typeof WITHOUT)[number]['id'];

export const ACTIONS = ['nourishes', 'clears', 'moves', 'calms'] as const;
export type Action = (typeof ACTIONS)[number];
export const POSTURES = ['standing', 'seated'] as const;
type Posture = (typeof POSTURES)[number];

/** One way of doing a form: what it asks (as bits of WITHOUT) and how long it takes. */
export interface Way {
  readonly variant: VariantId;
  readonly asksBits: number;
  /** Seconds with the least and the usual repetitions, the usual talk and the pause after it. */
  readonly leastSec: number;
  readonly usualSec: number;
}

/** A form as a line of the Forms room: everything it is sought by, nothing of its postures. */
export interface FormRow {
  readonly id: string;
  readonly name: string;
  readonly pinyin: string | undefined;
  readonly hanzi: string | undefined;
  readonly family: Form['family'];
  readonly roles: readonly Role[];
  readonly actions: readonly Action[];
  readonly phases: readonly PhaseId[];
  readonly organs: readonly OrganId[];
  readonly channels: readonly ChannelId[];
  readonly level: 1 | 2 | 3;
  readonly own: boolean;
  readonly ways: readonly Way[];
  readonly text: string;
}

/** What is sought: at most one of each kind, any number of things to leave out, and loose words. */
export interface Wishes {
  readonly action?: Action;
  readonly organ?: OrganId;
  readonly phase?: PhaseId;
  readonly role?: Role;
  readonly channel?: ChannelId;
  readonly posture?: Posture;
  readonly family?: Form['family'];
  readonly level?: 1 | 2 | 3;
  readonly minutes?: number;
  readonly without: readonly WithoutId[];
  readonly words: readonly string[];
}

export const NO_WISHES: Wishes = { without: [], words: [] };

/** The kinds a wish can be of; each is counted on its own. */
export const FACETS = ['action', 'organ', 'phase', 'role', 'channel', 'posture', 'family', 'level'] as const;
export type Facet = (typeof FACETS)[number];

export interface Found {
  readonly rows: readonly FormRow[];
  /** For each value of each facet: how many forms there would be with it, all other wishes kept. */
  readonly counts: Readonly<Record<Facet, ReadonlyMap<string | number, number>>>;
  /** For each thing to leave out: how many forms there would be without it. */
  readonly withoutCounts: ReadonlyMap<WithoutId, number>;
}

const postureOf = (way: Way): Posture => (way.variant === 'seated' ? 'seated' : 'standing');

function valuesOf(row: FormRow, facet: Exclude<Facet, 'posture'>): readonly (string | number)[] {
  switch (facet) {
    case 'action':
      return row.actions;
    case 'organ':
      return row.organs;
    case 'phase':
      return row.phases;
    case 'role':
      return row.roles;
    case 'channel':
      return row.channels;
    case 'family':
      return [row.family];
    case 'level':
      return [row.level];
    default:
      return facet satisfies never;
  }
}

const PLAIN_FACETS = FACETS.filter((facet): facet is Exclude<Facet, 'posture'> => facet !== 'posture');
const bump = (counts: Map<string | number, number>, value: string | number): void => {
  counts.set(value, (counts.get(value) ?? 0) + 1);
};

/** Which ways of a row fit the length and what is left out, by posture. */
function fits(row: FormRow, bits: number, seconds: number): Readonly<Record<Posture, boolean>> {
  const able = (posture: Posture): boolean =>
    row.ways.some(
      (way) => postureOf(way) === posture && (way.asksBits & bits) === 0 && way.leastSec <= seconds,
    );
  return { standing: able('standing'), seated: able('seated') };
}

/** How much a form is known for what is sought: what it names first counts, and the plainer form comes first. */
const knownFor = (row: FormRow, wishes: Wishes): number =>
  (wishes.organ !== undefined && row.organs[0] === wishes.organ ? 2 : 0) +
  (wishes.role !== undefined && row.roles[0] === wishes.role ? 2 : 0) +
  (wishes.action !== undefined && row.actions[0] === wishes.action ? 1 : 0) +
  (wishes.phase !== undefined && row.phases[0] === wishes.phase ? 1 : 0) -
  row.level * 0.1;

/**
 * Forms that answer to every wish, best known for it first, and for every facet value the number that would. One pass over the rows: a
 * row that fails a single facet still counts for the other values of that facet.
 */
export function seek(rows: readonly FormRow[], wishes: Wishes): Found {
  const counts = Object.fromEntries(
    FACETS.map((facet) => [facet, new Map<string | number, number>()]),
  ) as Record<Facet, Map<string | number, number>>;
  const withoutCounts = new Map<WithoutId, number>();
  const bits = WITHOUT.reduce(
    (sum, row, index) => (wishes.without.includes(row.id) ? sum | (1 << index) : sum),
    0,
  );
  const seconds = wishes.minutes === undefined ? Number.POSITIVE_INFINITY : wishes.minutes * 60;
  const found: FormRow[] = [];
  for (const row of rows) {
    if (!wishes.words.every((word) => row.text.includes(word))) continue;
    const able = fits(row, bits, seconds);
    if (!able.standing && !able.seated) continue;
    const failed: Facet[] = PLAIN_FACETS.filter((facet) => {
      const wanted = wishes[facet];
      return wanted !== undefined && !valuesOf(row, facet).includes(wanted);
    });
    if (wishes.posture !== undefined && !able[wishes.posture]) failed.push('posture');
    if (failed.length > 1) continue;
    const only = failed[0];
    for (const facet of PLAIN_FACETS)
      if (only === undefined || only === facet)
        for (const value of new Set(valuesOf(row, facet))) bump(counts[facet], value);
    if (only === undefined || only === 'posture')
      for (const posture of POSTURES) if (able[posture]) bump(counts.posture, posture);
    if (only !== undefined) continue;
    found.push(row);
    WITHOUT.forEach(({ id }, index) => {
      const more = fits(row, bits | (1 << index), seconds);
      if (wishes.posture === undefined ? more.standing || more.seated : more[wishes.posture])
        withoutCounts.set(id, (withoutCounts.get(id) ?? 0) + 1);
    });
  }
  return { rows: found.toSorted((a, b) => knownFor(b, wishes) - knownFor(a, wishes)), counts, withoutCounts };
}

/** How a row would be done to answer the wishes: the fullest way that fits, if any. */
export function wayFor(row: FormRow, wishes: Wishes): Way | undefined {
  const bits = WITHOUT.reduce(
    (sum, one, index) => (wishes.without.includes(one.id) ? sum | (1 << index) : sum),
    0,
  );
  const seconds = wishes.minutes === undefined ? Number.POSITIVE_INFINITY : wishes.minutes * 60;
  return row.ways.find(
    (way) =>
      (way.asksBits & bits) === 0 &&
      way.leastSec <= seconds &&
      (wishes.posture === undefined || postureOf(way) === wishes.posture),
  );
}

/** Words that ask and carry nothing. */
const ASKING = new Set(
  'a an and any are can do does for form forms from have i in is it me my need of or please show something that the there these to under want what which with within would'.split(
    ' ',
  ),
);

type Understood = { -readonly [Key in keyof Omit<Wishes, 'words' | 'without'>]: Wishes[Key] };
type Reader = readonly [words: RegExp, read: (match: RegExpExecArray) => Understood | WithoutId];

const negative =
  '(?:without|no|not|sparing|nothing|avoid(?:ing)?)(?: (?:any|the|a|too|so|on|raising|raised|lifting|full|deep|standing on))*';
/** Phrases in plain text (no tones, lower case), longest meaning first. */
// prettier-ignore
const READERS: readonly Reader[] = [
  [new RegExp(`${negative} arms?(?: (?:up|high|raised|overhead|above \\w+))*|arms? (?:kept )?(?:down|low)`), () => 'raised-arms'],
  [new RegExp(`${negative} (?:one leg|balanc\\w+)|both feet down`), () => 'one-leg'],
  [new RegExp(`${negative} (?:knees?(?: bends?)?|low stances?)|sore knees?|easy on the knees`), () => 'deep-knees'],
  [new RegExp(`${negative} (?:folds?|folding|bending forward|head (?:down|below \\w+ heart))`), () => 'deep-fold'],
  [new RegExp(`${negative} twist(?:s|ing)?`), () => 'twist'],
  [new RegExp(`${negative} (?:holds?|holding(?: the breath)?|pauses?)`), () => 'holds'],
  [new RegExp(`${negative} (?:knock(?:s|ing)|tapp?(?:ing|s)|patt?ing|percussion)`), () => 'knocking'],
  [new RegExp(`${negative} (?:impact|jolts?|heel drops?)`), () => 'impact'],
  [new RegExp(`${negative} step(?:s|ping)?`), () => 'steps'],
  [new RegExp(`${negative} neck`), () => 'neck'],
  [new RegExp(`${negative} vigo(?:u?r|rous)\\w*`), () => 'vigour'],
  [new RegExp(`${negative} (?:inward )?(?:imagery|images)`), () => 'imagery'],
  [/(?:(?:in|under|within|for|up to|at most|less than) )?(\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty) ?(?:min(?:ute)?s?)\b/, (match) => ({ minutes: NUMBER_WORDS[match[1] ?? ''] ?? Number(match[1]) })],
  [/\b(?:sitting|seated|from (?:a|the) chair|on (?:a|the) chair|sit)\b/, () => ({ posture: 'seated' })],
  [/\b(?:standing up|while standing|stood|on (?:my|the) feet)\b/, () => ({ posture: 'standing' })],
  [/\bnourish(?:es|ing)?\b/, () => ({ action: 'nourishes' })],
  [/\b(?:clears?|clearing|drains?|draining)\b/, () => ({ action: 'clears' })],
  [/\bmoves\b/, () => ({ action: 'moves' })],
  [/\bcalm(?:s|ing)?\b/, () => ({ action: 'calms' })],
  ...ORGAN_IDS.map((id): Reader => [new RegExp(`\\b${organ(id).name.toLowerCase()}s?\\b(?! (?:channel|meridian|sound))`), () => ({ organ: id })]),
  ...PHASE_IDS.map((id): Reader => [new RegExp(`\\b${phaseName(id).name.toLowerCase()}(?: phase)?\\b(?! wave)`), () => ({ phase: id })]),
  ...ROLES.map((role): Reader => [new RegExp(`\\b(?:to ${role}\\b|${role} section)`), () => ({ role })]),
  [/\b(?:beginners?|easy|simple)\b/, () => ({ level: 1 })],
];

/** Channel codes are short; they are only read where they stand alone, in capitals or before "channel". */
const CHANNEL_CODE = /\b(LU|LI|ST|SP|HT|SI|BL|KI|PC|TE|GB|LR|GV|CV)\b(?! ?\d)(?: channel)?/;
const POINT_CODE = /\b(?:LU|LI|ST|SP|HT|SI|BL|KI|PC|TE|GB|LR|GV|CV) ?\d{1,2}\b/i;

/**
 * Reads a question as a practitioner asks it ("what nourishes the Kidney, seated, without raising the arms, in
 * four minutes?") into wishes; what is not understood stays as words that must occur.
 */
export function readQuestion(question: string): Wishes {
  let left = question.normalize('NFC');
  const understood: Understood = {};
  const without: WithoutId[] = [];
  const words: string[] = [];
  const pointFound = POINT_CODE.exec(left);
  if (pointFound) {
    const code = pointFound[0].replace(' ', '').toUpperCase();
    if ((POINT_CODES as readonly string[]).includes(code)) {
      words.push(plainText(code));
      left = left.replace(pointFound[0], ' ');
    }
  }
  const channelFound = CHANNEL_CODE.exec(left);
  if (channelFound) {
    understood.channel = CHANNEL_IDS.find((id) => id === channelFound[1]);
    left = left.replace(channelFound[0], ' ');
  }
  left = plainText(left)
    .replace(/[?.!,;:“”"()]/g, ' ')
    .replace(/\s+/g, ' ');
  for (const [pattern, read] of READERS) {
    const match = pattern.exec(left);
    if (!match) continue;
    const meaning = read(match);
    if (typeof meaning === 'string') without.push(meaning);
    else Object.assign(understood, meaning);
    left = left.replace(match[0], ' ');
  }
  for (const word of left.split(/\s+/)) if (word !== '' && !ASKING.has(word)) words.push(word);
  return { ...understood, without, words };
}
