import { goalsOf } from '@/core/body';
import { tellingPosture, type Form, type VariantId } from '@/core/forms';
import type { Detail } from './detail';
import { figureMarkup } from './markup';
import { VIEWS } from './view';

/** The posture that tells a form, as markup of the same figure that moves elsewhere. */
export const stillMarkup = (form: Form, variant: VariantId, line: number, detail: Detail): string =>
  figureMarkup(goalsOf(tellingPosture(form, variant)), VIEWS[form.view ?? 'front'], { line, detail });
