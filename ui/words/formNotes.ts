import { lengthOf } from '@/ui/words/region';
import { measuredText } from './deeds';
import type { Miss } from '@/core/body';
import type { FormNote } from '@/core/forms/checks/formNotes';

const SIDES = { left: 'left', right: 'right' } as const;

/** What a body does not do, in a few words. */
export function missText(miss: Miss): string {
  switch (miss.code) {
    case 'range':
      return `${miss.side ? `${SIDES[miss.side]} ` : ''}${miss.range.replace(/-/g, ' ')} is ${Math.ceil(miss.overDeg)}° beyond its range`;
    case 'hand-reach':
      return `the ${miss.side} hand stays ${lengthOf(Math.ceil(miss.overCm))} short`;
    case 'palm':
      return `the ${miss.side} palm cannot look that way by ${Math.ceil(miss.offDeg)}°`;
    case 'foot-reach':
      return `the ${miss.side} foot stays ${lengthOf(Math.ceil(miss.overCm))} short`;
    case 'balance':
      return `it would fall: the weight lies ${lengthOf(Math.ceil(miss.offCm))} off the feet`;
    case 'weight-in-air':
      return `the ${miss.side} foot is in the air and should carry weight`;
    default:
      return miss satisfies never;
  }
}

/** A margin note on a form: what is so, and what would mend it. */
export function formNoteText(note: FormNote): string {
  switch (note.code) {
    case 'no-posture':
      return 'No posture is set; the figure stays where it was.';
    case 'cannot-be-done':
      return `A body cannot do this: ${[...new Set(note.misses.map(missText))].slice(0, 3).join('; ')}.`;
    case 'step-with-weight':
      return `A foot steps with ${Math.round(note.share * 100)} % of the weight on it. Shift the weight to the other foot first.`;
    case 'in-while-sinking':
      return `The inhale sinks by ${lengthOf(note.cm)}; by custom one inhales to rise. Turn the breath, or say below why.`;
    case 'out-while-rising':
      return `The exhale rises by ${lengthOf(note.cm)}; by custom one exhales to sink. Turn the breath, or say below why.`;
    case 'breaths-uneven':
      return `${note.inhales} inhales and ${note.exhales} exhales: a repetition should end where its breath began.`;
    case 'breath-twice':
      return `Two ${note.breath === 'in' ? 'inhales' : 'exhales'} follow each other.`;
    case 'cue-too-long':
      return `The cue takes about ${note.spokenSec.toFixed(1)} s to say; the stroke lasts ${note.strokeSec.toFixed(1)} s. Shorten it.`;
    case 'no-time':
      return 'A free or held stroke needs seconds of its own.';
    case 'side-not-said':
      return 'The form has sides, but no cue says which: name the left or the right (or the way round) as it is said for the left.';
    case 'side-without-sides':
      return 'A cue names a side, but the form treats both sides together.';
    case 'words-against-body':
      return `“${note.text}” — but the body does otherwise: ${measuredText(note.measured)}.`;
    case 'out-of-time':
      return `A repetition takes ${Math.round(note.sec)} s; its kind usually takes ${note.least}–${note.most} s. Say below why, if it is meant.`;
    case 'route-against-flow':
      return `The route runs against the flow of ${note.channels.join(', ')}. Some schools drain so; see that it is meant.`;
    case 'no-still-moment':
      return 'Knocking is followed by a still moment: give at least 8 s to feel.';
    case 'no-gentler-way':
      return 'There is no smaller or seated variant yet.';
    default:
      return note satisfies never;
  }
}
