'use client';

import Link from 'next/link';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { themePhase } from '@/core/brief';
import { recordOf, type LeadAction } from '@/core/lead';
import { asksOf, nameOf } from '@/core/forms';
import { FOR_EVERYONE, type ConditionId } from '@/core/people';
import { eventAt, formOf, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { LightSwitch } from '@/ui/kit/LightSwitch';
import { clockText } from '@/ui/kit/time';
import { careOf, careText } from '@/ui/words/cautions';
import { ROLE_NAMES } from '@/ui/words/names';
import { BreathTrack } from './BreathTrack';
import { LeadFigure } from './LeadFigure';
import { fileClass, fileWaiting } from './keptSession';
import { useClock } from './useClock';
import { useSession } from './useSession';
import { useTones } from './useTones';
import { useWakeLock } from './useWakeLock';

interface Props {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
  readonly sideSeen: 'own' | 'facing';
  readonly groupId: string | null;
  /** Of the people here; undefined where nothing is known of them. */
  readonly conditions: readonly ConditionId[] | undefined;
}

const BREATH_WORDS = { in: 'Breathe in', out: 'Breathe out', hold: 'Pause', free: 'Natural breath' } as const;
const opposite = { left: 'right', right: 'left' } as const;
/** Going back this soon after a form's start means the form before. */
const RESTART_WITHIN_MS = 3000;

/** What is being done in place of a stroke's breath, in two words. */
function breathWords(event: TimelineEvent): string {
  if (event.kind === 'setup') return 'Getting ready';
  if (event.kind === 'stance') return 'Change stance';
  if (event.kind === 'settle') return 'Settle';
  return event.breath === 'out' && event.exhale === 'mouth'
    ? 'Breathe out by the mouth'
    : BREATH_WORDS[event.breath];
}

/** "left side · 2 of 4, then the right" — always for the person practising; as they see you when facing. */
function sideWords(event: TimelineEvent, timeline: Timeline, sideSeen: 'own' | 'facing'): string {
  const here = event.side ?? event.way;
  if (here === undefined) return '';
  const later = timeline.events
    .slice(event.index)
    .find(
      (next) =>
        next.itemId === event.itemId &&
        (next.side ?? next.way) !== undefined &&
        (next.side ?? next.way) !== here,
    );
  const then = later ? `, then ${later.side ?? later.way}` : '';
  if (event.side === undefined) return `${here}${then}`;
  return sideSeen === 'own'
    ? `${event.side} side${then}`
    : `their ${event.side}${then} — you move your ${opposite[event.side]}`;
}

type Filing = 'no' | 'sending' | 'filed' | 'failed';

function Ending({
  filing,
  onRetry,
  practice,
  actions,
  nowMs,
  onAgain,
  id,
}: {
  filing: Filing;
  onRetry: () => void;
  practice: Practice;
  actions: readonly LeadAction[];
  nowMs: number;
  onAgain: () => void;
  id: string;
}) {
  const record = useMemo(() => recordOf(practice, actions, nowMs), [practice, actions, nowMs]);
  return (
    <main className="mx-auto max-w-2xl p-6 sm:p-10">
      <h1>{record.finished ? 'It is done' : 'Ended'}</h1>
      <p className="reading my-3" role="status">
        {clockText(record.actualMs)} min taken, {clockText(record.plannedMs)} min planned.{' '}
        {filing === 'filed' && 'The class is in the log.'}
        {filing === 'sending' && 'Writing it into the log …'}
      </p>
      {filing === 'failed' && (
        <p role="alert" className="must my-3">
          It could not be written into the log; this browser keeps it and sends it when it can.{' '}
          <button type="button" className="press" onClick={onRetry}>
            Try again
          </button>
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <Link className="press press-main" href="/log">
          To the log
        </Link>
        <Link className="press" href={`/compose/${id}`}>
          Back to the score
        </Link>
        <button type="button" className="press" onClick={onAgain}>
          Lead it again
        </button>
      </p>
    </main>
  );
}

/** Full screen, readable at three metres: the breath, the cue, what comes next, the time left. */
export function LeadRoom({
  id,
  version,
  practice: planned,
  groupId,
  conditions,
  sideSeen: usualSide,
}: Props) {
  const { session, base, act, forget, isKept } = useSession(id, version, planned, groupId);
  const { practice } = session;
  const [sideSeen, setSideSeen] = useState(usualSide);
  const [tones, setTones] = useState(false);
  const [asking, setAsking] = useState(false);
  const [filing, setFiling] = useState<Filing>('no');
  const nowMs = useClock(base.state.running);
  const { timeline, running } = base.state;
  const positionMs = Math.min(
    timeline.totalMs,
    base.state.positionMs + (running ? Math.max(0, nowMs - base.atMs) : 0),
  );
  const ended = base.state.ended || (running && positionMs >= timeline.totalMs && timeline.totalMs > 0);
  const event = eventAt(timeline, positionMs);
  const started = base.state.started;
  useWakeLock(running && !ended);
  useTones(tones, running && !ended, event);

  const file = useCallback(async (): Promise<void> => {
    setFiling('sending');
    setFiling((await fileClass(session, Date.now())) ? 'filed' : 'failed');
  }, [session]);

  // A class of an earlier day that could not be filed goes off with this one.
  useEffect(() => void fileWaiting(), []);

  const filed = useRef('');
  useEffect(() => {
    if (!ended || filed.current === session.sessionId) return;
    filed.current = session.sessionId;
    // Recording twice is harmless: the session's own id makes it one class.
    void file();
  }, [ended, file, session.sessionId]);

  const span = event ? timeline.items[event.itemIndex] : undefined;
  const toggle = useCallback((): void => {
    const atMs = Date.now();
    act(!started ? { kind: 'start', atMs } : running ? { kind: 'pause', atMs } : { kind: 'resume', atMs });
  }, [act, running, started]);
  const forward = useCallback((): void => {
    const next = event ? timeline.items[event.itemIndex + 1] : undefined;
    act({ kind: 'go', atMs: Date.now(), toMs: next?.startMs ?? timeline.totalMs });
  }, [act, event, timeline]);
  const back = useCallback((): void => {
    const soon = span !== undefined && positionMs - span.startMs < RESTART_WITHIN_MS;
    const target = soon && event ? timeline.items[event.itemIndex - 1] : span;
    act({ kind: 'go', atMs: Date.now(), toMs: target?.startMs ?? 0 });
  }, [act, event, positionMs, span, timeline]);
  const oneMore = useCallback((): void => {
    if (event && started) act({ kind: 'one-more', atMs: Date.now(), itemId: event.itemId });
  }, [act, event, started]);

  useEffect(() => {
    const keys = (press: KeyboardEvent): void => {
      if (press.ctrlKey || press.metaKey || press.altKey || ended) return;
      const onButton = press.target instanceof HTMLElement && press.target.closest('button, a') !== null;
      const action = {
        PageDown: forward,
        ArrowRight: forward,
        PageUp: back,
        ArrowLeft: back,
        ArrowUp: oneMore,
        '+': oneMore,
      }[press.key];
      if (action) {
        press.preventDefault();
        action();
      } else if ((press.key === ' ' && !asking) || (press.key === 'Enter' && !onButton)) {
        // Space is the leader’s pause wherever the last press left the focus; Enter presses what has it.
        press.preventDefault();
        toggle();
      } else if (press.key === 'Escape' && started) setAsking((before) => !before);
    };
    // A button with the focus would take the space when the key comes up.
    const up = (press: KeyboardEvent): void => {
      if (press.key === ' ' && !asking && !ended) press.preventDefault();
    };
    window.addEventListener('keydown', keys);
    window.addEventListener('keyup', up);
    return () => {
      window.removeEventListener('keydown', keys);
      window.removeEventListener('keyup', up);
    };
  }, [asking, back, ended, forward, oneMore, started, toggle]);

  if (ended)
    return (
      <Ending
        filing={filing}
        onRetry={() => void file()}
        practice={practice}
        actions={session.actions}
        nowMs={base.atMs + timeline.totalMs}
        id={id}
        onAgain={() => {
          filed.current = '';
          setFiling('no');
          forget();
        }}
      />
    );
  if (!event || !span)
    return (
      <main className="p-8">
        <h1>Nothing to lead</h1>
        <p className="reading my-3">This practice has no forms yet.</p>
        <Link className="press" href={`/compose/${id}`}>
          Back to the score
        </Link>
      </main>
    );

  const item = practice.items.find((candidate) => candidate.id === event.itemId);
  const form = formOf(practice, item ?? (practice.items[0] as Practice['items'][number]));
  const nextSpan = timeline.items[event.itemIndex + 1];
  const nextItem = nextSpan ? practice.items[nextSpan.itemIndex] : undefined;
  const cautions = careOf(
    form,
    item?.variant ?? 'full',
    conditions,
    conditions === undefined ? ['avoid'] : undefined,
  ).map(careText);
  const holdsHands = asksOf(form, item?.variant ?? 'full').armsAboveShoulders
    ? 'Arms up only as long as is easy.'
    : undefined;
  // What follows is worth seeing early when it differs and belongs to the same form.
  const next = timeline.events[event.index + 1];
  const following =
    next && next.itemId === event.itemId && next.cue !== event.cue && next.kind === 'stroke'
      ? next
      : undefined;
  const overMs = timeline.totalMs - practice.brief.minutes * 60_000;
  return (
    <main className="flex min-h-screen flex-col" aria-label="Lead">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 px-4 pt-3 text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)] sm:px-8">
        <h1 className="text-[1em]">
          <span className="quiet">{ROLE_NAMES[span.role]}</span> · {nameOf(form, item?.variant ?? 'full')}{' '}
          {form.hanzi && (
            <span lang="zh" className="hanzi">
              {form.hanzi}
            </span>
          )}
        </h1>
        <p className="figures" role="timer" aria-label="Time left">
          <strong className="text-[1.6em]">{clockText(timeline.totalMs - positionMs)}</strong>{' '}
          <span className="unit">
            min left
            {Math.abs(overMs) > 15_000 && overMs !== 0
              ? `, ${clockText(Math.abs(overMs))} ${overMs > 0 ? 'over' : 'under'} the plan`
              : ''}
          </span>
        </p>
      </header>
      <div className="flex min-h-0 flex-1 items-stretch px-4 max-sm:flex-col sm:px-8">
        <section className="flex min-w-0 flex-1 flex-col justify-center gap-[2vh] py-[2vh]" aria-label="Now">
          <p className="text-[clamp(1.2rem,min(4.8vh,5.4vw),3rem)] leading-tight">
            <span className="quiet">{breathWords(event)}</span>
            {event.repetition > 0 && (
              <span className="figures">
                {' '}
                · {event.repetition} of {event.repetitions}
              </span>
            )}
            {event.side || event.way ? <span> · {sideWords(event, timeline, sideSeen)}</span> : null}
          </p>
          <p
            className="font-serif text-[clamp(1.9rem,min(8vh,11vw),5.6rem)] leading-[1.08] font-medium text-balance"
            aria-live="polite"
            data-testid="cue"
          >
            {event.cue}
          </p>
          {following && (
            <p className="quiet font-serif text-[clamp(1.1rem,min(4.2vh,5.4vw),2.8rem)] leading-tight">
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
          {started && (cautions.length > 0 || holdsHands) && (
            <p className="quiet text-[clamp(1rem,min(3vh,3vw),2rem)]">
              {[...cautions, ...(holdsHands ? [holdsHands] : [])].slice(0, 2).join(' ')}
            </p>
          )}
        </section>
        <div className="h-[52vh] w-[min(34vw,46vh)] shrink-0 self-end max-sm:h-[24vh] max-sm:w-full max-sm:[@media(max-height:700px)]:hidden">
          <LeadFigure
            practice={practice}
            timeline={timeline}
            event={event}
            positionMs={positionMs}
            sash={PHASE_VAR[themePhase(practice.brief.theme)]}
            facing={sideSeen === 'facing'}
          />
        </div>
      </div>
      <BreathTrack
        timeline={timeline}
        positionMs={positionMs}
        ink={PHASE_VAR[themePhase(practice.brief.theme)]}
        height={150}
      />
      <footer className="sticky bottom-0 flex flex-wrap items-center justify-between gap-x-6 gap-y-2 bg-paper px-4 py-3 sm:px-8">
        <p className="text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)]">
          <span className="quiet">Next</span>{' '}
          {nextItem ? nameOf(formOf(practice, nextItem), nextItem.variant) : 'the end'}
          {nextSpan && <span className="unit figures"> in {clockText(nextSpan.startMs - positionMs)}</span>}
        </p>
        {asking ? (
          <p className="flex flex-wrap items-center gap-2" role="alertdialog" aria-label="End the class?">
            End here and write it into the log?
            <button
              type="button"
              className="press press-main"
              autoFocus
              onClick={() => act({ kind: 'end', atMs: Date.now() })}
              disabled={!started}
            >
              End it
            </button>
            <button type="button" className="press" onClick={() => setAsking(false)}>
              Go on
            </button>
          </p>
        ) : (
          <p className="flex flex-wrap items-center gap-2">
            <button type="button" className="press press-main min-w-24 justify-center" onClick={toggle}>
              {!started ? 'Start' : running ? 'Pause' : 'Go on'}
            </button>
            <button type="button" className="press" onClick={back}>
              Back
            </button>
            <button type="button" className="press" onClick={forward}>
              Forward
            </button>
            <button type="button" className="press" onClick={oneMore} disabled={!started}>
              One more
            </button>
            <button
              type="button"
              className="press"
              onClick={() => (started ? setAsking(true) : undefined)}
              disabled={!started}
            >
              End
            </button>
          </p>
        )}
        <p className="small flex flex-wrap gap-x-4">
          <button
            type="button"
            className="press-plain"
            aria-pressed={sideSeen === 'facing'}
            onClick={() => setSideSeen(sideSeen === 'own' ? 'facing' : 'own')}
          >
            {sideSeen === 'own' ? 'Their own side' : 'As they see you'}
          </button>
          <button type="button" className="press-plain" aria-pressed={tones} onClick={() => setTones(!tones)}>
            Tones {tones ? 'on' : 'off'}
          </button>
          <LightSwitch />
          <Link
            className="press-plain"
            href={`/compose/${id}`}
            // Leaving is not ending: the class waits where it is.
            onClick={() => running && act({ kind: 'pause', atMs: Date.now() })}
          >
            Leave
          </Link>
        </p>
      </footer>
    </main>
  );
}
