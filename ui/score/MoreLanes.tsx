import { channelTimes, type EffortSpan } from '@/core/compose/effort';
import { CHANNELS } from '@/core/channels/channels';
import { formOf, type Practice, type Timeline } from '@/core/practice';
import { round } from './brush';

/** Height of the effort lane and of one channel's line, px. */
export const EFFORT_HEIGHT = 44;
export const CHANNEL_HEIGHT = 22;
/** A lane's name stands over it, px. */
const NAME_HEIGHT = 16;

const Name = ({ x, y, children }: { x: number; y: number; children: string }) => (
  <text x={x + 2} y={y} fontSize={13} fill="var(--faded)" className="font-sans">
    {children}
  </text>
);

/** How much effort each form asks, as steps. */
export function EffortLane({
  spans,
  x,
  top,
  left,
}: {
  spans: readonly EffortSpan[];
  x: (ms: number) => number;
  top: number;
  left: number;
}) {
  const bottom = top + EFFORT_HEIGHT;
  const path = spans
    .map(({ startMs, lengthMs, effort }) => {
      const y = round(bottom - effort * (EFFORT_HEIGHT - NAME_HEIGHT));
      return `L${round(x(startMs))} ${y}L${round(x(startMs + lengthMs))} ${y}`;
    })
    .join('');
  const first = spans[0];
  const last = spans.at(-1);
  if (!first || !last) return null;
  return (
    <g pointerEvents="none">
      <path
        d={`M${round(x(first.startMs))} ${bottom}${path}L${round(x(last.startMs + last.lengthMs))} ${bottom}Z`}
        fill="var(--ink)"
        fillOpacity={0.22}
        stroke="var(--ink)"
        strokeWidth={0.8}
      />
      <Name x={left} y={top + 11}>
        effort
      </Name>
    </g>
  );
}

/** The channels a practice reaches most, in the order of the flow. */
export function channelsShown(practice: Practice, timeline: Timeline, most = 8): readonly string[] {
  const reached = new Set(
    channelTimes(practice, timeline)
      .slice(0, most)
      .map(({ channel }) => channel),
  );
  return CHANNELS.map(({ id }) => id as string).filter((id) => reached.has(id));
}

/** One line a channel: dark while a form works it with the hands, light while it is stretched, held or attended to. */
export function ChannelLanes({
  practice,
  timeline,
  channels,
  x,
  top,
  left,
}: {
  practice: Practice;
  timeline: Timeline;
  channels: readonly string[];
  x: (ms: number) => number;
  top: number;
  left: number;
}) {
  return (
    <g pointerEvents="none">
      {channels.map((channel, index) => {
        const y = top + (index + 1) * CHANNEL_HEIGHT - 3;
        return (
          <g key={channel}>
            <line
              x1={x(0)}
              x2={x(timeline.totalMs)}
              y1={y}
              y2={y}
              stroke="var(--hairline)"
              strokeWidth={0.6}
            />
            {timeline.items.map((span) => {
              const item = practice.items[span.itemIndex];
              const reach = item && formOf(practice, item).channels.find((one) => one.channel === channel);
              if (!reach) return null;
              const byHand = reach.how === 'tap' || reach.how === 'trace' || reach.how === 'press';
              return (
                <line
                  key={span.itemId}
                  x1={round(x(span.startMs) + 1)}
                  x2={round(x(span.startMs + span.lengthMs) - 1)}
                  y1={y}
                  y2={y}
                  stroke="var(--ink)"
                  strokeOpacity={byHand ? 0.9 : 0.45}
                  strokeWidth={byHand ? 4 : 2.4}
                />
              );
            })}
            <Name x={left} y={y - 5}>
              {channel}
            </Name>
          </g>
        );
      })}
    </g>
  );
}
