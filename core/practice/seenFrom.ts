import { tellingOf, type Movement } from '../body';
import type { Timeline, TimelineEvent } from './compile';

/**
 * From where the figure is seen while a form is led: as the form is usually shown, turned to the side that works, and
 * further round only where another view tells much more.
 */

/** Degrees round the body from the front that may be turned to. */
const VIEWS_DEG = [0, 38, -38, 90, -90] as const;
/** No further round than this from where a form is usually seen: who follows it should still see the face, or the back. */
const MOST_TURN_DEG = 52;
/** The other side is turned to where it tells so many times as much; another view, where it does so many times. */
const OTHER_SIDE = 1.12;
const OTHER_VIEW = 1.6;
/** What moves less than this in all is not worth turning for, m. */
const WORTH_M = 1;

/** How long a view is kept at the least, ms: who follows a figure does not want to see it turn at every breath. */
const KEPT_MS = 15_000;

/** The view a few movements are best seen from together, degrees. */
function viewOf(movements: readonly Movement[], usualDeg: number): number {
  const tells = (deg: number): number =>
    movements.reduce((sum, movement) => sum + tellingOf(movement, deg), 0);
  const usual = tells(usualDeg);
  const isSided = usualDeg !== 0 && Math.abs(usualDeg) < 180;
  const turned = isSided ? tells(-usualDeg) : 0;
  const [baseDeg, base] = turned > OTHER_SIDE * usual ? [-usualDeg, turned] : [usualDeg, usual];
  const near = VIEWS_DEG.filter((deg) => Math.abs(deg - baseDeg) <= MOST_TURN_DEG);
  const others = [baseDeg, ...near].map((deg) => ({ deg, tells: tells(deg) }));
  const best = others.reduce((most, one) => (one.tells > most.tells ? one : most));
  return best.tells >= WORTH_M && best.tells > OTHER_VIEW * base ? best.deg : baseDeg;
}

/** Strokes that follow each other on one side, as one; what is shorter than a view is kept joins the one before. */
function runsIn(events: readonly TimelineEvent[]): readonly (readonly TimelineEvent[])[] {
  const runs: TimelineEvent[][] = [];
  const msOf = (run: readonly TimelineEvent[]): number =>
    run.reduce((sum, { lengthMs }) => sum + lengthMs, 0);
  for (const event of events) {
    const run = runs.at(-1);
    const isOne = run?.[0] !== undefined && run[0].second === event.second;
    if (run && (isOne || msOf(run) < KEPT_MS)) run.push(event);
    else runs.push([event]);
  }
  return runs.length > 1 && runs.some((run) => msOf(run) < KEPT_MS) ? [runs.flat()] : runs;
}

/**
 * The view of every event of one form, by the event's index, degrees round the body from the front towards its left. Talk
 * before it is seen as its first strokes are, quiet after it as its last.
 */
export function seenFrom(
  { items, events }: Timeline,
  movements: readonly Movement[],
  itemIndex: number,
  usualDeg: number,
): ReadonlyMap<number, number> {
  const span = items[itemIndex];
  if (!span) return new Map();
  const own = events.slice(span.firstEvent, span.firstEvent + span.eventCount);
  const views = new Map<number, number>();
  for (const run of runsIn(own.filter(({ repetition }) => repetition > 0))) {
    const distinct = new Map(run.map((event) => [`${event.strokeIndex ?? ''}/${event.second}`, event.index]));
    const deg = viewOf(
      [...distinct.values()].flatMap((index) => movements[index] ?? []),
      usualDeg,
    );
    for (const { index } of run) views.set(index, deg);
  }
  let last: number | undefined;
  for (const { index } of own) {
    last = views.get(index) ?? last;
    if (last !== undefined) views.set(index, last);
  }
  const first = own.find(({ index }) => views.has(index));
  const begins = first ? (views.get(first.index) ?? usualDeg) : usualDeg;
  for (const { index } of own) if (!views.has(index)) views.set(index, begins);
  return views;
}
