import type { BriefWishes } from '../brief';
import type { Composed, ComposeResult, Impossible, Proof } from '../compose';
import type { Edit, Practice } from '../practice';
import type { Desk, Step } from './desk';
import { editByHand, keepChosen } from './handWork';
import { beforeAll, begin, inPlace, redo, stepTo, undo, type Steps } from './steps';

/** What is written on: the practice, and what was wished of it, undone together. */
export interface Sheet {
  readonly practice: Practice | undefined;
  readonly wishes: BriefWishes;
}

/** Writing a practice: drafts asked of the composer, edits by hand, and the way back through all of it. */
export interface Composing {
  readonly steps: Steps<Sheet>;
  /** A draft nobody has touched is not kept. */
  readonly isTouched: boolean;
  /** What was wished last, drafted or not: the next wish builds on it, as presses may come faster than drafts. */
  readonly asked: BriefWishes;
  /** The number of the last question put to the composer; answers to earlier ones mean nothing. */
  readonly question: number;
  readonly drafting: Drafting | undefined;
  readonly failure: Impossible | undefined;
  /** The composer failed before it had an answer. */
  readonly hasStopped: boolean;
  /** How far the draft `of` is proved. */
  readonly proof: { readonly of: Practice; readonly proof: Proof } | undefined;
  /** The oldest stored version gone back to: undo goes on there once its own steps are used up. */
  readonly oldestVersion: number;
  /** The seed of the first draft: another one each day. */
  readonly firstSeed: number;
  readonly isReadingVersion: boolean;
}

interface Drafting {
  readonly wishes: BriefWishes;
  readonly told: Told;
  /** The draft of this question that is on the sheet; a later one takes its place while nobody changed it. */
  readonly shown: Practice | undefined;
  /** The first draft of a new practice is no step to undo. */
  readonly isFirst: boolean;
}

/** What is told in passing, to be worded. */
export type Told =
  | { readonly code: 'edited'; readonly text: string }
  | { readonly code: 'gone' }
  | { readonly code: 'redrafted' }
  | { readonly code: 'another' }
  | { readonly code: 'undone' }
  | { readonly code: 'undone-to-version'; readonly version: number }
  | { readonly code: 'version-unread' }
  | { readonly code: 'done-again' }
  | { readonly code: 'restored' }
  | { readonly code: 'brought-back' };

export type ComposingEvent =
  /** A new practice is begun: its first draft is asked for. */
  | { readonly kind: 'begun' }
  | { readonly kind: 'wished'; readonly more: BriefWishes; readonly isPlaced: boolean }
  | { readonly kind: 'another-wished' }
  | { readonly kind: 'drafted'; readonly question: number; readonly draft: Composed }
  | { readonly kind: 'answered'; readonly question: number; readonly result: ComposeResult }
  | { readonly kind: 'composer-failed'; readonly question: number }
  | { readonly kind: 'edited'; readonly edit: Edit; readonly text: string }
  /** A practice made elsewhere takes the place of this one: a draft of another character, a fit, a pasted order. */
  | { readonly kind: 'taken'; readonly practice: Practice; readonly text: string }
  | { readonly kind: 'stepped'; readonly way: 'undo' | 'redo' }
  | { readonly kind: 'version-read'; readonly version: number; readonly practice: Practice | undefined }
  | { readonly kind: 'restored'; readonly practice: Practice }
  /** What this browser kept of an earlier visit. */
  | { readonly kind: 'brought-back'; readonly practice: Practice }
  /** What another window saved is shown. */
  | { readonly kind: 'theirs-shown'; readonly practice: Practice }
  /** It is to be led or printed, and so kept. */
  | { readonly kind: 'wanted' };

export type ComposingEffect =
  | {
      readonly kind: 'draft';
      readonly question: number;
      readonly wishes: BriefWishes;
      readonly seed: number;
      /** What is kept in it stays. */
      readonly round: Practice | undefined;
    }
  | { readonly kind: 'save'; readonly practice: Practice }
  | { readonly kind: 'read-version'; readonly version: number }
  /** The wishes stand in the address while nothing is kept. */
  | { readonly kind: 'address'; readonly wishes: BriefWishes }
  | { readonly kind: 'tell'; readonly told: Told };

type Next = Step<Composing, ComposingEffect>;

const SEEDS = 2 ** 32;

