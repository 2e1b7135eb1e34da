import { leadState, type LeadAction, type LeadState } from '../lead';
import { eventAt, type Practice, type TimelineEvent } from '../practice';
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
  readonly filing: Filing;
  readonly wait: number;
}

/** What the leader presses, and when by the wall clock, ms. */
export type LeadingPress = 'toggle' | 'forward' | 'back' | 'one-more' | 'ask-end' | 'end' | 'leave';

export type LeadingEvent =
  | { readonly kind: 'pressed'; readonly press: LeadingPress; readonly atMs: number }
  | { readonly kind: 'kept'; readonly isKept: boolean }
  /** The clock has come to the end of the practice. */
  | { readonly kind: 'came-to-end'; readonly atMs: number }
  | { readonly kind: 'file-again'; readonly atMs: number }
  | { readonly kind: 'waited'; readonly wait: number; readonly atMs: number }
  | { readonly kind: 'filed'; readonly sessionId: string; readonly isFiled: boolean }
  /** The same practice is to be led once more, as it is now. */
  | { readonly kind: 'begun-again'; readonly session: Session }
  /** Another window leads the same class. */
  | { readonly kind: 'led-elsewhere'; readonly session: Session };

export type LeadingEffect =
  | { readonly kind: 'keep'; readonly session: Session }
  | { readonly kind: 'forget'; readonly practiceId: string }
  | { readonly kind: 'file'; readonly session: Session; readonly nowMs: number }
  | { readonly kind: 'wait'; readonly ms: number; readonly wait: number };

type Next = Step<Leading, LeadingEffect>;

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
  filing: 'not-yet',
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
    case 'one-more':
      return event && started ? { kind: 'one-more', atMs, itemId: event.itemId } : undefined;
    case 'end':
      return started ? { kind: 'end', atMs } : undefined;
    case 'leave':
      // Leaving is not ending: the class waits where it is.
      return running ? { kind: 'pause', atMs } : undefined;
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
  const state: Leading = { ...leading, session, base: baseOf(session), isAsking: false };
  const kept: readonly LeadingEffect[] = [{ kind: 'keep', session }];
  if (!hasEnded(state, action.atMs)) return { state, effects: kept };
  const filed = file(state, action.atMs);
  return { state: filed.state, effects: [...kept, ...filed.effects] };
}

function pressed(leading: Leading, press: LeadingPress, atMs: number): Next {
  if (hasEnded(leading, atMs)) return file(leading, atMs);
  if (press === 'ask-end')
    return stay(leading.base.state.started ? { ...leading, isAsking: !leading.isAsking } : leading);
  const action = actionFor(leading, press, atMs);
  return action ? act(leading, action) : stay(leading);
}

/** Takes over what another window did with the same class, where it did more. */
function ledElsewhere(leading: Leading, session: Session): Leading {
  const isSame = session.sessionId === leading.session.sessionId;
  if (!isSame || session.actions.length <= leading.session.actions.length) return leading;
  return { ...leading, session, base: baseOf(session), isAsking: false };
}

/** What happens while a practice is led; see {@link Leading}. */
export function leading(state: Leading, event: LeadingEvent): Next {
  switch (event.kind) {
    case 'pressed':
      return pressed(state, event.press, event.atMs);
    case 'kept':
      return stay(event.isKept === state.isKept ? state : { ...state, isKept: event.isKept });
    case 'came-to-end':
      return hasEnded(state, event.atMs) ? file(state, event.atMs) : stay(state);
    case 'file-again':
      return file(state, event.atMs);
    case 'waited':
      return event.wait === state.wait && state.filing === 'failed' ? file(state, event.atMs) : stay(state);
    case 'filed': {
      if (event.sessionId !== state.session.sessionId) return stay(state);
      if (event.isFiled) return stay({ ...state, filing: 'filed' });
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
      return stay(ledElsewhere(state, event.session));
    default:
      return event satisfies never;
  }
}
