'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { themePhase } from '@/core/brief';
import { taughtSinceMs } from '@/core/desk/following';
import { eventNow, positionMs } from '@/core/desk/leading';
import { nameOf } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { formOf, type ItemSpan, type Practice, type Story, type Timeline } from '@/core/practice';
import { scriptOf, storyLineAt } from '@/core/script';
import { wordOf } from '@/core/lead';
import type { Likely } from '@/core/lead/likely';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { doseText } from '@/ui/words/doses';
import type { SideSeen } from '@/ui/words/lead';
import { ROLE_NAMES } from '@/ui/words/names';
import { wordText } from '@/ui/words/retimed';
import { BreathTrack } from './BreathTrack';
import { ClassEnd } from './ClassEnd';
import { Ending } from './Ending';
import { ForYouAlone, type ForTeacher } from './ForYouAlone';
import { LeadFigure } from './LeadFigure';
import { LeadFooter } from './LeadFooter';
import { LeadMore } from './LeadMore';
import { Care, Now } from './Now';
import { Proposal } from './Proposal';
import { ScriptView } from './ScriptView';
import { WhoIsHere, type Here } from './WhoIsHere';
import { useSoundChoices } from './soundChoices';
import { Teach } from './Teach';
import { useLeadKeys } from './useLeadKeys';
import { useLeading } from './useLeading';
import { useOneSwitch } from './useOneSwitch';
import { useQuiet } from './useQuiet';
import { useSounds } from './useSounds';
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
  readonly forTeacher: ForTeacher;
  /** How many it is for; nothing where it is for oneself. */
  readonly here: Here | undefined;
}

/** Which form it is, and the time left. */
function LeadHeader({ practice, timeline, span, at, word }: HeaderProps) {
  const item = practice.items[span.itemIndex];
  const form = item && formOf(practice, item);
  return (
    <header className="lead-head flex flex-wrap items-baseline justify-between gap-x-6 px-4 pt-3 text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)] sm:px-8">
      <h1 className="text-[1em]">
        <span className="quiet">{ROLE_NAMES[span.role]}</span> · {form && nameOf(form, item.variant)}{' '}
        {form?.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {form.hanzi}
          </span>
        )}
      </h1>
      <p className="figures" role="timer" aria-label="Time left">
        <strong className="text-[1.6em]">{clockText(timeline.totalMs - at)}</strong>{' '}
        <span className="unit">
          left{word === '' ? '' : ', '}
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

/** What a screen reader is told: each form once as it begins, not its every breath. */
function formSaid(practice: Practice, span: ItemSpan, next: string): string {
  const item = practice.items[span.itemIndex];
  if (!item) return '';
  const form = formOf(practice, item);
  return `${nameOf(form, item.variant)}, ${doseText(form, item)}. Next: ${next}.`;
}

/** Full screen, readable at three metres: the figure, the breath, the cue, what comes next, the time left. */
export function LeadRoom({ conditions, sideSeen: usualSide, likely, forTeacher, here, ...led }: Props) {
  const { hall, state, nowMs, ended, press, steer, sayEnd, putIn, fileAgain, beginAgain } = useLeading(led);
  const [sideSeen, setSideSeen] = useState(usualSide);
  const sounds = useSoundChoices();
  const [isMore, setIsMore] = useState(false);
  const [isScript, setIsScript] = useState(false);
  const [isOneSwitch, setIsOneSwitch] = useState(false);
  // Never from the beginning: who looks on is not known.
  const [isForYou, setIsForYou] = useState(false);
  // Leading oneself is the same, quieter: no end presses, what is pressed fades sooner, the figure has more of a phone.
  const isAlone = led.groupId === null;
  // As it is led: one more of a form is a practice of one repetition more.
  const { practice, timeline, running, started, staying, teaching } = state.base.state;
  const at = positionMs(state, nowMs);
  const script = useMemo(() => scriptOf(practice, timeline, led.story), [led.story, practice, timeline]);
  const event = eventNow(state, nowMs);
  useWakeLock((running || staying) && !ended);
  useSounds(sounds.on, running && !ended, ended, timeline, at);
  const hasVoice = useVoice(sounds.on.has('voice'), running && !ended, script, at);
  // By one switch every key presses what has the focus.
  useLeadKeys(!ended && !isOneSwitch, { isAsking: state.isAsking, isTeaching: teaching }, press, () =>
    setIsMore((more) => !more),
  );
  useOneSwitch(isOneSwitch && !ended);
  const isQuiet =
    useQuiet(running && !ended && !isMore && !isOneSwitch, isAlone) &&
    !state.isAsking &&
    state.proposal === undefined;

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
  const next = nextOf(practice, timeline, span, at);
  return (
    <main className={isAlone ? 'lead lead-alone' : 'lead'} aria-label="Lead">
      <LeadHeader
        practice={practice}
        timeline={timeline}
        span={span}
        at={at}
        word={started ? wordText(wordOf(state.base.state, at, nowMs)) : ''}
      />
      <p className="sr-only" role="status">
        {started ? formSaid(practice, span, next.name) : ''}
      </p>
      {teaching ? (
        <Teach
          practiceId={led.id}
          practice={practice}
          timeline={timeline}
          item={item}
          sash={ink}
          facing={sideSeen === 'facing'}
          sinceMs={taughtSinceMs(state.session)}
          onRunThrough={() => press('teach')}
        />
      ) : (
        <>
          <div className="lead-words">
            {isScript ? (
              <ScriptView lines={script} atMs={at} />
            ) : (
              <Now
                practice={practice}
                timeline={timeline}
                event={event}
                atMs={at}
                story={storyLineAt(script, at, practice.customs.wordsPerMin)?.text}
                sideSeen={sideSeen}
                started={started}
                isKept={state.isKept}
                isCounting={sounds.on.has('count')}
              />
            )}
            {isForYou && (
              <ForYouAlone practice={practice} item={item} conditions={conditions} forTeacher={forTeacher} />
            )}
            {started && <Care practice={practice} item={item} conditions={conditions} />}
            <Proposal leading={state} positionMs={at} nowMs={nowMs} press={press} onSteer={steer} />
          </div>
          <div className="lead-figure" data-testid="stage">
            <LeadFigure
              practice={practice}
              timeline={timeline}
              event={event}
              positionMs={at}
              sash={ink}
              facing={sideSeen === 'facing'}
              staying={staying}
            />
          </div>
        </>
      )}
      <BreathTrack timeline={timeline} positionMs={at} ink={ink} />
      <LeadFooter
        leading={state}
        next={next}
        isTalk={event.kind === 'setup' || event.kind === 'stance'}
        press={press}
        beginning={
          !started && (
            <>
              <ClassEnd totalMs={timeline.totalMs} onSaid={sayEnd} isOpen={isAlone} />
              <WhoIsHere practiceId={led.id} here={here} />
            </>
          )
        }
        isQuiet={isQuiet}
        isMore={isMore}
        onMore={setIsMore}
        more={
          <LeadMore
            hall={hall}
            leading={state}
            press={press}
            likely={likely}
            onPutIn={putIn}
            sideSeen={sideSeen}
            onSideSeen={setSideSeen}
            sounds={sounds.on}
            onSound={sounds.toggle}
            hasVoice={hasVoice}
            isScript={isScript}
            onScript={setIsScript}
            isForYou={isForYou}
            onForYou={setIsForYou}
            isOneSwitch={isOneSwitch}
            onOneSwitch={setIsOneSwitch}
          />
        }
      />
    </main>
  );
}
