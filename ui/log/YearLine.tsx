'use client';

import Link from 'next/link';
import { useRef } from 'react';
import { plural } from '@/ui/kit/time';
import { useWidth } from '@/ui/kit/useWidth';
import { groundPath } from '@/ui/scroll/ground';
import { reedsOf, rowsOfMonths, type OnLine } from './reeds';

/** A month under the line, with its share of it. */
export interface MonthOnLine {
  readonly month: string;
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly classes: number;
}

const GROUND_Y = 62;
const HEIGHT = 74;
/** An hour stands so high, px; nothing lower than the least. */
const HOUR_PX = 46;
const LEAST_PX = 8;
/** A row of months' names is so high, rem: what is pressed in it is. */
const ROW_REM = 1.75;
/** A reed of the year: a thin blade, broader where it stands. */
const reed = (x: number, tall: number): string =>
  `M${(x - 1.5).toFixed(1)} ${GROUND_Y}Q${(x - 0.8).toFixed(1)} ${(GROUND_Y - tall * 0.6).toFixed(1)} ${(x + 0.6).toFixed(1)} ${(GROUND_Y - tall).toFixed(1)}Q${(x + 1.2).toFixed(1)} ${(GROUND_Y - tall * 0.5).toFixed(1)} ${(x + 1.5).toFixed(1)} ${GROUND_Y}Z`;

/** The last twelve months as one line: a reed for each class, as tall as it was long, in the pigment of its phase. */
export function YearLine({
  classes,
  months,
}: {
  readonly classes: readonly OnLine[];
  readonly months: readonly MonthOnLine[];
}) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box, 860);
  const hours = classes.reduce((sum, { minutes }) => sum + minutes, 0) / 60;
  const standing = reedsOf(classes, width);
  const few = width < 560;
  const rows = rowsOfMonths(months, width);
  return (
    <div ref={box} className="my-4" data-testid="year-line">
      <svg
        width={width}
        height={HEIGHT}
        className="block max-w-full"
        role="img"
        aria-label={`The last twelve months: ${plural(classes.length, 'class', 'classes')}, ${hours.toFixed(hours < 10 ? 1 : 0)} hours`}
      >
        {months.map(({ month, from, to }) => (
          <path
            key={month}
            d={groundPath(from * width + 1, to * width - 1, GROUND_Y + 1)}
            className="scroll-ground"
          />
        ))}
        {standing.map(({ id, x, minutes, ink, says }) => (
          <path key={id} d={reed(x, Math.max(LEAST_PX, (minutes / 60) * HOUR_PX))} fill={ink}>
            <title>{says}</title>
          </path>
        ))}
      </svg>
      <ol
        className="small relative m-0 list-none p-0"
        style={{ height: `${(Math.max(0, ...rows) + 1) * ROW_REM}rem` }}
      >
        {months.map(({ month, name, from, classes: count }, index) => (
          <li
            key={month}
            className="absolute"
            style={{ left: `${(from * 100).toFixed(2)}%`, top: `${(rows[index] ?? 0) * ROW_REM}rem` }}
          >
            {count > 0 ? (
              <Link className="press-plain min-w-6" href={`/log?month=${month}`}>
                {few ? name.slice(0, 1) : name}
                <span className="sr-only">
                  {few ? name.slice(1) : ''}: {plural(count, 'class', 'classes')}
                </span>
              </Link>
            ) : (
              <span className="quiet inline-flex min-h-7 items-center">
                {few ? name.slice(0, 1) : name}
                {few && <span className="sr-only">{name.slice(1)}</span>}
              </span>
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}
