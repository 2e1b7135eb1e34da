import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Term } from '@/core/term/document';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';
import { useTurn } from '@/ui/kit/useTurn';

/** Sends a term on top of the version it was read at. */
export const sendTerm = (term: Term, baseVersion: number) =>
  readAnswer<{ version: number }>(() =>
    fetch(`/api/terms/${term.id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ term, baseVersion }),
    }),
  );

/** So many changes can be taken back. */
const MOST_UNDO = 20;

/** A term that is changed a word at a time: each change is kept at once, and can be taken back. */
export function useTerm(stored: Term, version: number) {
  const [term, setTerm] = useState(stored);
  // What several changes in a row go on from, before the page has been drawn anew.
  const latest = useRef({ term: stored, version });
  // What is pressed while a change is on its way goes on from it.
  const inTurn = useTurn();
  const [undo, setUndo] = useState<readonly Term[]>([]);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const say = useSay();
  const put = (next: Term, at: number): void => {
    latest.current = { term: next, version: at };
    setTerm(next);
  };
  const send = async (next: Term, said: string | undefined): Promise<boolean> => {
    setProblem(undefined);
    const before = latest.current;
    put(next, before.version);
    const sent = await sendTerm(next, before.version);
    if (!sent.ok) {
      put(before.term, before.version);
      setProblem(sent.message);
      return false;
    }
    put(next, sent.value.version);
    if (said !== undefined) say(said);
    router.refresh();
    return true;
  };
  const remember = (before: Term): void => setUndo((list) => [...list.slice(1 - MOST_UNDO), before]);
  const change = (next: (present: Term) => Term, said?: string): Promise<boolean> =>
    inTurn(async () => {
      const before = latest.current.term;
      const isKept = await send(next(before), said);
      if (isKept) remember(before);
      return isKept;
    });
  const takeBack = (): Promise<void> =>
    inTurn(async () => {
      const last = undo.at(-1);
      if (last && (await send(last, 'Taken back.'))) setUndo((list) => list.slice(0, -1));
    });
  /** Plans again with the least change, on the server. */
  const planAgain = (): Promise<void> =>
    inTurn(async () => {
      setProblem(undefined);
      const before = latest.current;
      const planned = await readAnswer<{ version: number; term: Term; changed: number }>(() =>
        fetch(`/api/terms/${before.term.id}/plan`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ baseVersion: before.version }),
        }),
      );
      if (!planned.ok) return setProblem(planned.message);
      remember(before.term);
      put(planned.value.term, planned.value.version);
      say(planned.value.changed === 0 ? 'Nothing had to change.' : 'Planned again.');
      router.refresh();
    });
  return { term, problem, change, takeBack, canTakeBack: undo.length > 0, planAgain };
}
