import type { Practice, Timeline, TimelineEvent } from '../practice';

/** Going through a class by its clock: what is where, and what each part took. */

/** Wall-clock ms of parts of an item, with what stood still in them. */
export interface PartsSpent {
  readonly talkMs: number;
  readonly firstMs: number;
  readonly quietMs: number;
}
export const NOTHING_SPENT: PartsSpent = { talkMs: 0, firstMs: 0, quietMs: 0 };

/** A class gone through to a moment, with what happened in it. */
export interface Walk {
  practice: Practice;
  timeline: Timeline;
  positionMs: number;
  lastMs: number;
  running: boolean;
  startedAtMs: number | undefined;
  endedAtMs: number | undefined;
  /** Wall-clock ms really spent in each item. */
  spent: Map<string, number>;
  /** Of these, and of what the class stood still: in talk before it, in its first repetition, and in quiet. */
  parts: Map<string, PartsSpent>;
  /** Items in which something came between: a pause, a jump out or in, the end. Their time tells no pace. */
  disturbed: Set<string>;
  /** Items that were jumped out of or into: of these not even the talk and the first repetition are whole. */
  jumped: Set<string>;
  /** Of each item, and each side of it, the repetitions of which at least one stroke was done to its end. */
  done: Map<string, Map<number, Set<number>>>;
  /** What the leader has said of the end; it is that of the plan where nothing was said. */
  endSaid: number | null | undefined;
  dueAtMs: number | undefined;
  mayOverMs: number;
  endWaitsSinceMs: number | undefined;
  staying: boolean;
  teaching: boolean;
  /** The plan before each change of it, last first to be taken back. */
  before: Practice[];
  /** How much slower or quicker than planned the leader wished each item. */
  tempos: Map<string, number>;
  /** Wall-clock ms the class stood still, and was stayed in. */
  stoodMs: number;
  stayedMs: number;
}

/** Which part of its item an event is, where that is told apart; images and the like after its announcement are not talk. */
function partOf(events: Timeline['events'], event: TimelineEvent): keyof PartsSpent | undefined {
  const { kind, pass, repetition, index, itemId } = event;
  const before = events[index - 1];
  if (kind === 'setup') return before?.itemId === itemId && before.kind !== 'stance' ? undefined : 'talkMs';
  if (kind === 'settle') return 'quietMs';
  return repetition === 1 && pass === 0 ? 'firstMs' : undefined;
}

function spendPart(walk: Walk, event: TimelineEvent, ms: number): void {
  const part = partOf(walk.timeline.events, event);
  if (part === undefined || ms <= 0) return;
  const parts = walk.parts.get(event.itemId) ?? NOTHING_SPENT;
  walk.parts.set(event.itemId, { ...parts, [part]: parts[part] + ms });
}

/** The class stands still for so long. */
function stand(walk: Walk, ms: number): void {
  if (walk.startedAtMs === undefined || walk.endedAtMs !== undefined) return;
  if (walk.staying) walk.stayedMs += ms;
  else walk.stoodMs += ms;
  const event = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  if (event) spendPart(walk, event, ms);
}

/** Lets the clock run from the last action to `toMs`, noting what each item took. */
export function run(walk: Walk, toMs: number): void {
  const elapsed = Math.max(0, toMs - walk.lastMs);
  walk.lastMs = Math.max(walk.lastMs, toMs);
  if (!walk.running) {
    stand(walk, elapsed);
    return;
  }
  const end = Math.min(walk.timeline.totalMs, walk.positionMs + elapsed);
  for (const span of walk.timeline.items) {
    const overlap = Math.min(end, span.startMs + span.lengthMs) - Math.max(walk.positionMs, span.startMs);
    if (overlap > 0) walk.spent.set(span.itemId, (walk.spent.get(span.itemId) ?? 0) + overlap);
  }
  for (const event of walk.timeline.events) {
    if (event.startMs >= end) break;
    const spentMs = Math.min(end, event.startMs + event.lengthMs) - Math.max(walk.positionMs, event.startMs);
    spendPart(walk, event, spentMs);
    const whole = event.startMs >= walk.positionMs - 1 && event.startMs + event.lengthMs <= end + 1;
    if (event.kind !== 'stroke' || event.repetition === 0 || !whole) continue;
    const sides = walk.done.get(event.itemId) ?? new Map<number, Set<number>>();
    walk.done.set(
      event.itemId,
      sides.set(event.pass, (sides.get(event.pass) ?? new Set<number>()).add(event.repetition)),
    );
  }
  const endedAtMs = toMs - (walk.positionMs + elapsed - end);
  walk.positionMs = end;
  if (end >= walk.timeline.totalMs) {
    walk.running = false;
    walk.endedAtMs ??= endedAtMs;
  }
}
