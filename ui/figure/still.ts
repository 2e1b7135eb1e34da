import { goalsOf, type Posture } from '@/core/body';
import { tellingPosture, type Form, type VariantId } from '@/core/forms';
import type { Detail } from './detail';
import { figureMarkup } from './markup';
import { VIEWS, type View } from './view';

/** A posture as markup of the same figure that moves elsewhere: numbers only, nothing a person typed. */
export const postureMarkup = (posture: Posture, view: View, line: number, detail: Detail): string =>
  figureMarkup(goalsOf(posture), view, { line, detail });

/** The posture that tells a form. */
export const stillMarkup = (form: Form, variant: VariantId, line: number, detail: Detail): string =>
  postureMarkup(tellingPosture(form, variant), VIEWS[form.view ?? 'front'], line, detail);
