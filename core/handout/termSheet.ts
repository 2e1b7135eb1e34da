import type { PhaseId } from '../phases';
import type { Audience } from './audience';

/** A term on paper, as data: a row a week. */
export interface TermSheet {
  readonly title: string;
  readonly audience: Audience;
  /** Whose it is, only where that is wished. */
  readonly chosen: string | undefined;
  /** From when to when. */
  readonly about: string;
  readonly weeks: readonly TermSheetWeek[];
  readonly foot: readonly string[];
}

export interface TermSheetWeek {
  /** Its Monday. */
  readonly monday: string;
  readonly days: readonly string[];
  readonly phase: PhaseId | undefined;
  /** What it is for; "no class" where it falls out. */
  readonly theme: string;
  readonly practice: string;
  /** Forms that are new in it. */
  readonly news: readonly string[];
  readonly load: string;
}
