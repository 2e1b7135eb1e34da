'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { goalsAt, rangeUse, solveGoals, type Goals, type Movement } from '@/core/body';
import { BreathLine, breathMark } from './BreathLine';
import { figureMarkup } from './markup';
import { FRAMES } from './frames';
import type { Overlay, overlayMarkup } from './overlay';
import { stillnessWanted } from '@/ui/kit/useMedia';
import { patchMarkup } from './patch';
import { pathsMarkup } from './paths';
import { RangeTable } from './RangeTable';
import { useTurn } from './useTurn';
import { VIEWS, type NamedView, type View } from './view';
import { ViewChoice } from './ViewChoice';

/** One stroke as the figure plays it. */
export interface PlayedStroke {
  readonly movement: Movement;
  readonly seconds: number;
  readonly cue: string;
  readonly breath: 'in' | 'out' | 'hold' | 'free';
  /** The posture it ends in, in words. */
  readonly words: string;
}

interface Props {
  readonly strokes: readonly PlayedStroke[];
  readonly startView: NamedView;
  readonly sash?: string;
  readonly height: number;
  readonly name: string;
  /** Channels and points the form reaches, shown on demand. */
  readonly reach?: Overlay;
  /** Only the figure, its stroke and the three presses: where there is little room. */
  readonly compact?: boolean;
}

const BREATH = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;
const LINE = 2.6;

/** What can be laid over the figure. */
const LAYERS = [
  'centre of mass',
  'weight on each foot',
  'where the hands go',
  'channels and points',
  'range against limit',
] as const;
type Layer = (typeof LAYERS)[number];

/** Where the hands go during a stroke, as dry brush dots with the start posture as a ghost. */
function traceMarkup(stroke: PlayedStroke, view: View): string {
  const start = stroke.movement.keys[0];
  if (!start) return '';
  const ghost = figureMarkup(start, view, { line: LINE, ground: false });
  return `<g class="fig-ghost">${ghost}</g>${pathsMarkup(stroke.movement, view, 1.7)}`;
}

/**
 * The figure moving through its strokes at the practice's pace: plays, pauses, steps stroke by stroke, is
 * turned by dragging or with the arrow keys, shows where the weight lies and where the hands go.
 */
