import { leadState, leftFor, wordOf, type LeadAction, type LeadState, type Retimed } from '../lead';
import type { Form } from '../forms';
import type { WhatNext } from '../log';
import { eventAt, type Item, type Practice, type TimelineEvent } from '../practice';
import { stay, type Step } from './desk';

/** A class as it is kept in this browser: the practice it began with, and what the leader did. */
export interface Session {
  readonly sessionId: string;
  readonly practiceId: string;
  readonly version: number;
  readonly groupId: string | null;
  /** The practice as it was when the class began; a class goes on with it, whatever is saved elsewhere meanwhile. */
  readonly practice: Practice;
  readonly actions: readonly LeadAction[];
}

/** Whether the class is in the log. */
export type Filing = 'not-yet' | 'sending' | 'filed' | 'failed';

/** Leading a practice: where the class stands, and whether it is kept and in the log. */
export interface Leading {
  readonly session: Session;
  /** Where the class stood at the last press; from there only the clock moves it. */
  readonly base: { readonly atMs: number; readonly state: LeadState };
  /** False where this browser's store is full or refused: the class goes on, but a reload would lose it. */
  readonly isKept: boolean;
  /** The leader is asked whether to end. */
  readonly isAsking: boolean;
  /** What would bring the class back to its end, as things stand; nothing where it is on time, or was refused. */
  readonly proposal: Retimed | undefined;
  /** Items the leader keeps as they are, and where time may be saved first. */
  readonly keeps: readonly string[];
  readonly spares: readonly string[];
  /** Nothing is proposed till something else happens. */
  readonly isRefused: boolean;
  /** When the last breaths were tapped, ms. */
  readonly taps: readonly number[];
  readonly filing: Filing;
  /** What the class has taught the next draft, once it is in the log. */
  readonly next: WhatNext | undefined;
  readonly wait: number;
}

/** What the leader presses, and when by the wall clock, ms. */
export type LeadingPress =
  | 'toggle'
  /** A pause the end waits for. */
  | 'pause-end'
  | 'stay'
  | 'forward'
  | 'back'
  | 'one-more'
  | 'last-one'
  /** When this side is done it is gone on. */
  | 'move-on'
  /** The talk is over: the form begins now. */
  | 'begin-now'
  /** The form is taught part by part; pressed again, it is gone through. */
  | 'teach'
  /** A breath in begins: a few of them tell the pace. */
  | 'tap'
  | 'slower'
  | 'quicker'
  | 'undo'
  /** What is proposed is done; it is let run over; nothing is changed. */
  | 'take'
  | 'let-over'
  | 'refuse'
  | 'ask-end'
  | 'end'
  | 'leave';

export type LeadingEvent =
  | { readonly kind: 'pressed'; readonly press: LeadingPress; readonly atMs: number }
  | { readonly kind: 'kept'; readonly isKept: boolean }
  /** A form that was not planned comes next. */
  | { readonly kind: 'put-in'; readonly atMs: number; readonly item: Item; readonly form: Form }
  /** What would bring it back to its end, worked out after so many actions. */
  | { readonly kind: 'proposed'; readonly proposal: Retimed; readonly after: number }
  | { readonly kind: 'steered'; readonly itemId: string; readonly how: 'keep' | 'spare' }
  /** When it must be over is said: by the wall clock, as long as planned, or not at all. */
  | {
      readonly kind: 'end-said';
      readonly atMs: number;
      readonly endAtMs: number | null | undefined;
      readonly mayOverMs: number;
    }
  /** The clock has come to where what is proposed must be decided. */
  | { readonly kind: 'came-to-decide'; readonly atMs: number }
  /** The clock has come to the end of the practice. */
  | { readonly kind: 'came-to-end'; readonly atMs: number }
  | { readonly kind: 'file-again'; readonly atMs: number }
  | { readonly kind: 'waited'; readonly wait: number; readonly atMs: number }
  | {
      readonly kind: 'filed';
      readonly sessionId: string;
      readonly isFiled: boolean;
      readonly next?: WhatNext | undefined;
    }
  /** The same practice is to be led once more, as it is now. */
  | { readonly kind: 'begun-again'; readonly session: Session }
  /** Another window leads the same class; settled where of two that did something at once the other came first. */
  | { readonly kind: 'led-elsewhere'; readonly session: Session; readonly isSettled?: boolean };

