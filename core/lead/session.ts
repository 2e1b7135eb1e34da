import { z } from 'zod';
import { compile, edit, type Practice, type Timeline } from '../practice';

/**
 * Leading a practice. The session is a list of what the leader did and when (by the wall clock), never a
 * counter: where it stands follows from the clock alone, so a reload, a throttled tab or a sleeping laptop
 * lose nothing.
 */
export const leadActionSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('start'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('pause'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('resume'), atMs: z.number() }),
  /** Jump to a position of the timeline as it stood then. */
  z.strictObject({ kind: z.literal('go'), atMs: z.number(), toMs: z.number().min(0) }),
  /** One more repetition of an item; `onlySide` is set when the first side was already over. */
  z.strictObject({ kind: z.literal('one-more'), atMs: z.number(), itemId: z.string().max(64) }),
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
}

interface Walk {
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
  /** The repetitions of each item of which at least one stroke was done to its end. */
  done: Map<string, Set<number>>;
}

/** Lets the clock run from the last action to `toMs`, noting what each item took. */
function run(walk: Walk, toMs: number): void {
  const elapsed = Math.max(0, toMs - walk.lastMs);
  walk.lastMs = Math.max(walk.lastMs, toMs);
  if (!walk.running) return;
  const end = Math.min(walk.timeline.totalMs, walk.positionMs + elapsed);
  for (const span of walk.timeline.items) {
    const overlap = Math.min(end, span.startMs + span.lengthMs) - Math.max(walk.positionMs, span.startMs);
    if (overlap > 0) walk.spent.set(span.itemId, (walk.spent.get(span.itemId) ?? 0) + overlap);
  }
  for (const event of walk.timeline.events) {
    if (event.startMs >= end) break;
    const whole = event.startMs >= walk.positionMs - 1 && event.startMs + event.lengthMs <= end + 1;
    if (event.kind !== 'stroke' || event.repetition === 0 || !whole) continue;
    const before = walk.done.get(event.itemId) ?? new Set<number>();
    walk.done.set(event.itemId, before.add(event.repetition));
  }
  const endedAtMs = toMs - (walk.positionMs + elapsed - end);
  walk.positionMs = end;
  if (end >= walk.timeline.totalMs) {
    walk.running = false;
    walk.endedAtMs ??= endedAtMs;
  }
}

function oneMore(walk: Walk, itemId: string): void {
  const index = walk.practice.items.findIndex((item) => item.id === itemId);
  const span = walk.timeline.items[index];
  if (!span) return;
  const before = walk.timeline;
  const practice = edit(walk.practice, { kind: 'repetitions', itemId, steps: 1 });
  const timeline = compile(practice);
  // The position stays on the same stroke: on a second side the first side grew as well, which is already
  // behind us, so the extra repetition of the first side is stepped over.
  const current = before.events.findLast((event) => event.startMs <= walk.positionMs);
  const same = current
    ? timeline.events.find(
        (event) =>
          event.itemId === current.itemId &&
          event.kind === current.kind &&
          event.part === current.part &&
          event.strokeIndex === current.strokeIndex &&
          event.pass === current.pass &&
          event.repetition === current.repetition &&
          event.cue === current.cue,
      )
    : undefined;
  walk.practice = practice;
  walk.timeline = timeline;
  if (current && same)
    walk.positionMs = same.startMs + Math.min(same.lengthMs, walk.positionMs - current.startMs);
}

/** Something comes between at this place; at the very beginning or end of an item nothing is cut. */
function disturb(walk: Walk): void {
  const span = walk.timeline.items.find(
    ({ startMs, lengthMs }) => walk.positionMs > startMs && walk.positionMs < startMs + lengthMs,
  );
  if (span) walk.disturbed.add(span.itemId);
}

