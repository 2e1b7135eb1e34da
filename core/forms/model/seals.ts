import { defined } from '../../text/defined';
import type { Hand, HandShape, Landmark, Posture } from '../../body';
import type { SourceId } from '../../sources';
import type { Form } from './model';
import { type VariantId } from './terms';
import { strokesOf } from './variants';

/**
 * Hand seals: shapes the hands keep while all else is still. They are laid on a still form by whoever leads it; none of
 * them belongs to one form. What a tradition says of them differs; none of it is promised.
 */
interface SealRow {
  readonly id: string;
  readonly name: string;
  readonly pinyin?: string;
  readonly hanzi?: string;
  readonly shape: HandShape;
  /** As it is said before the form. */
  readonly announce: string;
  readonly source: SourceId;
}

export const SEALS = [
  {
    id: 'thumb-held',
    name: 'thumbs held',
    pinyin: 'Wò Gù',
    hanzi: '握固',
    shape: 'thumb held',
    announce: 'Lay each thumb to the root of the ring finger, and close the fingers softly over it.',
    source: 'common-practice',
  },
  {
    id: 'ring',
    name: 'a ring of thumb and forefinger',
    shape: 'ring fingers',
    announce: 'Thumb and forefinger meet in a ring; the other fingers stay long.',
    source: 'common-practice',
  },
  {
    id: 'gathered',
    name: 'fingertips gathered',
    shape: 'gathered fingertips',
    announce: 'Gather all five fingertips together, as round a small seed.',
    source: 'common-practice',
  },
  {
    id: 'sword',
    name: 'sword fingers',
    pinyin: 'Jiàn Zhǐ',
    hanzi: '劍指',
    shape: 'sword fingers',
    announce: 'Forefinger and middle finger long and together; the thumb rests on the other two.',
    source: 'common-practice',
  },
] as const satisfies readonly SealRow[];
export type SealId = (typeof SEALS)[number]['id'];
export const SEAL_IDS = SEALS.map(({ id }) => id);
export const seal = (id: SealId): SealRow => SEALS.find((row) => row.id === id) ?? SEALS[0];

/** Why a seal cannot be laid on a way of doing a form. */
export const SEAL_REFUSALS = ['moves', 'hands-busy', 'hands-said'] as const;
export type SealRefusal = (typeof SEAL_REFUSALS)[number];

/** Families in which all else is still (common practice). */
const STILL: readonly Form['family'][] = [
  'standing posture',
  'settling breath',
  'inner breathing',
  'closing',
  'rest',
];
/** Where a hand may lie and keep a seal: nothing is held or warmed by its palm there. */
const AT_EASE: readonly Landmark[] = ['hanging', 'reach', 'thigh', 'knee', 'lower dantian', 'navel', 'floor'];
/** Further from the body than this the hands are not on it, in cùn. */
const OFF_BODY_CUN = 3;

const isAtEase = ({ near, shape = 'open', off }: Hand): boolean =>
  shape === 'open' && (AT_EASE.includes(near) || (off?.[2] ?? 0) >= OFF_BODY_CUN);

/**
 * Why a seal may not be laid on a form; undefined where it may: nothing goes on but breath and mind, the hands are open
 * and do nothing, and nothing is said of palms that a closed hand has not got.
 */
export function sealRefusal(form: Form, variant: VariantId, id: SealId): SealRefusal | undefined {
  if (!STILL.includes(form.family) || form.pace !== 'inner') return 'moves';
  const strokes = strokesOf(form, variant);
  const hands = strokes.flatMap(({ postures = [] }) =>
    postures.flatMap(({ hands: { both, left, right } = {} }) => [both, left, right]),
  );
  if (hands.some((hand) => hand !== undefined && !isAtEase(hand))) return 'hands-busy';
  const isClosed = id === 'thumb-held' || id === 'gathered';
  return isClosed && strokes.some(({ cue }) => /\b(?:palms?|fingers?|fingertips|open hands?)\b/i.test(cue))
    ? 'hands-said'
    : undefined;
}

/** The same posture, its hands in the shape of a seal. */
export function withSeal(posture: Posture, id: SealId): Posture {
  const { shape } = seal(id);
  const { both, left, right } = posture.hands ?? {};
  const shaped = (hand: Hand | undefined): Hand | undefined => hand && { ...hand, shape };
  const isSaid = both !== undefined || (left !== undefined && right !== undefined);
  return {
    ...posture,
    hands: defined({
      both: shaped(both) ?? (isSaid ? undefined : { near: 'hanging' as const, shape }),
      left: shaped(left),
      right: shaped(right),
    }),
  };
}
