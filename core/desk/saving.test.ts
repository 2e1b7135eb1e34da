import fc from 'fast-check';
import {
  isSettled,
  isUnsaved,
  keptDocument,
  saving,
  savingLine,
  startSaving,
  unsavedDocument,
  type Heard,
  type Saving,
  type SavingEffect,
  type SavingEvent,
  type Unsaved,
} from './saving';

/** What becomes of a request: heard, stored but its answer lost, or lost on the way. */
type Fate = 'heard' | 'stored' | 'lost';

interface Version {
  readonly text: string;
  readonly saveId: string;
}

/** A server as ours answers: documents with versions, and saves known by their id. */
class Server {
  readonly documents = new Map<string, Version[]>();

  store({ id, document, baseVersion, saveId }: Extract<SavingEffect<string>, { kind: 'send' }>): Heard {
    if (id === undefined) {
      for (const [known, versions] of this.documents)
        if (versions[0]?.saveId === saveId) return { code: 'saved', id: known, version: 1 };
      const fresh = `doc${this.documents.size + 1}`;
      this.documents.set(fresh, [{ text: document, saveId }]);
      return { code: 'saved', id: fresh, version: 1 };
    }
    const versions = this.documents.get(id) ?? [];
    if (versions.at(-1)?.saveId === saveId) return { code: 'saved', id, version: versions.length };
    if (versions.length !== baseVersion) return { code: 'changed-elsewhere', version: versions.length };
    versions.push({ text: document, saveId });
    return { code: 'saved', id, version: versions.length };
  }

  get texts(): readonly string[] {
    return [...this.documents.values()].flat().map(({ text }) => text);
  }
}

/** One browser: its store is shared by its windows. */
class Browser {
  readonly kept = new Map<string, Unsaved<string>>();
  refuses = false;
}

let number = 0;
const fresh = (): string => `id${(number += 1)}`;

/** A window at work: what it sent waits for its fate, what it waits for waits for the clock. */
class Window {
  state: Saving<string>;
  sent: Extract<SavingEffect<string>, { kind: 'send' }>[] = [];
  waits: number[] = [];
  written = '';

  constructor(
    readonly server: Server,
    readonly browser: Browser,
    id?: string,
  ) {
    const versions = id === undefined ? undefined : this.server.documents.get(id);
    const text = versions?.at(-1)?.text;
    this.state = startSaving(
      id !== undefined && versions && text !== undefined
        ? { id, version: versions.length, document: text }
        : undefined,
      fresh(),
    );
  }

  happens(event: SavingEvent<string>): void {
    const { state, effects } = saving(this.state, event);
    this.state = state;
    for (const effect of effects) this.run(effect);
  }

  private run(effect: SavingEffect<string>): void {
    if (effect.kind === 'send') this.sent.push(effect);
    if (effect.kind === 'wait') this.waits.push(effect.wait);
    if (effect.kind !== 'keep') return;
    const key = `${effect.at.id ?? 'new'}.${effect.at.windowKey}`;
    if (!effect.unsaved) this.browser.kept.delete(key);
    else if (!this.browser.refuses) this.browser.kept.set(key, effect.unsaved);
    this.happens({ kind: 'kept', isKept: !effect.unsaved || !this.browser.refuses });
  }

  write(text: string): void {
    this.written = text;
    this.happens({ kind: 'written', document: text });
  }

  waited(): void {
    for (const wait of this.waits.splice(0)) this.happens({ kind: 'waited', wait, freshId: fresh() });
  }

  answered(fate: Fate): void {
    const request = this.sent.shift();
    if (!request) return;
    const heard = fate === 'lost' ? undefined : this.server.store(request);
    this.happens({
      kind: 'heard',
      saveId: request.saveId,
      heard: fate === 'heard' && heard ? heard : { code: 'unheard' },
      freshId: fresh(),
    });
  }

