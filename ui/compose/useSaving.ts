'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Practice } from '@/core/practice';
import { shorten } from '@/core/text/text';
import { drop, keep, kept, keptKeys } from '@/ui/kit/keep';
import { newId } from '@/ui/kit/newId';
import { Saver, type Heard, type SaveState, type Unsaved } from './saver';

/** A short pause after the last change, so that a run of presses is one version. */
const PAUSE_MS = 500;
/** How long after a failure saving is tried again by itself. */
const AGAIN_MS = 4000;
/** The schemas come once the page stands. */
const reading = async () => import('./reading');
const KEPT = 'navuren-unsaved-';
/** A practice the server has never had is kept under the id of its first save. */
const NEW = `${KEPT}new-`;

export interface Stored {
  readonly id: string;
  readonly version: number;
  readonly saveId: string | undefined;
  readonly practice: Practice;
}

async function readUnsaved(key: string): Promise<Unsaved | undefined> {
  const text = kept(key);
  if (text === undefined) return undefined;
  try {
    return (await reading()).readKept(text);
  } catch {
    return undefined;
  }
}

/**
 * What this browser kept of a practice that could not be saved. `fits` where it was made on top of the stored version,
 * or on top of a save of its own that was stored and not heard of; else somebody saved in between.
 */
export async function keptDraft(
  stored: Stored,
): Promise<{ readonly practice: Practice; readonly fits: boolean } | undefined> {
  const unsaved = await readUnsaved(`${KEPT}${stored.id}`);
  if (!unsaved) return undefined;
  const own = unsaved.saveId !== undefined && unsaved.saveId === stored.saveId;
  return {
    practice: unsaved.practice,
    fits: unsaved.baseVersion === stored.version || (own && unsaved.baseVersion + 1 === stored.version),
  };
}

export interface KeptNew {
  readonly key: string;
  readonly unsaved: Unsaved;
}

/** New practices that never reached the server, as this browser keeps them. */
export async function keptNew(): Promise<readonly KeptNew[]> {
  const found = await Promise.all(
    keptKeys(NEW).map(async (key) => {
      const unsaved = await readUnsaved(key);
      return unsaved ? [{ key, unsaved }] : [];
    }),
  );
  return found.flat();
}

export const dropKept = drop;

async function send(
  id: string | undefined,
  body: { practice: Practice; baseVersion: number; saveId: string },
): Promise<Heard> {
  try {
    const { practice, saveId } = body;
    const response = await fetch(id === undefined ? '/api/practices' : `/api/practices/${id}`, {
      method: id === undefined ? 'POST' : 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(id === undefined ? { practice, saveId } : body),
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

/** Saves the practice as it is edited; until the server has it, this browser keeps it too. */
export function useSaving(stored: Stored | undefined) {
  const [state, setState] = useState<SaveState>(
    stored ? { code: 'saved', version: stored.version } : { code: 'draft' },
  );
  const [savedId, setSavedId] = useState(stored?.id);
  const [saver] = useState(
    () =>
      new Saver(
        {
          send,
          newId,
          keep: ({ isNew, key }, unsaved) => {
            const at = `${isNew ? NEW : KEPT}${key}`;
            if (unsaved) keep(at, JSON.stringify(unsaved));
            else drop(at);
          },
          onState: setState,
          onPlaced: (id) => {
            setSavedId(id);
            window.history.replaceState(null, '', `/compose/${id}`);
          },
        },
        stored,
      ),
  );
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  // Asked for at once, so that they are there when the server answers.
  useEffect(() => void reading(), []);

  const save = useCallback(
    (practice: Practice): void => {
      saver.note(practice);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void saver.flush(), PAUSE_MS);
    },
    [saver],
  );

  // When the server is back, saving goes on by itself.
  useEffect(() => {
    const again = (): void => {
      if (saver.isWaiting) void saver.flush();
    };
    window.addEventListener('online', again);
    const every = state.code === 'failed' ? setInterval(again, AGAIN_MS) : undefined;
    return () => {
      window.removeEventListener('online', again);
      clearInterval(every);
    };
  }, [saver, state.code]);

  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent): void => {
      if (!saver.isWaiting) return;
      event.preventDefault();
      void saver.flush();
    };
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      clearTimeout(timer.current);
      // Leaving the room by a link: save what is still waiting.
      if (saver.isWaiting) void saver.flush();
    };
  }, [saver]);

  /** Saves at once and tells where the practice now is; undefined where it could not be saved. */
  const saveNow = useCallback(
    (practice: Practice): Promise<string | undefined> => {
      clearTimeout(timer.current);
      return saver.saveNow(practice);
    },
    [saver],
  );

  const saveAsCopy = useCallback(
    (practice: Practice): Promise<void> =>
      saver.saveAsCopy({ ...practice, name: `${shorten(practice.name, 100)} (my copy)` }),
    [saver],
  );

  /** Takes up a new practice this browser kept. */
  const resumeNew = useCallback(
    ({ key, unsaved }: KeptNew): Promise<void> => {
      saver.resume(unsaved, key.slice(NEW.length));
      return saver.flush();
    },
    [saver],
  );

  /** Gives up what is not saved and shows what the server has. */
  const takeTheirs = useCallback((): void => {
    saver.abandon();
    window.location.reload();
  }, [saver]);

  return { takeTheirs, state, setState, savedId, save, saveNow, saveAsCopy, resumeNew };
}
