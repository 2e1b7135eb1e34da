import { Fragment } from 'react';
import { asksAsDone } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { formOf, saidOf, type Item, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { capital } from '@/core/text/text';
import { careOf } from '@/ui/words/cautions';
import { Sounding } from './Sounding';
import { breathWords, sideWords, type SideSeen } from '@/ui/words/lead';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly event: TimelineEvent;
  /** Where the class is, ms. */
  readonly atMs: number;
  /** What the story says just now. */
  readonly story: string | undefined;
  readonly sideSeen: SideSeen;
  readonly started: boolean;
  readonly isKept: boolean;
  /** The count is wanted large. */
  readonly isCounting?: boolean;
}

/**
 * What must be minded at this form, in at most two sentences. The screen may be seen by all: nobody’s condition is named
 * on it, only what is done.
 */
function careHere(
  practice: Practice,
  item: Item,
  conditions: readonly ConditionId[] | undefined,
): readonly string[] {
  const form = formOf(practice, item);
  const weights = conditions === undefined ? (['avoid'] as const) : undefined;
  const cautions = careOf(form, item, conditions, weights).map(({ say }) => say);
  const armsUp = asksAsDone(form, item).armsAboveShoulders;
  return [...cautions, ...(armsUp ? ['Arms up only as long as is easy.'] : [])].slice(0, 2);
}

/** The cue; a syllable that stands apart, and larger, is not said again in it. */
function cueSaid({ cue, sound }: TimelineEvent): string {
  const said = sound && cue.startsWith(`${sound.written}: `) ? cue.slice(sound.written.length + 2) : cue;
  return capital(said);
}

/**
 * The words as they are said by now: the whole cue, its few words, or only the breath once the movement is known. Where
 * they have thinned, the cue stands small beneath for the one who leads.
 */
function wordsNow(event: TimelineEvent): { readonly said: string; readonly cue: string | undefined } {
  const cue = cueSaid(event);
  if (event.kind !== 'stroke' || event.told === 'full' || event.breath === 'free')
    return { said: cue, cue: undefined };
  const few = saidOf(event);
  // A syllable that stands apart is not said again.
  const said = few === '' || few === event.sound?.written ? breathWords(event) : capital(few);
  return { said, cue };
}

/** How many are left, where it is said. */
function remaining({ repetition, repetitions }: TimelineEvent): string {
  if (repetition === repetitions && repetitions >= 3) return ', last one';
  return repetition === repetitions - 1 && repetitions >= 4 ? ', two more' : '';
}

/** What is to be minded while this is done; never cut off, however little room there is. */
export function Care({
  practice,
  item,
  conditions,
}: {
  readonly practice: Practice;
  readonly item: Item;
  /** Of the people here; undefined where nothing is known of them. */
  readonly conditions: readonly ConditionId[] | undefined;
}) {
  const care = careHere(practice, item, conditions);
  return care.length === 0 ? null : (
    <p className="quiet shrink-0 pb-[1vh] text-[clamp(1rem,min(3vh,4vw),2rem)] leading-tight">
      {care.join(' ')}
    </p>
  );
}

/** Letters from which a cue is set smaller on a phone, so that none of it is cut. */
const LONG = { rather: 26, very: 52 } as const;

/** The breath, the words, what follows at once, and what to mind: readable at three metres. */
export function Now({
  practice,
  timeline,
  event,
  atMs,
  story,
  sideSeen,
  started,
  isKept,
  isCounting = false,
}: Props) {
  // What follows is worth seeing early when it differs and belongs to the same form.
  const next = timeline.events[event.index + 1];
  const isOfForm = next?.itemId === event.itemId && next.kind === 'stroke' && next.cue !== event.cue;
  const words = wordsNow(event);
  // What stands large already is not said above it too.
  const head = [
    { text: words.said === breathWords(event) ? '' : breathWords(event), className: 'quiet' },
    {
      text: event.repetition > 0 ? `${event.repetition} of ${event.repetitions}${remaining(event)}` : '',
      className: isCounting ? 'figures text-[1.7em] font-medium' : 'figures',
    },
    { text: event.side || event.way ? sideWords(event, timeline, sideSeen) : '', className: '' },
  ].filter(({ text }) => text !== '');
  const following = isOfForm && words.cue === undefined ? next : undefined;
  return (
    <section
      className="flex min-h-0 min-w-0 flex-1 flex-col gap-[2vh] overflow-hidden py-[1vh] max-sm:gap-[0.8vh] [justify-content:safe_center]"
      aria-label="Now"
    >
      <p className="text-[clamp(1.2rem,min(4.8vh,5.4vw),3rem)] leading-tight">
        {head.map((part, index) => (
          <Fragment key={part.text}>
            {index > 0 && ' · '}
            <span className={part.className}>{part.text}</span>
          </Fragment>
        ))}
      </p>
      {story !== undefined && (
        <p
          className="font-serif text-[clamp(1.2rem,min(4.4vh,5.6vw),3rem)] leading-tight text-balance italic"
          data-testid="story"
        >
          {story}
        </p>
      )}
      <Sounding practice={practice} event={event} atMs={atMs} />
      <p
        className="font-serif lead-cue text-[clamp(1.9rem,min(8vh,11vw),5.6rem)] leading-[1.08] font-medium text-balance"
        data-long={
          words.said.length > LONG.very ? 'very' : words.said.length > LONG.rather ? 'rather' : undefined
        }
        data-testid="cue"
      >
        {words.said}
      </p>
      {words.cue !== undefined && (
        <p
          className="quiet font-serif text-[clamp(1.1rem,min(4.2vh,5.4vw),2.8rem)] leading-tight"
          data-testid="whole-cue"
        >
          {words.cue}
        </p>
      )}
      {following && (
        <p className="quiet font-serif text-[clamp(1.1rem,min(4.2vh,5.4vw),2.8rem)] leading-tight [@media(max-height:500px)]:hidden lead-then">
          <span className="font-sans text-[0.62em]">then {breathWords(following).toLowerCase()} </span>
          {following.cue}
        </p>
      )}
      {!started && <p className="quiet text-[clamp(1rem,min(3vh,3vw),2rem)]">{FOR_EVERYONE}</p>}
      {!isKept && (
        <p role="status" className="should">
          This browser keeps nothing just now: go on, but do not reload before the class is in the log.
        </p>
      )}
    </section>
  );
}
