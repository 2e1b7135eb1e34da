import { STEPS_TYPE, type StepLine } from '@/core/archive/steps';
import { answering, NOT_KEPT } from './answers';

/** Told how far a piece of work is, 0 to 1. Throws `Unwanted` where whoever asked has gone: what is whole or not at all is then not. */
export type Step = (share: number) => void;

export const NO_STEP: Step = () => undefined;

/** Whoever asked does not wait any more. */
export class Unwanted extends Error {
  override readonly name = 'Unwanted';
}

/** Steps smaller than this are not told. */
const SMALLEST = 0.01;

/**
 * Answers with work that may take a while. Where lines are accepted, how far it is comes on the way and the answer, with its
 * status, as the last of them; leaving stops the work. Elsewhere it is an answer like any other.
 */
export async function inSteps(request: Request, work: (step: Step) => Promise<Response>): Promise<Response> {
  if (!request.headers.get('accept')?.includes(STEPS_TYPE)) return work(NO_STEP);
  let isGone = false;
  let told = 0;
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      const tell = (line: StepLine): void => {
        if (!isGone) controller.enqueue(new TextEncoder().encode(`${JSON.stringify(line)}\n`));
      };
      const step: Step = (share) => {
        if (isGone) throw new Unwanted();
        if (share - told < SMALLEST) return;
        told = share;
        tell({ share });
      };
      const answer = await answering(() =>
        work(step).catch((error: unknown) => {
          if (error instanceof Unwanted) return new Response(null, { status: 499 });
          throw error;
        }),
      );
      if (isGone) return;
      tell({ status: answer.status, body: (await answer.json()) as unknown });
      controller.close();
    },
    cancel() {
      isGone = true;
    },
  });
  return new Response(lines, { headers: { 'content-type': STEPS_TYPE, ...NOT_KEPT } });
}
