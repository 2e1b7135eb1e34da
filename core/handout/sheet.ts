import type { Form, VariantId } from '../forms';
import type { PhaseId } from '../phases';
import type { Audience } from './audience';

/**
 * A cue sheet as data: every sentence is made, nothing is laid out. The page, the paper, the text and the word
 * processor's file are all written from it, so that none says what another does not.
 */
export interface Sheet {
  readonly title: string;
  readonly audience: Audience;
  readonly phase: PhaseId;
  /** What it is for and how it is done, beside the phase: intent and theme, posture, pace, length. */
  readonly about: readonly string[];
  readonly intention: string | undefined;
  /** What the phase does and eases, as the tradition says it. */
  readonly tradition: string;
  /** Whose it is and when, only where that is wished: "the bell loft choir, 26 November". */
  readonly chosen: string | undefined;
  readonly totalMs: number;
  readonly sections: readonly SheetSection[];
  /** Pressure, when to stop, afterwards, licensed care. */
  readonly foot: readonly string[];
}

export interface SheetSection {
  readonly name: string;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly rows: readonly SheetRow[];
}

export interface SheetRow {
  readonly id: string;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly name: string;
  readonly hanzi: string | undefined;
  readonly pinyin: string | undefined;
  /** How much: "6× each side"; empty for what is said. */
  readonly dose: string;
  /** In which order the sides go; empty where there are none. */
  readonly sides: string;
  readonly byMouth: boolean;
  /** Of the story, before the cues and after them. */
  readonly before: readonly string[];
  readonly cues: readonly SheetCue[];
  readonly extras: readonly string[];
  readonly after: readonly string[];
  readonly form: Form;
  readonly variant: VariantId;
  /** The posture of the picture, in words. */
  readonly pictured: string;
  /** What to mind, numbered where it is first said, and what of it comes again. */
  readonly care: readonly { readonly number: number; readonly text: string }[];
  readonly careAgain: readonly number[];
  /** For the teacher alone: their note on the form. */
  readonly note: string | undefined;
}

/** One stroke as it is cued. */
export interface SheetCue {
  readonly breath: 'in' | 'out' | 'pause' | 'free';
  readonly sound: { readonly written: string; readonly hanzi: string | undefined } | undefined;
  readonly text: string;
}

/** Every sentence of a row that comes with its cues, in the order it is read. */
export const careLine = ({ care, careAgain }: Pick<SheetRow, 'care' | 'careAgain'>): string => {
  const fresh = care.map(({ number, text }) => `(${number}) ${text}`);
  const again =
    careAgain.length > 0 ? [`${careAgain.map((number) => `(${number})`).join(' ')} as above.`] : [];
  return [...fresh, ...again].join(' ');
};
