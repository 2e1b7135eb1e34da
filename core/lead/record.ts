import { z } from 'zod';
import { compile, type Item, type Practice } from '../practice';
import type { LeadAction } from './actions';
import { walkThrough } from './session';
import { NOTHING_SPENT, type Walk } from './walk';

/** A moment a class can be given at, ms since 1970. */
const momentMs = z
  .number()
  .min(Date.UTC(2000, 0, 1))
  .max(Date.UTC(2200, 0, 1));
/** No class lasts longer than two days, however long it lay forgotten. */
const lengthMs = z.number().min(0).max(172_800_000);

/** What of a leader's doings is told in the log. */
const HAPPENED = [
  'pause',
  'stay',
  'resume',
  'go',
  'one-more',
  'last-one',
  'move-on',
  'begin-now',
  'insert',
  'teach',
  'tempo',
  'must-end',
  'retime',
  'undo',
] as const;
type Happened = (typeof HAPPENED)[number];
const isTold = (kind: string): kind is Happened => HAPPENED.some((one) => one === kind);
const MOST_HAPPENED = 500;

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
        /**
         * Really spent in talk before it, in its first repetition, and in quiet, with what stood still there; talk and first
         * repetition only where nothing was jumped over.
         */
        talkMs: lengthMs.optional(),
        firstMs: lengthMs.optional(),
        quietMs: lengthMs.optional(),
        /** How long a later repetition is, of one side. */
        laterMs: lengthMs.optional(),
        /** Whether it was new to those who were led; nothing where the log is older than that is told. */
        taught: z.boolean().optional(),
      }),
    )
    .max(200),
  /** How long the class stood still, and how long it was stayed in a form. */
  stoodMs: lengthMs.optional(),
  stayedMs: lengthMs.optional(),
  /** How much later than it had to it ended, ms; less than nothing where sooner; nothing where it might go on. */
  overMs: z.number().min(-172_800_000).max(172_800_000).optional(),
  /** What the leader did, and how long after the beginning. */
  happened: z
    .array(
      z.strictObject({
        kind: z.enum(HAPPENED),
        afterMs: lengthMs,
        itemId: z.string().max(64).optional(),
        /** What came between. */
        name: z.string().max(120).optional(),
        /** How much slower, or quicker. */
        factor: z.number().min(0.5).max(2).optional(),
        /** Forms left out, or done another number of times, by a new plan. */
        changes: z
          .array(
            z.strictObject({ itemId: z.string().max(64), repetitions: z.number().int().min(0).max(999) }),
          )
          .max(200)
          .optional(),
      }),
    )
    .max(MOST_HAPPENED)
    .optional(),
});
export type ClassRecord = z.infer<typeof classRecordSchema>;

/**
 * Repetitions as they were done, of one side where there are sides: all of them where nothing came between, else those that
 * were really reached; of a side that was never come to, none.
 */
function repetitionsDone(walk: Walk, itemId: string, planned: number): number {
  if (!walk.spent.has(itemId)) return 0;
  const sides = new Set(
    walk.timeline.events.flatMap((event) =>
      event.itemId === itemId && event.repetition > 0 ? [event.pass] : [],
    ),
  );
  const reached = walk.done.get(itemId);
  const done = Math.min(...[...sides].map((pass) => reached?.get(pass)?.size ?? 0), Infinity);
  const both = Number.isFinite(done) ? done : 0;
  return walk.disturbed.has(itemId) ? Math.min(planned, both) : Math.max(planned, both);
}

/** Whether it was led at the pace of the plan, or the one the leader wished for it. */
const isAtOwnPace = (planned: Item, led: Item | undefined, tempo: number): boolean =>
  led === undefined ||
  (Math.abs(led.stretch - planned.stretch * tempo) < 0.002 && led.quietSec === planned.quietSec);

/** How long a later repetition of an item is, of one side, ms. */
function laterMs({ events }: Walk['timeline'], itemId: string): number | undefined {
  const later = events.filter((event) => event.itemId === itemId && event.repetition > 1 && event.pass === 0);
  const [first] = later;
  if (!first) return undefined;
  return later
    .filter(({ repetition }) => repetition === first.repetition)
    .reduce((sum, event) => sum + event.lengthMs, 0);
}

type RecordItem = ClassRecord['items'][number];

