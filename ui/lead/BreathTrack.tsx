'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { breathLine, type Timeline } from '@/core/practice';
import { brushPath, washPath } from '@/ui/score/brush';

/** Share of the width at which the mark stands. */
const MARK = 0.3;
const PX_PER_MS = 26 / 1000;

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
  const { line, wash } = useMemo(() => {
    const points = breathLine(timeline, 0, timeline.totalMs, 28);
    const x = (ms: number): number => ms * PX_PER_MS;
    const y = (level: number): number => pad + (height - 2 * pad) * (1 - level);
    return { line: brushPath(points, x, y, 2.6), wash: washPath(points, x, y) };
  }, [timeline, height, pad]);
  const mark = width * MARK;
  return (
    <div
      ref={box}
      className="box-content h-[min(150px,18.75vh)] shrink-0 overflow-hidden border-y border-hairline"
      aria-hidden
    >
      <svg width={width} height={height} className="block">
        <g transform={`translate(${(mark - positionMs * PX_PER_MS).toFixed(2)} 0)`}>
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
