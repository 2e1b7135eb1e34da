import { z } from 'zod';
import { compile, edit, type Practice, type Timeline } from '../practice';
import { withChanges } from './changes';

/**
 * Leading a practice. The session is a list of what the leader did and when (by the wall clock), never a
 * counter: where it stands follows from the clock alone, so a reload, a throttled tab or a sleeping laptop
 * lose nothing.
 */
export const leadActionSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('start'), atMs: z.number() }),
  /** The clock of the class goes on while it stands; where `movesEnd`, its end waits too. */
  z.strictObject({ kind: z.literal('pause'), atMs: z.number(), movesEnd: z.literal(true).optional() }),
  /** It is stayed where one is: what flowed becomes a hold, till it goes on. */
  z.strictObject({ kind: z.literal('stay'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('resume'), atMs: z.number() }),
  /** Jump to a position of the timeline as it stood then. */
  z.strictObject({ kind: z.literal('go'), atMs: z.number(), toMs: z.number().min(0) }),
  /** One more repetition of an item. */
  z.strictObject({ kind: z.literal('one-more'), atMs: z.number(), itemId: z.string().max(64) }),
  /** The repetition that is being done is the last, on the other side too. */
  z.strictObject({ kind: z.literal('last-one'), atMs: z.number(), itemId: z.string().max(64) }),
  /** Slower or quicker from the next form on. */
  z.strictObject({ kind: z.literal('tempo'), atMs: z.number(), factor: z.number().min(0.5).max(2) }),
  /** When it must be over, by the wall clock; null where it may go on, nothing where it lasts as long as planned. */
  z.strictObject({
    kind: z.literal('must-end'),
    atMs: z.number(),
    endAtMs: z.number().nullable().optional(),
    /** How much later it may be over. */
    mayOverMs: z.number().min(0).max(7_200_000).optional(),
  }),
  /** What is left, fitted into the time that is left. */
  z.strictObject({
    kind: z.literal('retime'),
    atMs: z.number(),
    changes: z
      .array(
        z.strictObject({
          itemId: z.string().max(64),
          repetitions: z.number().int().min(0).max(999),
          stretch: z.number().min(0.4).max(2.5).optional(),
          quietSec: z.number().min(0).max(120).optional(),
        }),
      )
      .max(200),
  }),
  /** The last change of the plan is taken back. */
  z.strictObject({ kind: z.literal('undo'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('end'), atMs: z.number() }),
]);
export type LeadAction = z.infer<typeof leadActionSchema>;

export interface LeadState {
  readonly practice: Practice;
  readonly timeline: Timeline;
  /** Where in the timeline, ms from its beginning. */
  readonly positionMs: number;
  readonly running: boolean;
  readonly started: boolean;
  readonly ended: boolean;
  readonly startedAtMs: number | undefined;
  readonly endedAtMs: number | undefined;
  /** When it must be over, by the wall clock; nothing before it has begun, or where it may go on. */
  readonly dueAtMs: number | undefined;
  /** How much later than that it may be. */
  readonly mayOverMs: number;
  /** Since when its end waits with it: a pause that moves the end. */
  readonly endWaitsSinceMs: number | undefined;
  /** Whether one stays where one is, rather than having paused. */
  readonly staying: boolean;
  /** How many changes of the plan can be taken back. */
  readonly undoable: number;
}

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
  /** Items in which something came between: a pause, a jump out or in, the end. Their time tells no pace. */
  disturbed: Set<string>;
  /** Of each item, and each side of it, the repetitions of which at least one stroke was done to its end. */
  done: Map<string, Map<number, Set<number>>>;
  /** What the leader has said of the end; it is that of the plan where nothing was said. */
  endSaid: number | null | undefined;
  dueAtMs: number | undefined;
  mayOverMs: number;
  endWaitsSinceMs: number | undefined;
  staying: boolean;
  /** The plan before each change of it, last first to be taken back. */
  before: Practice[];
  /** Wall-clock ms the class stood still, and was stayed in. */
  stoodMs: number;
  stayedMs: number;
}

