'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { themePhase } from '@/core/brief';
import { eventNow, positionMs } from '@/core/desk/leading';
import { nameOf } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { formOf, type ItemSpan, type Practice, type Story, type Timeline } from '@/core/practice';
import { scriptOf, storyLineAt } from '@/core/script';
import { wordOf } from '@/core/lead';
import type { Likely } from '@/core/lead/likely';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import type { SideSeen } from '@/ui/words/lead';
import { ROLE_NAMES } from '@/ui/words/names';
import { wordText } from '@/ui/words/retimed';
import { BreathTrack } from './BreathTrack';
import { ClassEnd } from './ClassEnd';
import { Ending } from './Ending';
import { LeadFigure } from './LeadFigure';
import { LeadFooter } from './LeadFooter';
import { Now } from './Now';
import { Proposal } from './Proposal';
import { useLeadKeys } from './useLeadKeys';
import { useLeading } from './useLeading';
import { useTones } from './useTones';
import { useVoice } from './useVoice';
import { useWakeLock } from './useWakeLock';

interface Props {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
  readonly story: Story;
  readonly sideSeen: SideSeen;
  readonly groupId: string | null;
  /** Of the people here; undefined where nothing is known of them. */
  readonly conditions: readonly ConditionId[] | undefined;
  /** What may be put in while it is led. */
  readonly likely: readonly Likely[];
}

/** Which form it is, and the time left. */
function LeadHeader({ practice, timeline, span, at, word }: HeaderProps) {
  const item = practice.items[span.itemIndex];
  const form = item && formOf(practice, item);
  return (
    <header className="flex flex-wrap items-baseline justify-between gap-x-6 px-4 pt-3 text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)] sm:px-8">
      <h1 className="text-[1em]">
        <span className="quiet">{ROLE_NAMES[span.role]}</span> · {form && nameOf(form, item.variant)}{' '}
        {form?.hanzi && (
          <span lang="zh" className="hanzi">
            {form.hanzi}
          </span>
        )}
      </h1>
      <p className="figures" role="timer" aria-label="Time left">
        <strong className="text-[1.6em]">{clockText(timeline.totalMs - at)}</strong>{' '}
        <span className="unit">
          min left{word === '' ? '' : ', '}
          <span data-word>{word}</span>
        </span>
      </p>
    </header>
  );
}

interface HeaderProps {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly span: ItemSpan;
  readonly at: number;
  /** How it stands against its end. */
  readonly word: string;
}

/** The form after a span, and in how many minutes it comes. */
function nextOf(practice: Practice, timeline: Timeline, span: ItemSpan, at: number) {
  const next = timeline.items[span.itemIndex + 1];
  const item = next && practice.items[next.itemIndex];
  return {
    name: item ? nameOf(formOf(practice, item), item.variant) : 'the end',
    inText: next && clockText(next.startMs - at),
  };
}

/** Full screen, readable at three metres: the breath, the cue, what comes next, the time left. */
export function LeadRoom({ conditions, sideSeen: usualSide, ...led }: Props) {
  const { state, nowMs, ended, press, steer, sayEnd, fileAgain, beginAgain } = useLeading(led);
  const [sideSeen, setSideSeen] = useState(usualSide);
  const [tones, setTones] = useState(false);
  const [speaks, setSpeaks] = useState(false);
  // As it is led: one more of a form is a practice of one repetition more.
  const { practice, timeline, running, started } = state.base.state;
  const at = positionMs(state, nowMs);
  const script = useMemo(() => scriptOf(practice, timeline, led.story), [led.story, practice, timeline]);
  const event = eventNow(state, nowMs);
  useWakeLock(running && !ended);
  useTones(tones, running && !ended, event);
  const hasVoice = useVoice(speaks, running && !ended, script, at);
  useLeadKeys(!ended, state.isAsking, press);

  if (ended) return <Ending leading={state} onFileAgain={fileAgain} onLeadAgain={beginAgain} />;
  const span = event && timeline.items[event.itemIndex];
  const item = span && practice.items[span.itemIndex];
  if (!event || !span || !item)
    return (
      <main className="p-8">
        <h1>Nothing to lead</h1>
        <p className="reading my-3">This practice has no forms yet.</p>
        <Link className="press" href={`/compose/${led.id}`}>
          Back to the score
        </Link>
      </main>
    );
  const ink = PHASE_VAR[themePhase(practice.brief.theme)];
  return (
    <main className="flex min-h-screen flex-col" aria-label="Lead">
      <LeadHeader
        practice={practice}
        timeline={timeline}
        span={span}
        at={at}
        word={started ? wordText(wordOf(state.base.state, at, nowMs)) : ''}
      />
      <div className="flex min-h-0 flex-1 items-stretch px-4 max-sm:flex-col sm:px-8">
        <Now
          practice={practice}
          timeline={timeline}
          event={event}
          atMs={at}
          story={storyLineAt(script, at, practice.customs.wordsPerMin)?.text}
          item={item}
          conditions={conditions}
          sideSeen={sideSeen}
          started={started}
          isKept={state.isKept}
        />
        <div
          className={`${state.proposal ? 'h-[38vh] max-sm:hidden' : started ? 'h-[52vh]' : 'h-[52vh] max-sm:hidden'} w-[min(34vw,46vh)] shrink-0 self-end max-sm:h-[19vh] max-sm:w-full max-sm:[@media(max-height:700px)]:hidden sm:[@media(max-height:500px)]:h-[36vh]`}
        >
          <LeadFigure
            practice={practice}
            timeline={timeline}
            event={event}
            positionMs={at}
            sash={ink}
            facing={sideSeen === 'facing'}
          />
        </div>
      </div>
      <Proposal leading={state} positionMs={at} nowMs={nowMs} press={press} onSteer={steer} />
      <BreathTrack timeline={timeline} positionMs={at} ink={ink} />
      <LeadFooter
        leading={state}
        next={nextOf(practice, timeline, span, at)}
        sideSeen={sideSeen}
        onSideSeen={setSideSeen}
        tones={tones}
        onTones={setTones}
        voice={speaks ? (hasVoice ? 'on' : 'none') : 'off'}
        onVoice={setSpeaks}
        press={press}
        beginning={!started && <ClassEnd totalMs={timeline.totalMs} onSaid={sayEnd} />}
      />
    </main>
  );
}
