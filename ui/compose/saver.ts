import type { Practice } from '@/core/practice';

/**
 * Saving one practice, apart from React and the browser: what it needs of them is handed in. One request at a time,
 * always the latest state, never over a version somebody else saved. A save whose answer was lost is sent again with
 * the same id before anything later is, so that it is never taken for another window's.
 */
export type SaveState =
  | { readonly code: 'draft' }
  | { readonly code: 'waiting' }
  | { readonly code: 'saved'; readonly version: number }
  | { readonly code: 'failed'; readonly message: string }
  | { readonly code: 'changed-elsewhere'; readonly version: number };

/** What the server said, or that nothing was heard of it. */
export type Heard =
  | { readonly code: 'saved'; readonly id: string | undefined; readonly version: number }
  | { readonly code: 'changed-elsewhere'; readonly version: number | undefined }
  | { readonly code: 'refused'; readonly message: string }
  | { readonly code: 'unheard' };

/** What this browser keeps until the server has it. */
export interface Unsaved {
  /** The version it was made on top of; 0 for a practice the server has never had. */
  readonly baseVersion: number;
  /** The id of a save on top of that version of which nothing was heard. */
  readonly saveId: string | undefined;
  readonly practice: Practice;
}

/** Where something unsaved is kept: under its practice, or as a practice the server has never had. */
export interface KeptAt {
  readonly isNew: boolean;
  readonly key: string;
}

export interface SaverParts {
  readonly send: (
    id: string | undefined,
    body: { readonly practice: Practice; readonly baseVersion: number; readonly saveId: string },
  ) => Promise<Heard>;
  readonly newId: () => string;
  /** Keeps what is not on the server, or forgets it. */
  readonly keep: (place: KeptAt, unsaved: Unsaved | undefined) => void;
  readonly onState: (state: SaveState) => void;
  readonly onPlaced: (id: string) => void;
}

export const UNHEARD = 'The server cannot be reached. This browser keeps it, and tries again by itself.';

interface Place {
  id: string | undefined;
  version: number;
}

/** A save that was sent and not heard of. */
interface Sent {
  readonly practice: Practice;
  readonly saveId: string;
}

export class Saver {
  private latest: Practice | undefined;
  private onServer: Practice | undefined;
  private unheard: Sent | undefined;
  private readonly place: Place;
  /** Under which a practice is kept that has no id of its own yet. */
  private draftKey: string;
  private turn: Promise<void> = Promise.resolve();

  constructor(
    private readonly parts: SaverParts,
    stored: { readonly id: string; readonly version: number; readonly practice: Practice } | undefined,
  ) {
    this.place = { id: stored?.id, version: stored?.version ?? 0 };
    this.onServer = stored?.practice;
    this.draftKey = parts.newId();
  }

  get id(): string | undefined {
    return this.place.id;
  }

  private get at(): KeptAt {
    return this.place.id === undefined
      ? { isNew: true, key: this.draftKey }
      : { isNew: false, key: this.place.id };
  }

  /** Whether there is anything the server does not have. */
  get isWaiting(): boolean {
    return this.latest !== undefined || this.unheard !== undefined;
  }

  /** Takes up what this browser kept of an earlier visit, with the save of which nothing was heard then. */
  resume(unsaved: Unsaved, draftKey?: string): void {
    if (draftKey !== undefined) this.draftKey = draftKey;
    if (unsaved.saveId !== undefined && this.place.id === undefined)
      this.unheard = { practice: unsaved.practice, saveId: unsaved.saveId };
    this.note(unsaved.practice);
  }

  /** There is something new to save: kept here at once, sent when `flush` is called. */
  note(practice: Practice): void {
    this.latest = practice;
    this.keep(practice);
    this.parts.onState({ code: 'waiting' });
  }

  /** Sends what waits, after whatever is on its way. */
  flush(): Promise<void> {
    this.turn = this.turn.then(() => this.sendAll());
    return this.turn;
  }

  /** Saves at once; tells where the practice is. Nothing is sent where the server has just this. */
  async saveNow(practice: Practice): Promise<string | undefined> {
    if (practice !== this.onServer || this.isWaiting) {
      this.note(practice);
      await this.flush();
    }
    return this.isWaiting ? undefined : this.place.id;
  }

  /** Puts what is on the screen beside the version somebody else saved, as a practice of its own. */
  async saveAsCopy(copy: Practice): Promise<void> {
    await this.turn;
    this.parts.keep(this.at, undefined);
    this.place.id = undefined;
    this.place.version = 0;
    this.unheard = undefined;
    this.draftKey = this.parts.newId();
    this.note(copy);
    await this.flush();
  }

  /** Gives up what is not on the server: the other window’s is taken instead. */
  abandon(): void {
    this.parts.keep(this.at, undefined);
    this.latest = undefined;
    this.unheard = undefined;
  }

  private keep(practice: Practice): void {
    this.parts.keep(this.at, {
      baseVersion: this.place.version,
      saveId: this.unheard?.saveId,
      practice,
    });
  }

  private async sendAll(): Promise<void> {
    // What was sent and not heard of comes first, just as it was.
    if (this.unheard && !(await this.sendOne(this.unheard))) return;
    for (let next = this.latest; next; next = this.latest) {
      if (next === this.onServer) {
        this.latest = undefined;
        break;
      }
      if (!(await this.sendOne({ practice: next, saveId: this.parts.newId() }))) return;
    }
    this.parts.keep(this.at, undefined);
    if (this.place.id !== undefined) this.parts.onState({ code: 'saved', version: this.place.version });
  }

  /** Sends one save; true where the server has it. */
  private async sendOne(save: Sent): Promise<boolean> {
    this.unheard = save;
    this.keep(this.latest ?? save.practice);
    const { id, version } = this.place;
    const heard = await this.parts.send(id, { ...save, baseVersion: version });
    switch (heard.code) {
      case 'saved': {
        this.unheard = undefined;
        this.onServer = save.practice;
        if (this.latest === save.practice) this.latest = undefined;
        if (id === undefined) this.parts.keep({ isNew: true, key: this.draftKey }, undefined);
        this.place.id = heard.id ?? id;
        this.place.version = heard.version;
        if (id === undefined && this.place.id !== undefined) this.parts.onPlaced(this.place.id);
        return true;
      }
      case 'unheard':
        this.latest ??= save.practice;
        this.parts.onState({ code: 'failed', message: UNHEARD });
        return false;
      case 'refused':
        // Nothing was stored: what comes next is a save of its own.
        this.unheard = undefined;
        this.latest ??= save.practice;
        this.parts.onState({ code: 'failed', message: heard.message });
        return false;
      case 'changed-elsewhere':
        this.unheard = undefined;
        this.latest ??= save.practice;
        this.keep(this.latest);
        this.parts.onState({ code: 'changed-elsewhere', version: heard.version ?? version });
        return false;
      default:
        return heard satisfies never;
    }
  }
}