export type LeadingEffect =
  | { readonly kind: 'keep'; readonly session: Session }
  | { readonly kind: 'forget'; readonly practiceId: string }
  | { readonly kind: 'file'; readonly session: Session; readonly nowMs: number }
  | { readonly kind: 'wait'; readonly ms: number; readonly wait: number };

type Next = Step<Leading, LeadingEffect>;

/** A step of the tempo: a tenth. */
const TEMPO = 1.1;
/** Taps further apart than this are not of one breath after another, ms. */
const TAP_APART_MS = 25_000;
const MOST_TAPS = 4;
/** So many breaths tell a pace. */
const LEAST_BREATHS = 2;
/** A pace so near to what it is is left, as a share. */
const TAP_NEAR = 0.03;
/** What is proposed is done so long before it would be too late, ms. */
const DECIDE_AHEAD_MS = 400;
/** Going back this soon after a form's start means the form before. */
export const RESTART_WITHIN_MS = 3000;
/** How long after the log could not be reached it is tried again by itself. */
export const FILE_AGAIN_MS = 10_000;

/** The state as of the last press; the clock moves it from there. */
function baseOf(session: Session): Leading['base'] {
  const atMs = session.actions.at(-1)?.atMs ?? 0;
  return { atMs, state: leadState(session.practice, session.actions, atMs) };
}

export const startLeading = (session: Session): Leading => ({
  session,
  base: baseOf(session),
  isKept: true,
  isAsking: false,
  proposal: undefined,
  keeps: [],
  spares: [],
  isRefused: false,
  taps: [],
  filing: 'not-yet',
  next: undefined,
  wait: 0,
});

/** Where the class is at a moment, ms of its timeline; the clock alone moves it between presses. */
export function positionMs({ base }: Leading, nowMs: number): number {
  const { timeline, running, positionMs: atBase } = base.state;
  return Math.min(timeline.totalMs, atBase + (running ? Math.max(0, nowMs - base.atMs) : 0));
}

export function hasEnded(leading: Leading, nowMs: number): boolean {
  const { ended, running, timeline } = leading.base.state;
  return ended || (running && timeline.totalMs > 0 && positionMs(leading, nowMs) >= timeline.totalMs);
}

/** The stroke the class is at. */
export const eventNow = (leading: Leading, nowMs: number): TimelineEvent | undefined =>
  eventAt(leading.base.state.timeline, positionMs(leading, nowMs));

/** The taps that belong together, with one more. */
const tapsWith = (taps: readonly number[], atMs: number): readonly number[] => {
  const last = taps.at(-1);
  const belongs = last !== undefined && atMs - last <= TAP_APART_MS;
  return [...(belongs ? taps.slice(-MOST_TAPS) : []), atMs];
};

/** The breath that is tapped, ms: the middle one between taps; nothing till there are two. */
export function tappedBreathMs(taps: readonly number[]): number | undefined {
  const between = taps.slice(1).map((atMs, index) => atMs - (taps[index] ?? atMs));
  if (between.length < LEAST_BREATHS) return undefined;
  return between.toSorted((a, b) => a - b)[Math.floor(between.length / 2)];
}

/** The pace that is tapped, as a change of the tempo of what is to come; nothing where it is near enough as it is. */
function tapped({ base, taps }: Leading, atMs: number): LeadAction | undefined {
  const { practice, timeline, started } = base.state;
  const breathMs = tappedBreathMs(taps);
  const position = base.state.positionMs + (base.state.running ? Math.max(0, atMs - base.atMs) : 0);
  const next = timeline.items.find(({ startMs }) => startMs > position);
  const item = practice.items.find(({ id }) => id === next?.itemId);
  if (!started || breathMs === undefined || !item) return undefined;
  const plannedMs = (60_000 / practice.brief.breathsPerMin) * item.stretch;
  const factor = Math.min(2, Math.max(0.5, breathMs / plannedMs));
  return Math.abs(factor - 1) < TAP_NEAR ? undefined : { kind: 'tempo', atMs, factor };
}

