import type { Pace } from '@/core/breath';
import { breathShape, type BreathPattern } from '@/core/patterns';

const WIDTH = 300;
const HEIGHT = 64;
const PAD = 6;

/** Two breaths of a pattern as they are drawn in a score: slopes, plateaus, stairs of sips. */
export function PatternLine({
  pattern,
  pace,
  label,
}: {
  readonly pattern: BreathPattern;
  readonly pace: Pace;
  readonly label: string;
}) {
  const one = breathShape(pattern, pace);
  const wholeSec = one.at(-1)?.sec ?? 1;
  const points = [...one, ...one.map(({ sec, level }) => ({ sec: sec + wholeSec, level }))];
  const x = (sec: number): string => (PAD + ((WIDTH - 2 * PAD) * sec) / (2 * wholeSec)).toFixed(1);
  const y = (level: number): string => (HEIGHT - PAD - (HEIGHT - 2 * PAD) * level).toFixed(1);
  const line = points.map(({ sec, level }, at) => `${at === 0 ? 'M' : 'L'}${x(sec)} ${y(level)}`).join(' ');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block h-16 w-full" role="img" aria-label={label}>
      <path
        d={`${line} L${x(2 * wholeSec)} ${y(0)} L${x(0)} ${y(0)} Z`}
        fill="var(--ink)"
        opacity={0.07}
        stroke="none"
      />
      <path
        d={line}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeLinejoin="round"
        strokeLinecap="round"
        {...(pattern.isNatural ? { strokeDasharray: '2 5' } : {})}
      />
    </svg>
  );
}
