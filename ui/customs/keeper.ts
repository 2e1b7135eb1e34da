import { z } from 'zod';
import type { Customs } from '@/core/customs';

export type Kept =
  | { readonly code: 'kept' }
  | { readonly code: 'waiting' }
  | { readonly code: 'failed'; readonly message: string }
  | { readonly code: 'changed-elsewhere'; readonly message: string; readonly version: number };

type Ended =
  Exclude<Kept, { code: 'waiting' | 'kept' }> | { readonly code: 'kept'; readonly version: number };
export type SendCustoms = (values: Customs, baseVersion: number) => Promise<Ended>;

const answerSchema = z.object({
  version: z.number().optional(),
  problem: z.object({ message: z.string(), version: z.number().optional() }).optional(),
});

/** Sends the customs on top of the version they were read at; tells how it ended, never throws. */
export const sendCustoms: SendCustoms = async (customs, baseVersion) => {
  try {
    const response = await fetch('/api/customs', {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ customs, baseVersion }),
      // Leaving the room must not lose the last change.
      keepalive: true,
    });
    const answer = answerSchema.parse(await response.json());
    if (response.ok && answer.version !== undefined) return { code: 'kept', version: answer.version };
    const message = answer.problem?.message ?? 'The server did not answer as expected; nothing was changed.';
    return response.status === 409
      ? { code: 'changed-elsewhere', message, version: answer.problem?.version ?? baseVersion }
      : { code: 'failed', message };
  } catch {
    return {
      code: 'failed',
      message: 'The server cannot be reached; nothing was changed, and what you typed is still here.',
    };
  }
};

/** Keeps the customs on the server as they change: one save after another, never over another window’s. */
export class CustomsKeeper {
  private text: string;
  private turn: Promise<void> = Promise.resolve();

  constructor(
    customs: Customs,
    private version: number,
    private readonly send: SendCustoms = sendCustoms,
  ) {
    this.text = JSON.stringify(customs);
  }

  /** Whether the server has just these. */
  has(values: unknown): boolean {
    return JSON.stringify(values) === this.text;
  }

  keep(values: Customs): Promise<Kept> {
    const ended = this.turn.then(async (): Promise<Kept> => {
      if (this.has(values)) return { code: 'kept' };
      const answer = await this.send(values, this.version);
      if (answer.code !== 'kept') return answer;
      this.version = answer.version;
      this.text = JSON.stringify(values);
      return { code: 'kept' };
    });
    this.turn = ended.then(() => undefined);
    return ended;
  }

  /** Goes on from another window’s version: the next save is on top of it. */
  seen(version: number): void {
    this.version = version;
  }
}
