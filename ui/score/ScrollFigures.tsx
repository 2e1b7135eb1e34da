'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import { bodiesOf, bodyAt, formOf, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { VIEWS, type View } from '@/ui/figure/view';
import {
  figuresOf,
  isDrawn,
  momentMarkup,
  scaleFor,
  smallMarkup,
  type DrawnFigure,
} from '@/ui/scroll/figures';
import { traces } from '@/ui/scroll/markup';
import type { Strip } from '@/ui/scroll/strip';
import { FIGURE_PX, GROUND_Y } from './Blocks';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly strip: Strip;
  readonly pxPerMs: number;
  /** The stretch in sight, ms. */
  readonly fromMs: number;
  readonly toMs: number;
  readonly ink: string;
}

/** From here on each stroke has room for a figure of its own, px a second. */
const STROKES_FROM_PX_PER_S = 10;
/** Strokes stand no nearer to each other than this, px. */
const STROKE_ROOM_PX = 52;
/** As long as this is drawn in one go, ms: a press in between is answered at once. */
const SLICE_MS = 8;

/** Draws what is wanted slice by slice; true once all of it is there. */
function useInSlices(wanted: readonly DrawnFigure[]): number {
  const [slice, setSlice] = useState(0);
  useEffect(() => {
    const left = wanted.filter(
      ({ form, variant, most, moment }) => !isDrawn(form, variant, { most, moment, figurePx: FIGURE_PX }),
    );
    if (left.length === 0) return undefined;
    const next = setTimeout(() => {
      const until = performance.now() + SLICE_MS;
      for (const figure of left) {
        const { form, variant, most, moment } = figure;
        momentMarkup(form, variant, { most, moment, figurePx: FIGURE_PX });
        if (performance.now() > until) break;
      }
      setSlice((count) => count + 1);
    });
    return () => clearTimeout(next);
  }, [slice, wanted]);
  return slice;
}

/** The body at the end of one stroke, drawn once however near one looks. */
const StrokeFigure = memo(function StrokeFigure({
  movements,
  event,
  view,
  x,
}: {
  readonly movements: ReturnType<typeof bodiesOf>;
  readonly event: TimelineEvent;
  readonly view: View;
  readonly x: number;
}) {
  const markup = useMemo(() => {
    const goals = bodyAt(movements, event, event.startMs + event.lengthMs);
    return goals ? smallMarkup(goals, view, FIGURE_PX) : '';
  }, [event, movements, view]);
  return (
    <g
      transform={`translate(${x.toFixed(1)} ${GROUND_Y}) scale(${scaleFor(FIGURE_PX).toFixed(4)})`}
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
});

/** Looked at closely: the body at the end of each stroke, where it comes. */
function StrokeFigures({ practice, timeline, pxPerMs, fromMs, toMs }: Omit<Props, 'strip' | 'ink'>) {
  const movements = useMemo(() => bodiesOf(practice, timeline), [practice, timeline]);
  const endOf = ({ startMs, lengthMs }: TimelineEvent): number => startMs + lengthMs;
  const inSight = timeline.events.filter(
    (event) => event.kind === 'stroke' && event.startMs <= toMs && endOf(event) >= fromMs,
  );
  const standing: TimelineEvent[] = [];
  for (const event of inSight) {
    const last = standing[standing.length - 1];
    if (!last || (endOf(event) - endOf(last)) * pxPerMs >= STROKE_ROOM_PX) standing.push(event);
  }
  return standing.map((event) => {
    const item = practice.items[event.itemIndex];
    return (
      item && (
        <StrokeFigure
          key={event.index}
          movements={movements}
          event={event}
          view={VIEWS[formOf(practice, item).view ?? 'front']}
          x={(event.startMs + event.lengthMs) * pxPerMs + 1}
        />
      )
    );
  });
}

/** The people of the scroll: each form in its telling postures; looked at closely, stroke by stroke. */
export const ScrollFigures = memo(function ScrollFigures(props: Props) {
  const { practice, strip, pxPerMs, fromMs, toMs, ink } = props;
  const isClose = pxPerMs * 1000 >= STROKES_FROM_PX_PER_S;
  const x = (ms: number): number => ms * pxPerMs + 1;
  const figures = useMemo(
    () =>
      isClose
        ? []
        : figuresOf(
            strip.items,
            (id) => practice.forms[id],
            (ms) => ms * pxPerMs + 1,
            FIGURE_PX,
          ),
    [isClose, practice.forms, pxPerMs, strip],
  );
  useInSlices(figures);
  const { stays, steps } = traces(figures, strip.items, x, GROUND_Y);
  return (
    <g className="fig fig-themed" color={ink} pointerEvents="none" aria-hidden>
      <path className="scroll-stay" d={stays} />
      <path className="scroll-steps" d={steps} />
      {isClose ? (
        <StrokeFigures {...props} />
      ) : (
        figures
          .filter((figure) => x(fromMs) - FIGURE_PX < figure.x && figure.x < x(toMs) + FIGURE_PX)
          .filter(({ form, variant, most, moment }) =>
            isDrawn(form, variant, { most, moment, figurePx: FIGURE_PX }),
          )
          .map(({ key, form, variant, most, moment, x: at, isFullest }) => (
            // Moved from without: an edit that moves all of them draws none of them anew.
            <g
              key={`${key} ${moment} ${most}`}
              transform={`translate(${at.toFixed(1)} ${GROUND_Y}) scale(${scaleFor(FIGURE_PX).toFixed(4)})`}
              className={isFullest ? undefined : 'fig-way'}
              dangerouslySetInnerHTML={{
                __html: momentMarkup(form, variant, { most, moment, figurePx: FIGURE_PX }),
              }}
            />
          ))
      )}
    </g>
  );
});