/** What a press does now, as an action of the class; nothing where it means nothing here. */
function actionFor(leading: Leading, press: LeadingPress, atMs: number): LeadAction | undefined {
  const { timeline, started, running } = leading.base.state;
  const event = eventNow(leading, atMs);
  const span = event && timeline.items[event.itemIndex];
  switch (press) {
    case 'toggle':
      return { kind: !started ? 'start' : running ? 'pause' : 'resume', atMs };
    case 'forward':
      return {
        kind: 'go',
        atMs,
        toMs: (event && timeline.items[event.itemIndex + 1]?.startMs) ?? timeline.totalMs,
      };
    case 'back': {
      const isSoon = span !== undefined && positionMs(leading, atMs) - span.startMs < RESTART_WITHIN_MS;
      const target = isSoon && event ? timeline.items[event.itemIndex - 1] : span;
      return { kind: 'go', atMs, toMs: target?.startMs ?? 0 };
    }
    case 'pause-end':
      return running ? { kind: 'pause', atMs, movesEnd: true } : undefined;
    case 'stay':
      return running ? { kind: 'stay', atMs } : undefined;
    case 'one-more':
    case 'last-one':
      return event && started ? { kind: press, atMs, itemId: event.itemId } : undefined;
    case 'move-on':
      return event && started ? { kind: press, atMs, itemId: event.itemId } : undefined;
    case 'begin-now':
      return running && (event?.kind === 'setup' || event?.kind === 'stance')
        ? { kind: press, atMs }
        : undefined;
    case 'teach':
      if (leading.base.state.teaching) return { kind: 'resume', atMs };
      return event && started ? { kind: press, atMs, itemId: event.itemId } : undefined;
    case 'slower':
    case 'quicker':
      return started ? { kind: 'tempo', atMs, factor: press === 'slower' ? TEMPO : 1 / TEMPO } : undefined;
    case 'undo':
      return leading.base.state.undoable > 0 ? { kind: 'undo', atMs } : undefined;
    case 'take':
      return leading.proposal ? { kind: 'retime', atMs, changes: [...leading.proposal.changes] } : undefined;
    case 'let-over':
      // Only what is over can be let run over: a key touched by chance brings no end nearer.
      return started && wordOf(leading.base.state, positionMs(leading, atMs), atMs).kind === 'over'
        ? { kind: 'must-end', atMs, endAtMs: atMs + timeline.totalMs - positionMs(leading, atMs) }
        : undefined;
    case 'end':
      return started ? { kind: 'end', atMs } : undefined;
    case 'leave':
      // Leaving is not ending: the class waits where it is.
      return running ? { kind: 'pause', atMs } : undefined;
    case 'tap':
      return tapped(leading, atMs);
    case 'refuse':
    case 'ask-end':
      return undefined;
    default:
      return press satisfies never;
  }
}

function file(leading: Leading, nowMs: number): Next {
  if (leading.filing === 'sending' || leading.filing === 'filed') return stay(leading);
  return {
    state: { ...leading, filing: 'sending' },
    // Recording twice is harmless: the session's own id makes it one class.
    effects: [{ kind: 'file', session: leading.session, nowMs }],
  };
}

function act(leading: Leading, action: LeadAction): Next {
  const session = { ...leading.session, actions: [...leading.session.actions, action] };
  const state: Leading = {
    ...leading,
    session,
    base: baseOf(session),
    isAsking: false,
    proposal: undefined,
    isRefused: false,
  };
  const kept: readonly LeadingEffect[] = [{ kind: 'keep', session }];
  if (!hasEnded(state, action.atMs)) return { state, effects: kept };
  const filed = file(state, action.atMs);
  return { state: filed.state, effects: [...kept, ...filed.effects] };
}

function pressed(before: Leading, press: LeadingPress, atMs: number): Next {
  if (hasEnded(before, atMs)) return file(before, atMs);
  const leading = press === 'tap' ? { ...before, taps: tapsWith(before.taps, atMs) } : before;
  if (press === 'ask-end')
    return stay(leading.base.state.started ? { ...leading, isAsking: !leading.isAsking } : leading);
  if (press === 'refuse') return stay({ ...leading, proposal: undefined, isRefused: true });
  const action = actionFor(leading, press, atMs);
  return action ? act(leading, action) : stay(leading);
}

