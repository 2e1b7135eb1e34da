import { useState } from 'react';
import type { Answer } from '@/ui/kit/answer';
import { keepBlob } from '@/ui/kit/keepBlob';
import { readInSteps } from '@/ui/kit/steps';
import { sizeText, takeWhole } from '@/ui/kit/wholeFile';

/** Something under way. */
interface Busy {
  readonly what: string;
  /** How far it is: to be looked at, not to be read aloud at every step. */
  readonly far?: string;
  readonly stop?: () => void;
}

/** What went wrong, in a sentence: the server’s own, or that it was not reached to the end. */
const brokeOff = (error: unknown): string =>
  error instanceof TypeError || !(error instanceof Error)
    ? 'The server could not be reached to the end.'
    : error.message;

/** What takes a while, one at a time: what it is, how far, and a way to stop it; and what went wrong, as a sentence. */
export function useAsking() {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState<Busy | undefined>(undefined);
  /** Keeps a file that the server writes; answers what was kept, nothing where it was not. */
  const save = async (href: string): Promise<string | undefined> => {
    const stopping = new AbortController();
    const stop = (): void => stopping.abort();
    setProblem(undefined);
    setBusy({ what: 'Being written', stop });
    try {
      const { blob, name } = await takeWhole(href, stopping.signal, (bytes) =>
        setBusy({ what: 'Being written', far: `, ${sizeText(bytes)} so far`, stop }),
      );
      keepBlob(blob, name);
      return `${name} is whole, ${sizeText(blob.size)}.`;
    } catch (error) {
      if (!stopping.signal.aborted) setProblem(`Nothing was saved. ${brokeOff(error)}`);
      return undefined;
    } finally {
      setBusy(undefined);
    }
  };
  /** Asks for what takes a while; nothing where it was stopped. */
  const asked = async <Value>(
    what: string,
    href: string,
    init: RequestInit,
  ): Promise<Answer<Value> | undefined> => {
    const stopping = new AbortController();
    const stop = (): void => stopping.abort();
    setProblem(undefined);
    setBusy({ what, stop });
    const answer = await readInSteps<Value>(href, { ...init, signal: stopping.signal }, (share) =>
      setBusy({ what, far: ` (${Math.round(share * 100)} %)`, stop }),
    );
    setBusy(undefined);
    return stopping.signal.aborted && !answer.ok ? undefined : answer;
  };
  return { busy, problem, setProblem, asked, save };
}
