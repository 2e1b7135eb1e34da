'use client';

import dynamic from 'next/dynamic';
import { memo, useEffect, useMemo, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { effortCurve } from '@/core/compose/effort';
import { breathLine, type Edit, type LanePoint, type Practice, type Timeline } from '@/core/practice';
import { Axis } from './Axis';
import { Items, LINE_HEIGHT, NAMES_Y, Sections, TOP } from './Blocks';
import { BodyLanes, LANES_HEIGHT } from './BodyLanes';
import { brushPath, round, washPath } from './brush';
import { CHANNEL_HEIGHT, ChannelLanes, channelsShown, EFFORT_HEIGHT, EffortLane } from './MoreLanes';
import { usePlayMark } from './usePlayMark';
import { useZoom, ZOOM_STEP } from './useZoom';
import { CUES_FROM_PX_PER_S, WordsLane } from './WordsLane';

// The figure comes when something is pointed at: it does not weigh on the first load.
const PointedFigure = dynamic(async () => (await import('./PointedFigure')).PointedFigure, { ssr: false });

const WORDS_Y = NAMES_Y + 12;

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
export const Score = memo(function Score({
  practice,
  timeline,
  lanes,
  selectedId,
  chosen,
  ink,
  onSelect,
  onEdit,
}: Props) {
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
});
