'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { goalsAt, onlyOf, type Goals, type Movement } from '@/core/body';
import { shareOf, startTeaching, teaching, type Teaching, type TeachingPress } from '@/core/desk/teaching';
import {
  bodiesOf,
  formOf,
  type Item,
  type Practice,
  type Timeline,
  type TimelineEvent,
} from '@/core/practice';
import { capital } from '@/core/text/text';
import { figureMarkup } from '@/ui/figure/markup';
import { FRAMES } from '@/ui/figure/frames';
import { patchMarkup } from '@/ui/figure/patch';
import { VIEWS, type View } from '@/ui/figure/view';
import { breathWords } from '@/ui/words/lead';
import { hearTeaching, tellTeaching } from './channel';
import { useClock } from './useClock';

interface Taught {
  readonly practice: Practice;
  readonly item: Item;
  readonly sash: string;
  readonly facing: boolean;
}
interface Props extends Taught {
  readonly practiceId: string;
  readonly timeline: Timeline;
  /** Since when it is taught, by the clock, ms: the same for every window that leads. */
  readonly sinceMs: number;
  readonly onRunThrough: () => void;
}

function TaughtFigure({ goals, view, sash }: { goals: Goals; view: View; sash: string }) {
  const group = useRef<SVGGElement>(null);
  useEffect(() => {
    if (group.current) patchMarkup(group.current, figureMarkup(goals, view, { line: 2.6 }));
  });
  return (
    <svg
      className="fig fig-moving h-full w-full"
      viewBox={FRAMES.whole}
      preserveAspectRatio="xMidYMax meet"
      aria-hidden
    >
      <g className="fig-themed" color={sash} ref={group} />
    </svg>
  );
}

/** One part of a form as it is taught: the stroke, and the movement to it. */
interface Part {
  readonly event: TimelineEvent;
  readonly movement: Movement;
}

/**
 * The parts a form is taught in: each of its strokes once, as it is done here — with the words, the breath and the holds of
 * its item, and nothing that is left out of it. A second side is the first turned round.
 */
export function partsTaught(practice: Practice, timeline: Timeline, item: Item): readonly Part[] {
  const movements = bodiesOf(practice, timeline);
  const met = new Set<string>();
  return timeline.events.flatMap((event) => {
    const { kind, itemId, pass, isStay, part, strokeIndex } = event;
    const movement = movements[event.index];
    const key = `${part ?? ''}/${strokeIndex ?? ''}`;
    if (itemId !== item.id || kind !== 'stroke' || pass > 0 || isStay || !movement || met.has(key)) return [];
    met.add(key);
    return [{ event, movement }];
  });
}

/** The figure doing the part that is taught, as slowly, and with as much of the body, as is wanted. */
export function TaughtStage({
  practice,
  item,
  sash,
  facing,
  part,
  state,
}: Taught & { readonly part: Part; readonly state: Teaching }) {
  const nowMs = useClock(true);
  const whole = goalsAt(part.movement, shareOf(state, part.event.lengthMs, nowMs));
  const rest = part.movement.keys[0] ?? whole;
  const goals = state.limbs === 'whole' ? whole : onlyOf(state.limbs, whole, rest);
  const view: View = { ...VIEWS[formOf(practice, item).view ?? 'front'], mirrored: facing };
  return <TaughtFigure goals={goals} view={view} sash={sash} />;
}

const KEYS: Readonly<Record<string, TeachingPress>> = {
  a: 'again',
  ArrowRight: 'on',
  PageDown: 'on',
  ArrowLeft: 'back',
  PageUp: 'back',
  ',': 'slower',
  '.': 'quicker',
  f: 'feet',
  h: 'hands',
};

/**
 * The form the class is in, taught part by part at the pace of those who learn it: a part is shown once and stood in, till it
 * is wanted again, slower, or of half the body alone; then it is run through.
 */
