'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { breathLine, cueFill, type Practice, type Timeline } from '@/core/practice';
import { ROLE_NAMES } from '@/ui/words/names';
import { BodyLanes, LANES_HEIGHT } from './BodyLanes';
import { brushPath, round, washPath } from './brush';
import { useLanes } from './useLanes';

const TOP = 30;
const LINE_HEIGHT = 92;
const NAMES_Y = TOP + LINE_HEIGHT + 22;
const WORDS_Y = NAMES_Y + 12;
const LANES_Y = WORDS_Y + 8;
const AXIS_Y = LANES_Y + LANES_HEIGHT + 12;
const HEIGHT = AXIS_Y + 22;
/** Pixels a second when looked at closely. */
const CLOSE_PX_PER_S = 7;

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  readonly ink: string;
  readonly onSelect: (itemId: string) => void;
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

function Axis({ timeline, x, pxPerMs }: { timeline: Timeline; x: (ms: number) => number; pxPerMs: number }) {
  const step = minuteStep(pxPerMs * 60_000);
  const count = Math.floor(timeline.totalMs / 60_000 / step);
  const breathEvents = timeline.events.filter((event) => event.breath === 'in' && event.kind === 'stroke');
  const dense = breathEvents.length > 0 && (timeline.totalMs * pxPerMs) / breathEvents.length > 3;
  return (
    <g>
      <line x1={0} x2={x(timeline.totalMs)} y1={AXIS_Y} y2={AXIS_Y} stroke="var(--hairline)" />
      {dense &&
        breathEvents.map((event) => (
          <line
            key={event.index}
            x1={round(x(event.startMs))}
            x2={round(x(event.startMs))}
            y1={AXIS_Y}
            y2={AXIS_Y - (event.breathNumber % 10 === 0 ? 8 : 4)}
            stroke="var(--faded)"
            strokeWidth={event.breathNumber % 10 === 0 ? 1.4 : 0.7}
          />
        ))}
      {Array.from({ length: count + 1 }, (_, index) => index * step).map((minute) => (
        <text
          key={minute}
          x={round(x(minute * 60_000))}
          y={AXIS_Y + 16}
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

function Items({
  practice,
  timeline,
  selectedId,
  x,
  onSelect,
}: Omit<Props, 'ink'> & { x: (ms: number) => number }) {
  return timeline.items.map((span) => {
    const from = x(span.startMs);
    const width = x(span.startMs + span.lengthMs) - from;
    const item = practice.items[span.itemIndex];
    const name = item ? (practice.forms[item.formId]?.name ?? item.formId) : '';
    const letters = Math.floor((width - 6) / 6.4);
    const selected = span.itemId === selectedId;
    return (
      <g key={span.itemId} onClick={() => onSelect(span.itemId)} className="cursor-pointer">
        <title>{name}</title>
        <rect
          x={round(from)}
          y={TOP - 4}
          width={round(width)}
          height={NAMES_Y - TOP + 10}
          fill={selected ? 'var(--leaf)' : 'transparent'}
          stroke={selected ? 'var(--ink)' : 'none'}
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
}

/** Marks under each stroke whose cue is longer than the stroke. */
function WordsLane({ timeline, x }: { timeline: Timeline; x: (ms: number) => number }) {
  const long = timeline.events.filter(
    (event) => event.kind === 'stroke' && event.repetition <= 1 && cueFill(event) > 1,
  );
  return long.map((event) => (
    <g key={event.index}>
      <title>{`“${event.cue}” takes longer to say than the ${event.breath === 'in' ? 'inhale' : event.breath === 'out' ? 'exhale' : 'stroke'} lasts`}</title>
      <line
        x1={round(x(event.startMs))}
        x2={round(x(event.startMs + event.lengthMs))}
        y1={WORDS_Y}
        y2={WORDS_Y}
        stroke="var(--ink)"
        strokeWidth={3}
      />
    </g>
  ));
}

/** The whole practice, seen breathing: rises for inhales, falls for exhales, flat for holds. */
export function Score({ practice, timeline, selectedId, ink, onSelect }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1000);
  const [close, setClose] = useState(false);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const pxPerMs = close ? CLOSE_PX_PER_S / 1000 : Math.max(width - 8, 280) / Math.max(timeline.totalMs, 1);
  const drawnWidth = Math.ceil(timeline.totalMs * pxPerMs) + 8;
  const x = (ms: number): number => ms * pxPerMs + 1;
  const y = (level: number): number => TOP + 8 + (LINE_HEIGHT - 16) * (1 - level);
  const lanes = useLanes(practice);
  const points = useMemo(() => breathLine(timeline, 0, timeline.totalMs, 8), [timeline]);

  useEffect(() => {
    const span = timeline.items.find((candidate) => candidate.itemId === selectedId);
    if (close && span && box.current) box.current.scrollTo({ left: span.startMs * pxPerMs - 60 });
  }, [close, selectedId, timeline, pxPerMs]);

  return (
    <section aria-label="Score">
      <div className="flex items-baseline justify-between">
        <p className="quiet small">
          {timeline.breaths} breaths led · the line rises with each inhale and falls with each exhale
        </p>
        <button
          type="button"
          className="press-plain small"
          aria-pressed={close}
          onClick={() => setClose(!close)}
        >
          {close ? 'See the whole' : 'Look closer'}
        </button>
      </div>
      <div
        ref={box}
        className="overflow-x-auto overflow-y-hidden border-y border-hairline"
        tabIndex={close ? 0 : -1}
        role="region"
        aria-label="Breath line"
      >
        <svg
          width={drawnWidth}
          height={HEIGHT}
          role="img"
          aria-label={`Breath line of ${timeline.items.length} forms in ${timeline.sections.length} sections`}
          className="block"
        >
          <Items practice={practice} timeline={timeline} selectedId={selectedId} x={x} onSelect={onSelect} />
          <Sections timeline={timeline} x={x} />
          <path d={washPath(points, x, y)} fill={ink} fillOpacity={0.16} pointerEvents="none" />
          <path d={brushPath(points, x, y, close ? 1.7 : 1)} fill={ink} pointerEvents="none" />
          <BodyLanes points={lanes} x={x} top={LANES_Y} totalMs={timeline.totalMs} />
          <WordsLane timeline={timeline} x={x} />
          <Axis timeline={timeline} x={x} pxPerMs={pxPerMs} />
        </svg>
      </div>
    </section>
  );
}
