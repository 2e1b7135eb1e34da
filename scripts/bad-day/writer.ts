import { performance } from 'node:perf_hooks';
import { sql, type Database } from '../../server/sql';
import type { Write } from './writes';

/** What was answered with success, by the words it was written with, and when. */
export interface Kept {
  readonly kind: string;
  readonly marker: string;
  readonly atMs: number;
  /** A later write of the same kind stands in its place. */
  readonly isReplaced: boolean;
  /** What the next write of its kind is written with, where that takes its place. */
  readonly next: string | undefined;
}

const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Writes of every kind in turn until it is told to stop or nobody answers. */
export class Writer {
  readonly kept: Kept[] = [];
  readonly refused = new Map<string, number>();
  slowestMs = 0;
  isOver = false;

  constructor(
    private readonly origin: string,
    private readonly writes: readonly Write[],
    private readonly name: string,
    private readonly stopsWhenSilent = true,
  ) {}

  /** From the write of this turn on: so each kind is first in one of many rounds. */
  async run(from = 0): Promise<void> {
    for (let turn = from; !this.isOver; turn += 1) {
      const write = this.writes[turn % this.writes.length];
      if (!write) return;
      const marker = this.markerAt(turn);
      const { method, path: at, body } = write.make(marker);
      const from = performance.now();
      try {
        const answer = await fetch(`${this.origin}${at}`, {
          method,
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        });
        const text = (await answer.json()) as {
          version?: number;
          problem?: { message?: string; version?: number };
        };
        this.slowestMs = Math.max(this.slowestMs, performance.now() - from);
        write.heard?.(text);
        if (answer.ok) this.keep(write, turn);
        else {
          const why = `${answer.status} ${write.kind}: ${text.problem?.message ?? 'no reason'}`;
          this.refused.set(why, (this.refused.get(why) ?? 0) + 1);
        }
      } catch {
        if (this.stopsWhenSilent) return;
        await sleep(20);
      }
    }
  }

  private markerAt(turn: number): string {
    return `${this.name}-${turn}-end`;
  }

  private keep({ kind, isSlot }: Write, turn: number): void {
    if (isSlot)
      this.kept.forEach((one, index) => {
        if (one.kind === kind && !one.isReplaced) this.kept[index] = { ...one, isReplaced: true };
      });
    const next = isSlot ? this.markerAt(turn + this.writes.length) : undefined;
    this.kept.push({ kind, marker: this.markerAt(turn), atMs: Date.now(), isReplaced: false, next });
  }
}

/** What was acknowledged and is not there: looked for in the text of every row. */
export async function missing(database: Database, kept: readonly Kept[]): Promise<readonly Kept[]> {
  const tables = await database.rows(
    sql`select schemaname || '.' || tablename as name from pg_tables where schemaname in ('public', 'private')`,
  );
  const texts: string[] = [];
  for (const { name } of tables)
    for (const row of await database.rows({
      text: `select t::text as text from ${String(name)} t`,
      values: [],
    }))
      texts.push(String(row.text));
  const all = texts.join('\n');
  // Where a later write of the same kind took its place without being heard of, the marker of that one is there instead.
  return kept.filter(
    ({ marker, isReplaced, next }) =>
      !isReplaced && !all.includes(marker) && !(next !== undefined && all.includes(next)),
  );
}