  /** The server is there and quick, until nothing moves any more. */
  rest(): void {
    for (let round = 0; round < 20 && (this.waits.length > 0 || this.sent.length > 0); round += 1) {
      this.waited();
      this.answered('heard');
    }
  }

  /** The page is closed and the document opened again, with what the browser kept of this window. */
  reopened(): Window {
    const { id } = this.state.place;
    const next = new Window(this.server, this.browser, id);
    const key = `${id ?? 'new'}.${this.state.windowKey}`;
    const unsaved = this.browser.kept.get(key);
    next.written = this.written;
    if (!unsaved) return next;
    const versions = id === undefined ? [] : (this.server.documents.get(id) ?? []);
    next.happens({ kind: 'brought-back', unsaved, saveId: versions.at(-1)?.saveId, freshId: fresh() });
    this.browser.kept.delete(key);
    return next;
  }
}

function opened(...texts: string[]): { server: Server; browser: Browser; window: Window } {
  const server = new Server();
  if (texts.length > 0)
    server.documents.set(
      'doc1',
      texts.map((text) => ({ text, saveId: fresh() })),
    );
  const browser = new Browser();
  return { server, browser, window: new Window(server, browser, texts.length > 0 ? 'doc1' : undefined) };
}
const historyOf = (server: Server): readonly string[] =>
  (server.documents.get('doc1') ?? []).map(({ text }) => text);

describe('saving', () => {
  it('makes one version of a run of presses, and none of going back to what is there', () => {
    const { server, window } = opened('one');
    for (const text of ['t', 'tw', 'two']) window.write(text);
    expect(savingLine(window.state)).toEqual({ code: 'waiting' });
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'two']);
    expect(savingLine(window.state)).toEqual({ code: 'saved', version: 2 });
    window.write('three');
    window.write('two');
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'two']);
    expect(savingLine(window.state)).toEqual({ code: 'saved', version: 2 });
  });

  it('sends the latest after what is on its way, never two at once', () => {
    const { server, window } = opened('one');
    window.write('two');
    window.waited();
    window.write('three');
    window.write('four');
    window.waited();
    expect(window.sent).toHaveLength(1);
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'two', 'four']);
  });

  it('takes a save that was stored but not heard of for its own, whatever is edited meanwhile', () => {
    const { server, window } = opened('one');
    window.write('two');
    window.waited();
    window.answered('stored');
    expect(savingLine(window.state)).toEqual({ code: 'unheard', isKept: true });
    window.write('three');
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'two', 'three']);
    expect(savingLine(window.state)).toEqual({ code: 'saved', version: 3 });
  });

  it('keeps a new document that could not be saved, and makes one of it and not two after a reload', () => {
    const { server, browser, window } = opened();
    expect(savingLine(window.state)).toEqual({ code: 'draft' });
    window.write('offline');
    window.waited();
    window.answered('stored');
    const again = window.reopened();
    again.rest();
    expect(again.state.place).toEqual({ id: 'doc1', version: 1 });
    expect(server.documents.size).toBe(1);
    expect(browser.kept.size).toBe(0);
  });

  it('does not take what was written after a save for that save, when its answer is lost and the page reloaded', () => {
    for (const start of [[], ['one']]) {
      const { server, window } = opened(...start);
      window.write('sent');
      window.waited();
      window.write('later');
      window.answered('stored');
      const again = window.reopened();
      again.rest();
      expect(historyOf(server)).toEqual([...start, 'sent', 'later']);
    }
  });

  it('tries again by itself while nothing is heard, and says when this browser cannot keep it either', () => {
    const { server, browser, window } = opened('one');
    browser.refuses = true;
    window.write('two');
    window.waited();
    window.answered('lost');
    expect(savingLine(window.state)).toEqual({ code: 'unheard', isKept: false });
    expect(window.waits).toHaveLength(1);
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'two']);
    expect(savingLine(window.state)).toEqual({ code: 'saved', version: 2 });
  });

  it('says what the server refused, keeps it, and sends the next change', () => {
    const { server, browser, window } = opened('one');
    window.write('two');
    window.waited();
    const [request] = window.sent.splice(0);
    window.happens({
      kind: 'heard',
      saveId: request?.saveId ?? '',
      heard: { code: 'refused', message: 'items.3: not a number' },
      freshId: fresh(),
    });
    expect(savingLine(window.state)).toEqual({
      code: 'refused',
      message: 'items.3: not a number',
      isKept: true,
    });
    expect([...browser.kept.values()].map(keptDocument)).toEqual(['two']);
    expect(isSettled(window.state)).toBe(true);
    window.write('three');
    window.rest();
    expect(historyOf(server)).toEqual(['one', 'three']);
  });

  it('lets an answer that comes after a copy was made mean nothing', () => {
    const { server, window } = opened('one');
    window.write('two');
    window.waited();
    const late = window.sent.splice(0)[0];
    window.happens({ kind: 'copied', document: 'two, a copy', windowKey: fresh(), freshId: fresh() });
    const before = window.state;
    window.happens({
      kind: 'heard',
      saveId: late?.saveId ?? '',
      heard: { code: 'saved', id: 'doc1', version: 2 },
      freshId: fresh(),
    });
    expect(window.state).toBe(before);
    window.rest();
    expect(server.documents.get('doc2')?.map(({ text }) => text)).toEqual(['two, a copy']);
  });
});

