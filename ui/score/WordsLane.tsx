import { eventFit, type Timeline } from '@/core/practice';
import { round } from './brush';

/** From here on a stroke's own cue fits under it, px a second. */
export const CUES_FROM_PX_PER_S = 16;

/** Under each stroke whether its cue fits; looked at closely, the cue itself. */
export function WordsLane({
  timeline,
  x,
  y,
  pxPerMs,
  wordsPerMin,
}: {
  timeline: Timeline;
  x: (ms: number) => number;
  y: number;
  pxPerMs: number;
  wordsPerMin: number;
}) {
  const close = pxPerMs * 1000 >= CUES_FROM_PX_PER_S;
  return timeline.events.map((event) => {
    if (event.kind !== 'stroke' || (!close && event.repetition > 1)) return null;
    const { fill, fits } = eventFit(event, wordsPerMin);
    if (!close && fits) return null;
    const width = event.lengthMs * pxPerMs;
    const letters = Math.floor((width - 6) / 6.2);
    return (
      <g key={event.index}>
        <title>
          {!fits
            ? `“${event.cue}” takes longer to say than the ${event.breath === 'in' ? 'inhale' : event.breath === 'out' ? 'exhale' : 'stroke'} lasts`
            : event.cue}
        </title>
        <line
          x1={round(x(event.startMs))}
          x2={round(x(event.startMs) + width * Math.min(1, fill))}
          y1={y}
          y2={y}
          stroke="var(--ink)"
          strokeWidth={fits ? 1 : 3}
        />
        {close && letters > 6 && (
          <text
            x={round(x(event.startMs) + 2)}
            y={y + 14}
            fontSize={13}
            fill="var(--ink)"
            className="font-sans"
          >
            {event.cue.length > letters ? `${event.cue.slice(0, letters - 1)}…` : event.cue}
          </text>
        )}
      </g>
    );
  });
}