export function Teach({ practiceId, practice, timeline, item, sash, facing, sinceMs, onRunThrough }: Props) {
  const form = formOf(practice, item);
  const parts = useMemo(() => partsTaught(practice, timeline, item), [item, practice, timeline]);
  const [state, setState] = useState(() => startTeaching(sinceMs));
  const [isMistakes, setIsMistakes] = useState(false);
  // The beginning follows from the class; what is pressed here is told, what is pressed in another window is heard.
  const heard = useRef(state);
  useEffect(() => {
    if (state !== heard.current) tellTeaching(practiceId, state);
  }, [practiceId, state]);
  useEffect(
    () =>
      hearTeaching(practiceId, (told) =>
        setState((was) => {
          if (told.sinceMs <= was.sinceMs) return was;
          heard.current = told;
          return told;
        }),
      ),
    [practiceId],
  );
  const part = parts[Math.min(state.part, parts.length - 1)];
  const press = (pressed: TeachingPress): void =>
    setState((was) => teaching(was, pressed, parts.length, Date.now()));
  useEffect(() => {
    const down = (event: KeyboardEvent): void => {
      const meant = KEYS[event.key];
      if (!meant || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      setState((was) => teaching(was, meant, parts.length, Date.now()));
    };
    window.addEventListener('keydown', down);
    return () => window.removeEventListener('keydown', down);
  }, [parts.length]);
  if (!part) return null;
  const watched = form.parts.flatMap((one) => (typeof one === 'string' ? [] : [one]));
  return (
    <section
      className="lead-taught flex items-stretch gap-x-6 px-4 max-sm:flex-col sm:px-8"
      aria-label="Part by part"
    >
      <div className="flex min-h-0 min-w-0 flex-1 flex-col justify-center gap-[2vh] overflow-y-auto py-[2vh]">
        <p className="quiet text-[clamp(1.1rem,min(3.6vh,4vw),2.4rem)]">
          <span className="figures">
            part {state.part + 1} of {parts.length}
          </span>
          {' · '}
          {breathWords(part.event)}
          {state.slow > 1 && <span className="figures"> · {state.slow}× slower</span>}
          {state.limbs !== 'whole' && ` · only the ${state.limbs}`}
        </p>
        <p
          className="font-serif text-[clamp(1.7rem,min(7vh,9vw),4.8rem)] leading-[1.08] font-medium text-balance"
          aria-live="polite"
          data-testid="part"
        >
          {capital(part.event.cue)}
        </p>
        {watched.length > 0 && !isMistakes && (
          <ul className="small" aria-label="What to watch">
            {watched.map((one) => (
              <li key={one.part}>
                <strong className="font-medium">{capital(one.part)}:</strong> {one.watch}.
              </li>
            ))}
          </ul>
        )}
        {isMistakes && (
          <ul className="text-[clamp(1rem,min(2.8vh,3.4vw),1.8rem)]" aria-label="Mistakes to watch">
            {form.mistakes.map(({ mistake, mend }) => (
              <li key={mistake}>
                <span className="quiet">{capital(mistake)}?</span> {mend}
              </li>
            ))}
          </ul>
        )}
        <p className="flex flex-wrap gap-2">
          <button type="button" className="press press-main" onClick={() => press('again')}>
            Again
          </button>
          <button type="button" className="press" disabled={state.part === 0} onClick={() => press('back')}>
            Part before
          </button>
          <button
            type="button"
            className="press"
            disabled={state.part >= parts.length - 1}
            onClick={() => press('on')}
          >
            Next part
          </button>
          <button
            type="button"
            className="press"
            aria-pressed={state.slow > 1}
            onClick={() => press('slower')}
          >
            Slower
          </button>
          <button
            type="button"
            className="press"
            disabled={state.slow === 1}
            onClick={() => press('quicker')}
          >
            Quicker
          </button>
          {(['feet', 'hands'] as const).map((limbs) => (
            <button
              key={limbs}
              type="button"
              className="press"
              aria-pressed={state.limbs === limbs}
              onClick={() => press(limbs)}
            >
              Only the {limbs}
            </button>
          ))}
          {form.mistakes.length > 0 && (
            <button
              type="button"
              className="press"
              aria-pressed={isMistakes}
              onClick={() => setIsMistakes(!isMistakes)}
            >
              Mistakes to watch
            </button>
          )}
          <button type="button" className="press" onClick={onRunThrough}>
            Run through it
          </button>
        </p>
      </div>
      <div className="w-[min(42vw,56vh)] shrink-0 self-stretch max-sm:h-[36vh] max-sm:w-full">
        <TaughtStage practice={practice} item={item} sash={sash} facing={facing} part={part} state={state} />
      </div>
    </section>
  );
}
