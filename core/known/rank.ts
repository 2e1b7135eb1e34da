import { organOfChannel, type ThemePart } from '../brief/theme';
import type { AimId } from '../brief/aims';
import { SEASON_PHASE } from '../almanac/seasons';
import type { ChannelId, PointCode } from '../channels';
import {
  FORM_SETS,
  organsOfForm,
  phasesOfForm,
  reachOf,
  type Form,
  type FormSchools,
  type VariantId,
} from '../forms';
import { isOwnId } from '../forms/own/own';
import { organsOf, PHASE_IDS, type OrganId, type PhaseId } from '../phases';
import { KNOWN_FOR_AIMS } from './aims';
import { KNOWN_FOR_ORGANS } from './organs';

/** How well a form is known for something, best first. What is known for it is named or accepted; the rest touches it. */
export const RANKS = ['named', 'accepted', 'touches'] as const;
export type Rank = (typeof RANKS)[number];

const better = (a: Rank | undefined, b: Rank | undefined): Rank | undefined =>
  RANKS.find((rank) => rank === a || rank === b);
const bestOf = (ranks: readonly (Rank | undefined)[]): Rank | undefined =>
  ranks.reduce((best: Rank | undefined, rank) => better(best, rank), undefined);

/** The organ a phase is called by: its zàng, the Heart for fire. */
const principalOf = (phase: PhaseId): OrganId | undefined =>
  organsOf(phase).find(({ polarity }) => polarity === 'yin')?.id;

/** How well a form is known for an organ. An animal is named for the organ its phase is called by, in the school. */
export function rankForOrgan(form: Form, organ: OrganId, schools: FormSchools): Rank | undefined {
  const served = organsOfForm(form, schools);
  if (form.animal !== undefined) {
    const [phase] = phasesOfForm(form, schools);
    return phase && principalOf(phase) === organ ? 'named' : served.includes(organ) ? 'accepted' : undefined;
  }
  const { named, accepted } = KNOWN_FOR_ORGANS[organ];
  if (named.includes(form.id)) return 'named';
  // What one writes oneself one writes for the organ one names first.
  if (accepted.includes(form.id) || (isOwnId(form.id) && served[0] === organ)) return 'accepted';
  return served.includes(organ) ? 'touches' : undefined;
}

/** For a phase as for the organ it is called by; what is named for another of its organs is accepted. */
function rankForPhase(form: Form, phase: PhaseId, schools: FormSchools): Rank | undefined {
  const principal = principalOf(phase);
  const others = organsOf(phase).filter(({ id }) => id !== principal);
  const beside = bestOf(others.map(({ id }) => rankForOrgan(form, id, schools)));
  return bestOf([
    principal && rankForOrgan(form, principal, schools),
    beside === 'named' ? 'accepted' : beside && 'touches',
    phasesOfForm(form, schools).includes(phase) ? 'touches' : undefined,
  ]);
}

/** The channels of the arms. */
const HAND_CHANNELS: readonly ChannelId[] = ['LU', 'LI', 'HT', 'SI', 'PC', 'TE'];
/** The chest and the belly have three channels of their own. */
const MOST_OF_ONE_REGION = 3;

/** Forms known for the two vessels, which are no organ’s (common practice). */
const VESSELS: Readonly<
  Partial<Record<ChannelId, { readonly named: readonly string[]; readonly accepted: readonly string[] }>>
> = {
  GV: {
    named: ['small-orbit', 'spinal-wave', 'spine-bellows', 'life-gate-breathing'],
    accepted: [
      'tap-sacrum',
      'tap-kidneys',
      'warming-the-kidneys',
      'sky-gathering',
      'loosen-neck-turtle',
      'brocade-hands-to-feet',
      'brocade-look-back',
      'hanging-fold',
      'bow-from-the-hips',
      'dragon-spine',
      'heel-drops',
      'deep-water-breathing',
      'sound-kidney',
    ],
  },
  CV: {
    named: ['small-orbit', 'three-centre-wash', 'belly-breathing', 'storing-circles'],
    accepted: [
      'three-rooms',
      'three-burners-breathing',
      'draw-up-press-down',
      'smoothing-the-chest',
      'belly-rubbing',
      'hold-embrace-belly',
      'sky-gathering',
      'close-hands-to-belly',
    ],
  },
};

/**
 * One pass over the whole body, arms and legs: it goes along many channels, and is named first for none of them. A pass
 * over all channels of the arms, or of the legs, is what one does for each of them.
 */
const isOverAll = ({ family, channels }: Form): boolean =>
  family === 'percussion route' &&
  channels.length > MOST_OF_ONE_REGION &&
  new Set(channels.map(({ channel }) => HAND_CHANNELS.includes(channel))).size > 1;

/** Knocking at one place, and not along a line: a channel that is to be tapped is not tapped by that. */
const isAtOnePlace = ({ family, route }: Form): boolean =>
  family === 'percussion route' && route === undefined;

