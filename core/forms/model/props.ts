import type { Prop } from '../../body';
import type { AtHand } from '../../brief/atHand';
import type { Form } from './model';
import { type VariantId } from './terms';
import { cycleOf } from './variants';

/** What a way of doing a form is done with: a ball, a wall, somebody else; undefined where one's own body is enough. */
export function propOf(form: Form, variant: VariantId): Prop | undefined {
  for (const { postures = [] } of cycleOf(form, variant))
    for (const posture of postures) if (posture.with) return posture.with;
  return undefined;
}

/** What is done with what a class has at hand. */
const DONE_WITH: Readonly<Record<AtHand, readonly Prop[]>> = {
  wall: ['wall', 'wall behind'],
  ball: ['ball'],
  staff: ['staff'],
  pairs: ['partner'],
  ring: ['ring'],
};

/** Whether a form done with something can be done with what is at hand. */
export const isAtHand = (prop: Prop, atHand: AtHand | undefined): boolean =>
  atHand !== undefined && DONE_WITH[atHand].includes(prop);

/** Whether nothing, and nobody, is needed for a way of doing a form that is not at hand. */
export function isWithinReach(form: Form, variant: VariantId, atHand: AtHand | undefined): boolean {
  const prop = propOf(form, variant);
  return prop === undefined || isAtHand(prop, atHand);
}
