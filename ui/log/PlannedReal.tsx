import type { ClassRecord } from '@/core/lead';
import { clockText } from '@/ui/kit/time';

type LedItem = ClassRecord['items'][number];

const WIDE = 1000;
const BAR = 30;
const GAP = 30;
/** A difference from here on is named, ms. */
const NAMED_MS = 15_000;
/** So many differences at most are named. */
const MOST_NAMED = 6;

/** A form in the drawing: where it was planned and where it was, in drawing units. */
export interface Bar {
  readonly item: LedItem;
  readonly planned: { readonly x: number; readonly width: number };
  readonly real: { readonly x: number; readonly width: number };
}

/** The bars of a class, both rows to the same scale, so that what ran over is seen to run over. */
export function barsOf({
  items,
  plannedMs,
  actualMs,
  stoodMs = 0,
  stayedMs = 0,
}: ClassRecord): readonly Bar[] {
  const spentMs = items.reduce((sum, item) => sum + item.actualMs, 0);
  const scale = WIDE / Math.max(1, plannedMs, actualMs - stoodMs - stayedMs, spentMs);
  let [plannedX, realX] = [0, 0];
  return items.map((item) => {
    const planned = { x: plannedX, width: item.plannedMs * scale };
    const real = { x: realX, width: item.actualMs * scale };
    plannedX += planned.width;
    realX += real.width;
    return { item, planned, real };
  });
}

/** What of an item differs, in a word; nothing where it went as planned. */
export function differenceOf({ plannedMs, actualMs }: LedItem): string {
  if (actualMs === 0) return 'left out';
  if (plannedMs === 0) return 'put in';
  const byMs = actualMs - plannedMs;
  return Math.abs(byMs) < NAMED_MS ? '' : `${clockText(Math.abs(byMs))} ${byMs > 0 ? 'longer' : 'shorter'}`;
}

/** A class planned (above) against the class as it was (below), form by form; what differs is joined and named. */
export function PlannedReal({ record }: { record: ClassRecord }) {
  const bars = barsOf(record);
  const different = bars
    .map(({ item }) => ({ item, text: differenceOf(item) }))
    .filter(({ text }) => text !== '');
  return (
    <figure className="m-0 my-3" data-testid="planned-real">
      <svg
        viewBox={`0 0 ${WIDE} ${2 * BAR + GAP}`}
        className="block w-full"
        role="img"
        aria-label={`Planned ${clockText(record.plannedMs)} min, real ${clockText(record.actualMs)} min. ${different
          .map(({ item, text }) => `${item.name} ${text}`)
          .join('; ')}`}
      >
        {bars.map(({ item, planned, real }) => {
          const differs = differenceOf(item) !== '';
          return (
            <g key={item.itemId}>
              {differs && (
                <path
                  d={`M${planned.x} ${BAR}L${planned.x + planned.width} ${BAR}L${real.x + real.width} ${BAR + GAP}L${real.x} ${BAR + GAP}Z`}
                  fill="var(--hairline)"
                  fillOpacity={0.55}
                />
              )}
              <rect
                x={planned.x}
                y={0}
                width={planned.width}
                height={BAR}
                fill={item.actualMs === 0 ? 'none' : 'var(--hairline)'}
                stroke="var(--paper)"
                strokeWidth={1.5}
              />
              {item.actualMs === 0 && (
                <rect
                  x={planned.x + 1}
                  y={1}
                  width={Math.max(0, planned.width - 2)}
                  height={BAR - 2}
                  fill="none"
                  stroke="var(--faded)"
                  strokeDasharray="4 4"
                />
              )}
              <rect
                x={real.x}
                y={BAR + GAP}
                width={real.width}
                height={BAR}
                fill={item.plannedMs === 0 ? 'var(--faded)' : 'var(--ink)'}
                stroke="var(--paper)"
                strokeWidth={1.5}
              />
            </g>
          );
        })}
      </svg>
      <figcaption className="small">
        <span className="quiet">planned above, as it was below</span>
        {different.length > 0 && (
          <>
            :{' '}
            {different.slice(0, MOST_NAMED).map(({ item, text }, index) => (
              <span key={item.itemId}>
                {index > 0 && ', '}
                {item.name} <span className="quiet figures">{text}</span>
              </span>
            ))}
            {different.length > MOST_NAMED && `, and ${different.length - MOST_NAMED} more`}
          </>
        )}
      </figcaption>
    </figure>
  );
}
