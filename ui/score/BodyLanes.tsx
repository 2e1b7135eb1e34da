import type { LanePoint } from '@/core/practice';
import { round } from './brush';

/** Height of one of the three lanes, px; its name stands over it, so that it never lies over what it names. */
export const LANE_HEIGHT = 26;
const NAME_HEIGHT = 16;
const LANE_STEP = NAME_HEIGHT + LANE_HEIGHT + 6;
export const LANES_HEIGHT = 3 * LANE_STEP;

interface Props {
  readonly points: readonly LanePoint[];
  readonly x: (ms: number) => number;
  readonly top: number;
  readonly totalMs: number;
  /** Where the names stand, px: at the left edge of what is in sight. */
  readonly left: number;
}

function line(points: readonly LanePoint[], x: Props['x'], y: (point: LanePoint) => number): string {
  return points
    .map((point, index) => `${index === 0 ? 'M' : 'L'}${round(x(point.atMs))} ${round(y(point))}`)
    .join('');
}

/** Where the weight lies, how low the hips are, how high the hands: from the solved movement. */
export function BodyLanes({ points, x, top, totalMs, left }: Props) {
  if (points.length === 0) return null;
  const laneTop = (index: number): number => top + NAME_HEIGHT + index * LANE_STEP;
  const scaleY = (index: number, value: number): number =>
    laneTop(index) + LANE_HEIGHT - 2 - Math.max(0, Math.min(1, value)) * (LANE_HEIGHT - 4);
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last) return null;
  const feet = line(points, x, (point) => scaleY(0, point.left));
  const middle = scaleY(0, 0.5);
  const low = line(points, x, (point) => scaleY(1, (point.height - 0.6) / 0.5));
  const hand = (pick: (point: LanePoint) => number): string =>
    line(points, x, (point) => scaleY(2, (pick(point) - 0.15) / 1.1));
  const shoulder = scaleY(2, (0.82 - 0.15) / 1.1);
  return (
    <g pointerEvents="none">
      {[0, 1, 2].map((index) => (
        <line
          key={index}
          x1={0}
          x2={round(x(totalMs))}
          y1={laneTop(index) + LANE_HEIGHT + 2}
          y2={laneTop(index) + LANE_HEIGHT + 2}
          stroke="var(--hairline)"
        />
      ))}
      <path
        d={`M${round(x(first.atMs))} ${middle}${feet.replace(/^M/, 'L')}L${round(x(last.atMs))} ${middle}Z`}
        fill="var(--ink)"
        fillOpacity={0.4}
      />
      {points
        .filter((point) => point.lifted)
        .map((point) => (
          <circle
            key={point.atMs}
            cx={round(x(point.atMs))}
            cy={scaleY(0, point.lifted === 'left' ? 0.02 : 0.98)}
            r={2.2}
            fill="none"
            stroke="var(--ink)"
          />
        ))}
      <path d={low} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
      <line
        x1={0}
        x2={round(x(totalMs))}
        y1={shoulder}
        y2={shoulder}
        stroke="var(--hairline)"
        strokeDasharray="2 4"
      />
      <path
        d={hand((point) => point.rightHand)}
        fill="none"
        stroke="var(--faded)"
        strokeWidth={1}
        strokeDasharray="3 2"
      />
      <path d={hand((point) => point.leftHand)} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
      {(['feet: left up, right down', 'height of the hips', 'hands; dots: shoulder height'] as const).map(
        (name, index) => (
          <text
            key={name}
            x={left + 2}
            y={laneTop(index) - 4}
            fontSize={13}
            fill="var(--faded)"
            className="font-sans"
          >
            {name}
          </text>
        ),
      )}
    </g>
  );
}