export const startComposing = (
  stored: { readonly practice: Practice; readonly version: number } | undefined,
  wishes: BriefWishes,
  firstSeed = 1,
): Composing => ({
  steps: begin({ practice: stored?.practice, wishes: stored?.practice.brief ?? wishes }),
  isTouched: stored !== undefined,
  asked: stored?.practice.brief ?? wishes,
  question: 0,
  drafting: undefined,
  failure: undefined,
  hasStopped: false,
  proof: undefined,
  oldestVersion: stored?.version ?? 1,
  firstSeed,
  isReadingVersion: false,
});

export const canUndo = ({ steps, oldestVersion }: Composing): boolean =>
  steps.past.length > 0 || oldestVersion > 1;

const telling = (told: Told): ComposingEffect => ({ kind: 'tell', told });

/** Another practice on the sheet, with its own brief as what is wished. */
const sheetOf = (practice: Practice): Sheet => ({ practice, wishes: practice.brief });

function withSheet(state: Composing, sheet: Sheet): Composing {
  const { present } = state.steps;
  if (present.practice === sheet.practice && present.wishes === sheet.wishes) return state;
  return { ...state, steps: stepTo(state.steps, sheet) };
}

function ask(
  state: Composing,
  wishes: BriefWishes,
  seed: number,
  told: Told,
  more: readonly ComposingEffect[] = [],
  isFirst = false,
): Next {
  const question = state.question + 1;
  return {
    state: {
      ...state,
      question,
      asked: wishes,
      hasStopped: false,
      drafting: { wishes, told, shown: undefined, isFirst },
    },
    effects: [...more, { kind: 'draft', question, wishes, seed, round: state.steps.present.practice }],
  };
}

/** Puts a draft on the sheet, unless somebody wrote on the one it would take the place of. */
function show(state: Composing, draft: Composed, nameFor: (practice: Practice) => string): Next {
  const { drafting, steps } = state;
  const now = steps.present.practice;
  if (!drafting || (drafting.shown && now !== drafting.shown)) return { state, effects: [] };
  const name = now && now.name !== nameFor(now) ? now.name : nameFor(draft.practice);
  const practice: Practice = { ...draft.practice, name };
  const sheet: Sheet = { practice, wishes: drafting.wishes };
  const isMore = drafting.shown !== undefined;
  const isBeginning = drafting.isFirst && steps.past.length === 0 && !state.isTouched;
  return {
    state: {
      ...state,
      steps: isMore || isBeginning ? inPlace(steps, sheet) : stepTo(steps, sheet),
      drafting: { ...drafting, shown: practice },
      proof: { of: practice, proof: draft.proof },
    },
    effects: isMore || isBeginning ? [] : [telling(drafting.told)],
  };
}

function answered(state: Composing, result: ComposeResult, nameFor: (practice: Practice) => string): Next {
  if (result.ok) {
    const { state: shown, effects } = show(state, result, nameFor);
    return { state: { ...shown, drafting: undefined, failure: undefined }, effects };
  }
  // An impossible wish still stands in the sentence, so that it can be seen and changed.
  const sheet: Sheet = { ...state.steps.present, wishes: state.drafting?.wishes ?? state.asked };
  return { state: { ...withSheet(state, sheet), drafting: undefined, failure: result }, effects: [] };
}

function stepped(state: Composing, way: 'undo' | 'redo'): Next {
  const steps = way === 'undo' ? undo(state.steps) : redo(state.steps);
  if (steps !== state.steps)
    return {
      state: { ...state, steps, isTouched: true, failure: undefined, asked: steps.present.wishes },
      effects: [telling({ code: way === 'undo' ? 'undone' : 'done-again' })],
    };
  if (way === 'redo' || state.oldestVersion <= 1 || state.isReadingVersion) return { state, effects: [] };
  return {
    state: { ...state, isReadingVersion: true },
    effects: [{ kind: 'read-version', version: state.oldestVersion - 1 }],
  };
}

function versionRead(state: Composing, version: number, practice: Practice | undefined): Next {
  const waited = { ...state, isReadingVersion: false };
  if (!practice) return { state: waited, effects: [telling({ code: 'version-unread' })] };
  // Written on while it was fetched: the next undo begins with that.
  if (state.steps.past.length > 0) return { state: waited, effects: [] };
  return {
    state: {
      ...waited,
      steps: beforeAll(state.steps, sheetOf(practice)),
      isTouched: true,
      asked: practice.brief,
      oldestVersion: version,
    },
    effects: [telling({ code: 'undone-to-version', version })],
  };
}

