import { isOneOf, recordOf } from '../lists/lists';
import { aim, type AimId } from '../brief/aims';
import type { PointCode } from '../channels';
import type { ChannelId } from '../channels/channels';
import type { Asks, Form, Role, VariantId } from '../forms';
import type { ChannelWay } from '../forms/model/terms';
import type { ConditionId } from '../people';
import type { OrganId, PhaseId } from '../phases';
import { conditionBit } from './conditionWords';

/** What a practitioner may want to leave out, and which asks it speaks of. */
// prettier-ignore
export const WITHOUT = [
  { id: 'raised-arms', label: 'without raising the arms', asks: (asks: Asks) => asks.armsAboveShoulders },
  { id: 'one-leg', label: 'both feet down', asks: (asks: Asks) => asks.oneLegSec > 0 },
  { id: 'deep-knees', label: 'without deep knees', asks: (asks: Asks) => asks.kneeBend === 'deep' || asks.kneeBend === 'moderate' },
  { id: 'deep-fold', label: 'without a deep fold', asks: (asks: Asks) => asks.fold === 'deep' || asks.headBelowHeart },
  { id: 'twist', label: 'without twisting', asks: (asks: Asks) => asks.twist !== 'none' },
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
export type Joint = Form['loosens'][number];
// prettier-ignore
export const JOINTS = ['neck', 'shoulders', 'wrists', 'spine', 'hips', 'knees', 'ankles'] as const satisfies readonly Joint[];

/** One way of doing a form: what it asks (as bits of WITHOUT) and how long it takes. */
export interface VariantRow {
  readonly variant: VariantId;
  readonly asksBits: number;
  /** The conditions (as bits, see `conditionBit`) it is not for as it stands: to be left out, or done more gently. */
  readonly notForBits: number;
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
  readonly polarity: Form['polarity'];
  readonly channels: Form['channels'];
  /** The points it names, and those its palms or its route come to besides. */
  readonly named: readonly PointCode[];
  readonly reached: readonly PointCode[];
  readonly loosens: readonly Joint[];
  readonly level: 1 | 2 | 3;
  readonly own: boolean;
  readonly variants: readonly VariantRow[];
  /** Everything else it is looked up by, as plain words. */
  readonly text: string;
}

/** What is sought: at most one of each kind, any number of things to leave out, and loose words. */
export interface Wishes {
  readonly action?: Action;
  readonly organ?: OrganId;
  readonly phase?: PhaseId;
  readonly role?: Role;
  readonly channel?: ChannelId;
  /** What is done to the channel. */
  readonly how?: ChannelWay;
  /** Any of these: one name can be that of several points. */
  readonly points?: readonly PointCode[];
  readonly joint?: Joint;
  readonly aim?: AimId;
  /** What the form must be fit for as it is done. */
  readonly conditions?: readonly ConditionId[];
  readonly posture?: Posture;
  readonly family?: Form['family'];
  readonly level?: 1 | 2 | 3;
  readonly minutes?: number;
  readonly without: readonly WithoutId[];
  readonly words: readonly string[];
}

export const NO_WISHES: Wishes = { without: [], words: [] };

/** The kinds a wish can be of; each is counted on its own. */
// prettier-ignore
export const FACETS = ['action', 'organ', 'phase', 'role', 'channel', 'joint', 'posture', 'family', 'level'] as const;
/** Wishes chosen anew; what is undefined is no longer wished. */
export type WishChange = { readonly [Wish in keyof Wishes]?: Wishes[Wish] | undefined };

export type Facet = (typeof FACETS)[number];

export interface Found {
  /** Forms that answer as they are: in their full way, or seated where that is wished. */
  readonly rows: readonly FormRow[];
  /** Forms that answer only in a smaller variant, or in the chair. */
  readonly smaller: readonly FormRow[];
  /** Words that stand in no form at all; they were not asked for. */
  readonly notUnderstood: readonly string[];
  /** For each value of each facet: how many forms there would be with it, all other wishes kept. */
  readonly counts: Readonly<Record<Facet, ReadonlyMap<string | number, number>>>;
  /** For each thing to leave out: how many forms there would be without it. */
  readonly withoutCounts: ReadonlyMap<WithoutId, number>;
}

const postureOf = (way: VariantRow): Posture => (way.variant === 'seated' ? 'seated' : 'standing');

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
      return row.channels.map((reach) => reach.channel);
    case 'joint':
      return row.loosens;
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

/** What a way of doing a form is held against. */
interface Bounds {
  readonly asksBits: number;
  readonly notForBits: number;
  readonly seconds: number;
}

const boundsOf = (wishes: Wishes): Bounds => ({
  asksBits: WITHOUT.reduce(
    (sum, row, index) => (wishes.without.includes(row.id) ? sum | (1 << index) : sum),
    0,
  ),
  notForBits: (wishes.conditions ?? []).reduce((sum, id) => sum | conditionBit(id), 0),
  seconds: wishes.minutes === undefined ? Number.POSITIVE_INFINITY : wishes.minutes * 60,
});

const isWithin = (way: VariantRow, { asksBits, notForBits, seconds }: Bounds): boolean =>
  (way.asksBits & asksBits) === 0 && (way.notForBits & notForBits) === 0 && way.leastSec <= seconds;

/** The way a form is meant in a posture: the full one standing, the seated one in the chair. */
const meant = (row: FormRow, posture: Posture | undefined): VariantRow | undefined =>
  posture === 'seated' ? row.variants.find((way) => postureOf(way) === 'seated') : row.variants[0];

/** Whether a form answers as it is meant. */
function answers(row: FormRow, posture: Posture | undefined, bounds: Bounds): boolean {
  const way = meant(row, posture);
  return way !== undefined && isWithin(way, bounds);
}

const STIRRING: readonly WithoutId[] = ['one-leg', 'deep-knees', 'deep-fold', 'knocking', 'impact', 'vigour'];
const STIRRING_BITS = WITHOUT.reduce(
  (bits, { id }, index) => (STIRRING.includes(id) ? bits | (1 << index) : bits),
  0,
);
/** A form that stirs: not what one does for a quiet aim. */
const stirs = (row: FormRow): boolean =>
  row.polarity === 'yang' || ((row.variants[0]?.asksBits ?? 0) & STIRRING_BITS) !== 0;
const QUIET_ROLES: readonly Role[] = ['arrive', 'still', 'gather', 'close'];

/** Whether a form works for an aim: it does first what the aim asks, where the aim is at home, and does not stir a quiet one. */
function answersAim(row: FormRow, id: AimId): boolean {
  const { actions, organs, phases, joints, polarity } = aim(id);
  const first = row.actions[0];
  return (
    first !== undefined &&
    (polarity === 'yin' ? row.actions : [first]).some((one) => isOneOf(actions, one)) &&
    !(polarity === 'yin' && stirs(row)) &&
    (row.organs.some((one) => isOneOf(organs, one)) ||
      row.phases.some((one) => isOneOf(phases, one)) ||
      (polarity === 'even' && row.loosens.some((one) => isOneOf(joints, one))))
  );
}

/** How well a form works for an aim, for ordering. */
function aimed(row: FormRow, id: AimId): number {
  const { actions, organs, joints, polarity } = aim(id);
  const first = actions[0];
  const firstOrgan = row.organs[0];
  return (
    (row.actions[0] === first ? 2 : 0) +
    (firstOrgan && isOneOf(organs, firstOrgan) ? 1 : 0) +
    (row.polarity === polarity ? 1 : 0) +
    (polarity === 'yin' && row.roles.some((role) => QUIET_ROLES.includes(role)) ? 1 : 0) -
    0.8 * row.level +
    0.6 * row.loosens.filter((one) => isOneOf(joints, one)).length
  );
}

/** How much a form is known for what is sought: what it names first counts, and the plainer form comes first. */
const knownFor = (row: FormRow, wishes: Wishes): number =>
  (wishes.organ !== undefined && row.organs[0] === wishes.organ ? 2 : 0) +
  (wishes.role !== undefined && row.roles[0] === wishes.role ? 2 : 0) +
  (wishes.action !== undefined && row.actions[0] === wishes.action ? 1 : 0) +
  (wishes.phase !== undefined && row.phases[0] === wishes.phase ? 1 : 0) +
  (wishes.points?.some((code) => row.named.includes(code)) ? 2 : 0) +
  (wishes.aim === undefined ? 0 : aimed(row, wishes.aim)) -
  row.level * 0.1;

/** Whether a word (or its singular) begins a word of a row; a hanzi may stand anywhere. */
function says(row: FormRow, word: string): boolean {
  if (/\p{Script=Han}/u.test(word)) return row.text.includes(word);
  const text = ` ${row.text}`;
  return (
    text.includes(` ${word}`) ||
    (word.length > 3 && /s$/.test(word) && text.includes(` ${word.slice(0, -1)}`))
  );
}

/** Whether a form answers to the wishes no facet counts. */
function answersUncounted(row: FormRow, wishes: Wishes, words: readonly string[]): boolean {
  const { points, how, channel, aim: wanted } = wishes;
  return (
    words.every((word) => says(row, word)) &&
    (points === undefined || points.some((code) => row.named.includes(code) || row.reached.includes(code))) &&
    (how === undefined ||
      row.channels.some(
        (reach) => reach.how === how && (channel === undefined || reach.channel === channel),
      )) &&
    (wanted === undefined || answersAim(row, wanted))
  );
}

/**
 * Forms that answer to every wish, best known for it first, and for every facet value the number that would. One
 * pass over the rows: a row that fails a single facet still counts for the other values of that facet. What a form
 * asks is judged by the way it is meant, not by a smaller variant it also has: those come after, apart.
 */
export function seek(rows: readonly FormRow[], wishes: Wishes): Found {
  const counts = recordOf(FACETS, () => new Map<string | number, number>());
  const withoutCounts = new Map<WithoutId, number>();
  const bounds = boundsOf(wishes);
  const notUnderstood = wishes.words.filter((word) => !rows.some((row) => says(row, word)));
  const words = wishes.words.filter((word) => !notUnderstood.includes(word));
  const found: FormRow[] = [];
  const smaller: FormRow[] = [];
  for (const row of rows) {
    if (!answersUncounted(row, wishes, words)) continue;
    const failed: readonly Facet[] = PLAIN_FACETS.filter((facet) => {
      const wanted = wishes[facet];
      return wanted !== undefined && !valuesOf(row, facet).includes(wanted);
    });
    if (failed.length > 1) continue;
    const only = failed[0];
    const asMeant = answers(row, wishes.posture, bounds);
    if (asMeant)
      for (const facet of PLAIN_FACETS)
        if (only === undefined || only === facet)
          for (const value of new Set(valuesOf(row, facet))) bump(counts[facet], value);
    if (only !== undefined) continue;
    for (const posture of POSTURES) if (answers(row, posture, bounds)) bump(counts.posture, posture);
    if (!asMeant) {
      if (variantFor(row, wishes)) smaller.push(row);
      continue;
    }
    found.push(row);
    WITHOUT.forEach(({ id }, index) => {
      if (answers(row, wishes.posture, { ...bounds, asksBits: bounds.asksBits | (1 << index) }))
        withoutCounts.set(id, (withoutCounts.get(id) ?? 0) + 1);
    });
  }
  const ordered = (some: readonly FormRow[]): readonly FormRow[] =>
    some.toSorted((a, b) => knownFor(b, wishes) - knownFor(a, wishes));
  return { rows: ordered(found), smaller: ordered(smaller), notUnderstood, counts, withoutCounts };
}

/** How a row would be done to answer the wishes: the fullest way that fits, if any. */
export function variantFor(row: FormRow, wishes: Wishes): VariantRow | undefined {
  const bounds = boundsOf(wishes);
  return row.variants.find(
    (way) => isWithin(way, bounds) && (wishes.posture === undefined || postureOf(way) === wishes.posture),
  );
}
