'use client';

import { useLayoutEffect, useMemo, useRef } from 'react';
import { solveGoals, type Goals } from '@/core/body';
import {
  bodiesOf,
  bodyAt,
  formOf,
  seenFrom,
  type Practice,
  type Timeline,
  type TimelineEvent,
} from '@/core/practice';
import { figureMarkup } from '@/ui/figure/markup';
import { boxOf, reachOf, type Reach } from '@/ui/figure/fit';
import { patchMarkup } from '@/ui/figure/patch';
import { pathsMarkup } from '@/ui/figure/paths';
import { cameraOnBody, VIEWS, type View } from '@/ui/figure/view';
import { useStillness } from '@/ui/kit/useMedia';
import { aheadOf, eased, turnedTowards } from './ahead';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly event: TimelineEvent;
  readonly positionMs: number;
  readonly sash: string;
  readonly facing: boolean;
  /** Whether the class stays where it is: what flowed is a hold. */
  readonly staying?: boolean;
}

const LINE = 2.6;
/** So many postures of a form tell how far it reaches. */
const MOST_POSTURES = 60;
/** Within this of the view it turns to, a figure has turned, degrees. */
const TURNED_DEG = 0.5;
/** A posture that comes is shown while a hand is further from it than this, m. */
const WORTH_SHOWING_M = 0.12;
const LOOK_AGAIN_MS = 150;

/** How far the hands of two bodies are apart, and how far one has sunk under the other, m. */
function apartM(a: Goals, b: Goals): number {
  const [one, other] = [solveGoals(a), solveGoals(b)];
  const between = (p: readonly number[], q: readonly number[]): number =>
    Math.hypot(...p.map((value, index) => value - (q[index] ?? 0)));
  return Math.max(
    between(one.arms.left.palm, other.arms.left.palm),
    between(one.arms.right.palm, other.arms.right.palm),
    between(one.trunk.midHip, other.trunk.midHip),
  );
}

/**
 * The figure moving with the breath of the practice, turned to where it tells most; as a mirror shows it when led facing the
 * group. What comes stands behind it in pale ink, with the way of the hands; where it stays, a ring on the ground fills.
 * Those who want little motion see it step from posture to posture.
 */
export function LeadFigure({ practice, timeline, event, positionMs, sash, facing, staying = false }: Props) {
  const movements = useMemo(() => bodiesOf(practice, timeline), [practice, timeline]);
  const item = practice.items[event.itemIndex];
  const usual = VIEWS[item ? (formOf(practice, item).view ?? 'front') : 'front'];
  const views = useMemo(
    () => seenFrom(timeline, movements, event.itemIndex, usual.yawDeg),
    [event.itemIndex, movements, timeline, usual.yawDeg],
  );
  const reach = useMemo(() => {
    const span = timeline.items[event.itemIndex];
    const own = span ? movements.slice(span.firstEvent, span.firstEvent + span.eventCount) : [];
    // Every posture once: repetitions share theirs.
    const bodies = [...new Set(own.flatMap(({ keys }) => keys))]
      .slice(0, MOST_POSTURES)
      .map((one) => solveGoals(one));
    return reachOf(bodies, (skeleton) => cameraOnBody(usual, skeleton));
  }, [event.itemIndex, movements, timeline, usual]);
  const towardsDeg = views.get(event.index) ?? usual.yawDeg;
  const steps = useStillness();
  const share = event.lengthMs === 0 ? 1 : (positionMs - event.startMs) / event.lengthMs;
  const goals = bodyAt(movements, event, steps ? event.startMs + event.lengthMs : positionMs);
  const ahead = aheadOf(timeline, movements, event, steps ? 1 : share);
  const group = useRef<SVGGElement>(null);
  const under = useRef<SVGGElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const shown = useRef<{ yawDeg: number; reach: Reach; atMs: number } | undefined>(undefined);
  const drawnUnder = useRef('');
  const apart = useRef<{ index: number; atMs: number; isFar: boolean } | undefined>(undefined);
  // Before it is painted: a frame must never be seen as it was not meant.
  useLayoutEffect(() => {
    if (!group.current || !goals) return;
    const nowMs = performance.now();
    const before = shown.current;
    const yawDeg =
      before && !steps ? turnedTowards(before.yawDeg, towardsDeg, nowMs - before.atMs) : towardsDeg;
    const part = before && !steps ? eased(nowMs - before.atMs) : 1;
    const from = before?.reach ?? reach;
    const framed = {
      half: from.half + (reach.half - from.half) * part,
      up: from.up + (reach.up - from.up) * part,
    };
    shown.current = { yawDeg, reach: framed, atMs: nowMs };
    svg.current?.setAttribute('viewBox', boxOf(framed));
    const view: View = { yawDeg, downDeg: usual.downDeg, mirrored: facing };
    patchMarkup(group.current, figureMarkup(goals, view, { line: LINE }));
    if (!under.current) return;
    const hasTurned = Math.abs(yawDeg - towardsDeg) < TURNED_DEG;
    // Whether it is still far enough away is seen soon enough a few times a second.
    const near = apart.current;
    if (ahead && (near?.index !== ahead.index || nowMs - near.atMs > LOOK_AGAIN_MS))
      apart.current = {
        index: ahead.index,
        atMs: nowMs,
        isFar: apartM(goals, ahead.goals) > WORTH_SHOWING_M,
      };
    const isShown = hasTurned && ahead !== undefined && apart.current?.isFar === true;
    const key = isShown ? `${ahead.index}/${towardsDeg}/${facing}/${ahead.way !== undefined}` : '';
    if (drawnUnder.current === key) return;
    drawnUnder.current = key;
    const still: View = { ...view, yawDeg: towardsDeg };
    under.current.innerHTML = isShown
      ? `<g class="fig-ghost">${figureMarkup(ahead.goals, still, { line: LINE, ground: false })}</g>` +
        (ahead.way ? pathsMarkup(ahead.way, still, solveGoals(goals).build.statureM, true) : '')
      : '';
  });
  if (!goals) return null;
  const isHold = event.breath === 'hold' || event.isStay || staying;
  return (
    <svg
      className="fig fig-moving h-full w-full"
      ref={svg}
      viewBox={boxOf(reach)}
      preserveAspectRatio="xMidYMax meet"
      aria-hidden
    >
      {isHold && (
        <ellipse
          className="fig-hold"
          cx={0}
          cy={2}
          rx={132}
          ry={21}
          pathLength={1}
          strokeDasharray={`${(staying ? 1 : Math.min(1, Math.max(0, share))).toFixed(3)} 1`}
          data-testid="hold"
        />
      )}
      <g ref={under} className="fig-ahead" color={sash} />
      <g className="fig-themed" color={sash} ref={group} />
    </svg>
  );
}