/** Puts a whole practice on the sheet as a step; drafts still on their way come too late. */
function put(state: Composing, sheet: Sheet, told: readonly ComposingEffect[]): Next {
  return {
    state: {
      ...withSheet(state, sheet),
      isTouched: true,
      asked: sheet.wishes,
      question: state.question + 1,
      drafting: undefined,
      failure: undefined,
      hasStopped: false,
    },
    effects: told,
  };
}

function isThere(practice: Practice, edit: Edit): boolean {
  if (edit.kind === 'together') return edit.edits.every((one) => isThere(practice, one));
  const ids = 'itemId' in edit ? [edit.itemId] : 'itemIds' in edit ? edit.itemIds : [];
  return ids.every((id) => practice.items.some((item) => item.id === id));
}

function edited(state: Composing, { edit, text }: Extract<ComposingEvent, { kind: 'edited' }>): Next {
  const { practice, wishes } = state.steps.present;
  if (!practice) return { state, effects: [] };
  // Pressed a moment before another draft took the place of what it was pressed on.
  if (!isThere(practice, edit)) return { state, effects: [telling({ code: 'gone' })] };
  const next = editByHand(practice, edit);
  return {
    state: { ...withSheet(state, { practice: next, wishes }), isTouched: true },
    effects: edit.kind === 'rename' ? [] : [telling({ code: 'edited', text })],
  };
}

function happening(state: Composing, event: ComposingEvent, nameFor: (practice: Practice) => string): Next {
  const { practice, wishes } = state.steps.present;
  const isStale = 'question' in event && (event.question !== state.question || !state.drafting);
  if (isStale) return { state, effects: [] };
  switch (event.kind) {
    case 'begun':
      return ask(state, state.asked, state.firstSeed, { code: 'redrafted' }, [], true);
    case 'wished': {
      const next = { ...state.asked, ...event.more };
      const address: readonly ComposingEffect[] =
        event.isPlaced || state.isTouched ? [] : [{ kind: 'address', wishes: next }];
      return ask(
        state,
        next,
        practice?.seed ?? state.firstSeed,
        { code: 'redrafted' },
        address,
        practice === undefined,
      );
    }
    case 'another-wished':
      return ask(state, wishes, ((practice?.seed ?? 0) + 1) % SEEDS, { code: 'another' });
    case 'drafted':
      return show(state, event.draft, nameFor);
    case 'answered':
      return answered(state, event.result, nameFor);
    case 'composer-failed':
      return { state: { ...state, drafting: undefined, hasStopped: true }, effects: [] };
    case 'edited':
      return edited(state, event);
    case 'taken': {
      const kept = keepChosen(event.practice);
      const sheet = { practice: { ...kept, name: practice?.name ?? kept.name }, wishes };
      return put(state, sheet, [telling({ code: 'edited', text: event.text })]);
    }
    case 'stepped':
      return stepped(state, event.way);
    case 'version-read':
      return versionRead(state, event.version, event.practice);
    case 'restored':
      return put(state, sheetOf(event.practice), [telling({ code: 'restored' })]);
    case 'theirs-shown':
      return put(state, sheetOf(event.practice), []);
    case 'brought-back':
      return put(state, sheetOf(event.practice), [telling({ code: 'brought-back' })]);
    case 'wanted':
      return { state: { ...state, isTouched: true }, effects: [] };
    default:
      return event satisfies never;
  }
}

/** Events after which the practice on the sheet is not to be saved anew: it is kept, or comes from, elsewhere. */
const KEPT_ELSEWHERE: ReadonlySet<ComposingEvent['kind']> = new Set(['brought-back', 'theirs-shown']);

/** The desk of the composing room. `nameFor` names a practice nobody has named. */
export const composing =
  (nameFor: (practice: Practice) => string): Desk<Composing, ComposingEvent, ComposingEffect> =>
  (state, event) => {
    const next = happening(state, event, nameFor);
    const { practice } = next.state.steps.present;
    const isNew = practice !== undefined && practice !== state.steps.present.practice;
    if (!isNew || !next.state.isTouched || KEPT_ELSEWHERE.has(event.kind)) return next;
    return { state: next.state, effects: [...next.effects, { kind: 'save', practice }] };
  };
