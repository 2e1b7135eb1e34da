'use client';

import { useEffect, useMemo, useRef } from 'react';
import { bodiesOf, bodyAt, eventAt, formOf, type Practice, type Timeline } from '@/core/practice';
import { figureMarkup } from '@/ui/figure/markup';
import { FRAMES } from '@/ui/figure/frames';
import { patchMarkup } from '@/ui/figure/patch';
import { VIEWS } from '@/ui/figure/view';
import { clockText } from '@/ui/kit/time';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly atMs: number;
  readonly ink: string;
}

/** The body at the pointed moment of the score, with what is said there. */
export function PointedFigure({ practice, timeline, atMs, ink }: Props) {
  const movements = useMemo(() => bodiesOf(practice, timeline), [practice, timeline]);
  const group = useRef<SVGGElement>(null);
  const event = eventAt(timeline, atMs);
  const item = event && practice.items[event.itemIndex];
  const form = item && formOf(practice, item);
  const goals = event && bodyAt(movements, event, atMs);
  const view = VIEWS[form?.view ?? 'front'];
  useEffect(() => {
    if (group.current && goals)
      patchMarkup(group.current, figureMarkup(goals, view, { line: 3.4, detail: 'folds' }));
  });
  if (!event || !form) return null;
  return (
    <div className="flex items-end gap-3" aria-hidden>
      <svg className="fig fig-moving shrink-0" viewBox={FRAMES.close} height={104} width={69}>
        <g className="fig-themed" color={ink} ref={group} />
      </svg>
      <p className="small min-w-0">
        <span className="figures quiet">{clockText(atMs)}</span> {form.name}
        <span className="reading block truncate">{event.cue}</span>
      </p>
    </div>
  );
}