/** A channel is traced or tapped along, or stretched by what its organ is known for. */
function rankForChannel(form: Form, channel: ChannelId, schools: FormSchools): Rank | undefined {
  const vessel = VESSELS[channel];
  if (vessel?.named.includes(form.id)) return 'named';
  if (vessel?.accepted.includes(form.id)) return 'accepted';
  const way = form.channels.find((one) => one.channel === channel)?.how;
  if (way === undefined) return undefined;
  if (form.family === 'channel tracing' || form.family === 'percussion route')
    return isOverAll(form) || isAtOnePlace(form) ? 'accepted' : 'named';
  const organ = organOfChannel(channel);
  const known = organ && rankForOrgan(form, organ, schools);
  if (known === 'named') return way === 'attend' ? 'accepted' : 'named';
  return known === 'accepted' ? 'accepted' : 'touches';
}

/** Families that come to a point itself, with the hand or with the attention. */
const TO_A_POINT: ReadonlySet<Form['family']> = new Set([
  'self-massage',
  'percussion route',
  'channel tracing',
  'inner breathing',
]);

/** A point is pressed, tapped, traced or attended to first; what reaches it otherwise, or goes over it, is accepted. */
function rankForPoint(form: Form, code: PointCode, variant: VariantId): Rank | undefined {
  const way = reachOf(form, code, variant);
  if (way === undefined) return undefined;
  // A hand that goes along the whole channel goes over the point.
  if (way === 'channel')
    return form.family === 'channel tracing' && !isOverAll(form) ? 'accepted' : 'touches';
  return way === 'named' && TO_A_POINT.has(form.family) && !isOverAll(form) ? 'named' : 'accepted';
}

/** Sets that go through all five, piece by piece: each of them is named for the whole. */
const ROUNDS_OF_FIVE = ['phase-round', 'leaning-round', 'five-colours', 'six-sounds', 'five-animals'];
/** These, and what is for all of them at once (common practice). */
const FOR_ALL_PHASES: ReadonlySet<string> = new Set([
  ...FORM_SETS.filter(({ id }) => ROUNDS_OF_FIVE.includes(id)).flatMap(({ orders }) =>
    orders.flatMap(({ places }) => places.flat()),
  ),
  'tap-whole-body-pass',
  'tap-whole-body-slow',
  'smile-five-organs',
]);

/** For all five phases what goes through them, or is for all at once; what is one phase’s own comes after that. */
function rankForAllPhases(form: Form, schools: FormSchools): Rank | undefined {
  if (FOR_ALL_PHASES.has(form.id)) return 'named';
  const ranks = PHASE_IDS.map((phase) => rankForPhase(form, phase, schools));
  const best = bestOf(ranks);
  // Who goes through all five does not stay with the channels of one of them.
  const isOfOne = ranks.filter((rank) => rank !== undefined && rank !== 'touches').length === 1;
  const isTraced = form.family === 'channel tracing' && isOfOne;
  return best === 'named' && !isTraced ? 'accepted' : best && 'touches';
}

function rankForAim(form: Form, aim: AimId): Rank | undefined {
  const { named, accepted } = KNOWN_FOR_AIMS[aim];
  if (named.includes(form.id)) return 'named';
  return accepted.includes(form.id) ? 'accepted' : undefined;
}

/** How well a form is known for one part of a theme; undefined where it has nothing to do with it. Sets and lessons name their own. */
export function rankFor(
  form: Form,
  part: ThemePart,
  schools: FormSchools,
  variant: VariantId = 'full',
): Rank | undefined {
  switch (part.kind) {
    case 'organ':
    case 'hour':
      return rankForOrgan(form, part.organ, schools);
    case 'phase':
      return rankForPhase(form, part.phase, schools);
    case 'season':
      return rankForPhase(form, part.season === 'earth-turn' ? 'earth' : SEASON_PHASE[part.season], schools);
    case 'all-phases':
      return rankForAllPhases(form, schools);
    case 'channel':
      return rankForChannel(form, part.channel, schools);
    case 'point':
      return rankForPoint(form, part.point, variant);
    case 'aim':
      return rankForAim(form, part.aim);
    case 'set':
    case 'lesson':
      return undefined;
    default:
      return part satisfies never;
  }
}

/** How well a form is known for the best of several parts of a theme. */
export const knownFor = (form: Form, parts: readonly ThemePart[], schools: FormSchools): Rank | undefined =>
  bestOf(parts.map((part) => rankFor(form, part, schools)));

/** Whether a form has no place in a practice for an aim. */
export const isNeverFor = (form: Form, parts: readonly ThemePart[]): boolean =>
  parts.some((part) => part.kind === 'aim' && KNOWN_FOR_AIMS[part.aim].never.includes(form.id));
