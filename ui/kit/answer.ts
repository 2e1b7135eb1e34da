/** What the server answered: the value, or one sentence on what was wrong and the field it speaks of. */
export type Answer<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly message: string; readonly field?: string | undefined };

interface Told {
  readonly problem?: { readonly message?: string; readonly field?: string };
}

const UNEXPECTED = 'The server did not answer as expected; nothing was changed.';

/** The sentence in an answer that refuses. */
export async function messageOf(answer: Response): Promise<string> {
  try {
    return ((await answer.json()) as Told).problem?.message ?? UNEXPECTED;
  } catch {
    return UNEXPECTED;
  }
}

/** Asks the server and reads its answer; a server that cannot be reached is told in the same way. */
export async function readAnswer<Value>(ask: () => Promise<Response>): Promise<Answer<Value>> {
  try {
    const response = await ask();
    const body = (await response.json()) as Value & Told;
    if (response.ok) return { ok: true, value: body };
    return {
      ok: false,
      message: body.problem?.message ?? UNEXPECTED,
      field: body.problem?.field,
    };
  } catch {
    return {
      ok: false,
      message: 'The server cannot be reached; nothing was changed, and what you wrote is still here.',
    };
  }
}
