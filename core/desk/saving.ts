import { stay, type Step } from './desk';

/**
 * Saving one document as it is written. One request at a time, always the latest state, never over a version somebody
 * else saved. A save whose answer was lost is sent again with the same id before anything later is, so that it is never
 * taken for another window's. What the server does not have is kept by this browser, each window under a key of its own.
 */
export interface Saving<Document> {
  /** Where the server has it; no id for a document it has never had. */
  readonly place: { readonly id: string | undefined; readonly version: number };
  /** Under which it is kept while it has no id, and what tells this window's work from another's. */
  readonly windowKey: string;
  readonly onServer: Document | undefined;
  /** What is written and not on the server. */
  readonly latest: Document | undefined;
  /** Goes into a version of its own before `latest` does: what was written here, when another window's is taken. */
  readonly ahead: Document | undefined;
  /** What was sent and not heard of. */
  readonly sent: Sent<Document> | undefined;
  readonly isOnItsWay: boolean;
  readonly trouble: Trouble | undefined;
  /** False where this browser's store is full or refused: what is not on the server is only on the screen. */
  readonly isKept: boolean;
  /** Of the last wait; the end of an earlier one means nothing. */
  readonly wait: number;
}

export interface Sent<Document> {
  readonly document: Document;
  readonly saveId: string;
}

export type Trouble =
  | { readonly code: 'unheard' }
  | { readonly code: 'refused'; readonly message: string }
  | { readonly code: 'changed-elsewhere'; readonly version: number };

/** What the server said, or that nothing was heard of it. */
export type Heard =
  | { readonly code: 'saved'; readonly id: string | undefined; readonly version: number }
  | { readonly code: 'changed-elsewhere'; readonly version: number | undefined }
  | { readonly code: 'refused'; readonly message: string }
  | { readonly code: 'unheard' };

/** What this browser keeps until the server has it. */
export interface Unsaved<Document> {
  /** The version it was made on top of; 0 for a document the server has never had. */
  readonly baseVersion: number;
  /** A save on top of that version of which nothing was heard: the server may have it. */
  readonly sent: Sent<Document> | undefined;
  /** What is to be saved after it; nothing where that is just what was sent. */
  readonly latest: Document | undefined;
}

/** What was written last of what was kept. */
export const keptDocument = <Document>({ sent, latest }: Unsaved<Document>): Document | undefined =>
  latest ?? sent?.document;

/**
 * Whether what was kept can be saved on top of what the server has: it was made on top of that version, or on top of a
 * save of its own that was stored and not heard of; else somebody saved in between.
 */
export const fitsOn = <Document>(
  unsaved: Unsaved<Document>,
  stored: { readonly version: number; readonly saveId: string | undefined },
): boolean => unsaved.baseVersion === stored.version || isStored(unsaved, stored);

/** Whether the save of which nothing was heard is the version the server has. */
const isStored = <Document>(
  { sent, baseVersion }: Unsaved<Document>,
  stored: { readonly version: number; readonly saveId: string | undefined },
): boolean => sent !== undefined && sent.saveId === stored.saveId && baseVersion + 1 === stored.version;

/** Where something unsaved is kept. */
export interface KeptAt {
  /** The document's id; none for one the server has never had. */
  readonly id: string | undefined;
  readonly windowKey: string;
}

/** Events that may send something bring an id for it, as nothing here is made by chance. */
export type SavingEvent<Document> =
  | { readonly kind: 'written'; readonly document: Document }
  | { readonly kind: 'waited'; readonly wait: number; readonly freshId: string }
  /** At once: the document is to be opened elsewhere, the page is left, the server is back. */
  | { readonly kind: 'save-now'; readonly document: Document | undefined; readonly freshId: string }
  | {
      readonly kind: 'heard';
      readonly saveId: string;
      readonly heard: Heard;
      readonly freshId: string;
    }
  | { readonly kind: 'kept'; readonly isKept: boolean }
  /** Taken up from what this browser kept; `saveId` is that of the version the server has. */
  | {
      readonly kind: 'brought-back';
      readonly unsaved: Unsaved<Document>;
      readonly saveId: string | undefined;
      readonly freshId: string;
    }
  /** Changed elsewhere: what is here becomes a document of its own … */
  | {
      readonly kind: 'copied';
      readonly document: Document;
      readonly windowKey: string;
      readonly freshId: string;
    }
  /** … or the next version, on top of theirs … */
  | { readonly kind: 'mine-on-top'; readonly freshId: string }
  /** … or a version beneath theirs, which is shown from now on. */
  | { readonly kind: 'theirs-taken'; readonly theirs: Document; readonly freshId: string };

