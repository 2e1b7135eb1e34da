import { useEffect, useMemo, useState } from 'react';
import { hasEnded, startLeading, type Leading, type Session } from '@/core/desk/leading';
import type { Practice } from '@/core/practice';
import { hearSessions } from './channel';
import { readSession, sessionKey } from './keptSession';
import { useClock } from './useClock';

interface Followed {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
}

/**
 * A class that is led in another window of this browser, as it goes; nothing is ever done to it from here. Before it
 * begins it stands at its beginning.
 */
export function useFollowing({ id, version, practice }: Followed): {
  readonly state: Leading;
  readonly nowMs: number;
  readonly ended: boolean;
} {
  const [session, setSession] = useState<Session>(
    () =>
      readSession(sessionKey(id)) ?? {
        sessionId: '00000000-0000-4000-8000-000000000000',
        practiceId: id,
        version,
        groupId: null,
        practice,
        actions: [],
      },
  );
  // A class that has been filed is kept no more; what was seen last stays.
  useEffect(() => hearSessions(id, setSession), [id]);
  const state = useMemo(() => startLeading(session), [session]);
  const nowMs = useClock(state.base.state.running);
  return { state, nowMs, ended: hasEnded(state, nowMs) };
}
