'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { z } from 'zod';
import { leadActionSchema, leadState, type LeadAction } from '@/core/lead';
import type { Practice } from '@/core/practice';

const keptSchema = z.object({ sessionId: z.uuid(), version: z.number(), actions: z.array(leadActionSchema) });
/** A session older than this is not taken up again. */
const FORGET_AFTER_MS = 6 * 3_600_000;

interface Session {
  readonly sessionId: string;
  readonly version: number;
  readonly actions: readonly LeadAction[];
}

const key = (practiceId: string): string => `navuren-lead-${practiceId}`;

function readKept(practiceId: string, version: number): Session | undefined {
  try {
    const kept = keptSchema.parse(JSON.parse(localStorage.getItem(key(practiceId)) ?? ''));
    const last = kept.actions.at(-1);
    return kept.version === version && last && Date.now() - last.atMs < FORGET_AFTER_MS ? kept : undefined;
  } catch {
    return undefined;
  }
}

const fresh = (version: number): Session => ({ sessionId: crypto.randomUUID(), version, actions: [] });

/** What the leader has done so far, kept in this browser at every press so that a reload goes on where it was. */
export function useSession(practiceId: string, version: number, practice: Practice) {
  const [session, setSession] = useState<Session>(() => readKept(practiceId, version) ?? fresh(version));
  const latest = useRef(session);

  const act = useCallback(
    (action: LeadAction): void => {
      const next = { ...latest.current, actions: [...latest.current.actions, action] };
      latest.current = next;
      localStorage.setItem(key(practiceId), JSON.stringify(next));
      setSession(next);
    },
    [practiceId],
  );

  const forget = useCallback((): void => {
    localStorage.removeItem(key(practiceId));
    latest.current = fresh(version);
    setSession(latest.current);
  }, [practiceId, version]);

  // The state as of the last press; from there only the clock moves it.
  const base = useMemo(() => {
    const atMs = session.actions.at(-1)?.atMs ?? 0;
    return { atMs, state: leadState(practice, session.actions, atMs) };
  }, [practice, session]);

  return { session, base, act, forget };
}