export type SavingEffect<Document> =
  | { readonly kind: 'wait'; readonly ms: number; readonly wait: number }
  | {
      readonly kind: 'send';
      readonly id: string | undefined;
      readonly document: Document;
      readonly baseVersion: number;
      readonly saveId: string;
    }
  /** Keeps it, or forgets what was kept; tells by an event whether it could. */
  | { readonly kind: 'keep'; readonly at: KeptAt; readonly unsaved: Unsaved<Document> | undefined }
  | { readonly kind: 'placed'; readonly id: string };

type Next<Document> = Step<Saving<Document>, SavingEffect<Document>>;

/** A short pause after the last change, so that a run of presses is one version. */
export const PAUSE_MS = 500;
/** How long after nothing was heard saving is tried again by itself. */
export const AGAIN_MS = 4000;

export const startSaving = <Document>(
  stored: { readonly id: string; readonly version: number; readonly document: Document } | undefined,
  windowKey: string,
): Saving<Document> => ({
  place: { id: stored?.id, version: stored?.version ?? 0 },
  windowKey,
  onServer: stored?.document,
  latest: undefined,
  ahead: undefined,
  sent: undefined,
  isOnItsWay: false,
  trouble: undefined,
  isKept: true,
  wait: 0,
});

/** Whether there is anything the server does not have. */
export const isUnsaved = <Document>(saving: Saving<Document>): boolean =>
  saving.latest !== undefined || saving.ahead !== undefined || saving.sent !== undefined;

/** Whether an answer is still to come that may change where things stand. */
export const isSettled = <Document>(saving: Saving<Document>): boolean =>
  !saving.isOnItsWay && (!isUnsaved(saving) || saving.trouble !== undefined);

/** What is written here and not on the server: what must not be lost. */
export const unsavedDocument = <Document>(saving: Saving<Document>): Document | undefined =>
  saving.ahead ?? saving.latest ?? saving.sent?.document;

const keptAt = <Document>({ place, windowKey }: Saving<Document>): KeptAt => ({ id: place.id, windowKey });

function keeping<Document>(saving: Saving<Document>): readonly SavingEffect<Document>[] {
  const { sent } = saving;
  const written = saving.ahead ?? saving.latest;
  const unsaved =
    sent || written !== undefined
      ? { baseVersion: saving.place.version, sent, latest: written === sent?.document ? undefined : written }
      : undefined;
  return [{ kind: 'keep', at: keptAt(saving), unsaved }];
}

/** Waits, and lets every earlier wait end for nothing. */
function waiting<Document>(
  saving: Saving<Document>,
  ms: number,
  first: Next<Document>['effects'] = [],
): Next<Document> {
  const wait = saving.wait + 1;
  return { state: { ...saving, wait }, effects: [...first, { kind: 'wait', ms, wait }] };
}

/** Sends what comes next, if anything does and nothing is on its way or forbids it. */
function sending<Document>(saving: Saving<Document>, freshId: string): Next<Document> {
  if (saving.isOnItsWay || saving.trouble?.code === 'changed-elsewhere') return stay(saving);
  // What was sent and not heard of comes first, just as it was.
  const next = saving.sent?.document ?? saving.ahead ?? saving.latest;
  if (next === undefined) return stay(saving);
  const sent = saving.sent ?? { document: next, saveId: freshId };
  const state: Saving<Document> = { ...saving, sent, isOnItsWay: true };
  const { id, version } = saving.place;
  return {
    state,
    // Kept with the id it is sent under, so that after a reload its answer is known for its own.
    effects: [...keeping(state), { kind: 'send', id, baseVersion: version, ...sent }],
  };
}

function written<Document>(saving: Saving<Document>, document: Document): Saving<Document> {
  // Back at what the server has, with nothing on its way: there is nothing to save.
  const isThere = document === saving.onServer && !saving.sent && !saving.ahead && !saving.trouble;
  return { ...saving, latest: isThere ? undefined : document };
}

function saved<Document>(
  saving: Saving<Document>,
  sent: Sent<Document>,
  heard: Extract<Heard, { code: 'saved' }>,
  freshId: string,
): Next<Document> {
  const wasNew = saving.place.id === undefined;
  const id = heard.id ?? saving.place.id;
  const state: Saving<Document> = {
    ...saving,
    place: { id, version: heard.version },
    onServer: sent.document,
    latest: saving.latest === sent.document ? undefined : saving.latest,
    ahead: saving.ahead === sent.document ? undefined : saving.ahead,
    sent: undefined,
    isOnItsWay: false,
    trouble: undefined,
  };
  const moved: readonly SavingEffect<Document>[] =
    wasNew && id !== undefined
      ? [
          { kind: 'keep', at: keptAt(saving), unsaved: undefined },
          { kind: 'placed', id },
        ]
      : [];
  const next = sending(state, freshId);
  return { state: next.state, effects: [...moved, ...keeping(state), ...next.effects] };
}

