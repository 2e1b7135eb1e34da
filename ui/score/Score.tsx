'use client';

import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { effortCurve } from '@/core/compose/effort';
import {
  breathLine,
  cueFill,
  formOf,
  type Edit,
  type LanePoint,
  type Practice,
  type Timeline,
} from '@/core/practice';
import { ROLE_NAMES } from '@/ui/words/names';
import { BodyLanes, LANES_HEIGHT } from './BodyLanes';
import { brushPath, round, washPath } from './brush';
import { CHANNEL_HEIGHT, ChannelLanes, channelsShown, EFFORT_HEIGHT, EffortLane } from './MoreLanes';
import { usePlayMark } from './usePlayMark';
import { useZoom, ZOOM_STEP } from './useZoom';

// The figure comes when something is pointed at: it does not weigh on the first load.
const PointedFigure = dynamic(async () => (await import('./PointedFigure')).PointedFigure, { ssr: false });

const TOP = 30;
const LINE_HEIGHT = 92;
const NAMES_Y = TOP + LINE_HEIGHT + 22;
const WORDS_Y = NAMES_Y + 12;
/** From here on a stroke's own cue fits under it, px a second. */
const CUES_FROM_PX_PER_S = 16;

/** What can be shown under the breath line. */
const LANES = ['body', 'effort', 'channels', 'words'] as const;
type Lane = (typeof LANES)[number];
const LANE_LABELS: Readonly<Record<Lane, string>> = {
  body: 'feet, height, arms',
  effort: 'effort',
  channels: 'channels',
  words: 'words',
};

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  /** All that are chosen, where there are several. */
  readonly chosen: ReadonlySet<string>;
  readonly ink: string;
  readonly lanes: readonly LanePoint[];
  readonly onSelect: (itemId: string, how?: 'toggle' | 'extend') => void;
  readonly onEdit: (edit: Edit, said: string) => void;
}

