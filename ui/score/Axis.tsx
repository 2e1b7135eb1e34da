import type { Timeline } from '@/core/practice';
import { round } from './brush';

/** A step of the minute axis that leaves room for its figures. */
const minuteStep = (pxPerMin: number): number => [1, 2, 5, 10].find((step) => step * pxPerMin >= 46) ?? 15;

export function Axis({
  timeline,
  x,
  pxPerMs,
  y,
}: {
  timeline: Timeline;
  x: (ms: number) => number;
  pxPerMs: number;
  y: number;
}) {
  const step = minuteStep(pxPerMs * 60_000);
  const count = Math.floor(timeline.totalMs / 60_000 / step);
  const breathEvents = timeline.events.filter((event) => event.breath === 'in' && event.kind === 'stroke');
  const dense = breathEvents.length > 0 && (timeline.totalMs * pxPerMs) / breathEvents.length > 3;
  return (
    <g>
      <line x1={0} x2={x(timeline.totalMs)} y1={y} y2={y} stroke="var(--hairline)" />
      {dense &&
        breathEvents.map((event) => (
          <line
            key={event.index}
            x1={round(x(event.startMs))}
            x2={round(x(event.startMs))}
            y1={y}
            y2={y - (event.breathNumber % 10 === 0 ? 8 : 4)}
            stroke="var(--faded)"
            strokeWidth={event.breathNumber % 10 === 0 ? 1.4 : 0.7}
          />
        ))}
      {Array.from({ length: count + 1 }, (_, index) => index * step).map((minute) => (
        <text
          key={minute}
          x={round(x(minute * 60_000))}
          y={y + 16}
          fontSize={13}
          fill="var(--faded)"
          textAnchor={minute === 0 ? 'start' : 'middle'}
          className="figures font-sans"
        >
          {minute === 0 ? '0 min' : minute}
        </text>
      ))}
    </g>
  );
}
