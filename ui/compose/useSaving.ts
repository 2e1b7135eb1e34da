'use client';

import { useCallback, useEffect, useMemo, useRef } from 'react';
import {
  isSettled,
  isUnsaved,
  saving,
  savingLine,
  startSaving,
  type Heard,
  type Saving,
  type SavingEffect,
  type SavingEvent,
} from '@/core/desk';
import type { Practice } from '@/core/practice';
import { shorten } from '@/core/text/text';
import { newId } from '@/ui/kit/newId';
import { useDesk } from '@/ui/kit/useDesk';
import { openWindow } from '@/ui/kit/windows';
import { dropLeft, keepUnsaved, type Left } from './unsaved';

/** The schemas come once the page stands. */
const reading = async () => import('./reading');

export interface Stored {
  readonly id: string;
  readonly version: number;
  readonly saveId: string | undefined;
  readonly practice: Practice;
}

type Send = Extract<SavingEffect<Practice>, { kind: 'send' }>;

async function send({ id, document: practice, baseVersion, saveId }: Send): Promise<Heard> {
  try {
    const response = await fetch(id === undefined ? '/api/practices' : `/api/practices/${id}`, {
      method: id === undefined ? 'POST' : 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ practice, saveId, ...(id === undefined ? {} : { baseVersion }) }),
    });
    const answer = (await reading()).readAnswer(await response.json());
    if (response.ok && answer.version !== undefined)
      return { code: 'saved', id: answer.id, version: answer.version };
    if (response.status === 409) return { code: 'changed-elsewhere', version: answer.problem?.version };
    // A server that is in trouble may well have stored it.
    if (response.status >= 500) return { code: 'unheard' };
    return { code: 'refused', message: answer.problem?.message ?? 'The server did not answer as expected.' };
  } catch {
    return { code: 'unheard' };
  }
}

/** Does what the saving desk asks for. */
function run(effect: SavingEffect<Practice>, happens: (event: SavingEvent<Practice>) => void): void {
  switch (effect.kind) {
    case 'wait':
      setTimeout(() => happens({ kind: 'waited', wait: effect.wait, freshId: newId() }), effect.ms);
      return;
    case 'send':
      void send(effect).then((heard) =>
        happens({ kind: 'heard', saveId: effect.saveId, heard, freshId: newId() }),
      );
      return;
    case 'keep':
      happens({ kind: 'kept', isKept: keepUnsaved(effect.at, effect.unsaved, Date.now()) });
      return;
    case 'placed':
      window.history.replaceState(null, '', `/compose/${effect.id}`);
      return;
    default:
      effect satisfies never;
  }
}

/** Saves when the network is back, and when the page or the room is left. */
function useLeaving(now: () => Saving<Practice>, saveNow: () => void): void {
  useEffect(() => {
    // When the network is back, saving goes on by itself.
    const again = (): void => saveNow();
    const leaving = (event: BeforeUnloadEvent): void => {
      if (!isUnsaved(now())) return;
      event.preventDefault();
      saveNow();
    };
    window.addEventListener('online', again);
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('online', again);
      window.removeEventListener('beforeunload', leaving);
      // Leaving the room by a link: what still waits is saved.
      saveNow();
    };
  }, [now, saveNow]);
}

/** The saving desk at work in this room. */
function useSavingDesk(stored: Stored | undefined) {
  // An answer may come after the room has been left: the address is no longer its own then.
  const isHere = useRef(false);
  useEffect(() => {
    isHere.current = true;
    return () => {
      isHere.current = false;
    };
  }, []);
  return useDesk(
    saving<Practice>,
    () => startSaving(stored && { ...stored, document: stored.practice }, newId()),
    (effect: SavingEffect<Practice>, happen: (event: SavingEvent<Practice>) => void): void => {
      if (effect.kind !== 'placed' || isHere.current) run(effect, happen);
    },
  );
}

/** Saves the practice as it is edited; until the server has it, this browser keeps it too. */
export function useSaving(stored: Stored | undefined) {
  const { state, now, happens } = useSavingDesk(stored);
  const { windowKey } = state;

  // Asked for at once, so that they are there when the server answers.
  useEffect(() => void reading(), []);
  useEffect(() => openWindow(windowKey), [windowKey]);

  const saveNow = useCallback(
    (document?: Practice): void => happens({ kind: 'save-now', document, freshId: newId() }),
    [happens],
  );
  useLeaving(now, saveNow);

  // Who asked to have it saved hears of it once nothing is on its way any more.
  const asking = useRef<(() => void)[]>([]);
  useEffect(() => {
    if (isSettled(state)) for (const answer of asking.current.splice(0)) answer();
  }, [state]);

  /** Saves at once and tells where the practice now is; undefined where it could not be saved. */
  const saved = useCallback(
    async (practice: Practice): Promise<string | undefined> => {
      saveNow(practice);
      if (!isSettled(now())) await new Promise<void>((resolve) => asking.current.push(resolve));
      return isUnsaved(now()) ? undefined : now().place.id;
    },
    [now, saveNow],
  );

  const write = useCallback((document: Practice) => happens({ kind: 'written', document }), [happens]);

  /** Whether this browser keeps what is not saved, at this very moment. */
  const isKept = useCallback((): boolean => now().isKept, [now]);

  const bringBack = useCallback(
    (left: Left): void => {
      happens({ kind: 'brought-back', unsaved: left.unsaved, saveId: stored?.saveId, freshId: newId() });
      // Kept by this window by now; where the store refused, it stays where it was.
      if (now().isKept) dropLeft(left);
    },
    [happens, now, stored],
  );

  const elsewhere = useMemo(
    () => ({
      keepAsCopy: (practice: Practice): void =>
        happens({
          kind: 'copied',
          document: { ...practice, name: `${shorten(practice.name, 100)} (my copy)` },
          windowKey: newId(),
          freshId: newId(),
        }),
      putMineOnTop: (): void => happens({ kind: 'mine-on-top', freshId: newId() }),
      takeTheirs: (theirs: Practice): void => happens({ kind: 'theirs-taken', theirs, freshId: newId() }),
    }),
    [happens],
  );

  return {
    line: savingLine(state),
    savedId: state.place.id,
    write,
    saved,
    saveNow,
    bringBack,
    isKept,
    ...elsewhere,
  };
}