describe('two windows with one document', () => {
  function both(): { server: Server; browser: Browser; first: Window; second: Window } {
    const { server, browser, window: first } = opened('one');
    const second = new Window(server, browser, 'doc1');
    first.write('mine');
    first.rest();
    second.write('theirs');
    second.rest();
    return { server, browser, first, second };
  }

  it('the later is told, keeps its own, and is not sent over the other however often it is changed', () => {
    const { server, browser, second } = both();
    expect(savingLine(second.state)).toEqual({ code: 'changed-elsewhere', version: 2, isKept: true });
    second.write('theirs, longer');
    second.rest();
    expect(historyOf(server)).toEqual(['one', 'mine']);
    expect([...browser.kept.values()].map(keptDocument)).toEqual(['theirs, longer']);
    // The first window goes on, and what the second has kept stays.
    const first = new Window(server, browser, 'doc1');
    first.write('mine again');
    first.rest();
    expect([...browser.kept.values()].map(keptDocument)).toEqual(['theirs, longer']);
  });

  it('as a copy, on top, or beneath: both stand on the server afterwards', () => {
    const copy = both();
    copy.second.happens({ kind: 'copied', document: 'copy', windowKey: fresh(), freshId: fresh() });
    copy.second.rest();
    expect(copy.server.texts).toEqual(['one', 'mine', 'copy']);

    const top = both();
    top.second.happens({ kind: 'mine-on-top', freshId: fresh() });
    top.second.rest();
    expect(historyOf(top.server)).toEqual(['one', 'mine', 'theirs']);
    expect(savingLine(top.second.state)).toEqual({ code: 'saved', version: 3 });

    const beneath = both();
    beneath.second.happens({ kind: 'theirs-taken', theirs: 'mine', freshId: fresh() });
    beneath.second.rest();
    expect(historyOf(beneath.server)).toEqual(['one', 'mine', 'theirs', 'mine']);
    for (const { browser } of [copy, top, beneath]) expect(browser.kept.size).toBe(0);
  });

  it('a third save between is told again, and nothing of one’s own is given up for it', () => {
    const { server, browser, second } = both();
    const third = new Window(server, browser, 'doc1');
    third.write('third');
    third.rest();
    second.happens({ kind: 'theirs-taken', theirs: 'mine', freshId: fresh() });
    second.rest();
    expect(savingLine(second.state)).toEqual({ code: 'changed-elsewhere', version: 3, isKept: true });
    expect(unsavedDocument(second.state)).toBe('theirs');
    expect(historyOf(server)).toEqual(['one', 'mine', 'third']);
  });
});

