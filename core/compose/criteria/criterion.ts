import type { Brief } from '../../brief';
import type { Customs, StrengthId } from '../../customs';
import type { Form, FormSchools, Role, VariantId } from '../../forms';
import type { OrganId } from '../../phases';
import type { Reason } from '../../practice/model';
import type { People } from '../asking';
import type { Character } from '../characters';
import type { Target } from '../reach';
import type { WeightId } from '../weights';

/** Sections in which forms are taken for the theme's sake. */
export const HEART: ReadonlySet<Role> = new Set(['clear', 'nourish', 'still']);

/** A reason to take a form or to leave it, in the model's own terms. */
export interface Part {
  readonly strength: StrengthId;
  /** Points, before the user's own strengths are laid over them. */
  readonly points: number;
  readonly reason?: Reason;
}

/** A form in a section it may stand in. */
export interface FormAt {
  readonly form: Form;
  readonly variant: VariantId;
  readonly role: Role;
  /** The organ this section is for, where a practice clears and nourishes several in turn. */
  readonly organ?: OrganId | undefined;
  /** Whether it is in by name. */
  readonly asked?: boolean;
}

/** What a form is weighed against. */
export interface Weighing {
  readonly brief: Brief;
  readonly schools: FormSchools;
  readonly character: Character;
  readonly targets: readonly Target[];
  /** What is known only where a whole practice is composed. */
  readonly whole?: {
    readonly customs: Customs;
    readonly people: People;
    /** A practice that goes through several organs in turn. */
    readonly hasBlocks: boolean;
    readonly apartFrom: readonly string[];
    /** Forms that are taught in it. */
    readonly taught: readonly Form[];
  };
}

/** One thing a form is weighed by. */
export interface Criterion {
  readonly id: string;
  readonly strength: StrengthId;
  readonly weights: readonly WeightId[];
  /** What it gives by itself is held below what its place costs, together with the others of its kind. */
  readonly isCapped: boolean;
  readonly points: (at: FormAt, weighing: Weighing) => readonly Omit<Part, 'strength'>[];
}

/** So many points, or none where there are none to give. */
export const only = (points: number, reason?: Reason): readonly Omit<Part, 'strength'>[] =>
  points === 0 ? [] : [{ points, ...(reason ? { reason } : {}) }];