function Sections({ timeline, x }: { timeline: Timeline; x: (ms: number) => number }) {
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

/** A step of the minute axis that leaves room for its figures. */
const minuteStep = (pxPerMin: number): number => [1, 2, 5, 10].find((step) => step * pxPerMin >= 46) ?? 15;

function Axis({
  timeline,
  x,
  pxPerMs,
  y,
}: {
  timeline: Timeline;
  x: (ms: number) => number;
  pxPerMs: number;
  y: number;
}) {
  const step = minuteStep(pxPerMs * 60_000);
  const count = Math.floor(timeline.totalMs / 60_000 / step);
  const breathEvents = timeline.events.filter((event) => event.breath === 'in' && event.kind === 'stroke');
  const dense = breathEvents.length > 0 && (timeline.totalMs * pxPerMs) / breathEvents.length > 3;
  return (
    <g>
      <line x1={0} x2={x(timeline.totalMs)} y1={y} y2={y} stroke="var(--hairline)" />
      {dense &&
        breathEvents.map((event) => (
          <line
            key={event.index}
            x1={round(x(event.startMs))}
            x2={round(x(event.startMs))}
            y1={y}
            y2={y - (event.breathNumber % 10 === 0 ? 8 : 4)}
            stroke="var(--faded)"
            strokeWidth={event.breathNumber % 10 === 0 ? 1.4 : 0.7}
          />
        ))}
      {Array.from({ length: count + 1 }, (_, index) => index * step).map((minute) => (
        <text
          key={minute}
          x={round(x(minute * 60_000))}
          y={y + 16}
          fontSize={13}
          fill="var(--faded)"
          textAnchor={minute === 0 ? 'start' : 'middle'}
          className="figures font-sans"
        >
          {minute === 0 ? '0 min' : minute}
        </text>
      ))}
    </g>
  );
}

/** The right edge of the chosen block: dragged, it gives or takes repetitions. */
function Edge({
  practice,
  timeline,
  index,
  x,
  pxPerMs,
  onEdit,
}: {
  practice: Practice;
  timeline: Timeline;
  index: number;
  x: (ms: number) => number;
  pxPerMs: number;
  onEdit: Props['onEdit'];
}) {
  const from = useRef<number | undefined>(undefined);
  const [steps, setSteps] = useState(0);
  const span = timeline.items[index];
  const item = practice.items[index];
  if (!span || !item) return null;
  const form = formOf(practice, item);
  const events = timeline.events.slice(span.firstEvent, span.firstEvent + span.eventCount);
  // A later repetition: the first is slower.
  const one = events
    .filter((event) => event.repetition === Math.min(2, item.repetitions))
    .reduce((sum, event) => sum + event.lengthMs, 0);
  const stepPx = Math.max(6, one * pxPerMs * form.repetitions.multipleOf);
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

function Items({
  practice,
  timeline,
  selectedId,
  chosen,
  x,
  onSelect,
  onEdit,
  pxPerMs,
}: Omit<Props, 'ink' | 'lanes'> & { x: (ms: number) => number; pxPerMs: number }) {
  return timeline.items.map((span) => {
    const from = x(span.startMs);
    const width = x(span.startMs + span.lengthMs) - from;
    const item = practice.items[span.itemIndex];
    const name = item ? (practice.forms[item.formId]?.name ?? item.formId) : '';
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
        {selected && (
          <Edge
            practice={practice}
            timeline={timeline}
            index={span.itemIndex}
            x={x}
            pxPerMs={pxPerMs}
            onEdit={onEdit}
          />
        )}
      </g>
    );
  });
}

/** Under each stroke whether its cue fits; looked at closely, the cue itself. */
function WordsLane({
  timeline,
  x,
  y,
  pxPerMs,
}: {
  timeline: Timeline;
  x: (ms: number) => number;
  y: number;
  pxPerMs: number;
}) {
  const close = pxPerMs * 1000 >= CUES_FROM_PX_PER_S;
  return timeline.events.map((event) => {
    if (event.kind !== 'stroke' || (!close && (event.repetition > 1 || cueFill(event) <= 1))) return null;
    const fill = cueFill(event);
    const width = event.lengthMs * pxPerMs;
    const letters = Math.floor((width - 6) / 6.2);
    return (
      <g key={event.index}>
        <title>
          {fill > 1
            ? `“${event.cue}” takes longer to say than the ${event.breath === 'in' ? 'inhale' : event.breath === 'out' ? 'exhale' : 'stroke'} lasts`
            : event.cue}
        </title>
        <line
          x1={round(x(event.startMs))}
          x2={round(x(event.startMs) + width * Math.min(1, fill))}
          y1={y}
          y2={y}
          stroke="var(--ink)"
          strokeWidth={fill > 1 ? 3 : 1}
        />
        {close && letters > 6 && (
          <text
            x={round(x(event.startMs) + 2)}
            y={y + 14}
            fontSize={13}
            fill="var(--ink)"
            className="font-sans"
          >
            {event.cue.length > letters ? `${event.cue.slice(0, letters - 1)}…` : event.cue}
          </text>
        )}
      </g>
    );
  });
}

/** The part of a timeline between two moments: only that is drawn. */
function within(timeline: Timeline, fromMs: number, toMs: number): Timeline {
  const touches = ({ startMs, lengthMs }: { startMs: number; lengthMs: number }): boolean =>
    startMs + lengthMs >= fromMs && startMs <= toMs;
  return {
    ...timeline,
    events: timeline.events.filter(touches),
    items: timeline.items.filter(touches),
    sections: timeline.sections.filter(touches),
  };
}

/** The whole practice, seen breathing: rises for inhales, falls for exhales, flat for holds. */
export function Score({ practice, timeline, lanes, selectedId, chosen, ink, onSelect, onEdit }: Props) {
  const { totalMs } = timeline;
  const zoom = useZoom(totalMs);
  const { box, pxPerMs, fromMs, toMs, show } = zoom;
  const [shown, setShown] = useState<ReadonlySet<Lane>>(new Set(['body', 'words']));
  const [pointedMs, setPointedMs] = useState<number | undefined>(undefined);
  const mark = usePlayMark(totalMs);
  const drawnWidth = Math.ceil(totalMs * pxPerMs) + 8;
  const x = (ms: number): number => ms * pxPerMs + 1;
  const part = useMemo(() => within(timeline, fromMs, toMs), [timeline, fromMs, toMs]);
  const points = useMemo(() => {
    // Far away two points a stroke tell as much as eight.
    const fine = pxPerMs * 1000 < 1.2 ? 3 : pxPerMs * 1000 < 12 ? 8 : 20;
    return breathLine(timeline, fromMs, toMs, fine);
  }, [timeline, fromMs, toMs, pxPerMs]);
  const effort = useMemo(() => effortCurve(practice, timeline), [practice, timeline]);
  const channels = useMemo(() => channelsShown(practice, timeline), [practice, timeline]);

  const wordsHeight = shown.has('words') ? (pxPerMs * 1000 >= CUES_FROM_PX_PER_S ? 24 : 8) : 0;
  const bodyTop = WORDS_Y + wordsHeight;
  const effortTop = bodyTop + (shown.has('body') ? LANES_HEIGHT + 4 : 0);
  const channelTop = effortTop + (shown.has('effort') ? EFFORT_HEIGHT + 8 : 0);
  const axisY = channelTop + (shown.has('channels') ? channels.length * CHANNEL_HEIGHT + 6 : 0) + 12;
  const height = axisY + 22;
  const atMs = mark.playing ? mark.atMs : (pointedMs ?? mark.atMs);
  const pointing = mark.playing || pointedMs !== undefined || mark.atMs > 0;

  const selectedStart = timeline.items.find((span) => span.itemId === selectedId)?.startMs;
  useEffect(() => {
    if (selectedStart !== undefined) show(selectedStart);
    // Only when another is chosen: an edit must not pull the score away under the hand.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [selectedId]);

  // Drawn once for what is in sight: the mark that follows the pointer must not draw an hour anew.
  const drawing = useMemo(() => {
    const x = (ms: number): number => ms * pxPerMs + 1;
    const y = (level: number): number => TOP + 8 + (LINE_HEIGHT - 16) * (1 - level);
    return (
      <>
        <Items
          practice={practice}
          timeline={part}
          selectedId={selectedId}
          chosen={chosen}
          x={x}
          pxPerMs={pxPerMs}
          onSelect={onSelect}
          onEdit={onEdit}
        />
        <Sections timeline={part} x={x} />
        <path d={washPath(points, x, y)} fill={ink} fillOpacity={0.16} pointerEvents="none" />
        <path d={brushPath(points, x, y, zoom.whole ? 1 : 1.7)} fill={ink} pointerEvents="none" />
        {shown.has('body') && (
          <BodyLanes
            points={lanes.filter((point) => point.atMs >= fromMs && point.atMs <= toMs)}
            x={x}
            top={bodyTop}
            totalMs={totalMs}
            left={zoom.left}
          />
        )}
        {shown.has('words') && <WordsLane timeline={part} x={x} y={WORDS_Y} pxPerMs={pxPerMs} />}
        {shown.has('effort') && <EffortLane spans={effort} x={x} top={effortTop} left={zoom.left} />}
        {shown.has('channels') && (
          <ChannelLanes
            practice={practice}
            timeline={part}
            channels={channels}
            x={x}
            top={channelTop}
            left={zoom.left}
          />
        )}
        <Axis timeline={timeline} x={x} pxPerMs={pxPerMs} y={axisY} />
      </>
    );
  }, [
    axisY,
    bodyTop,
    channelTop,
    channels,
    chosen,
    effort,
    effortTop,
    fromMs,
    ink,
    lanes,
    onEdit,
    onSelect,
    part,
    points,
    practice,
    pxPerMs,
    selectedId,
    shown,
    timeline,
    toMs,
    totalMs,
    zoom.left,
    zoom.whole,
  ]);

  const pointed = (event: PointerEvent): void => {
    const frame = event.currentTarget.getBoundingClientRect();
    setPointedMs(Math.min(totalMs, Math.max(0, (event.clientX - frame.left - 1) / pxPerMs)));
  };
  const keys = (event: KeyboardEvent): void => {
    const does = (action: () => void): void => {
      event.preventDefault();
      action();
    };
    const about = pointing ? atMs : undefined;
    if (event.key === '+' || event.key === '=') does(() => zoom.by(ZOOM_STEP, about));
    else if (event.key === '-') does(() => zoom.by(1 / ZOOM_STEP, about));
    else if (event.key === '0') does(zoom.reset);
    else if (event.key === ' ') does(mark.toggle);
    else if (event.key === 'ArrowRight' || event.key === 'ArrowLeft')
      does(() => {
        setPointedMs(undefined);
        const way = event.key === 'ArrowRight' ? 1 : -1;
        mark.go(Math.min(totalMs, Math.max(0, mark.atMs + way * Math.max(1000, 24 / pxPerMs))));
        show(mark.atMs);
      });
    else if (event.key === 'Enter')
      does(() => {
        const span = timeline.items.find((one) => one.startMs <= atMs && one.startMs + one.lengthMs > atMs);
        if (span) onSelect(span.itemId);
      });
  };

  return (
    <section aria-label="Score" className="relative">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <p className="quiet small">
          {timeline.breaths} breaths led · the line rises with each inhale and falls with each exhale
        </p>
        <span className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <fieldset className="flex flex-wrap items-center gap-x-3">
            <legend className="sr-only">Lanes shown</legend>
            {LANES.map((lane) => (
              <label key={lane} className="small inline-flex min-h-6 items-center gap-1">
                <input
                  type="checkbox"
                  className="accent-ink"
                  checked={shown.has(lane)}
                  onChange={() =>
                    setShown((before) => {
                      const next = new Set(before);
                      if (!next.delete(lane)) next.add(lane);
                      return next;
                    })
                  }
                />
                {LANE_LABELS[lane]}
              </label>
            ))}
          </fieldset>
          <button
            type="button"
            className="press-plain small"
            aria-pressed={mark.playing}
            onClick={mark.toggle}
          >
            {mark.playing ? 'Stop' : 'Play'}
          </button>
          <button type="button" className="press-plain small" disabled={zoom.whole} onClick={zoom.reset}>
            See the whole
          </button>
          <button
            type="button"
            className="press-plain small"
            disabled={zoom.whole}
            onClick={() => zoom.by(1 / ZOOM_STEP)}
          >
            Farther
          </button>
          <button
            type="button"
            className="press-plain small"
            disabled={zoom.closest}
            onClick={() => zoom.by(ZOOM_STEP, selectedStart)}
          >
            Look closer
          </button>
        </span>
      </div>
      <div
        ref={box}
        className="overflow-x-auto overflow-y-hidden border-y border-hairline"
        tabIndex={0}
        role="region"
        aria-label="Breath line"
        aria-describedby="score-keys"
        onKeyDown={keys}
      >
        <svg
          width={drawnWidth}
          height={height}
          role="img"
          aria-label={`Breath line of ${timeline.items.length} forms in ${timeline.sections.length} sections`}
          className="block"
          onPointerMove={pointed}
          onPointerLeave={() => setPointedMs(undefined)}
        >
          {drawing}
          {pointing && (
            <line
              x1={round(x(atMs))}
              x2={round(x(atMs))}
              y1={TOP - 8}
              y2={axisY}
              stroke="var(--ink)"
              strokeWidth={1}
              pointerEvents="none"
            />
          )}
        </svg>
      </div>
      <p id="score-keys" className="sr-only">
        Plus and minus zoom, 0 shows the whole, left and right move the mark, Enter chooses the form at the
        mark, space plays.
      </p>
      {pointing && (
        // Over the half of the score that is not pointed at, so that nothing moves out of its place.
        <div
          className={`pointer-events-none absolute top-9 z-10 max-w-80 border border-hairline bg-leaf px-2 pt-1 ${
            x(atMs) - zoom.left > zoom.width / 2 ? 'left-0' : 'right-0'
          }`}
        >
          <PointedFigure practice={practice} timeline={timeline} atMs={atMs} ink={ink} />
        </div>
      )}
    </section>
  );
}
