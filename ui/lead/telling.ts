import { isSameDone, movedTold, type ToldClass } from '@/core/desk/following';
import type { Session } from '@/core/desk/leading';
import type { Teaching } from '@/core/desk/teaching';
import type { HeardClass } from '@/ui/follow/connection';
import type { WholeClass } from '@/ui/follow/useFollowed';

/** How it reaches the server: what is sent there goes by the clock of the server. */
export interface Line {
  /** By how much that clock is ahead, ms; nothing till it is known. */
  readonly aheadMs: () => number | undefined;
  /** How often the class was told, of what has been heard. */
  readonly revision: () => number;
  /** Tells how the class goes on; how it stands there, and whether it was taken. Nothing where it is shown no more. */
  readonly put: (
    told: ToldClass,
    base: number,
    by: string,
  ) => Promise<
    { readonly told: ToldClass; readonly revision: number; readonly isTaken: boolean } | undefined
  >;
  /** Shows another class of the practice instead, whole. */
  readonly show: (session: Session, told: ToldClass, by: string) => Promise<void>;
  /** The class that is shown, with its practice. */
  readonly whole: () => Promise<WholeClass>;
  /** What was answered is heard like anything else. */
  readonly takes: (message: HeardClass) => void;
  readonly later: (again: () => void) => void;
}

/** What becomes of a class that is led in several places. */
export interface Becomes {
  /** It goes on as it was led elsewhere. */
  readonly session: (session: Session) => void;
  readonly teaching: (teaching: Teaching) => void;
  /** Another class of the practice is shown, and this one is not. */
  readonly apart: (isApart: boolean) => void;
}

/** How a class stands where it is led. */
export interface Here {
  readonly session: Session;
  readonly teaching: Teaching | null;
  readonly isOver: boolean;
}

const isBegun = (actions: Session['actions']): boolean => actions.some(({ kind }) => kind === 'start');

/**
 * Tells the server each thing a leader does, and hears what is done where else the class is led. Who had heard everything
 * when they told it is right; who had not takes over how it stands, unless they did more while nobody could be told.
 */
export class Telling {
  private here: Here;
  /** What of it everybody knows. */
  private known: Here | undefined;
  /** What is shown, as it was heard last. */
  private there: ToldClass | undefined;
  private isSending = false;
  private isApart = false;

  constructor(
    here: Here,
    private readonly by: string,
    private readonly line: Line,
    private readonly becomes: Becomes,
  ) {
    this.here = here;
  }

  /** How it stands here now. */
  now(session: Session, isOver: boolean): void {
    if (session === this.here.session && isOver === this.here.isOver) return;
    this.here = { ...this.here, session, isOver };
    void this.tell();
  }

  taught(teaching: Teaching): void {
    if (teaching.sinceMs === this.here.teaching?.sinceMs) return;
    this.here = { ...this.here, teaching };
    void this.tell();
  }

  /** What was told, here or elsewhere, by the clock of this device. */
  async heard({ told, by }: HeardClass): Promise<void> {
    const { here } = this;
    this.there = told;
    if (told.sessionId !== here.session.sessionId) return this.heardOther(told);
    this.setApart(false);
    if (by === this.by) return;
    if (this.isMore()) return this.tell();
    if (isSameDone(here.session.actions, told.actions)) {
      this.known = { ...here, isOver: told.isOver };
      this.takesTeaching(told.teaching);
      return this.tell();
    }
    this.takes({ ...here.session, actions: told.actions }, told);
  }

  /** Another class of the practice: gone over to where this one has not begun, or is over. */
  private async heardOther(told: ToldClass): Promise<void> {
    const isLive = isBegun(told.actions) && !told.isOver;
    if (this.isLive()) {
      this.setApart(isLive);
      return this.tell();
    }
    if (!isLive) return this.tell();
    const whole = await this.line.whole().catch(() => undefined);
    if (whole?.leads && whole.told.sessionId === told.sessionId && !this.isLive())
      this.takes(
        {
          ...this.here.session,
          ...whole.leads,
          sessionId: told.sessionId,
          practice: whole.practice,
          actions: told.actions,
        },
        told,
      );
  }

  private isMore(): boolean {
    const { here, there } = this;
    return there?.sessionId === here.session.sessionId && here.session.actions.length > there.actions.length;
  }

  private isLive(): boolean {
    return isBegun(this.here.session.actions) && !this.here.isOver;
  }

  private takes(session: Session, { teaching, isOver }: ToldClass): void {
    this.here = { ...this.here, session, isOver };
    this.known = this.here;
    this.becomes.session(session);
    this.takesTeaching(teaching);
  }

  private takesTeaching(teaching: Teaching | null): void {
    if (!teaching || teaching.sinceMs <= (this.here.teaching?.sinceMs ?? 0)) return;
    const isKnown = this.known?.session === this.here.session;
    this.here = { ...this.here, teaching };
    if (isKnown && this.known) this.known = { ...this.known, teaching };
    this.becomes.teaching(teaching);
  }

  private setApart(isApart: boolean): void {
    if (isApart !== this.isApart) this.becomes.apart(isApart);
    this.isApart = isApart;
  }

  private isKnown({ session, teaching, isOver }: Here): boolean {
    const { known } = this;
    return known?.session === session && known.teaching === teaching && known.isOver === isOver;
  }

  private async tell(): Promise<void> {
    const { here, there, line, by } = this;
    const aheadMs = line.aheadMs();
    if (aheadMs === undefined || !there || this.isKnown(here) || this.isSending || this.isApart) return;
    const isOther = there.sessionId !== here.session.sessionId;
    // Of two that have not begun, the one that is shown stays.
    if (isOther && !this.isLive() && !there.isOver) return;
    const { sessionId, actions } = here.session;
    const told = movedTold(
      { sessionId, actions: [...actions], teaching: here.teaching, isOver: here.isOver },
      aheadMs,
    );
    this.isSending = true;
    let isDone = false;
    try {
      if (isOther) {
        await line.show(here.session, told, by);
        this.known = here;
        isDone = true;
      } else {
        const answer = await line.put(told, line.revision(), by);
        if (!answer) return;
        isDone = answer.isTaken;
        if (isDone) this.known = here;
        line.takes({ told: answer.told, revision: answer.revision, by: isDone ? by : '' });
      }
    } catch {
      // It goes on here all the same, and is told once somebody can be.
      return line.later(() => void this.tell());
    } finally {
      this.isSending = false;
    }
    // What was done while it was told, or what is more than the others had who came first.
    if (isDone || this.here !== here || this.isMore()) void this.tell();
  }
}
