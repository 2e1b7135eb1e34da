import dynamic from 'next/dynamic';
import { memo, useMemo } from 'react';
import { effortCurve } from '@/core/compose/effort';
import { breathLine, type Edit, type LanePoint, type Practice, type Timeline } from '@/core/practice';
import { layWashes, REED_PX } from '@/ui/scroll/lay';
import { stripOf } from '@/ui/scroll/strip';
import { Axis } from './Axis';
import { Items, LINE_HEIGHT, Names, Sections, TOP } from './Blocks';
import { BodyLanes } from './BodyLanes';
import { brushPath, round, washPath } from './brush';
import { laidOut, WORDS_Y, type Lane } from './laid';
import { LayersLane, Syllables } from './LayersLane';
import { ChannelLanes, EffortLane } from './MoreLanes';
import { WordsLane } from './WordsLane';

// The people come when the page stands: they do not weigh on the first load.
const ScrollFigures = dynamic(async () => (await import('./ScrollFigures')).ScrollFigures, { ssr: false });

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  readonly chosen: ReadonlySet<string>;
  readonly ink: string;
  readonly wordsPerMin: number;
  readonly lanes: readonly LanePoint[];
  readonly channels: readonly string[];
  /** Something lies on the breath. */
  readonly layers: boolean;
  readonly shown: ReadonlySet<Lane>;
  readonly pxPerMs: number;
  readonly fromMs: number;
  readonly toMs: number;
  /** How far it is scrolled, px. */
  readonly left: number;
  readonly isWhole: boolean;
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

/** Far away two points a stroke tell as much as eight. */
const pointsAStroke = (pxPerS: number): number => (pxPerS < 1.2 ? 3 : pxPerS < 12 ? 8 : 20);

/** What is in sight, drawn once: the mark that follows the pointer must not draw an hour anew. */
export const Drawing = memo(function Drawing(props: Props) {
  const { practice, timeline, selectedId, chosen, ink, lanes, channels, shown } = props;
  const { pxPerMs, fromMs, toMs, left, isWhole, onSelect, onEdit } = props;
  const part = useMemo(() => within(timeline, fromMs, toMs), [timeline, fromMs, toMs]);
  const points = useMemo(
    () => breathLine(timeline, fromMs, toMs, pointsAStroke(pxPerMs * 1000)),
    [timeline, fromMs, toMs, pxPerMs],
  );
  const strip = useMemo(() => stripOf(practice, timeline), [practice, timeline]);
  const effort = useMemo(() => effortCurve(practice, timeline), [practice, timeline]);
  const { layersTop, bodyTop, effortTop, channelTop, axisY } = laidOut(
    shown,
    channels.length,
    pxPerMs,
    props.layers,
  );
  const x = (ms: number): number => ms * pxPerMs + 1;
  const y = (level: number): number => TOP + 4 + (LINE_HEIGHT - 12) * (1 - level);
  // From afar a hundred reeds are a fence: the breath is then a wash, its height and grain the pace and the quiet.
  const isFar = timeline.breaths > 0 && (timeline.totalMs * pxPerMs) / timeline.breaths < REED_PX;
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
      {isFar ? (
        <g color={ink} pointerEvents="none">
          {layWashes(strip.items, x).map(({ key, from, to, level, grain }) => (
            <g key={key}>
              <path
                className="scroll-wash"
                d={`M${round(from + 0.5)} ${y(0)}V${round(y(level) + 3)}q0 -3 3 -3H${round(Math.max(from + 4, to - 3.5))}q3 0 3 3V${y(0)}Z`}
              />
              <path
                className="scroll-grain"
                d={grain.map((at) => `M${round(at)} ${y(0)}V${round(y(level) + 1.5)}`).join('')}
              />
            </g>
          ))}
        </g>
      ) : (
        <>
          <path d={washPath(points, x, y)} fill={ink} fillOpacity={0.16} pointerEvents="none" />
          <path d={brushPath(points, x, y, isWhole ? 1 : 1.7)} fill={ink} pointerEvents="none" />
        </>
      )}
      <ScrollFigures
        practice={practice}
        timeline={timeline}
        strip={strip}
        pxPerMs={pxPerMs}
        fromMs={fromMs}
        toMs={toMs}
        ink={ink}
      />
      <Names strip={strip} x={x} left={left} selectedId={selectedId} />
      <Syllables timeline={part} x={x} y={y} />
      {props.layers && shown.has('layers') && (
        <LayersLane practice={practice} timeline={part} x={x} top={layersTop} />
      )}
      {shown.has('body') && (
        <BodyLanes
          points={lanes.filter((point) => point.atMs >= fromMs && point.atMs <= toMs)}
          x={x}
          top={bodyTop}
          totalMs={timeline.totalMs}
          left={left}
        />
      )}
      {shown.has('words') && (
        <WordsLane timeline={part} x={x} y={WORDS_Y} pxPerMs={pxPerMs} wordsPerMin={props.wordsPerMin} />
      )}
      {shown.has('effort') && <EffortLane spans={effort} x={x} top={effortTop} left={left} />}
      {shown.has('channels') && (
        <ChannelLanes
          practice={practice}
          timeline={part}
          channels={channels}
          x={x}
          top={channelTop}
          left={left}
        />
      )}
      <Axis timeline={timeline} x={x} pxPerMs={pxPerMs} y={axisY} />
    </>
  );
});