/** Lets the clock run from the last action to `toMs`, noting what each item took. */
function run(walk: Walk, toMs: number): void {
  const elapsed = Math.max(0, toMs - walk.lastMs);
  walk.lastMs = Math.max(walk.lastMs, toMs);
  if (!walk.running) {
    const isUnderWay = walk.startedAtMs !== undefined && walk.endedAtMs === undefined;
    if (isUnderWay && walk.staying) walk.stayedMs += elapsed;
    else if (isUnderWay) walk.stoodMs += elapsed;
    return;
  }
  const end = Math.min(walk.timeline.totalMs, walk.positionMs + elapsed);
  for (const span of walk.timeline.items) {
    const overlap = Math.min(end, span.startMs + span.lengthMs) - Math.max(walk.positionMs, span.startMs);
    if (overlap > 0) walk.spent.set(span.itemId, (walk.spent.get(span.itemId) ?? 0) + overlap);
  }
  for (const event of walk.timeline.events) {
    if (event.startMs >= end) break;
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

/**
 * Another plan from here on. The position stays on the same stroke: what was added to a first side that is behind us is
 * stepped over.
 */
function replan(walk: Walk, practice: Practice): void {
  const timeline = compile(practice);
  const current = walk.timeline.events.findLast((event) => event.startMs <= walk.positionMs);
  const same = current
    ? timeline.events.find(
        (event) =>
          event.itemId === current.itemId &&
          event.kind === current.kind &&
          event.part === current.part &&
          event.strokeIndex === current.strokeIndex &&
          event.pass === current.pass &&
          event.repetition === current.repetition &&
          event.isStay === current.isStay &&
          event.cue === current.cue,
      )
    : undefined;
  if (current && same) {
    const share = current.lengthMs === 0 ? 0 : (walk.positionMs - current.startMs) / current.lengthMs;
    walk.positionMs = same.startMs + same.lengthMs * Math.min(1, share);
  } else if (current) {
    // What was being done is not in the new plan: it goes on where that form ends.
    const span = timeline.items.find(({ itemId }) => itemId === current.itemId);
    walk.positionMs = span ? span.startMs + span.lengthMs : Math.min(walk.positionMs, timeline.totalMs);
  }
  walk.practice = practice;
  walk.timeline = timeline;
}

/** A change of the plan that can be taken back. */
function changePlan(walk: Walk, practice: Practice): void {
  if (practice === walk.practice) return;
  walk.before.push(walk.practice);
  replan(walk, practice);
}

const oneMore = ({ practice }: Walk, itemId: string): Practice =>
  practice.items.some(({ id }) => id === itemId)
    ? edit(practice, { kind: 'repetitions', itemId, steps: 1 })
    : practice;

/** The repetition that is being done is the last; on a second side as many are done as on the first. */
function lastOne(walk: Walk, itemId: string): Practice {
  const event = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  const item = walk.practice.items.find(({ id }) => id === itemId);
  const isBehind = event?.itemId !== itemId || event.pass > 0 || event.repetition === 0;
  if (!event || !item || isBehind || event.repetition >= item.repetitions) return walk.practice;
  return withChanges(walk.practice, [{ itemId, repetitions: event.repetition }]);
}

/** What is still to come, slower or quicker; what is begun goes on as it is, and gathering and closing have their own pace. */
function atTempo({ practice, timeline, positionMs }: Walk, factor: number): Practice {
  const toCome = new Set(
    timeline.items.filter(({ startMs }) => startMs > positionMs).map(({ itemId }) => itemId),
  );
  const changes = practice.items.flatMap(({ id, role, repetitions, stretch: before }) => {
    const stretch = Math.min(2, Math.max(0.5, Math.round(before * factor * 1000) / 1000));
    const isFree = toCome.has(id) && role !== 'gather' && role !== 'close' && stretch !== before;
    return isFree ? [{ itemId: id, repetitions, stretch }] : [];
  });
  return changes.length === 0 ? practice : withChanges(practice, changes);
}

/** Something comes between at this place; at the very beginning or end of an item nothing is cut. */
function disturb(walk: Walk): void {
  const span = walk.timeline.items.find(
    ({ startMs, lengthMs }) => walk.positionMs > startMs && walk.positionMs < startMs + lengthMs,
  );
  if (span) walk.disturbed.add(span.itemId);
}

/** The clock of the class stands still, and its end with it where that is wanted. */
function standStill(walk: Walk, atMs: number, movesEnd: boolean, staying: boolean): void {
  disturb(walk);
  walk.running = false;
  walk.staying = staying;
  if (movesEnd) walk.endWaitsSinceMs ??= atMs;
}

function goOn(walk: Walk, atMs: number): void {
  walk.running = walk.startedAtMs !== undefined;
  walk.staying = false;
  if (walk.endWaitsSinceMs !== undefined && walk.dueAtMs !== undefined)
    walk.dueAtMs += Math.max(0, atMs - walk.endWaitsSinceMs);
  walk.endWaitsSinceMs = undefined;
}

/** When it must be over: as is said, or as long after its beginning as it takes. */
function setDue(walk: Walk): void {
  if (walk.startedAtMs === undefined) return;
  walk.dueAtMs =
    walk.endSaid === undefined ? walk.startedAtMs + walk.timeline.totalMs : (walk.endSaid ?? undefined);
}

function sayEnd(walk: Walk, endAtMs: number | null | undefined, mayOverMs: number): void {
  walk.endSaid = endAtMs;
  walk.mayOverMs = mayOverMs;
  setDue(walk);
}

function begin(walk: Walk, atMs: number): void {
  if (walk.startedAtMs === undefined) {
    walk.startedAtMs = atMs;
    setDue(walk);
  }
  goOn(walk, atMs);
}

function jump(walk: Walk, toMs: number): void {
  disturb(walk);
  walk.positionMs = Math.min(walk.timeline.totalMs, Math.max(0, toMs));
  disturb(walk);
  if (walk.endedAtMs !== undefined && walk.positionMs < walk.timeline.totalMs) {
    walk.endedAtMs = undefined;
    walk.running = true;
  }
}

function undo(walk: Walk): void {
  const before = walk.before.pop();
  if (before) replan(walk, before);
}

function step(walk: Walk, action: LeadAction): void {
  if (walk.endedAtMs !== undefined && action.kind !== 'go') return;
  switch (action.kind) {
    case 'start':
      return begin(walk, action.atMs);
    case 'pause':
      return standStill(walk, action.atMs, action.movesEnd === true, false);
    case 'stay':
      return standStill(walk, action.atMs, false, true);
    case 'resume':
      return goOn(walk, action.atMs);
    case 'go':
      return jump(walk, action.toMs);
    case 'one-more':
      return changePlan(walk, oneMore(walk, action.itemId));
    case 'last-one':
      return changePlan(walk, lastOne(walk, action.itemId));
    case 'tempo':
      return changePlan(walk, atTempo(walk, action.factor));
    case 'must-end':
      return sayEnd(walk, action.endAtMs, action.mayOverMs ?? 0);
    case 'retime':
      return changePlan(walk, withChanges(walk.practice, action.changes));
    case 'undo':
      return undo(walk);
    case 'end':
      disturb(walk);
      walk.running = false;
      walk.endedAtMs = action.atMs;
      return;
    default:
      action satisfies never;
  }
}

/** A class as it went up to `nowMs` by the wall clock. */
export function walkThrough(practice: Practice, actions: readonly LeadAction[], nowMs: number): Walk {
  const walk: Walk = {
    practice,
    timeline: compile(practice),
    positionMs: 0,
    lastMs: actions[0]?.atMs ?? nowMs,
    running: false,
    startedAtMs: undefined,
    endedAtMs: undefined,
    spent: new Map(),
    disturbed: new Set(),
    done: new Map(),
    endSaid: undefined,
    dueAtMs: undefined,
    mayOverMs: 0,
    endWaitsSinceMs: undefined,
    staying: false,
    before: [],
    stoodMs: 0,
    stayedMs: 0,
  };
  for (const action of actions) {
    run(walk, action.atMs);
    step(walk, action);
  }
  run(walk, nowMs);
  return walk;
}

/** Where a session stands at `nowMs` by the wall clock. */
export function leadState(practice: Practice, actions: readonly LeadAction[], nowMs: number): LeadState {
  const walk = walkThrough(practice, actions, nowMs);
  return {
    practice: walk.practice,
    timeline: walk.timeline,
    positionMs: walk.positionMs,
    running: walk.running,
    started: walk.startedAtMs !== undefined,
    ended: walk.endedAtMs !== undefined,
    startedAtMs: walk.startedAtMs,
    endedAtMs: walk.endedAtMs,
    dueAtMs: walk.dueAtMs,
    mayOverMs: walk.mayOverMs,
    endWaitsSinceMs: walk.endWaitsSinceMs,
    staying: walk.staying,
    undoable: walk.before.length,
  };
}
