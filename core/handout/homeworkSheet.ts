import type { Form, VariantId } from '../forms';
import type { PhaseId } from '../phases';
import type { Audience } from './audience';

/**
 * A practice to be done at home, as data: few words, what to mind for the one it is for, how often, and the days to tick.
 * Nobody is named in it unless that was wished.
 */
export interface HomeworkSheet {
  readonly title: string;
  readonly audience: Audience;
  readonly phase: PhaseId;
  readonly chosen: string | undefined;
  readonly intention: string | undefined;
  readonly minutes: number;
  /** How often and from when; empty where it was not asked for that way. */
  readonly how: string;
  readonly forms: readonly HomeworkForm[];
  readonly weeks: readonly TickWeek[];
  readonly foot: readonly string[];
}

export interface HomeworkForm {
  readonly id: string;
  readonly name: string;
  readonly hanzi: string | undefined;
  readonly pinyin: string | undefined;
  /** How much, in words: "six times on each side". */
  readonly dose: string;
  /** A line a stroke: the breath and what is done. */
  readonly words: readonly { readonly breath: 'in' | 'out' | 'pause' | 'free'; readonly text: string }[];
  readonly sound: string | undefined;
  /** What the one it is for minds here; no condition is named. */
  readonly mind: readonly string[];
  readonly form: Form;
  readonly variant: VariantId;
  readonly repetitions: number;
  readonly lengthMs: number;
}

/** A week of boxes: from its first day, which of its seven days are within. */
export interface TickWeek {
  /** Its first day, "2026-12-01", and how that is written: "from 1 Dec". */
  readonly first: string;
  readonly label: string;
  readonly days: readonly { readonly day: string; readonly letter: string }[];
}
