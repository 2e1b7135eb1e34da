import { useRef, useState, type PointerEvent } from 'react';
import { nameOf } from '@/core/forms';
import { formOf, type Edit, type Practice, type Timeline } from '@/core/practice';
import { ROLE_NAMES } from '@/ui/words/names';
import { round } from './brush';

/** Where the breath line begins and how tall it is; where the names under it stand, px. */
export const TOP = 30;
export const LINE_HEIGHT = 92;
export const NAMES_Y = TOP + LINE_HEIGHT + 22;

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

export function Sections({ timeline, x }: { timeline: Timeline; x: (ms: number) => number }) {
  return timeline.sections.map((section) => {
    const from = x(section.startMs);
    const width = x(section.startMs + section.lengthMs) - from;
    const name = ROLE_NAMES[section.role];
    return (
      <g key={`${section.role}-${section.startMs}`}>
        <path
          d={`M${round(from + 1)} ${TOP - 6}v-4H${round(from + width - 1)}v4`}
          fill="none"
          stroke="var(--faded)"
        />
        {width > name.length * 7.2 && (
          <text
            x={round(from + width / 2)}
            y={TOP - 15}
            textAnchor="middle"
            fontSize={14.5}
            fill="var(--ink)"
            className="font-sans"
          >
            {name}
          </text>
        )}
      </g>
    );
  });
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
    const letters = Math.floor((width - 6) / 6.4);
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
          stroke={selected || chosen.has(span.itemId) ? 'var(--ink)' : 'none'}
        />
        <line x1={round(from)} x2={round(from)} y1={TOP} y2={NAMES_Y + 4} stroke="var(--hairline)" />
        {letters >= 4 && (
          <text
            x={round(from + 4)}
            y={NAMES_Y}
            fontSize={13}
            fill={selected ? 'var(--ink)' : 'var(--faded)'}
            className="font-sans"
          >
            {name.length > letters ? `${name.slice(0, letters - 1)}…` : name}
          </text>
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
