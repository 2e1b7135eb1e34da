import { z } from 'zod';
import { formSchema } from '../forms';
import {
  compile,
  edit,
  itemSchema,
  type Item,
  type Practice,
  type Timeline,
  type TimelineEvent,
} from '../practice';
import { driftMs, WORTH_SAYING_MS } from './against';
import { takesTurns, withChanges } from './changes';
import { placeIn } from './place';

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
  /** When this side is done the form is over: the other side is left. */
  z.strictObject({ kind: z.literal('move-on'), atMs: z.number(), itemId: z.string().max(64) }),
  /** The talk before a form is over: it begins now. */
  z.strictObject({ kind: z.literal('begin-now'), atMs: z.number() }),
  /** A form that was not planned comes next, with all it needs. */
  z.strictObject({
    kind: z.literal('insert'),
    atMs: z.number(),
    item: itemSchema,
    form: formSchema,
  }),
  /** The form one is in is taught part by part, at their pace; then it is gone through from its beginning. */
  z.strictObject({ kind: z.literal('teach'), atMs: z.number(), itemId: z.string().max(64) }),
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
  /** Whether the form one is in is being taught part by part. */
  readonly teaching: boolean;
  /** How many changes of the plan can be taken back. */
  readonly undoable: number;
}

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
function run(walk: Walk, toMs: number): void {
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

/**
 * Another plan from here on. The position stays on the same stroke: what was added to a first side that is behind us is
 * stepped over.
 */
function replan(walk: Walk, practice: Practice): void {
  const timeline = compile(practice);
  walk.positionMs = placeIn(walk.timeline, walk.positionMs, timeline);
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

/** Its first side is the last there is; where sides take turns, or on the second, the repetition being done is the last. */
function moveOn(walk: Walk, itemId: string): Practice {
  const event = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  if (event?.itemId !== itemId) return walk.practice;
  const passes = new Set(
    walk.timeline.events.flatMap((one) => (one.itemId === itemId && one.repetition > 0 ? [one.pass] : [])),
  );
  const isOnFirst = event.pass === 0 && passes.size > 1 && !takesTurns(walk.timeline, itemId);
  if (!isOnFirst) return lastOne(walk, itemId);
  return {
    ...walk.practice,
    items: walk.practice.items.map((item) => (item.id === itemId ? { ...item, otherRepetitions: 0 } : item)),
  };
}

/** What was not planned comes after the form one is in, and stays whatever must make room for it. */
function inserted(
  { practice, timeline, positionMs }: Walk,
  item: Item,
  form: Practice['forms'][string],
): Practice {
  const span = timeline.items.findLast(({ startMs }) => startMs <= positionMs);
  const at = span === undefined ? 0 : span.itemIndex + 1;
  const next = edit(practice, { kind: 'insert', at, clip: { items: [item], forms: { [form.id]: form } } });
  return { ...next, items: next.items.map((one, index) => (index === at ? { ...one, kept: true } : one)) };
}

/** What is still to come, slower or quicker; what is begun goes on as it is, and gathering and closing have their own pace. */
function atTempo(walk: Walk, factor: number): Practice {
  const { practice, timeline, positionMs, tempos } = walk;
  // What is hurried, or drawn out, for the clock is nobody's own pace.
  const drift = driftMs(walk, positionMs, walk.lastMs) ?? 0;
  const isForClock = factor < 1 ? drift >= WORTH_SAYING_MS : -drift >= WORTH_SAYING_MS;
  const toCome = new Set(
    timeline.items.filter(({ startMs }) => startMs > positionMs).map(({ itemId }) => itemId),
  );
  const changes = practice.items.flatMap(({ id, role, repetitions, stretch: before }) => {
    const stretch = Math.min(2, Math.max(0.5, Math.round(before * factor * 1000) / 1000));
    const isFree = toCome.has(id) && role !== 'gather' && role !== 'close' && stretch !== before;
    if (isFree && !isForClock) tempos.set(id, (tempos.get(id) ?? 1) * (stretch / before));
    return isFree ? [{ itemId: id, repetitions, stretch }] : [];
  });
  return changes.length === 0 ? practice : withChanges(practice, changes);
}

/** Something comes between at this place; at the very beginning or end of an item nothing is cut. */
function disturb(walk: Walk, isJump = false): void {
  const span = walk.timeline.items.find(
    ({ startMs, lengthMs }) => walk.positionMs > startMs && walk.positionMs < startMs + lengthMs,
  );
  if (!span) return;
  walk.disturbed.add(span.itemId);
  if (isJump) walk.jumped.add(span.itemId);
}

/** The clock of the class stands still, and its end with it where that is wanted. */
function standStill(walk: Walk, atMs: number, movesEnd: boolean, staying: boolean): void {
  disturb(walk);
  walk.running = false;
  walk.staying = staying;
  if (movesEnd) walk.endWaitsSinceMs ??= atMs;
}

/** What was taught part by part is gone through from its first repetition. */
function goThrough(walk: Walk): void {
  const now = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  const first = walk.timeline.events.find(({ itemId, kind }) => itemId === now?.itemId && kind === 'stroke');
  if (first && first.startMs < walk.positionMs) walk.positionMs = first.startMs;
}

/** It is stayed while a form is taught. */
function teach(walk: Walk, atMs: number): void {
  if (walk.startedAtMs === undefined) return;
  standStill(walk, atMs, false, true);
  // What is taught part by part is no first repetition.
  disturb(walk, true);
  walk.teaching = true;
}

/** The talk before a form is over. */
function beginNow(walk: Walk): void {
  const now = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  if (now?.kind !== 'setup' && now?.kind !== 'stance') return;
  const next = walk.timeline.events.find(
    ({ index, kind, itemId }) => index > now.index && itemId === now.itemId && kind === 'stroke',
  );
  if (next) walk.positionMs = next.startMs;
}

function goOn(walk: Walk, atMs: number): void {
  if (walk.teaching) goThrough(walk);
  walk.running = walk.startedAtMs !== undefined;
  walk.staying = false;
  walk.teaching = false;
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
  disturb(walk, true);
  if (walk.teaching) {
    walk.teaching = false;
    walk.staying = false;
    walk.running = walk.startedAtMs !== undefined;
  }
  walk.positionMs = Math.min(walk.timeline.totalMs, Math.max(0, toMs));
  disturb(walk, true);
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
    case 'move-on':
      return changePlan(walk, moveOn(walk, action.itemId));
    case 'begin-now':
      return beginNow(walk);
    case 'insert':
      return changePlan(walk, inserted(walk, action.item, action.form));
    case 'teach':
      return teach(walk, action.atMs);
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
    parts: new Map(),
    tempos: new Map(),
    disturbed: new Set(),
    jumped: new Set(),
    done: new Map(),
    endSaid: undefined,
    dueAtMs: undefined,
    mayOverMs: 0,
    endWaitsSinceMs: undefined,
    staying: false,
    teaching: false,
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
    teaching: walk.teaching,
    undoable: walk.before.length,
  };
}
