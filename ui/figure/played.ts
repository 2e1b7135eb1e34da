import { otherSide } from '@/core/body/sides';
import { movingForm, posturesForSide, type Form, type VariantId } from '@/core/forms';
import { fillCue } from '@/core/forms/words/cueText';
import { soundOf, type SoundSchoolId } from '@/core/sounds';
import { describePosture } from '@/ui/words/postures';
import type { PlayedStroke } from './MovingFigure';

/** What of a practitioner's customs shows in a form's cues. */
interface Spoken {
  readonly soundSchool: SoundSchoolId;
  readonly firstSide: 'left' | 'right';
}

/** A form as its figure plays it, at the usual pace: entry, each side once, exit. */
export function playedForm(form: Form, variant: VariantId, spoken: Spoken): readonly PlayedStroke[] {
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, spoken.soundSchool) : undefined;
  const secondSide = otherSide(spoken.firstSide);
  return movingForm(form, variant).map((moving) => {
    const second = moving.side === 'right';
    const way = form.ways?.[second ? 1 : 0] ?? (second ? secondSide : spoken.firstSide);
    const last = posturesForSide(form, variant, moving.stroke, second).at(-1);
    return {
      movement: moving.movement,
      seconds: moving.seconds,
      breath: moving.stroke.breath,
      cue: fillCue(moving.stroke.cue, { side: second ? 'right' : 'left', way }, sound),
      words: last ? describePosture(last) : '',
    };
  });
}
