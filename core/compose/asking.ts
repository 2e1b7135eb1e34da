import type { Brief } from '../brief';
import type { Customs } from '../customs';
import type { Form, Role } from '../forms';
import type { Told } from '../log';
import type { Item, OwnLayers, Practice, Story } from '../practice';
import type { Fits, Fitting } from './candidates';
import type { Character } from './characters';

/** The people a practice is for, as far as the composer may know them. */
export interface People extends Fits {
  /** Forms that many of them like. */
  readonly likes?: readonly string[];
  /** Forms of their last classes, newest first. */
  readonly recent?: readonly (readonly string[])[];
  /** Forms they have met in any class; nothing known where no class has been given. */
  readonly known?: readonly string[];
  /** In how many of their classes each form was, by its id. */
  readonly times?: Readonly<Record<string, number>>;
  /** How many classes they have had. */
  readonly given?: number;
  /** How long forms really took against the plan, by form id, shrunk towards 1 where samples are few. */
  readonly pace?: Readonly<Record<string, number>>;
  /** How forms were really told, by form and by whether they were new. */
  readonly told?: Readonly<Record<string, Told>>;
}

/** Everything a draft depends on. */
export interface Asking {
  readonly brief: Brief;
  readonly repertoire: readonly Form[];
  readonly customs: Customs;
  readonly people: People;
  /** The practitioner's own breath patterns and sounds. */
  readonly layers?: OwnLayers | undefined;
  readonly seed: number;
  readonly character?: Character;
  /** Items that stay as they are, with the practice they come from. */
  readonly kept?: { readonly items: readonly Item[]; readonly forms: Practice['forms'] };
  /** The story as it stands: what a teacher has rewritten of it stays. */
  readonly story?: Story | undefined;
  /** Forms of other drafts, which this one should do without where it can. */
  readonly apartFrom?: readonly string[];
  /** Good enough is within this share (of a point a minute) of the best that can be. 0 asks for proof. */
  readonly enough?: number;
  /** A form to be put in, whatever it costs, in a section if one is named. */
  readonly putIn?: { readonly formId: string; readonly role?: Role };
}

export type ItemDraft = Omit<Item, 'id' | 'repetitions'>;

/** A form that may be used, as it would be done. */
export interface Allowed {
  readonly form: Form;
  readonly fitting: Fitting;
}
