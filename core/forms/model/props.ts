import type { Prop } from '../../body';
import type { Form } from './model';
import { type VariantId } from './terms';
import { cycleOf } from './variants';

/** What a way of doing a form is done with: a ball, a wall, somebody else; undefined where one's own body is enough. */
export function propOf(form: Form, variant: VariantId): Prop | undefined {
  for (const { postures = [] } of cycleOf(form, variant))
    for (const posture of postures) if (posture.with) return posture.with;
  return undefined;
}
