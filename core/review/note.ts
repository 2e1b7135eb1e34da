import type { SourceId } from '../sources';
import type { Finding } from './rule';
import type { RuleId } from './ruleIds';

/** A note in the margin: what was found, by which rule, and why it matters. */
export interface Note extends Finding {
  /** The same for the same thing found again, so that a note waved aside stays so. */
  readonly id: string;
  readonly rule: RuleId;
  readonly source: SourceId;
  /** Why the practitioner waved it aside, if they did. */
  readonly wavedBecause: string | undefined;
}
