import { useState, type ReactNode } from 'react';
import { themePhase } from '@/core/brief';
import { taughtNow } from '@/core/desk/following';
import { eventNow, positionMs, type Leading } from '@/core/desk/leading';
import type { Teaching } from '@/core/desk/teaching';
import { nameOf } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { formOf } from '@/core/practice';
import { LightSwitch } from '@/ui/kit/LightSwitch';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { breathWords, sideWords } from '@/ui/words/lead';
import { BreathTrack } from './BreathTrack';
import { LeadFigure } from './LeadFigure';
import { Care } from './Now';
import { Sounding } from './Sounding';
import { partsTaught, TaughtStage } from './Teach';
import { useWakeLock } from './useWakeLock';

interface Props {
  readonly state: Leading;
  readonly nowMs: number;
  readonly ended: boolean;
  /** What of a form is taught, as the leader told it last. */
  readonly told: Teaching | null | undefined;
  /** What this screen has to say of itself. */
  readonly note?: ReactNode;
  /** What is shown till it begins. */
  readonly before?: ReactNode;
}

/** Nobody is named and nobody’s condition known here: what is written on a form for everyone is still said. */
const OF_NOBODY: readonly ConditionId[] = [];

/**
 * For the group: the figure, the breath, what is being done and what everyone minds in it. It follows whoever leads, and
 * says nothing else.
 */
export function HallScreen({ state, nowMs, ended, told, note, before }: Props) {
  // A group follows the figure as it would a mirror.
  const [isMirror, setIsMirror] = useState(true);
  const { practice, timeline, started, running, staying, teaching } = state.base.state;
  const taught = taughtNow(state.session, told);
  const at = positionMs(state, nowMs);
  const event = eventNow(state, nowMs);
  const item = event && practice.items[event.itemIndex];
  useWakeLock(running && !ended);
  if (!event || !item) return <main className="p-8">This practice has no forms yet.</main>;
  const form = formOf(practice, item);
  const parts = teaching ? partsTaught(practice, timeline, item) : [];
  const part = parts[Math.min(taught.part, parts.length - 1)];
  const ink = PHASE_VAR[themePhase(practice.brief.theme)];
  return (
    <main className="relative flex h-dvh flex-col overflow-hidden" aria-label="For the hall">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 px-4 pt-3 sm:px-8">
        <h1 className="text-[clamp(1.6rem,min(6vh,6vw),4rem)] leading-tight">
          {nameOf(form, item.variant)}{' '}
          {form.hanzi && (
            <span lang="zh-Hant" className="hanzi">
              {form.hanzi}
            </span>
          )}
        </h1>
        <p className="small flex gap-x-4">
          <button
            type="button"
            className="press-plain"
            aria-pressed={isMirror}
            onClick={() => setIsMirror(!isMirror)}
          >
            As in a mirror
          </button>
          <LightSwitch />
        </p>
      </header>
      {!ended && (
        <div className="px-4 sm:px-8" data-testid="hall-care">
          {started ? (
            <Care practice={practice} item={item} conditions={OF_NOBODY} />
          ) : (
            <p className="quiet text-[clamp(1rem,min(3vh,3vw),2rem)] leading-tight">{FOR_EVERYONE}</p>
          )}
        </div>
      )}
      {note}
      <div className="relative min-h-0 flex-1">
        {!started && before ? (
          before
        ) : part ? (
          <TaughtStage
            practice={practice}
            item={item}
            sash={ink}
            facing={isMirror}
            part={part}
            state={taught}
          />
        ) : (
          <LeadFigure
            practice={practice}
            timeline={timeline}
            event={event}
            positionMs={at}
            sash={ink}
            facing={isMirror}
            staying={staying}
          />
        )}
      </div>
      <p
        className="px-4 pb-2 text-center font-serif text-[clamp(1.6rem,min(7.5vh,8vw),5.2rem)] leading-tight sm:px-8"
        aria-live="polite"
        data-testid="hall-now"
      >
        {ended ? (
          'It is done.'
        ) : part ? (
          `${breathWords(part.event)} · part ${taught.part + 1} of ${parts.length}`
        ) : started ? (
          <>
            {breathWords(event)}
            {event.repetition > 0 && (
              <span className="figures">
                {' '}
                · {event.repetition} of {event.repetitions}
              </span>
            )}
            {event.side || event.way ? ` · ${sideWords(event, timeline, 'own')}` : ''}
          </>
        ) : (
          'We begin soon.'
        )}
      </p>
      <div className="px-4 sm:absolute sm:top-[20vh] sm:left-8 sm:w-[34vw] sm:px-0">
        <Sounding practice={practice} event={event} atMs={at} />
      </div>
      <BreathTrack timeline={timeline} positionMs={at} ink={ink} />
    </main>
  );
}
