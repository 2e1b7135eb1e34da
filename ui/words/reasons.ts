import { patternOf } from '@/core/patterns';
import { capital } from '@/core/text/text';
import { channel } from '@/core/channels/channels';
import { organ, phaseName } from '@/core/phases';
import { FORM_SETS, setIdNow } from '@/core/forms/model/sets';
import type { GrowthLayer, LessonStep, Reason } from '@/core/practice';
import { fixedText } from './pins';

const list = (words: readonly string[]): string =>
  words.length <= 1 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

const HOW = {
  stretch: 'stretches',
  trace: 'traces',
  tap: 'taps',
  press: 'presses',
  hold: 'holds',
  attend: 'attends to',
} as const;

const LESSON_TEXT = {
  show: 'The lesson begins: shown once, whole.',
  parts: 'Taken in its parts, one after another.',
  drill: 'Done again and again until it is easy.',
  mistakes: 'What usually goes wrong, and how it is put right.',
  whole: 'The whole once more, with few words.',
} as const satisfies Record<LessonStep, string>;

const GROWTH_TEXT = {
  body: 'New to them: the body first, the breath as it comes.',
  breath: 'Their second time with it: now on the breath.',
  mind: 'Their third time with it: now the mind goes along.',
} as const satisfies Record<GrowthLayer, string>;

/** Why an item is in the practice, as a teacher would say it. */
// eslint-disable-next-line max-lines-per-function -- a flat exhaustive switch
export function reasonText(reason: Reason): string {
  switch (reason.code) {
    case 'opens':
      return 'Lets everyone arrive before anything is asked.';
    case 'warms':
      return reason.joints.length > 0
        ? `Warms ${list(reason.joints)} before they are used.`
        : 'Warms before depth.';
    case 'wakes':
      return 'Wakes and spreads the qi before it is guided.';
    case 'clears-organ':
      return `Clears the ${organ(reason.organ).name} before it is nourished.`;
    case 'clears-before-nourishing':
      return 'Clears the way before nourishing.';
    case 'serves-organ':
      return `Serves the ${organ(reason.organ).name}.`;
    case 'serves-pair':
      return `Serves the ${organ(reason.organ).name}, the other half of the pair.`;
    case 'serves-phase':
      return `Belongs to ${phaseName(reason.phase).name}.`;
    case 'mother':
      return `Feeds ${phaseName(reason.phase).name} through its mother, ${phaseName(reason.mother).name}.`;
    case 'child':
      return `Eases ${phaseName(reason.phase).name} through its child, ${phaseName(reason.child).name}.`;
    case 'reaches-channel':
      return `${Object.hasOwn(HOW, reason.how) ? capital(HOW[reason.how as keyof typeof HOW]) : 'Reaches'} the ${channel(reason.channel).name}.`;
    case 'reaches-point':
      return `Reaches ${reason.point}.`;
    case 'acts':
      return `It ${reason.action}, as this aim asks.`;
    case 'of-the-set':
      return `Number ${reason.number} of ${FORM_SETS.find((row) => row.id === setIdNow(reason.set))?.name ?? 'its set'}.`;
    case 'lesson':
      return LESSON_TEXT[reason.step];
    case 'pinned':
      return reason.place === undefined && reason.repetitions === undefined
        ? 'You pinned it.'
        : `You pinned it: ${fixedText(reason)}.`;
    case 'grows':
      return GROWTH_TEXT[reason.layer];
    case 'returns':
      return 'Comes again from last time.';
    case 'kept':
      return 'Kept from the draft before.';
    case 'known-for':
      return reason.rank === 'named' ? 'Named first for this.' : 'Known for this as well.';
    case 'sounds':
      return `Clears the ${organ(reason.organ).name} by its sound.`;
    case 'breathes':
      return `Breathed as the brief has it: ${patternOf(reason.pattern)?.name ?? 'a breath of your own'}.`;
    case 'rounds-out':
      return 'Rounds out the whole and fills the minutes.';
    case 'stills':
      return 'A still stretch, so that what was moved can settle.';
    case 'balances':
      return 'Brings the sides and halves together.';
    case 'hinge':
      return 'A gathering breath that parts clearing from nourishing.';
    case 'gathers':
      return 'Gathers and stores what was made.';
    case 'closes':
      return 'Ends quietly at the lower belly.';
    case 'season':
      return `In keeping with the season, which belongs to ${phaseName(reason.phase).name}.`;
    case 'time-of-day':
      return `Suits the ${reason.dayPart}.`;
    case 'gentler-for-group':
      return 'The smaller variant, for this group.';
    case 'seated':
      return 'Done from the chair.';
    case 'holds-left-out':
      return 'Without holding the breath, for this group.';
    case 'exhale-by-mouth':
      return 'Exhale by the mouth, for this group.';
    case 'chosen-by-hand':
      return 'Chosen by you.';
    case 'swapped-by-hand':
      return 'Put here by you in place of another.';
    default:
      return reason satisfies never;
  }
}