function step(walk: Walk, action: LeadAction): void {
  if (walk.endedAtMs !== undefined && action.kind !== 'go') return;
  switch (action.kind) {
    case 'start':
      walk.startedAtMs ??= action.atMs;
      walk.running = true;
      return;
    case 'pause':
      disturb(walk);
      walk.running = false;
      return;
    case 'resume':
      walk.running = walk.startedAtMs !== undefined;
      return;
    case 'go':
      disturb(walk);
      walk.positionMs = Math.min(walk.timeline.totalMs, Math.max(0, action.toMs));
      disturb(walk);
      if (walk.endedAtMs !== undefined && walk.positionMs < walk.timeline.totalMs) {
        walk.endedAtMs = undefined;
        walk.running = true;
      }
      return;
    case 'one-more':
      oneMore(walk, action.itemId);
      return;
    case 'end':
      disturb(walk);
      walk.running = false;
      walk.endedAtMs = action.atMs;
      return;
    default:
      action satisfies never;
  }
}

function walkThrough(practice: Practice, actions: readonly LeadAction[], nowMs: number): Walk {
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
  };
}

/** A moment a class can be given at, ms since 1970. */
const momentMs = z
  .number()
  .min(Date.UTC(2000, 0, 1))
  .max(Date.UTC(2200, 0, 1));
/** No class lasts longer than two days, however long it lay forgotten. */
const lengthMs = z.number().min(0).max(172_800_000);

/** What really happened, for the log. All lengths in ms. */
export const classRecordSchema = z.strictObject({
  startedAtMs: momentMs,
  endedAtMs: momentMs,
  plannedMs: lengthMs,
  actualMs: lengthMs,
  /** The leader reached the last stroke rather than ending early. */
  finished: z.boolean(),
  items: z
    .array(
      z.strictObject({
        itemId: z.string().max(64),
        formId: z.string().max(60),
        name: z.string().max(120),
        role: z.string().max(20),
        plannedMs: lengthMs,
        actualMs: lengthMs,
        plannedRepetitions: z.number().int().min(0).max(999),
        /** As they were really done: of one side, where there are sides. */
        repetitions: z.number().int().min(0).max(999),
        /** Nothing came between: no pause in it, no jump out of it or into it. Only such time tells a pace. */
        undisturbed: z.boolean().default(true),
        /** How much of the planned length came from the log's own pace; nothing where none did. */
        logPace: z.number().min(0.5).max(2).optional(),
      }),
    )
    .max(200),
});
export type ClassRecord = z.infer<typeof classRecordSchema>;

/** Repetitions as they were done: all of them where nothing came between, else those that were really reached. */
function repetitionsDone(walk: Walk, itemId: string, planned: number): number {
  if (!walk.spent.has(itemId)) return 0;
  const done = walk.done.get(itemId)?.size ?? 0;
  return walk.disturbed.has(itemId) ? Math.min(planned, done) : Math.max(planned, done);
}

/** The record of a session that has ended (or ends at `nowMs`), planned against real, form by form. */
export function recordOf(practice: Practice, actions: readonly LeadAction[], nowMs: number): ClassRecord {
  const walk = walkThrough(practice, actions, nowMs);
  const planned = compile(practice);
  const startedAtMs = walk.startedAtMs ?? nowMs;
  const endedAtMs = walk.endedAtMs ?? nowMs;
  return {
    startedAtMs,
    endedAtMs,
    plannedMs: planned.totalMs,
    actualMs: Math.max(0, endedAtMs - startedAtMs),
    finished: walk.positionMs >= walk.timeline.totalMs,
    items: practice.items.map((item, index) => ({
      itemId: item.id,
      formId: item.formId,
      name: practice.forms[item.formId]?.name ?? item.formId,
      role: item.role,
      plannedMs: planned.items[index]?.lengthMs ?? 0,
      actualMs: Math.round(walk.spent.get(item.id) ?? 0),
      plannedRepetitions: item.repetitions,
      repetitions: repetitionsDone(
        walk,
        item.id,
        walk.practice.items[index]?.repetitions ?? item.repetitions,
      ),
      undisturbed: !walk.disturbed.has(item.id),
      ...(item.logPace === undefined ? {} : { logPace: item.logPace }),
    })),
  };
}
