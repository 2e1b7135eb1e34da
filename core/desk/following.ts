import { z } from 'zod';
import { leadActionSchema, type LeadAction } from '../lead';
import { startTeaching, teachingSchema, type Teaching } from './teaching';
import type { Session } from './leading';

/**
 * What is told to others of a class that is led: which, what its leader did, and what is taught just now. Every moment in it
 * is by the clock of the server, in ms, for no two devices in a hall agree what time it is.
 */
export const toldSchema = z.strictObject({
  sessionId: z.uuid(),
  actions: z.array(leadActionSchema).max(4000),
  teaching: teachingSchema.nullable(),
  /** Whether it has come to its end, by what was done or by the clock alone. */
  isOver: z.boolean(),
});
export type ToldClass = Readonly<z.infer<typeof toldSchema>>;

const movedTo = (atMs: number, byMs: number): number => Math.round(atMs + byMs);

/** What a leader did, by a clock that is so much ahead, ms. */
export const movedActions = (actions: readonly LeadAction[], byMs: number): LeadAction[] =>
  actions.map((action) => ({
    ...action,
    atMs: movedTo(action.atMs, byMs),
    ...(action.kind === 'must-end' && typeof action.endAtMs === 'number'
      ? { endAtMs: movedTo(action.endAtMs, byMs) }
      : {}),
  }));

/** What is told of a class, by a clock that is so much ahead, ms. */
export const movedTold = (told: ToldClass, byMs: number): ToldClass => ({
  ...told,
  actions: movedActions(told.actions, byMs),
  teaching: told.teaching && { ...told.teaching, sinceMs: movedTo(told.teaching.sinceMs, byMs) },
});

/** Where a form is taught, since when, by the clock, ms. */
export const taughtSinceMs = ({ actions }: Pick<Session, 'actions'>): number =>
  actions.findLast(({ kind }) => kind === 'teach')?.atMs ?? 0;

/** A moment moved from clock to clock and back may come out so much off, ms. */
const ROUNDED_MS = 5;

/** Which part is taught: as it was told since the teaching began, else the first. */
export const taughtNow = (session: Pick<Session, 'actions'>, told: Teaching | null | undefined): Teaching => {
  const sinceMs = taughtSinceMs(session);
  return told && told.sinceMs >= sinceMs - ROUNDED_MS ? told : startTeaching(sinceMs);
};

/** Moments this near are one, told by two clocks, ms. */
const SAME_MS = 250;

/** Whether two lists say that the same was done at the same moments. */
export const isSameDone = (one: readonly LeadAction[], other: readonly LeadAction[]): boolean =>
  one.length === other.length &&
  one.every((action, index) => {
    const there = other[index];
    return there?.kind === action.kind && Math.abs(there.atMs - action.atMs) <= SAME_MS;
  });

/** What of a leader’s deeds others may see: a form put in comes without why it was chosen. */
export const actionsForOthers = (actions: readonly LeadAction[]): LeadAction[] =>
  actions.map((action) =>
    action.kind === 'insert' ? { ...action, item: { ...action.item, reasons: [] } } : action,
  );

/** What whoever leads a class sees of its being shown: the code, where it is typed, and how many follow. */
export interface Shown {
  readonly code: string;
  readonly revision: number;
  readonly followers: number;
  /** Where a device in the hall finds it; none where the door is shut or this machine is in no network. */
  readonly address: {
    readonly href: string;
    /** Where the code is typed, without the scheme. */
    readonly short: string;
    /** The square that phones read: its side in fields, and the outline of the dark ones. */
    readonly square: { readonly size: number; readonly path: string };
  } | null;
  readonly isDoorOpen: boolean;
}
