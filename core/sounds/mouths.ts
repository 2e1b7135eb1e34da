import { SYLLABLES, type SyllableId, type SyllableRow } from './syllables';

/**
 * The mouths of the sounds, as numbers to draw and to synthesise from. What a mouth does is from memory of how the sounds
 * are taught; the vowels are published.
 */

/** A mouth, 0 closed or low to 1 open or high, unless said otherwise. */
export interface Mouth {
  /** How far the jaw hangs. */
  readonly jaw: number;
  /** How far the lips part. */
  readonly lips: number;
  /** −1 rounded as a tube, 0 at rest, 1 corners drawn back. */
  readonly spread: number;
  /** How far the lips are pushed forward. */
  readonly pout: number;
  /** Gap between the front teeth; 0 lightly together. */
  readonly teeth: number;
  /** Height of the tongue’s body. */
  readonly tongue: number;
  /** 0 the body of the tongue at the back, 1 at the front. */
  readonly front: number;
  /** Height of the tip: 0 behind the lower teeth, 1 at the ridge above. */
  readonly tip: number;
  /** The sides of the tongue rest at the upper side teeth. */
  readonly sides: boolean;
}

/** Formants of a vowel, Hz. */
export type Formants = readonly [f1: number, f2: number, f3: number];

/** Vowels, men, mean of the first three formants, Hz. Source: Peterson & Barney 1952, table II. */
export const VOWELS = {
  ee: [270, 2290, 3010],
  eh: [530, 1840, 2480],
  ah: [730, 1090, 2440],
  oo: [300, 870, 2240],
  er: [490, 1350, 1690],
} as const satisfies Record<string, Formants>;

/** Vowels of the old syllables that the table does not hold, from memory: a front rounded and a mid back one. */
export const OTHER_VOWELS = {
  ü: [280, 2100, 2500],
  e: [480, 1200, 2500],
} as const satisfies Record<string, Formants>;

/** What sounds during a share of the exhale. */
export type SoundStep =
  | { readonly kind: 'vowel'; readonly share: number; readonly from: Formants; readonly to?: Formants }
  /** The same vowel breathed, without voice. */
  | { readonly kind: 'breath'; readonly share: number; readonly from: Formants; readonly to?: Formants }
  /** Noise above a bound, Hz. */
  | { readonly kind: 'hiss'; readonly share: number; readonly aboveHz: number }
  /** Voice through the nose, lips closed. */
  | { readonly kind: 'hum'; readonly share: number }
  /** Voice and noise at once. */
  | { readonly kind: 'buzz'; readonly share: number; readonly aboveHz: number };

/** A syllable with its mouth. */
export interface Syllable extends SyllableRow {
  readonly id: SyllableId;
  readonly mouth: Mouth;
  /** Lips, teeth, tongue, in words. */
  readonly mouthWords: string;
  /** How the air leaves. */
  readonly air: string;
  readonly steps: readonly SoundStep[];
}

const S_HZ = 4500;
const SH_HZ = 2300;

const vowel = (share: number, from: Formants, to?: Formants): SoundStep => ({
  kind: 'vowel',
  share,
  from,
  ...(to ? { to } : {}),
});
const h = (share: number, from: Formants): SoundStep => ({ kind: 'breath', share, from });
const hiss = (share: number, aboveHz: number): SoundStep => ({ kind: 'hiss', share, aboveHz });

