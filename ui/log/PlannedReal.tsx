'use client';

import { useEffect, useRef, useState } from 'react';
import type { ClassRecord } from '@/core/lead';
import { ROLES } from '@/core/forms/model/roles';
import { whenSeen } from '@/ui/figure/whenSeen';
import { loadForm } from '@/ui/forms/loadForms';
import { clockText } from '@/ui/kit/time';
import { useWidth } from '@/ui/kit/useWidth';
import { groundPath } from '@/ui/scroll/ground';
import type { StripItem } from '@/ui/scroll/strip';

type LedItem = ClassRecord['items'][number];

/** How wide it is until that is known, px. */
const WIDE = 860;
/** A standing figure, the ground it stands on planned, what joins the two, and the ground as it was, px. */
const FIGURE_PX = 46;
const PLANNED_Y = FIGURE_PX * 1.3 + 4;
const JOIN_Y = PLANNED_Y + 26;
const REAL_Y = JOIN_Y + FIGURE_PX * 1.3 + 2;
/** A difference from here on is named, ms. */
const NAMED_MS = 15_000;
/** So many differences at most are named. */
const MOST_NAMED = 6;

/** A form in the drawing: where it was planned and where it was, px. */
export interface Bar {
  readonly item: LedItem;
  readonly planned: { readonly x: number; readonly width: number };
  readonly real: { readonly x: number; readonly width: number };
}

/** The bars of a class, both rows to the same scale, so that what ran over is seen to run over. */
export function barsOf(
  { items, plannedMs, actualMs, stoodMs = 0, stayedMs = 0 }: ClassRecord,
  wide = WIDE,
): readonly Bar[] {
  const spentMs = items.reduce((sum, item) => sum + item.actualMs, 0);
  const scale = wide / Math.max(1, plannedMs, actualMs - stoodMs - stayedMs, spentMs);
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

/** One row of the class as the items of a scroll, in px instead of ms. */
const rowOf = (bars: readonly Bar[], row: 'planned' | 'real'): readonly StripItem[] =>
  bars
    .filter((bar) => bar[row].width > 0)
    .map(({ item, [row]: { x, width } }) => ({
      key: item.itemId,
      formId: item.formId,
      variant: 'full',
      name: item.name,
      dose: '',
      role: ROLES.find((role) => role === item.role) ?? 'nourish',
      startMs: x,
      lengthMs: width,
      breathMs: undefined,
    }));

/** The people of both rows, drawn when the class comes into sight; without a server the ground stands alone. */
function usePeople(record: ClassRecord, width: number, box: React.RefObject<HTMLElement | null>) {
  const [people, setPeople] = useState<{ planned: string; real: string } | undefined>(undefined);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    return whenSeen(element, 200, (draw) => {
      const ids = [...new Set(record.items.map(({ formId }) => formId))];
      void Promise.all([
        import('@/ui/scroll/markup'),
        import('@/ui/scroll/figures'),
        Promise.all(ids.map(loadForm)),
      ])
        .then(([{ standingMarkup }, { figuresOf }, forms]) =>
          draw(() => {
            const byId = new Map(forms.flatMap((form) => (form ? [[form.id, form] as const] : [])));
            const bars = barsOf(record, width);
            const row = (which: 'planned' | 'real', y: number): string =>
              figuresOf(
                rowOf(bars, which),
                (id) => byId.get(id),
                (x) => x,
                FIGURE_PX,
              )
                .map((figure) => standingMarkup(figure, y, FIGURE_PX))
                .join('');
            setPeople({ planned: row('planned', PLANNED_Y), real: row('real', REAL_Y) });
          }),
        )
        .catch(() => undefined);
    });
  }, [box, record, width]);
  return people;
}

/** A class planned (above) against the class as it was (below), two scrolls to one scale; what differs is joined and named. */
export function PlannedReal({ record }: { record: ClassRecord }) {
  const box = useRef<HTMLElement>(null);
  const width = useWidth(box, WIDE);
  const people = usePeople(record, width, box);
  const bars = barsOf(record, width);
  const different = bars
    .map(({ item }) => ({ item, text: differenceOf(item) }))
    .filter(({ text }) => text !== '');
  return (
    <figure ref={box} className="m-0 my-3" data-testid="planned-real">
      <svg
        width={width}
        height={REAL_Y + 10}
        className="fig block max-w-full"
        role="img"
        aria-label={`Planned ${clockText(record.plannedMs)} min, real ${clockText(record.actualMs)} min. ${different
          .map(({ item, text }) => `${item.name} ${text}`)
          .join('; ')}`}
      >
        {bars.map(({ item, planned, real }) => {
          const differs = differenceOf(item) !== '';
          const isLeftOut = item.actualMs === 0;
          return (
            <g key={item.itemId}>
              {differs && (
                <path
                  d={`M${planned.x} ${PLANNED_Y + 5}L${planned.x + planned.width} ${PLANNED_Y + 5}L${real.x + real.width} ${JOIN_Y}V${REAL_Y}L${real.x} ${REAL_Y}V${JOIN_Y}Z`}
                  fill="var(--hairline)"
                  fillOpacity={0.45}
                />
              )}
              {isLeftOut ? (
                <path
                  d={`M${planned.x + 1} ${PLANNED_Y}H${planned.x + planned.width - 1}`}
                  stroke="var(--faded)"
                  strokeDasharray="4 4"
                />
              ) : (
                <path
                  d={groundPath(planned.x + 0.5, planned.x + planned.width - 0.5, PLANNED_Y)}
                  className="scroll-ground"
                />
              )}
              <path
                d={groundPath(real.x + 0.5, real.x + real.width - 0.5, REAL_Y)}
                fill={item.plannedMs === 0 ? 'var(--faded)' : 'var(--ink)'}
              />
            </g>
          );
        })}
        {people && (
          <>
            <g className="fig-way" dangerouslySetInnerHTML={{ __html: people.planned }} />
            <g dangerouslySetInnerHTML={{ __html: people.real }} />
          </>
        )}
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
