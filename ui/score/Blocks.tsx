import { useRef, useState, type PointerEvent } from 'react';
import { nameOf } from '@/core/forms';
import { formOf, type Edit, type Practice, type Timeline } from '@/core/practice';
import { ROLE_NAMES } from '@/ui/words/names';
import { groundPath } from '@/ui/scroll/ground';
import { layNames } from '@/ui/scroll/lay';
import { nameWidth, type Strip } from '@/ui/scroll/strip';
import { round } from './brush';

/** Where the breath begins and how tall it is, px. */
export const TOP = 28;
export const LINE_HEIGHT = 64;
/** A standing figure, and the ground it stands on; raised arms need a little more over it. */
export const FIGURE_PX = 98;
export const GROUND_Y = TOP + LINE_HEIGHT + FIGURE_PX * 1.28;
/** Where the names under the ground begin, and how many rows they have. */
const NAMES_FROM = GROUND_Y + 20;
const NAME_ROW = 29;
const NAME_ROWS = 2;
/** The end of the names. */
export const NAMES_Y = NAMES_FROM + NAME_ROW * (NAME_ROWS - 1) + 16;

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  readonly chosen: ReadonlySet<string>;
  readonly x: (ms: number) => number;
  readonly pxPerMs: number;
  readonly onSelect: (itemId: string, how?: 'toggle' | 'extend') => void;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** The ground, section by section, with the section's name over the breath. */
export function Sections({ timeline, x }: { timeline: Timeline; x: (ms: number) => number }) {
  return timeline.sections.map((section) => {
    const from = x(section.startMs);
    const to = x(section.startMs + section.lengthMs);
    const name = ROLE_NAMES[section.role];
    return (
      <g key={`${section.role}-${section.startMs}`} pointerEvents="none">
        <path d={groundPath(from + 1.5, to - 1.5, GROUND_Y)} className="scroll-ground" />
        <path
          d={`M${round(from + 0.5)} ${TOP - 8}V${round(GROUND_Y - 8)}`}
          stroke="var(--hairline)"
          strokeWidth={0.8}
        />
        {to - from > name.length * 7 && (
          <text x={round(from + 3)} y={TOP - 12} className="scroll-section">
            {name}
          </text>
        )}
      </g>
    );
  });
}

/** The names under the ground with how much is done of each; none is cut, what has no room waits for the pointer. */
export function Names({
  strip,
  x,
  left,
  selectedId,
}: {
  strip: Strip;
  x: (ms: number) => number;
  left: number;
  selectedId: string | undefined;
}) {
  const byKey = new Map(strip.items.map((item) => [item.key, item]));
  const width = x(strip.totalMs);
  return layNames(strip.items, x, { width, rows: NAME_ROWS, widthOf: nameWidth }).map(
    ({ key, x: at, row }) => {
      const item = byKey.get(key);
      if (!item) return null;
      // A form that began before what is in sight keeps its name in sight.
      const last = x(item.startMs + item.lengthMs) - nameWidth(item) - 4;
      const from = at < left + 2 && last > at ? Math.min(left + 2, last) : at;
      const y = NAMES_FROM + row * NAME_ROW;
      return (
        <g key={key} pointerEvents="none">
          {row > 0 && (
            <path
              d={`M${round(x(item.startMs) + 0.5)} ${round(GROUND_Y + 5)}V${round(y - 11)}`}
              stroke="var(--hairline)"
              strokeWidth={0.8}
            />
          )}
          <text
            x={round(from)}
            y={round(y)}
            className="scroll-name"
            fontWeight={key === selectedId ? 700 : undefined}
          >
            {item.name}
          </text>
          <text x={round(from)} y={round(y + 13)} className="scroll-dose">
            {item.dose}
          </text>
        </g>
      );
    },
  );
}