/** One item as it was led; what was not planned has no length in the plan. */
function recordOfItem(
  walk: Walk,
  item: Item,
  planned: { readonly lengthMs: number } | undefined,
): RecordItem {
  const led = walk.practice.items.find(({ id }) => id === item.id);
  const { talkMs, firstMs, quietMs } = walk.parts.get(item.id) ?? NOTHING_SPENT;
  const later = laterMs(walk.timeline, item.id);
  // What is named in a word, or said in steps, tells nothing of how a form is told.
  const isToldWhole = later !== undefined && !item.station && !item.hinge && item.lesson === undefined;
  const told = walk.jumped.has(item.id) || !isToldWhole ? { quietMs } : { talkMs, firstMs, quietMs };
  const spent = Object.entries(told).filter(([, ms]) => ms > 0);
  return {
    itemId: item.id,
    formId: item.formId,
    name: walk.practice.forms[item.formId]?.name ?? item.formId,
    role: item.role,
    plannedMs: planned?.lengthMs ?? 0,
    actualMs: Math.round(walk.spent.get(item.id) ?? 0),
    plannedRepetitions: planned ? item.repetitions : 0,
    repetitions: repetitionsDone(walk, item.id, led?.repetitions ?? 0),
    // What was led otherwise than the leader wished, or with another quiet after it, tells no pace of its own either.
    undisturbed: !walk.disturbed.has(item.id) && isAtOwnPace(item, led, walk.tempos.get(item.id) ?? 1),
    ...(item.logPace === undefined ? {} : { logPace: item.logPace }),
    ...Object.fromEntries(spent.map(([part, ms]) => [part, Math.round(ms)])),
    ...(later === undefined ? {} : { laterMs: later }),
    taught: item.familiarity === 'taught',
  };
}

/** What was planned, and what came between in its place. */
function itemsOf(
  practice: Practice,
  led: Practice,
): readonly { readonly item: Item; readonly index: number }[] {
  const all = practice.items.map((item, index) => ({ item, index }));
  led.items.forEach((item, at) => {
    if (all.some((one) => one.item.id === item.id)) return;
    const before = all.findIndex((one) => one.item.id === led.items[at - 1]?.id);
    all.splice(before + 1, 0, { item, index: -1 });
  });
  return all;
}

/** What was done, in order; of a new plan the numbers that changed. */
function happenedIn(
  practice: Practice,
  actions: readonly LeadAction[],
  startedAtMs: number,
): ClassRecord['happened'] {
  const planned = new Map(practice.items.map(({ id, repetitions }) => [id, repetitions]));
  const told = actions.flatMap((action) => {
    if (!isTold(action.kind) || action.atMs < startedAtMs) return [];
    const changes =
      action.kind === 'retime'
        ? action.changes
            .filter(({ itemId, repetitions }) => planned.get(itemId) !== repetitions)
            .map(({ itemId, repetitions }) => ({ itemId, repetitions }))
        : [];
    return [
      {
        kind: action.kind,
        afterMs: action.atMs - startedAtMs,
        ...('itemId' in action ? { itemId: action.itemId } : {}),
        ...(action.kind === 'insert' ? { name: action.form.name } : {}),
        ...(action.kind === 'tempo' ? { factor: action.factor } : {}),
        ...(changes.length > 0 ? { changes } : {}),
      },
    ];
  });
  return told.length === 0 ? undefined : told.slice(0, MOST_HAPPENED);
}

/** The record of a session that has ended (or ends at `nowMs`), planned against real, form by form. */
export function recordOf(practice: Practice, actions: readonly LeadAction[], nowMs: number): ClassRecord {
  const walk = walkThrough(practice, actions, nowMs);
  const planned = compile(practice);
  const startedAtMs = walk.startedAtMs ?? nowMs;
  const endedAtMs = walk.endedAtMs ?? nowMs;
  const happened = happenedIn(practice, actions, startedAtMs);
  return {
    startedAtMs,
    endedAtMs,
    plannedMs: planned.totalMs,
    actualMs: Math.max(0, endedAtMs - startedAtMs),
    finished: walk.positionMs >= walk.timeline.totalMs,
    items: itemsOf(practice, walk.practice).map(({ item, index }) =>
      recordOfItem(walk, item, planned.items[index]),
    ),
    ...(walk.stoodMs > 0 ? { stoodMs: Math.round(walk.stoodMs) } : {}),
    ...(walk.stayedMs > 0 ? { stayedMs: Math.round(walk.stayedMs) } : {}),
    ...(walk.dueAtMs === undefined || walk.startedAtMs === undefined
      ? {}
      : { overMs: Math.round(endedAtMs - walk.dueAtMs) }),
    ...(happened ? { happened } : {}),
  };
}
