'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Practice } from '@/core/practice';
import { shorten } from '@/core/text/text';

export type SaveState =
  | { readonly code: 'draft' }
  | { readonly code: 'waiting' }
  | { readonly code: 'saved'; readonly version: number }
  | { readonly code: 'failed'; readonly message: string }
  | { readonly code: 'changed-elsewhere'; readonly version: number };

/** A short pause after the last change, so that a run of presses is one version. */
const PAUSE_MS = 500;
/** The schemas come once the page stands. */
const reading = async () => import('./reading');
const keepKey = (id: string): string => `navuren-unsaved-${id}`;

/** What this browser kept of a practice that could not be saved, if it still fits the stored version. */
export async function keptDraft(id: string, version: number): Promise<Practice | undefined> {
  try {
    const text = localStorage.getItem(keepKey(id));
    const kept = text === null ? undefined : (await reading()).readKept(text);
    return kept?.baseVersion === version ? kept.practice : undefined;
  } catch {
    return undefined;
  }
}

interface Target {
  id: string | undefined;
  version: number;
}

/**
 * Saves the practice as it is edited: one request at a time, always the latest state, and never over a
 * version somebody else has saved. Until the server has it, this browser keeps it too.
 */
export function useSaving(
  stored: { readonly id: string; readonly version: number; readonly practice: Practice } | undefined,
) {
  const [state, setState] = useState<SaveState>(
    stored ? { code: 'saved', version: stored.version } : { code: 'draft' },
  );
  const target = useRef<Target>({ id: stored?.id, version: stored?.version ?? 0 });
  const pending = useRef<Practice | undefined>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const busy = useRef<Promise<void> | undefined>(undefined);
  const [savedId, setSavedId] = useState(stored?.id);
  /** What the server has, to tell whether there is anything to save. */
  const onServer = useRef<Practice | undefined>(stored?.practice);

  // Asked for at once, so that they are there when the server answers.
  useEffect(() => void reading(), []);

  const send = useCallback(async (practice: Practice): Promise<void> => {
    const { id, version } = target.current;
    if (id !== undefined)
      localStorage.setItem(keepKey(id), JSON.stringify({ baseVersion: version, practice }));
    try {
      const response = await fetch(id === undefined ? '/api/practices' : `/api/practices/${id}`, {
        method: id === undefined ? 'POST' : 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(id === undefined ? { practice } : { practice, baseVersion: version }),
      });
      const answer = (await reading()).readAnswer(await response.json());
      if (response.ok && answer.version !== undefined) {
        target.current = { id: answer.id ?? id, version: answer.version };
        onServer.current = practice;
        setSavedId(target.current.id);
        if (id === undefined && answer.id) window.history.replaceState(null, '', `/compose/${answer.id}`);
        if (id !== undefined) localStorage.removeItem(keepKey(id));
        setState({ code: 'saved', version: answer.version });
      } else if (response.status === 409)
        setState({ code: 'changed-elsewhere', version: answer.problem?.version ?? version });
      else
        setState({
          code: 'failed',
          message: answer.problem?.message ?? 'The server did not answer as expected.',
        });
    } catch {
      setState({
        code: 'failed',
        message: 'The server cannot be reached; keep this page open and try again.',
      });
    }
  }, []);

  const flush = useCallback((): Promise<void> => {
    clearTimeout(timer.current);
    const run = async (): Promise<void> => {
      await busy.current;
      const practice = pending.current;
      pending.current = undefined;
      if (practice) await send(practice);
    };
    busy.current = run();
    return busy.current;
  }, [send]);

  const save = useCallback(
    (practice: Practice): void => {
      pending.current = practice;
      setState({ code: 'waiting' });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), PAUSE_MS);
    },
    [flush],
  );

  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent): void => {
      if (pending.current === undefined) return;
      event.preventDefault();
      void flush();
    };
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      // Leaving the room by a link: save what is still waiting.
      if (pending.current) void flush();
    };
  }, [flush]);

  /** Saves at once and tells where the practice now is. */
  const saveNow = useCallback(
    async (practice: Practice): Promise<string | undefined> => {
      if (practice === onServer.current && pending.current === undefined) return target.current.id;
      pending.current = practice;
      setState({ code: 'waiting' });
      await flush();
      return target.current.id;
    },
    [flush],
  );

  /** Puts what is on the screen beside the version somebody else saved, as a practice of its own. */
  const saveAsCopy = useCallback(
    async (practice: Practice): Promise<void> => {
      if (target.current.id !== undefined) localStorage.removeItem(keepKey(target.current.id));
      target.current = { id: undefined, version: 0 };
      pending.current = { ...practice, name: `${shorten(practice.name, 100)} (my copy)` };
      setState({ code: 'waiting' });
      await flush();
    },
    [flush],
  );

  return { state, savedId, save, saveNow, saveAsCopy };
}
