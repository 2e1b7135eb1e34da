import { z } from 'zod';

/** So many times the server is asked what time it is. */
const ASKS = 5;
const answerSchema = z.object({ nowMs: z.number() });

export interface Asking {
  /** What time it is at the server, ms; throws where it cannot be asked. */
  readonly ask: () => Promise<number>;
  readonly here: () => number;
}

/**
 * How far the clock of the server is ahead of this device’s, ms. Of a few asks the quickest is taken: the server read its
 * clock somewhere between asking and answer, so it is off by half of that at most.
 */
export async function aheadOf({ ask, here }: Asking): Promise<{ aheadMs: number; withinMs: number }> {
  let best = { aheadMs: 0, withinMs: Number.POSITIVE_INFINITY };
  for (let asked = 0; asked < ASKS; asked += 1) {
    const fromMs = here();
    const thereMs = await ask();
    const toMs = here();
    const withinMs = (toMs - fromMs) / 2;
    if (withinMs < best.withinMs) best = { aheadMs: thereMs - (fromMs + toMs) / 2, withinMs };
  }
  return best;
}

/** Asks the server under whose code a class is shown. */
export const askOf = (code: string) => async (): Promise<number> => {
  const response = await fetch(`/api/follow/${code}/clock`);
  return answerSchema.parse(await response.json()).nowMs;
};
