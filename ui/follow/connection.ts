import { z } from 'zod';
import { movedTold, toldSchema, type ToldClass } from '@/core/desk/following';
import { aheadOf, askOf } from './serverClock';

/** How a screen stands to the class it follows. */
export type Standing =
  | 'joining'
  | 'following'
  /** The connection is gone: it goes on by the clock, and comes back by itself. */
  | 'away'
  | 'over'
  /** Nothing is shown under the code. */
  | 'unknown';

/** What was told, by the clock of this device. */
export interface HeardClass {
  readonly told: ToldClass;
  readonly revision: number;
  /** The window that told it. */
  readonly by: string;
}

export interface Hears {
  readonly told: (heard: HeardClass) => void;
  readonly standing: (standing: Standing) => void;
  readonly followers?: (count: number) => void;
}

const messageSchema = z.object({ told: toldSchema, revision: z.number(), by: z.string() });
type Message = z.infer<typeof messageSchema>;

const AGAIN_MS = 2000;
/** The clock of a device drifts: it is measured anew so often, ms, and followed where it is off by more than this. */
const MEASURED_EVERY_MS = 120_000;
const OFF_MS = 15;

/** What an answer means for who follows; undefined where it may be tried again. */
const endOf = (status: number): Standing | undefined =>
  status === 410 ? 'over' : status === 404 ? 'unknown' : undefined;

/** Follows the class under a code, and goes on doing so whatever becomes of the connection. */
export class Connection {
  private source: EventSource | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly measuring: ReturnType<typeof setInterval>;
  private last: Message | undefined;
  private aheadMs: number | undefined;
  private isStopped = false;

  constructor(
    private readonly code: string,
    private readonly as: 'follow' | 'lead',
    private readonly hears: Hears,
  ) {
    this.measuring = setInterval(() => void this.measure().catch(() => undefined), MEASURED_EVERY_MS);
    document.addEventListener('visibilitychange', this.seen);
    window.addEventListener('online', this.seen);
    void this.join();
  }

  /** By how much the clock of the server is ahead, ms; nothing till it is known. */
  get ahead(): number | undefined {
    return this.aheadMs;
  }

  /** How often it was told, of what is known here. */
  get revision(): number {
    return this.last?.revision ?? 0;
  }

  /** How it stands was answered in another way than by the stream. */
  takes(message: Message): void {
    if (message.revision <= this.revision || this.aheadMs === undefined) return;
    this.last = message;
    this.tell();
  }

  stop(): void {
    this.isStopped = true;
    this.source?.close();
    clearTimeout(this.timer);
    clearInterval(this.measuring);
    document.removeEventListener('visibilitychange', this.seen);
    window.removeEventListener('online', this.seen);
  }

  /** A phone that slept has lost its connection, and maybe its clock. */
  private readonly seen = (): void => {
    if (document.visibilityState !== 'visible' || this.isStopped) return;
    if (this.source?.readyState === EventSource.OPEN) void this.measure().catch(() => undefined);
    else void this.join();
  };

  private async measure(): Promise<void> {
    const { aheadMs } = await aheadOf({ ask: askOf(this.code), here: () => Date.now() });
    const isOff = this.aheadMs === undefined || Math.abs(aheadMs - this.aheadMs) > OFF_MS;
    if (!isOff || this.isStopped) return;
    this.aheadMs = aheadMs;
    this.tell();
  }

  private tell(): void {
    const { last, aheadMs } = this;
    if (last && aheadMs !== undefined) this.hears.told({ ...last, told: movedTold(last.told, -aheadMs) });
  }

  private async join(): Promise<void> {
    clearTimeout(this.timer);
    this.source?.close();
    this.source = undefined;
    try {
      const answer = await fetch(`/api/follow/${this.code}/clock`);
      const end = endOf(answer.status);
      if (end) return this.ends(end);
      if (!answer.ok) return this.later();
      await this.measure();
    } catch {
      return this.later();
    }
    if (this.isStopped || this.source) return;
    this.listen();
  }

  private listen(): void {
    const source = new EventSource(`/api/follow/${this.code}/stream?as=${this.as}`);
    this.source = source;
    source.addEventListener('told', ({ data }: MessageEvent<string>) => {
      const read = messageSchema.safeParse(JSON.parse(data));
      if (!read.success) return;
      this.hears.standing('following');
      this.takes(read.data);
    });
    source.addEventListener('over', () => this.ends('over'));
    source.addEventListener('here', ({ data }: MessageEvent<string>) => this.hears.followers?.(Number(data)));
    // The browser would come again by itself, but not after every refusal, and without asking the time.
    source.addEventListener('error', () => this.later());
  }

  private later(): void {
    if (this.isStopped) return;
    this.source?.close();
    this.source = undefined;
    this.hears.standing('away');
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.join(), AGAIN_MS);
  }

  private ends(standing: Standing): void {
    this.hears.standing(standing);
    this.stop();
  }
}
