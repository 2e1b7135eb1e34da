import { compile, type Practice, type Timeline } from '../practice';
import type { LeadAction } from './actions';
import { withChanges } from './changes';
import { placeIn } from './place';
import { run, type Walk } from './walk';
import { atTempo, inserted, lastOne, moveOn, oneMore } from './wished';

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
