'use client';

import { useId, useMemo } from 'react';
import { bodiesOf, bodyAt, formOf, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { figureMarkup, FRAMES } from '@/ui/figure/Figure';
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
  const id = useId().replaceAll(':', '');
  const movements = useMemo(() => bodiesOf(practice, timeline), [practice, timeline]);
  const item = practice.items[event.itemIndex];
  const named = item ? (formOf(practice, item).view ?? 'front') : 'front';
  const view: View = { ...VIEWS[named], mirrored: facing };
  const goals = bodyAt(movements, event, positionMs);
  if (!goals) return null;
  return (
    <svg className="fig h-full w-full" viewBox={FRAMES.whole} preserveAspectRatio="xMidYMax meet" aria-hidden>
      <g
        className="fig-themed"
        color={sash}
        dangerouslySetInnerHTML={{ __html: figureMarkup(goals, view, { line: 2.6, id }) }}
      />
    </svg>
  );
}
