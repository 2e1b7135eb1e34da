'use client';

import { useEffect, useMemo, useRef } from 'react';
import { bodiesOf, bodyAt, formOf, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { figureMarkup } from '@/ui/figure/Figure';
import { FRAMES } from '@/ui/figure/frames';
import { patchMarkup } from '@/ui/figure/patch';
import { VIEWS, type View } from '@/ui/figure/view';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly event: TimelineEvent;
  readonly positionMs: number;
  readonly sash: string;
  readonly facing: boolean;
}

/** The figure moving with the breath of the practice; as a mirror shows it when led facing the group. */
export function LeadFigure({ practice, timeline, event, positionMs, sash, facing }: Props) {
  const movements = useMemo(() => bodiesOf(practice, timeline), [practice, timeline]);
  const item = practice.items[event.itemIndex];
  const named = item ? (formOf(practice, item).view ?? 'front') : 'front';
  const view: View = { ...VIEWS[named], mirrored: facing };
  const goals = bodyAt(movements, event, positionMs);
  const group = useRef<SVGGElement>(null);
  useEffect(() => {
    if (group.current && goals) patchMarkup(group.current, figureMarkup(goals, view, { line: 2.6 }));
  });
  if (!goals) return null;
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