/** What the rest of a class is to be fitted into; nothing while it stands, is on time, may go on, or was refused. */
export function toFit(leading: Leading, nowMs: number): number | undefined {
  const { state } = leading.base;
  const at = positionMs(leading, nowMs);
  const word = wordOf(state, at, nowMs).kind;
  const isOff = word === 'over' || word === 'room';
  return state.running && isOff && !leading.isRefused && !hasEnded(leading, nowMs)
    ? leftFor(state, at, nowMs)
    : undefined;
}

/** Whether what is proposed must be decided now: only what saves time is done by itself. */
export function mustDecide(leading: Leading, nowMs: number): boolean {
  const { proposal, base } = leading;
  const at = positionMs(leading, nowMs);
  return (
    proposal?.decideByMs !== undefined &&
    base.state.running &&
    at >= proposal.decideByMs - DECIDE_AHEAD_MS &&
    wordOf(base.state, at, nowMs).kind === 'over'
  );
}

function steered(leading: Leading, itemId: string, how: 'keep' | 'spare'): Leading {
  const list = how === 'keep' ? leading.keeps : leading.spares;
  const next = list.includes(itemId) ? list.filter((id) => id !== itemId) : [...list, itemId];
  return { ...leading, proposal: undefined, ...(how === 'keep' ? { keeps: next } : { spares: next }) };
}

const isBegun = ({ actions }: Session): boolean => actions.some(({ kind }) => kind === 'start');

/**
 * Takes over what another window did with the same class, where it did more; and a class begun there, where nothing has
 * begun here.
 */
function ledElsewhere(leading: Leading, session: Session, isSettled: boolean): Leading {
  const isSame = session.sessionId === leading.session.sessionId;
  const more = session.actions.length - leading.session.actions.length;
  const isAhead = isSame
    ? more > 0 || (isSettled && more === 0)
    : isBegun(session) && !isBegun(leading.session);
  if (!isAhead) return leading;
  return { ...leading, session, base: baseOf(session), isAsking: false, proposal: undefined };
}

/** What happens while a practice is led; see {@link Leading}. */
export function leading(state: Leading, event: LeadingEvent): Next {
  switch (event.kind) {
    case 'pressed':
      return pressed(state, event.press, event.atMs);
    case 'kept':
      return stay(event.isKept === state.isKept ? state : { ...state, isKept: event.isKept });
    case 'put-in':
      return !state.base.state.started || hasEnded(state, event.atMs)
        ? stay(state)
        : act(state, { kind: 'insert', atMs: event.atMs, item: event.item, form: event.form });
    case 'proposed':
      return stay(
        event.after === state.session.actions.length && !state.isRefused
          ? { ...state, proposal: event.proposal.changes.length > 0 ? event.proposal : undefined }
          : state,
      );
    case 'steered':
      return stay(steered(state, event.itemId, event.how));
    case 'end-said': {
      const { atMs, endAtMs, mayOverMs } = event;
      return hasEnded(state, atMs)
        ? stay(state)
        : act(state, {
            kind: 'must-end',
            atMs,
            mayOverMs,
            ...(endAtMs === undefined ? {} : { endAtMs }),
          });
    }
    case 'came-to-decide':
      return mustDecide(state, event.atMs) ? pressed(state, 'take', event.atMs) : stay(state);
    case 'came-to-end':
      return hasEnded(state, event.atMs) ? file(state, event.atMs) : stay(state);
    case 'file-again':
      return file(state, event.atMs);
    case 'waited':
      return event.wait === state.wait && state.filing === 'failed' ? file(state, event.atMs) : stay(state);
    case 'filed': {
      if (event.sessionId !== state.session.sessionId) return stay(state);
      if (event.isFiled) return stay({ ...state, filing: 'filed', next: event.next });
      const wait = state.wait + 1;
      return {
        state: { ...state, filing: 'failed', wait },
        effects: [{ kind: 'wait', ms: FILE_AGAIN_MS, wait }],
      };
    }
    case 'begun-again':
      return {
        state: { ...startLeading(event.session), isKept: state.isKept, wait: state.wait + 1 },
        effects: [{ kind: 'forget', practiceId: event.session.practiceId }],
      };
    case 'led-elsewhere':
      return stay(ledElsewhere(state, event.session, event.isSettled ?? false));
    default:
      return event satisfies never;
  }
}
