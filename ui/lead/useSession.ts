'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { leadState, type LeadAction } from '@/core/lead';
import type { Practice } from '@/core/practice';
import { drop, keep } from '@/ui/kit/keep';
import { newId } from '@/ui/kit/newId';
import { readSession, sessionKey, type Session } from './keptSession';

/**
 * What the leader has done so far, kept in this browser at every press so that a reload goes on where it was. The
 * practice is kept with it: a class goes on with the practice it began with, whatever is saved elsewhere meanwhile.
 */
export function useSession(practiceId: string, version: number, practice: Practice, groupId: string | null) {
  const [session, setSession] = useState<Session>(
    () =>
      readSession(sessionKey(practiceId)) ?? {
        sessionId: newId(),
        practiceId,
        version,
        groupId,
        practice,
        actions: [],
      },
  );
  const latest = useRef(session);
  /** False where this browser’s store is full or refused: the class goes on, but a reload would lose it. */
  const [isKept, setKept] = useState(true);

  const act = useCallback(
    (action: LeadAction): void => {
      const next = { ...latest.current, actions: [...latest.current.actions, action] };
      latest.current = next;
      setKept(keep(sessionKey(practiceId), JSON.stringify(next)));
      setSession(next);
    },
    [practiceId],
  );

  /** Begins anew, with the practice as it is now. */
  const forget = useCallback((): void => {
    drop(sessionKey(practiceId));
    latest.current = { sessionId: newId(), practiceId, version, groupId, practice, actions: [] };
    setSession(latest.current);
  }, [groupId, practice, practiceId, version]);

  // The state as of the last press; from there only the clock moves it.
  const base = useMemo(() => {
    const atMs = session.actions.at(-1)?.atMs ?? 0;
    return { atMs, state: leadState(session.practice, session.actions, atMs) };
  }, [session]);

  return { session, base, act, forget, isKept };
}
