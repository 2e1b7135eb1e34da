'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { breathLine, eventAt, type Timeline } from '@/core/practice';
import { useStillness } from '@/ui/kit/useMedia';
import { brushPath, washPath } from '@/ui/score/brush';

/** Share of the width at which the mark stands. */
const MARK = 0.3;
const PX_PER_MS = 26 / 1000;
/** Of a page that stands still, how much of the width is turned at once, and its margin. */
const PAGE = 0.9;
const EDGE = 0.05;

/** The breath line drawn past a fixed mark: what is under the mark is now. */
export function BreathTrack({
  timeline,
  positionMs,
  ink,
}: {
  timeline: Timeline;
  positionMs: number;
  ink: string;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [{ width, height }, setSize] = useState({ width: 1200, height: 150 });
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const pad = height * 0.12;
  // Only what is near is drawn: the line of an hour is too long to be painted at every frame.
  const widthMs = Math.max(1, width / PX_PER_MS);
  const screen = Math.floor(positionMs / widthMs);
  const { line, wash } = useMemo(() => {
    const fromMs = Math.max(0, (screen - 1) * widthMs);
    const points = breathLine(timeline, fromMs, Math.min(timeline.totalMs, (screen + 3) * widthMs), 28);
    const x = (ms: number): number => ms * PX_PER_MS;
    const y = (level: number): number => pad + (height - 2 * pad) * (1 - level);
    return { line: brushPath(points, x, y, 2.6), wash: washPath(points, x, y) };
  }, [timeline, height, pad, screen, widthMs]);
  const steps = useStillness();
  // Those who want little motion see a page of the line, and the mark step along it from stroke to stroke.
  const pageMs = (width * PAGE) / PX_PER_MS;
  const stepMs = steps ? (eventAt(timeline, positionMs)?.startMs ?? 0) : positionMs;
  const pageStartMs = Math.floor(stepMs / pageMs) * pageMs;
  const mark = steps ? width * EDGE + (stepMs - pageStartMs) * PX_PER_MS : width * MARK;
  return (
    <div
      ref={box}
      className="lead-track box-content h-[min(140px,13vh)] shrink-0 overflow-hidden border-y border-hairline"
      aria-hidden
    >
      <svg width={width} height={height} className="block">
        <g transform={`translate(${(mark - stepMs * PX_PER_MS).toFixed(2)} 0)`}>
          {timeline.items.map((span) => (
            <line
              key={span.itemId}
              x1={span.startMs * PX_PER_MS}
              x2={span.startMs * PX_PER_MS}
              y1={0}
              y2={height}
              stroke="var(--hairline)"
            />
          ))}
          <path d={wash} fill={ink} fillOpacity={0.1} />
          <path d={line} fill={ink} />
        </g>
        <rect x={0} y={0} width={mark} height={height} fill="var(--paper)" fillOpacity={0.55} />
        <line x1={mark} x2={mark} y1={0} y2={height} stroke="var(--ink)" strokeWidth={3} />
      </svg>
    </div>
  );
}
