import { keptByWay } from './keptByWay';
import type { Asks, Form, Stroke, WrittenAsks } from './model';
import { FLOOR_OF, type Stance, type VariantId } from './terms';

export const NO_ASKS: Asks = {
  kneeBend: 'none',
  oneLegSec: 0,
  armsAboveShoulders: false,
  fold: 'none',
  headBelowHeart: false,
  backBend: 'none',
  twist: 'none',
  sideBend: 'none',
  neck: 'none',
  breathHold: false,
  staticHold: false,
  impact: 'none',
  percussion: [],
  abdominalPress: false,
  legsCross: false,
  stepping: false,
  inwardImagery: false,
  vigorous: false,
  rounding: 'none',
  heelsUp: 'none',
  unsteady: false,
  foldWithTurn: false,
  armsUpSec: 0,
  shakes: false,
  rubs: [],
  roundedJoints: [],
  floor: 'none',
  breath: [],
};

/** What a seated body cannot be asked, whatever the standing form asks. */
const SEATED_RELIEF: Partial<Asks> = {
  kneeBend: 'none',
  oneLegSec: 0,
  stepping: false,
  staticHold: false,
  heelsUp: 'none',
  unsteady: false,
};

/** The strokes of one repetition in a variant. */
export function cycleOf(form: Form, variant: VariantId): readonly Stroke[] {
  if (variant === 'full') return form.cycle;
  return form[variant]?.cycle ?? form.cycle;
}

/** What a form is called in a variant: one that does something else is not announced as what it leaves out. */
export function nameOf(form: Form, variant: VariantId): string {
  return (variant === 'full' ? undefined : form[variant]?.name) ?? form.name;
}

/** What comes once before the first repetition of a variant. */
export function entryOf(form: Form, variant: VariantId): readonly Stroke[] {
  return (variant === 'full' ? undefined : form[variant]?.entry) ?? form.entry;
}

/** What comes once after the last repetition of a variant. */
export function exitOf(form: Form, variant: VariantId): readonly Stroke[] {
  return (variant === 'full' ? undefined : form[variant]?.exit) ?? form.exit;
}

/** All strokes of a variant in order: entry, one repetition, exit. */
export function strokesOf(form: Form, variant: VariantId): readonly Stroke[] {
  return [...entryOf(form, variant), ...cycleOf(form, variant), ...exitOf(form, variant)];
}

/**
 * What a variant asks: the form's own asks with the variant's relief laid over them, and the floor as its stance has it.
 * Read many times over for one form, so it is put together once.
 */
export const asksOf = keptByWay((form, variant): Asks => {
  const floor = FLOOR_OF[stanceOf(form, variant).start];
  const relief = variant === 'seated' ? SEATED_RELIEF : {};
  // What is written in a variant is there: JSON holds no undefined.
  const own = variant === 'full' ? {} : { ...relief, ...(form[variant]?.asks as Partial<Asks> | undefined) };
  return { ...form.asks, ...own, floor };
});

/** What a variant asks as it is written: without what follows from its stance. */
export function writtenAsks(form: Form, variant: VariantId): WrittenAsks {
  const { floor: _floor, ...written } = asksOf(form, variant);
  return written;
}

/** The stance in which a variant begins and ends. */
export function stanceOf(form: Form, variant: VariantId): { readonly start: Stance; readonly end: Stance } {
  if (variant === 'seated') return { start: 'chair', end: 'chair' };
  return (variant === 'smaller' ? form.smaller?.stance : undefined) ?? form.stance;
}

/** Whether a form offers a variant at all. */
export function hasVariant(form: Form, variant: VariantId): boolean {
  return variant === 'full' || form[variant] !== undefined;
}
