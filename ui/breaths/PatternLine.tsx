import type { Pace } from '@/core/breath';
import { breathShape, type BreathPattern } from '@/core/patterns';

const WIDTH = 300;
const HEIGHT = 64;
const PAD = 6;

/** How long one breath of a pattern is, s. */
export const wholeBreathSec = (pattern: BreathPattern, pace: Pace): number =>
  breathShape(pattern, pace).at(-1)?.sec ?? 1;

/**
 * Breaths of a pattern as they are drawn in a score: slopes, plateaus, stairs of sips. Two of them; with `spanSec` as many
 * whole ones as go into so many seconds, so that lines beside one another keep one measure of time.
 */
export function PatternLine({
  pattern,
  pace,
  label,
  spanSec,
}: {
  readonly pattern: BreathPattern;
  readonly pace: Pace;
  readonly label: string;
  readonly spanSec?: number;
}) {
  const one = breathShape(pattern, pace);
  const wholeSec = wholeBreathSec(pattern, pace);
  const breaths = spanSec === undefined ? 2 : Math.max(1, Math.floor(spanSec / wholeSec + 0.01));
  const points = Array.from({ length: breaths }, (_, nth) =>
    one.map(({ sec, level }) => ({ sec: sec + nth * wholeSec, level })),
  ).flat();
  const endSec = breaths * wholeSec;
  const x = (sec: number): string => (PAD + ((WIDTH - 2 * PAD) * sec) / (spanSec ?? endSec)).toFixed(1);
  const y = (level: number): string => (HEIGHT - PAD - (HEIGHT - 2 * PAD) * level).toFixed(1);
  const line = points.map(({ sec, level }, at) => `${at === 0 ? 'M' : 'L'}${x(sec)} ${y(level)}`).join(' ');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block h-16 w-full" role="img" aria-label={label}>
      <path
        d={`${line} L${x(endSec)} ${y(0)} L${x(0)} ${y(0)} Z`}
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
