import { movingForm, posturesForSide, type Form, type VariantId } from '@/core/forms';
import { describePosture } from '@/ui/words/postures';
import type { PlayedStroke } from './MovingFigure';

/** A form as its figure plays it, at the usual pace: entry, each side once, exit. */
export function playedForm(
  form: Form,
  variant: VariantId,
  say: (cue: string, second: boolean) => string,
): readonly PlayedStroke[] {
  return movingForm(form, variant).map((moving) => {
    const second = moving.side === 'right';
    const last = posturesForSide(form, variant, moving.stroke, second).at(-1);
    return {
      movement: moving.movement,
      seconds: moving.seconds,
      breath: moving.stroke.breath,
      cue: say(moving.stroke.cue, second),
      words: last ? describePosture(last) : '',
    };
  });
}