describe('laws of saving', () => {
  type Act =
    | 'write'
    | 'wait'
    | 'heard'
    | 'stored'
    | 'lost'
    | 'reload'
    | 'leave'
    | 'store full'
    | 'store well'
    | 'copy'
    | 'on top'
    | 'theirs';
  const acts = fc.array(
    fc.tuple(
      fc.nat(1),
      fc.constantFrom<Act>(
        'write',
        'write',
        'wait',
        'wait',
        'heard',
        'heard',
        'stored',
        'lost',
        'reload',
        'leave',
        'store full',
        'store well',
        'copy',
        'on top',
        'theirs',
      ),
    ),
    { maxLength: 40 },
  );

  function act(windows: Window[], at: number, what: Act, step: number): void {
    const window = windows[at];
    if (!window) return;
    const isElsewhere = window.state.trouble?.code === 'changed-elsewhere';
    const present = window.server.documents.get(window.state.place.id ?? '')?.at(-1)?.text ?? '';
    const freshId = fresh();
    switch (what) {
      case 'write':
        return window.write(`${at}: ${step}`);
      case 'wait':
        return window.waited();
      case 'heard':
      case 'stored':
      case 'lost':
        return window.answered(what);
      case 'reload':
        // Where the store refuses, a reload loses what the page warned of: not this law's matter.
        if (!window.browser.refuses && window.state.isKept) windows[at] = window.reopened();
        return;
      case 'leave':
        return window.happens({ kind: 'save-now', document: undefined, freshId });
      case 'store full':
      case 'store well':
        window.browser.refuses = what === 'store full';
        return;
      case 'copy':
        if (!isElsewhere) return;
        return window.happens({
          kind: 'copied',
          document: unsavedDocument(window.state) ?? '',
          windowKey: fresh(),
          freshId,
        });
      case 'on top':
        if (isElsewhere) window.happens({ kind: 'mine-on-top', freshId });
        return;
      case 'theirs':
        if (!isElsewhere) return;
        window.happens({ kind: 'theirs-taken', theirs: present, freshId });
        return;
      default:
        what satisfies never;
    }
  }

  it('whatever happens in two windows, nothing written last is lost, nothing stored is undone', () => {
    fc.assert(
      fc.property(acts, fc.boolean(), (all, isNew) => {
        const { server, browser, window } = opened('first');
        const windows = isNew
          ? [new Window(server, browser), new Window(server, browser)]
          : [window, new Window(server, browser, 'doc1')];
        const seen: string[] = [];
        for (const [step, [at, what]] of all.entries()) {
          act(windows, at, what, step);
          // What the server once had it has for ever, in its order.
          expect(historyOf(server).slice(0, seen.length)).toEqual(seen);
          seen.splice(0, seen.length, ...historyOf(server));
          for (const { state, written: text } of windows) {
            const isSafe =
              text === '' ||
              server.texts.includes(text) ||
              [...browser.kept.values()].some(
                (unsaved) => keptDocument(unsaved) === text || unsaved.sent?.document === text,
              ) ||
              (!state.isKept && unsavedDocument(state) === text);
            expect(isSafe).toBe(true);
          }
        }
        // The world is well again: every window comes to rest with all of it on the server, or has been told.
        browser.refuses = false;
        for (const one of windows) {
          one.rest();
          one.happens({ kind: 'save-now', document: undefined, freshId: fresh() });
          one.rest();
          expect(isSettled(one.state)).toBe(true);
          if (isUnsaved(one.state)) expect(savingLine(one.state).code).toBe('changed-elsewhere');
          else if (one.written !== '') expect(server.texts).toContain(one.written);
        }
        // No text was stored twice in a row by one window for want of an answer.
        for (const versions of server.documents.values())
          expect(new Set(versions.map(({ saveId }) => saveId)).size).toBe(versions.length);
      }),
      { seed: 12, numRuns: 800 },
    );
  });
});
