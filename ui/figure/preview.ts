import { goalsAt } from '@/core/body';
import { movingForm, type Form, type VariantId } from '@/core/forms';
import { figureMarkup, type FigureInk } from './markup';
import { patchMarkup } from './patch';
import { VIEWS } from './view';

export { stillMarkup } from './still';

/** Quicker than it is done: enough to see what it is. */
const QUICKER = 2.6;

/** Plays a form's repetition over and over in a group until the returned function is called. */
export function playPreview(group: SVGGElement, form: Form, variant: VariantId, ink: FigureInk): () => void {
  const strokes = movingForm(form, variant).filter((stroke) => stroke.part === 'cycle');
  const view = VIEWS[form.view ?? 'front'];
  const wholeSec = strokes.reduce((sum, stroke) => sum + stroke.seconds, 0);
  let frame = 0;
  let start: number | undefined;
  const step = (now: number): void => {
    start ??= now;
    let sec = (((now - start) / 1000) * QUICKER) % Math.max(0.1, wholeSec);
    const stroke = strokes.find(({ seconds }) => {
      if (sec < seconds) return true;
      sec -= seconds;
      return false;
    });
    if (stroke) patchMarkup(group, figureMarkup(goalsAt(stroke.movement, sec / stroke.seconds), view, ink));
    frame = requestAnimationFrame(step);
  };
  frame = requestAnimationFrame(step);
  return () => cancelAnimationFrame(frame);
}