/** The right edge of the chosen block: dragged, it gives or takes repetitions. */
function Edge({
  practice,
  timeline,
  at,
  x,
  pxPerMs,
  onEdit,
}: {
  practice: Practice;
  timeline: Timeline;
  /** Which of the spans in sight. */
  at: number;
  x: (ms: number) => number;
  pxPerMs: number;
  onEdit: Props['onEdit'];
}) {
  const from = useRef<number | undefined>(undefined);
  const [steps, setSteps] = useState(0);
  const span = timeline.items[at];
  const item = span && practice.items[span.itemIndex];
  if (!span || !item) return null;
  const form = formOf(practice, item);
  // A repetition takes about its share of the block; the little talk before the first hardly shows.
  const stepPx = Math.max(6, (span.lengthMs / item.repetitions) * pxPerMs * form.repetitions.multipleOf);
  const least = -Math.floor((item.repetitions - 1) / form.repetitions.multipleOf);
  const edge = x(span.startMs + span.lengthMs);
  const moved = (event: PointerEvent): void => {
    if (from.current !== undefined)
      setSteps(Math.max(least, Math.round((event.clientX - from.current) / stepPx)));
  };
  const dropped = (): void => {
    from.current = undefined;
    if (steps !== 0)
      onEdit({ kind: 'repetitions', itemId: item.id, steps }, `${form.name}: repetitions changed`);
    setSteps(0);
  };
  return (
    <g>
      {steps !== 0 && (
        <text x={round(edge + 8)} y={TOP + 16} fontSize={14} fill="var(--ink)" className="figures font-sans">
          {item.repetitions + steps * form.repetitions.multipleOf}×
        </text>
      )}
      <line
        x1={round(edge + steps * stepPx)}
        x2={round(edge + steps * stepPx)}
        y1={TOP}
        y2={NAMES_Y}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <rect
        x={round(edge - 8 + steps * stepPx)}
        y={TOP - 4}
        width={16}
        height={NAMES_Y - TOP + 10}
        fill="transparent"
        className="cursor-ew-resize touch-none"
        onClick={(event) => event.stopPropagation()}
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          from.current = event.clientX;
        }}
        onPointerMove={moved}
        onPointerUp={dropped}
        onPointerCancel={dropped}
      >
        <title>Drag for more or fewer repetitions; + and − do the same</title>
      </rect>
    </g>
  );
}

export function Items({
  practice,
  timeline,
  selectedId,
  chosen,
  x,
  onSelect,
  onEdit,
  pxPerMs,
}: Omit<Props, 'ink' | 'lanes'> & { x: (ms: number) => number; pxPerMs: number }) {
  const blocks = timeline.items.map((span) => {
    const from = x(span.startMs);
    const width = x(span.startMs + span.lengthMs) - from;
    const item = practice.items[span.itemIndex];
    const form = item ? practice.forms[item.formId] : undefined;
    const name = item && form ? nameOf(form, item.variant) : (item?.formId ?? '');
    const selected = span.itemId === selectedId;
    return (
      <g
        key={span.itemId}
        onClick={(event) =>
          onSelect(
            span.itemId,
            event.shiftKey ? 'extend' : event.ctrlKey || event.metaKey ? 'toggle' : undefined,
          )
        }
        className="cursor-pointer"
      >
        <title>{name}</title>
        <rect
          x={round(from)}
          y={TOP - 4}
          width={round(width)}
          height={NAMES_Y - TOP + 10}
          fill={selected || chosen.has(span.itemId) ? 'var(--leaf)' : 'transparent'}
        />
        {(selected || chosen.has(span.itemId)) && (
          <path
            d={`M${round(from + 1)} ${GROUND_Y + 4.5}H${round(from + width - 1)}`}
            stroke="var(--ink)"
            strokeWidth={3}
          />
        )}
      </g>
    );
  });
  const at = timeline.items.findIndex((span) => span.itemId === selectedId);
  return (
    <>
      {blocks}
      {/* Last, so that it lies over the block that follows. */}
      {at >= 0 && (
        <Edge practice={practice} timeline={timeline} at={at} x={x} pxPerMs={pxPerMs} onEdit={onEdit} />
      )}
    </>
  );
}
