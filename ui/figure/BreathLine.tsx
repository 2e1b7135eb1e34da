'use client';

import type { RefObject } from 'react';

interface Breathed {
  readonly seconds: number;
  readonly breath: 'in' | 'out' | 'hold' | 'free';
}

const TALL = 34;
const LOW = 28;
const HIGH = 6;
const MIDDLE = (LOW + HIGH) / 2;
const WIDE = 600;

/** Where the breath stands at the start and the end of a stroke: low when empty, high when full. */
function levels(strokes: readonly Breathed[]): readonly (readonly [from: number, to: number])[] {
  let level = LOW;
  return strokes.map(({ breath }) => {
    const from = breath === 'in' ? LOW : breath === 'out' ? HIGH : breath === 'free' ? MIDDLE : level;
    const to = breath === 'in' ? HIGH : breath === 'out' ? LOW : from;
    level = to;
    return [from, to];
  });
}

/**
 * The breath of a form as a line: it rises with the inhale, falls with the exhale, rests in a pause and ripples where
 * it is free. `mark` is moved by whoever plays the form; a press goes to a stroke.
 */
export function BreathLine({
  strokes,
  index,
  mark,
  onStroke,
}: {
  readonly strokes: readonly Breathed[];
  readonly index: number;
  readonly mark: RefObject<SVGCircleElement | null>;
  readonly onStroke: (index: number) => void;
}) {
  const whole = strokes.reduce((sum, stroke) => sum + stroke.seconds, 0);
  const rises = levels(strokes);
  const starts = strokes.reduce<readonly number[]>(
    (list, stroke) => [...list, (list.at(-1) ?? 0) + (stroke.seconds / whole) * WIDE],
    [0],
  );
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${TALL}`}
      className="mx-auto block w-full max-w-[38rem]"
      aria-hidden
      preserveAspectRatio="none"
      height={TALL}
    >
      {strokes.map((stroke, at) => {
        const [x = 0, to = WIDE] = [starts[at], starts[at + 1]];
        const [from, end] = rises[at] ?? [LOW, LOW];
        const third = (to - x) / 3;
        const path =
          stroke.breath === 'free'
            ? `M${x} ${from}q${third / 2} -7 ${third} 0t${third} 0t${third} 0`
            : `M${x} ${from}C${x + third} ${from} ${to - third} ${end} ${to} ${end}`;
        return (
          <g key={at}>
            <path
              d={path}
              fill="none"
              stroke={at === index ? 'var(--ink)' : 'var(--faded)'}
              strokeWidth={at === index ? 2.6 : 1.2}
              strokeDasharray={stroke.breath === 'hold' ? '2 3' : undefined}
              vectorEffect="non-scaling-stroke"
            />
            <rect
              x={x}
              y="0"
              width={to - x}
              height={TALL}
              fill="transparent"
              className="cursor-pointer"
              onClick={() => onStroke(at)}
            />
          </g>
        );
      })}
      <circle ref={mark} r="4" cx="0" cy={LOW} fill="var(--ink)" />
    </svg>
  );
}

/** Where the mark stands part of the way through a stroke. */
export function breathMark(
  strokes: readonly Breathed[],
  index: number,
  part: number,
): { readonly x: number; readonly y: number } {
  const whole = strokes.reduce((sum, stroke) => sum + stroke.seconds, 0);
  const before = strokes.slice(0, index).reduce((sum, stroke) => sum + stroke.seconds, 0);
  const [from, to] = levels(strokes)[index] ?? [LOW, LOW];
  const eased = part * part * (3 - 2 * part);
  const x = ((before + (strokes[index]?.seconds ?? 0) * part) / whole) * WIDE;
  return { x, y: from + (to - from) * eased };
}
