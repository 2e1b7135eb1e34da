import type { Timeline, TimelineEvent } from '../practice';

/** What can be heard at a moment of a class, besides words. */
export type SignalKind =
  /** At the beginning, between sections, at the end. */
  | 'bell'
  | 'in'
  | 'out'
  /** A breath or a posture is stayed in. */
  | 'stay'
  /** Another form, another side, another stance. */
  | 'change'
  | 'two-more'
  | 'last-one'
  /** A repetition begins; which one is told with it. */
  | 'count'
  /** A plain beat for those who breathe by themselves. */
  | 'beat';

export interface Signal {
  readonly kind: SignalKind;
  readonly atMs: number;
  /** Which repetition begins. */
  readonly number?: number;
}

/** A beat a second (common practice). */
export const BEAT_MS = 1000;

/** Whether another form, side or stance begins. */
function isChange(event: TimelineEvent, before: TimelineEvent | undefined): boolean {
  const isOther =
    before !== undefined &&
    (before.itemId !== event.itemId ||
      (event.kind === 'stroke' && before.kind === 'stroke' && before.pass !== event.pass));
  return event.kind === 'stance' || isOther;
}

function breathOf(event: TimelineEvent, before: TimelineEvent | undefined): SignalKind | undefined {
  if (event.breath === 'hold' || event.isStay) return before?.breath === 'hold' ? undefined : 'stay';
  return event.kind === 'stroke' && event.breath !== 'free' ? event.breath : undefined;
}

/** What a repetition is announced with as it begins: the same numbers as are said and shown. */
function countOf({ repetition, repetitions }: TimelineEvent): SignalKind | undefined {
  if (repetition === repetitions && repetitions >= 3) return 'last-one';
  return repetition === repetitions - 1 && repetitions >= 4 ? 'two-more' : undefined;
}

function signalsAt(timeline: Timeline, event: TimelineEvent): readonly Signal[] {
  const before = timeline.events[event.index - 1];
  const breath = breathOf(event, before);
  const begins =
    event.repetition > 0 &&
    (before?.itemId !== event.itemId || before.repetition !== event.repetition || before.pass !== event.pass);
  const count = begins ? countOf(event) : undefined;
  const atMs = event.startMs;
  return [
    ...(isChange(event, before) ? [{ kind: 'change' as const, atMs }] : []),
    ...(breath ? [{ kind: breath, atMs }] : []),
    ...(begins ? [{ kind: 'count' as const, atMs, number: event.repetition }] : []),
    ...(count ? [{ kind: count, atMs }] : []),
  ];
}

/** What is to be heard after `fromMs`, up to and with `toMs`, in order; the very beginning is after any moment before 0. */
export function signalsBetween(timeline: Timeline, fromMs: number, toMs: number): readonly Signal[] {
  const isIn = (atMs: number): boolean => atMs > fromMs && atMs <= toMs;
  const bells = [...timeline.sections.map(({ startMs }) => startMs), timeline.totalMs]
    .filter(isIn)
    .map((atMs): Signal => ({ kind: 'bell', atMs }));
  const events = timeline.events.filter(({ startMs }) => isIn(startMs));
  const firstBeat = Math.floor(fromMs / BEAT_MS) + 1;
  const beats = Array.from(
    { length: Math.max(0, Math.floor(toMs / BEAT_MS) - firstBeat + 1) },
    (_, index): Signal => ({
      kind: 'beat',
      atMs: (firstBeat + index) * BEAT_MS,
    }),
  );
  return [...bells, ...events.flatMap((event) => signalsAt(timeline, event)), ...beats].toSorted(
    (a, b) => a.atMs - b.atMs,
  );
}