export function MovingFigure({ strokes, startView, sash, height, name, reach, compact = false }: Props) {
  const group = useRef<SVGGElement>(null);
  const under = useRef<SVGGElement>(null);
  const mark = useRef<SVGCircleElement>(null);
  const [playing, setPlaying] = useState(false);
  const [index, setIndex] = useState(0);
  const { view, setView, handlers } = useTurn(VIEWS[startView]);
  const [shown, setShown] = useState<readonly Layer[]>([]);
  const [mass, weights, paths, channels, ranges] = LAYERS.map((layer) => shown.includes(layer));
  // The tables of the points are large: they come when they are first asked for.
  const [draws, setDraws] = useState<typeof overlayMarkup | undefined>(undefined);
  useEffect(() => {
    if (!channels || draws) return;
    void import('./overlay').then((overlay) => setDraws(() => overlay.overlayMarkup));
  }, [channels, draws]);
  const place = useRef({ index: 0, sec: strokes[0]?.seconds ?? 0 });
  const current = strokes[index];

  const draw = useMemo(
    () =>
      (goals: Goals): void => {
        if (group.current)
          patchMarkup(
            group.current,
            figureMarkup(goals, view, {
              line: LINE,
              mass: mass ?? false,
              weights: weights ?? false,
              over:
                channels && draws && reach ? (skeleton, camera) => draws(skeleton, camera, reach) : undefined,
            }),
          );
      },
    [channels, draws, mass, reach, view, weights],
  );

  const showBreath = useCallback((): void => {
    const stroke = strokes[place.current.index];
    if (!mark.current || !stroke) return;
    const { x, y } = breathMark(strokes, place.current.index, place.current.sec / stroke.seconds);
    mark.current.setAttribute('cx', x.toFixed(1));
    mark.current.setAttribute('cy', y.toFixed(1));
  }, [strokes]);

  useEffect(() => {
    showBreath();
    const stroke = strokes[place.current.index];
    if (stroke) draw(goalsAt(stroke.movement, place.current.sec / stroke.seconds));
    if (under.current) under.current.innerHTML = paths && stroke ? traceMarkup(stroke, view) : '';
  }, [draw, index, paths, showBreath, strokes, view]);

  useEffect(() => {
    if (!playing) return undefined;
    let frame = 0;
    let before: number | undefined;
    const step = (now: number): void => {
      // A tab that slept goes on where it was, not where it would have been.
      const passed = before === undefined ? 0 : Math.min(0.1, (now - before) / 1000);
      before = now;
      const here = place.current;
      here.sec += passed;
      const length = strokes[here.index]?.seconds ?? 1;
      if (here.sec >= length) {
        here.sec -= length;
        here.index = (here.index + 1) % strokes.length;
        setIndex(here.index);
      }
      const stroke = strokes[here.index];
      if (stroke) draw(goalsAt(stroke.movement, here.sec / stroke.seconds));
      showBreath();
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [draw, playing, showBreath, strokes]);

  const goTo = (next: number): void => {
    const wrapped = (next + strokes.length) % strokes.length;
    place.current = { index: wrapped, sec: strokes[wrapped]?.seconds ?? 0 };
    setPlaying(false);
    setIndex(wrapped);
  };
  if (!current) return null;
  const [, , width = 380, tall = 464] = FRAMES.whole.split(' ').map(Number);
  return (
    <figure className="m-0" aria-label={`${name}, moving figure`}>
      <svg
        className={`fig mx-auto max-w-full cursor-grab touch-pan-y ${playing ? 'fig-moving' : ''}`}
        viewBox={FRAMES.whole}
        width={Math.round((height * width) / tall)}
        height={height}
        role="img"
        tabIndex={0}
        aria-label={`${current.words}. Arrow keys turn the figure.`}
        {...handlers}
      >
        <g ref={under} />
        <g ref={group} color={sash} className={sash ? 'fig-themed' : undefined} />
      </svg>
      {!compact && <BreathLine strokes={strokes} index={index} mark={mark} onStroke={goTo} />}
      <figcaption className="mt-2 text-center">
        <span className="block min-h-[3.2em]">
          <span className="quiet italic">{BREATH[current.breath]}</span> {current.cue}
          <span className="quiet small block">{current.words}.</span>
        </span>
        <span className="mt-1 flex flex-wrap justify-center gap-2">
          <button
            type="button"
            className="press"
            onClick={() => {
              if (!playing && stillnessWanted()) goTo(index + 1);
              else setPlaying(!playing);
            }}
          >
            {playing ? 'Hold still' : 'Let it move'}
          </button>
          <button type="button" className="press" onClick={() => goTo(index - 1)}>
            Stroke back
          </button>
          <button type="button" className="press" onClick={() => goTo(index + 1)}>
            Stroke on
          </button>
        </span>
        {!compact && (
          <span className="mt-2 block">
            <ViewChoice view={view} onChoose={setView} />
          </span>
        )}
        <span className="small mt-1 flex flex-wrap justify-center gap-x-4" role="group" aria-label="Show">
          {(compact ? [] : LAYERS).map((layer) => (
            <button
              key={layer}
              type="button"
              className="press-plain"
              aria-pressed={shown.includes(layer)}
              onClick={() =>
                setShown(shown.includes(layer) ? shown.filter((one) => one !== layer) : [...shown, layer])
              }
            >
              {layer}
            </button>
          ))}
        </span>
        {ranges && <RangeTable uses={rangeUse(solveGoals(goalsAt(current.movement, 1)))} />}
      </figcaption>
    </figure>
  );
}
