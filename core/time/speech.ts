import type { BreathStroke } from '../breath';

/** Words a minute while the voice is speaking, where nobody has said otherwise (common practice). */
export const USUAL_WORDS_PER_MIN = 150;
/** English runs at about 1.4 syllables a word (from memory). */
const SYLLABLES_A_WORD = 1.4;

/** A rough count of the syllables of an English cue: groups of vowels, a silent final e left out. */
export function syllables(text: string): number {
  return text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word !== '')
    .reduce(
      (sum, word) =>
        sum + Math.max(1, (word.replace(/(?:[^laeiouy]|[aeiouy]l)e$/, 'x').match(/[aeiouy]+/g) ?? []).length),
      0,
    );
}

/** Seconds a text takes to say. */
export const spokenSec = (text: string, wordsPerMin = USUAL_WORDS_PER_MIN): number =>
  (syllables(text) / SYLLABLES_A_WORD / wordsPerMin) * 60;

/** A breath to take in what was said. */
const TAKEN_IN_SEC = 2;

/** Seconds of words that hold people up: the time they take to say, and a breath to take them in. */
export const saidSec = (text: string, wordsPerMin = USUAL_WORDS_PER_MIN): number =>
  spokenSec(text, wordsPerMin) + TAKEN_IN_SEC;

/**
 * How far a cue may run over its stroke: that of a swing into the next swing; that of a breath hardly at all, since the
 * next breath has words of its own. Shares of the stroke (common practice).
 */
const ROOM: Readonly<Record<BreathStroke, number>> = { in: 1.05, out: 1.05, hold: 1.05, free: 1.5 };

/** Whether a cue can be said within its stroke. */
export interface CueFit {
  readonly spokenSec: number;
  readonly strokeSec: number;
  /** How much of the room there is it fills; it fits up to 1. */
  readonly fill: number;
  readonly fits: boolean;
}

/** The one answer to "does this cue fit": the lane, the margin and the form's own notes all give it. */
export function cueFit(
  cue: string,
  stroke: { readonly breath: BreathStroke; readonly sec: number },
  wordsPerMin = USUAL_WORDS_PER_MIN,
): CueFit {
  const spoken = spokenSec(cue, wordsPerMin);
  const roomSec = stroke.sec * ROOM[stroke.breath];
  const fill = roomSec === 0 ? (spoken === 0 ? 0 : Infinity) : spoken / roomSec;
  return { spokenSec: spoken, strokeSec: stroke.sec, fill, fits: fill <= 1 };
}