// prettier-ignore
const MOUTHS: Readonly<Record<SyllableId, Omit<Syllable, keyof SyllableRow>>> = {
  xu: {
    mouth: { jaw: 0.18, lips: 0.3, spread: 0.35, pout: 0.35, teeth: 0.12, tongue: 0.82, front: 0.85, tip: 0.05, sides: true },
    mouthWords: 'Teeth nearly closed, the corners of the mouth drawn a little back, the eyes wide.',
    air: 'Along the sides of the tongue and between the side teeth.',
    steps: [hiss(0.3, SH_HZ), vowel(0.7, OTHER_VOWELS.ü)] },
  he: {
    mouth: { jaw: 0.5, lips: 0.55, spread: 0.1, pout: 0.05, teeth: 0.5, tongue: 0.55, front: 0.25, tip: 0.1, sides: true },
    mouthWords: 'The mouth half open, the sides of the tongue raised to the upper side teeth.',
    air: 'Over the middle of the tongue, from the back of the mouth.',
    steps: [h(0.25, OTHER_VOWELS.e), vowel(0.75, OTHER_VOWELS.e)] },
  hu: {
    mouth: { jaw: 0.3, lips: 0.32, spread: -1, pout: 0.9, teeth: 0.35, tongue: 0.45, front: 0.1, tip: 0.15, sides: true },
    mouthWords: 'Lips round as a tube, the tongue lying in a channel.',
    air: 'Out through the middle of the lips, from the throat.',
    steps: [h(0.25, VOWELS.oo), vowel(0.75, VOWELS.oo)] },
  si: {
    mouth: { jaw: 0.08, lips: 0.35, spread: 0.5, pout: 0, teeth: 0.02, tongue: 0.6, front: 0.8, tip: 0.12, sides: true },
    mouthWords: 'Front teeth lightly together, the tip of the tongue behind the lower teeth.',
    air: 'Through the narrow gap between the teeth.',
    steps: [hiss(1, S_HZ)] },
  chui: {
    mouth: { jaw: 0.25, lips: 0.35, spread: 0.6, pout: 0.1, teeth: 0.25, tongue: 0.55, front: 0.55, tip: 0.2, sides: true },
    mouthWords: 'Side teeth facing each other, the lips drawn sideways and tightened.',
    air: 'Round the sides of the tongue and under it, out at the middle.',
    steps: [hiss(0.15, SH_HZ), vowel(0.85, VOWELS.oo, VOWELS.eh)] },
  xi: {
    mouth: { jaw: 0.12, lips: 0.38, spread: 0.85, pout: 0, teeth: 0.1, tongue: 0.9, front: 0.95, tip: 0.05, sides: true },
    mouthWords: 'Tip of the tongue at the lower teeth, side teeth lightly together, the corners of the mouth back and up.',
    air: 'Past the side teeth.',
    steps: [hiss(0.3, SH_HZ), vowel(0.7, VOWELS.ee)] },
  shhh: {
    mouth: { jaw: 0.15, lips: 0.4, spread: -0.35, pout: 0.5, teeth: 0.06, tongue: 0.78, front: 0.7, tip: 0.5, sides: true },
    mouthWords: 'Teeth nearly together, lips a little forward.',
    air: 'Over the tongue, between teeth and lips.',
    steps: [hiss(1, SH_HZ)] },
  haaa: {
    mouth: { jaw: 0.9, lips: 0.95, spread: 0.1, pout: 0, teeth: 0.9, tongue: 0.12, front: 0.35, tip: 0.05, sides: false },
    mouthWords: 'The mouth wide open, the tongue flat.',
    air: 'From the depth of the throat, wide.',
    steps: [h(0.3, VOWELS.ah), vowel(0.7, VOWELS.ah)] },
  whooo: {
    mouth: { jaw: 0.35, lips: 0.35, spread: -1, pout: 0.85, teeth: 0.4, tongue: 0.5, front: 0.05, tip: 0.1, sides: false },
    mouthWords: 'Lips round, felt in the throat.',
    air: 'Out through the round lips, deep and guttural.',
    steps: [h(0.2, VOWELS.oo), vowel(0.8, VOWELS.oo)] },
  sss: {
    mouth: { jaw: 0.06, lips: 0.4, spread: 0.55, pout: 0, teeth: 0.02, tongue: 0.62, front: 0.85, tip: 0.6, sides: true },
    mouthWords: 'Teeth lightly together, the tongue just behind them.',
    air: 'Through the front teeth.',
    steps: [hiss(1, S_HZ)] },
  chwooo: {
    mouth: { jaw: 0.22, lips: 0.22, spread: -1, pout: 1, teeth: 0.3, tongue: 0.45, front: 0.2, tip: 0.2, sides: false },
    mouthWords: 'Lips rounded and forward, as for a candle.',
    air: 'Out in one stream through the round lips.',
    steps: [hiss(0.2, SH_HZ), h(0.3, VOWELS.oo), vowel(0.5, VOWELS.oo)] },
  heee: {
    mouth: { jaw: 0.25, lips: 0.4, spread: 0.9, pout: 0, teeth: 0.25, tongue: 0.9, front: 0.95, tip: 0.1, sides: true },
    mouthWords: 'Lips drawn to a smile, teeth a little apart.',
    air: 'Light and thin, over the raised tongue.',
    steps: [h(0.3, VOWELS.ee), vowel(0.7, VOWELS.ee)] },
  sigh: {
    mouth: { jaw: 0.6, lips: 0.6, spread: 0, pout: 0, teeth: 0.6, tongue: 0.2, front: 0.4, tip: 0.05, sides: false },
    mouthWords: 'The mouth falls open by itself.',
    air: 'It drops out, wide and soft.',
    steps: [h(1, VOWELS.ah)] },
  hum: {
    mouth: { jaw: 0.2, lips: 0, spread: 0, pout: 0.05, teeth: 0.25, tongue: 0.3, front: 0.4, tip: 0.2, sides: false },
    mouthWords: 'Lips closed, teeth apart, the tongue at rest.',
    air: 'By the nose, with the voice.',
    steps: [{ kind: 'hum', share: 1 }] },
  buzz: {
    mouth: { jaw: 0.06, lips: 0.35, spread: 0.45, pout: 0, teeth: 0.02, tongue: 0.6, front: 0.85, tip: 0.6, sides: true },
    mouthWords: 'Teeth lightly together, the voice behind them.',
    air: 'Through the teeth, with the voice.',
    steps: [{ kind: 'buzz', share: 1, aboveHz: S_HZ }] },
  huh: {
    mouth: { jaw: 0.6, lips: 0.55, spread: 0, pout: 0.1, teeth: 0.6, tongue: 0.25, front: 0.2, tip: 0.05, sides: false },
    mouthWords: 'The mouth half open, the throat wide.',
    air: 'Short, from the belly.',
    steps: [h(0.2, OTHER_VOWELS.e), vowel(0.8, OTHER_VOWELS.e, VOWELS.ah)] },
  whoosh: {
    mouth: { jaw: 0.25, lips: 0.3, spread: -0.8, pout: 0.8, teeth: 0.25, tongue: 0.5, front: 0.35, tip: 0.3, sides: true },
    mouthWords: 'Lips round, then the teeth come near.',
    air: 'A broad stream, with the push of the palms.',
    steps: [h(0.5, VOWELS.oo), hiss(0.5, SH_HZ)] },
};

/** The syllable of an id, with its mouth. */
export function syllable(id: SyllableId): Syllable {
  const row = SYLLABLES.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown syllable: got ${id}`);
  return { ...row, ...MOUTHS[id] };
}
