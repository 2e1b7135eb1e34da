import { patternIn, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { VOICE_NAMES } from '@/ui/words/patterns';
import { TOP } from './Blocks';
import { round } from './brush';

/** Height of the lane of patterns and voices, px. */
export const LAYERS_HEIGHT = 16;

interface Run {
  readonly key: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly says: string;
}

/** Stretches in which one thing lies on the breath, item by item. */
function runsOf(
  timeline: Timeline,
  of: (event: TimelineEvent) => { readonly id: string; readonly says: string } | undefined,
): readonly Run[] {
  const runs: Run[] = [];
  for (const event of timeline.events) {
    const here = of(event);
    if (!here) continue;
    const key = `${event.itemId} ${here.id}`;
    const last = runs.at(-1);
    const endMs = event.startMs + event.lengthMs;
    if (last?.key === key) runs[runs.length - 1] = { ...last, endMs };
    else runs.push({ key, startMs: event.startMs, endMs, says: here.says });
  }
  return runs;
}

/** Whether anything lies on the breath of a practice. */
export const hasLayers = (timeline: Timeline): boolean =>
  timeline.events.some(({ pattern, sound }) => pattern !== undefined || sound !== undefined);

/** What lies on the breath, and how a sound is voiced: a line as long as it lies there, its name where there is room. */
export function LayersLane({
  practice,
  timeline,
  x,
  top,
}: {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly x: (ms: number) => number;
  readonly top: number;
}) {
  const patterns = runsOf(timeline, ({ pattern }) =>
    pattern === undefined ? undefined : { id: pattern, says: patternIn(practice, pattern)?.name ?? pattern },
  );
  const sounds = runsOf(timeline, ({ sound }) =>
    sound === undefined ? undefined : { id: sound.id, says: `${sound.written}, ${VOICE_NAMES[sound.voice]}` },
  );
  const y = top + LAYERS_HEIGHT - 4;
  return (
    <g pointerEvents="none">
      {[...patterns, ...sounds].map(({ key, startMs, endMs, says }) => {
        const wide = x(endMs) - x(startMs);
        return (
          <g key={`${key} ${startMs}`}>
            <line
              x1={round(x(startMs) + 1)}
              x2={round(x(endMs) - 1)}
              y1={y + 3}
              y2={y + 3}
              stroke="var(--ink)"
              strokeWidth={1.4}
              strokeOpacity={0.6}
            />
            {wide > says.length * 6.4 + 6 && (
              <text
                x={round(x(startMs) + 3)}
                y={y - 1}
                fontSize={13}
                fill="var(--faded)"
                className="font-sans"
              >
                {says}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** A syllable needs so much room to be read on its exhale, px. */
const ROOM_PX = 20;

/** Every sound set large on its exhale; from afar once an item. */
export function Syllables({
  timeline,
  x,
  y,
}: {
  readonly timeline: Timeline;
  readonly x: (ms: number) => number;
  readonly y: (level: number) => number;
}) {
  const made = timeline.events.filter(({ sound }) => sound !== undefined);
  const wide = ({ startMs, lengthMs }: TimelineEvent): number => x(startMs + lengthMs) - x(startMs);
  const shown = made.filter((event, at) => wide(event) >= ROOM_PX || made[at - 1]?.itemId !== event.itemId);
  return (
    <g pointerEvents="none">
      {shown.map((event) => {
        const size = Math.min(26, Math.max(13, wide(event) / 2.1));
        return (
          <text
            key={event.index}
            x={round(x(event.startMs + event.lengthMs * (wide(event) >= ROOM_PX ? 0.62 : 0)))}
            y={round(Math.max(TOP + size * 0.8, y(0.72)))}
            fontSize={size}
            textAnchor={wide(event) >= ROOM_PX ? 'middle' : 'start'}
            fill="var(--ink)"
            fillOpacity={event.sound?.voice === 'silent' ? 0.5 : 1}
            fontStyle={event.sound?.voice === 'aloud' ? 'normal' : 'italic'}
            className="font-serif"
            paintOrder="stroke"
            stroke="var(--paper)"
            strokeWidth={3}
          >
            {event.sound?.written}
          </text>
        );
      })}
    </g>
  );
}
