import { goalsOf } from '@/core/body';
import { tellingPosture, type Form, type VariantId } from '@/core/forms';
import { figureMarkup } from './Figure';
import { VIEWS } from './view';

/** The posture that tells a form, as markup of the same figure that moves elsewhere. */
export const stillMarkup = (form: Form, variant: VariantId, line: number): string =>
  figureMarkup(goalsOf(tellingPosture(form, variant)), VIEWS[form.view ?? 'front'], { line });
