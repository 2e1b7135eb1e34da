'use client';

import dynamic from 'next/dynamic';
import { memo, useEffect, useMemo, useState, type PointerEvent } from 'react';
import type { Edit, LanePoint, Practice, Timeline } from '@/core/practice';
import { TOP } from './Blocks';
import { round } from './brush';
import { Drawing } from './Drawing';
import { laidOut, type Lane } from './laid';
import { hasLayers } from './LayersLane';
import { channelsShown } from './MoreLanes';
import { ScoreHead } from './ScoreHead';
import { scoreKeys } from './scoreKeys';
import { usePlayMark } from './usePlayMark';
import { useZoom } from './useZoom';

// The figure comes when something is pointed at: it does not weigh on the first load.
const PointedFigure = dynamic(async () => (await import('./PointedFigure')).PointedFigure, { ssr: false });

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  /** All that are chosen, where there are several. */
  readonly chosen: ReadonlySet<string>;
  readonly ink: string;
  readonly wordsPerMin: number;
  readonly lanes: readonly LanePoint[];
  readonly onSelect: (itemId: string, how?: 'toggle' | 'extend') => void;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** The whole practice, seen breathing: rises for inhales, falls for exhales, flat for holds. */
export const Score = memo(function Score(props: Props) {
  const { practice, timeline, lanes, selectedId, chosen, ink, onSelect, onEdit } = props;
  const { totalMs } = timeline;
  const zoom = useZoom(totalMs);
  const { box, pxPerMs, fromMs, toMs, show } = zoom;
  const [shown, setShown] = useState<ReadonlySet<Lane>>(new Set<Lane>());
  const [pointedMs, setPointedMs] = useState<number | undefined>(undefined);
  const mark = usePlayMark(totalMs);
  const x = (ms: number): number => ms * pxPerMs + 1;
  const channels = useMemo(() => channelsShown(practice, timeline), [practice, timeline]);
  const layers = useMemo(() => hasLayers(timeline), [timeline]);
  const { axisY, height } = laidOut(shown, channels.length, pxPerMs, layers);
  const atMs = mark.playing ? mark.atMs : (pointedMs ?? mark.atMs);
  const isPointing = mark.playing || pointedMs !== undefined || mark.atMs > 0;

  const selectedStart = timeline.items.find((span) => span.itemId === selectedId)?.startMs;
  useEffect(() => {
    if (selectedStart !== undefined) show(selectedStart);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when another is chosen: an edit must not pull the score away under the hand
  }, [selectedId]);

  const pointed = (event: PointerEvent): void => {
    const frame = event.currentTarget.getBoundingClientRect();
    setPointedMs(Math.min(totalMs, Math.max(0, (event.clientX - frame.left - 1) / pxPerMs)));
  };
  const onUnpoint = (): void => setPointedMs(undefined);
  return (
    <section aria-label="Score" className="relative">
      <ScoreHead
        breaths={timeline.breaths}
        shown={shown}
        onShown={setShown}
        mark={mark}
        zoom={zoom}
        aboutMs={selectedStart}
      />
      <div
        ref={box}
        className="overflow-x-auto overflow-y-hidden border-y border-hairline"
        tabIndex={0}
        role="region"
        aria-label="Breath line"
        aria-describedby="score-keys"
        onKeyDown={scoreKeys({ timeline, zoom, mark, atMs, isPointing, onUnpoint, onSelect })}
      >
        <svg
          width={Math.ceil(totalMs * pxPerMs) + 8}
          height={height}
          role="img"
          aria-label={`Breath line of ${timeline.items.length} forms in ${timeline.sections.length} sections`}
          className="drawn-apart block"
          onPointerMove={pointed}
          onPointerLeave={onUnpoint}
        >
          <Drawing
            practice={practice}
            timeline={timeline}
            selectedId={selectedId}
            chosen={chosen}
            ink={ink}
            wordsPerMin={props.wordsPerMin}
            lanes={lanes}
            channels={channels}
            layers={layers}
            shown={shown}
            pxPerMs={pxPerMs}
            fromMs={fromMs}
            toMs={toMs}
            left={zoom.left}
            isWhole={zoom.whole}
            onSelect={onSelect}
            onEdit={onEdit}
          />
          {isPointing && (
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
      {isPointing && (
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