function heardOf<Document>(
  saving: Saving<Document>,
  { saveId, heard, freshId }: Extract<SavingEvent<Document>, { kind: 'heard' }>,
): Next<Document> {
  const { sent } = saving;
  // The answer to something given up meanwhile.
  if (sent?.saveId !== saveId) return stay(saving);
  if (heard.code === 'saved') return saved(saving, sent, heard, freshId);
  const back: Saving<Document> = {
    ...saving,
    isOnItsWay: false,
    latest: saving.latest ?? sent.document,
    trouble:
      heard.code === 'changed-elsewhere'
        ? { ...heard, version: heard.version ?? saving.place.version }
        : heard,
  };
  if (heard.code === 'unheard') return waiting(back, AGAIN_MS, keeping(back));
  // Nothing was stored: what comes next is a save of its own. Theirs, where it was to be taken, is on the server.
  const state: Saving<Document> = {
    ...back,
    sent: undefined,
    latest: heard.code === 'changed-elsewhere' ? (back.ahead ?? back.latest) : back.latest,
    ahead: heard.code === 'changed-elsewhere' ? undefined : back.ahead,
  };
  return { state, effects: keeping(state) };
}

/** What is here becomes a document the server has never had, and is sent at once. */
function copied<Document>(
  saving: Saving<Document>,
  { document, windowKey, freshId }: Extract<SavingEvent<Document>, { kind: 'copied' }>,
): Next<Document> {
  const state: Saving<Document> = {
    ...startSaving<Document>(undefined, windowKey),
    latest: document,
    wait: saving.wait + 1,
    isKept: saving.isKept,
  };
  const next = sending(state, freshId);
  // The copy is kept before what it was copied from is forgotten.
  return {
    state: next.state,
    effects: [...next.effects, { kind: 'keep', at: keptAt(saving), unsaved: undefined }],
  };
}

function broughtBack<Document>(
  saving: Saving<Document>,
  { unsaved, saveId, freshId }: Extract<SavingEvent<Document>, { kind: 'brought-back' }>,
): Next<Document> {
  const stored = { version: saving.place.version, saveId };
  const isNew = saving.place.id === undefined;
  const fits = isNew || fitsOn(unsaved, stored);
  const state: Saving<Document> = {
    ...saving,
    latest: fits ? unsaved.latest : keptDocument(unsaved),
    // It goes again under its own id, so that it is not stored twice, nor anything later taken for it.
    sent: fits && !isStored(unsaved, stored) ? unsaved.sent : undefined,
    trouble: fits ? undefined : { code: 'changed-elsewhere', version: saving.place.version },
  };
  const next = sending(state, freshId);
  return { state: next.state, effects: [...keeping(state), ...next.effects] };
}

/** Goes on after a version of another window: on top of it. */
function onTop<Document>(saving: Saving<Document>): Saving<Document> {
  const version =
    saving.trouble?.code === 'changed-elsewhere' ? saving.trouble.version : saving.place.version;
  return { ...saving, place: { ...saving.place, version }, trouble: undefined, sent: undefined };
}

/** What happens while a document is saved; see {@link Saving}. */
export function saving<Document>(state: Saving<Document>, event: SavingEvent<Document>): Next<Document> {
  switch (event.kind) {
    case 'written': {
      const next = written(state, event.document);
      if (next.trouble?.code === 'changed-elsewhere') return { state: next, effects: keeping(next) };
      return waiting(next, PAUSE_MS, keeping(next));
    }
    case 'waited':
      return event.wait === state.wait ? sending(state, event.freshId) : stay(state);
    case 'save-now': {
      const next = event.document === undefined ? state : written(state, event.document);
      const { state: after, effects } = sending(next, event.freshId);
      return { state: after, effects: next === state ? effects : [...keeping(next), ...effects] };
    }
    case 'heard':
      return heardOf(state, event);
    case 'kept':
      return stay(event.isKept === state.isKept ? state : { ...state, isKept: event.isKept });
    case 'brought-back':
      return broughtBack(state, event);
    case 'copied':
      return copied(state, event);
    case 'mine-on-top':
      return sending(onTop(state), event.freshId);
    case 'theirs-taken': {
      const mine = unsavedDocument(state);
      return sending(
        { ...onTop(state), ahead: mine, latest: mine === undefined ? undefined : event.theirs },
        event.freshId,
      );
    }
    default:
      return event satisfies never;
  }
}

/** What one line can say of it. */
export type SavingLine =
  | { readonly code: 'draft' }
  | { readonly code: 'waiting' }
  | { readonly code: 'saved'; readonly version: number }
  | (Trouble & { readonly isKept: boolean });

export function savingLine<Document>(state: Saving<Document>): SavingLine {
  if (state.trouble && !state.isOnItsWay) return { ...state.trouble, isKept: state.isKept };
  if (isUnsaved(state)) return { code: 'waiting' };
  return state.place.id === undefined ? { code: 'draft' } : { code: 'saved', version: state.place.version };
}
