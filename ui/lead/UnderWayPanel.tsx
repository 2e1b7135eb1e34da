'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Session } from '@/core/desk/leading';
import { leadState } from '@/core/lead';
import { useSay } from '@/ui/kit/Said';
import { clockText } from '@/ui/kit/time';
import { endAndFile, fileWaiting, sessionsUnderWay } from './keptSession';

/** What is under way, how far it is, and the two ways on: back to it, or ended and into the log. */
export function UnderWayPanel() {
  const [sessions, setSessions] = useState<readonly Session[]>([]);
  const [waiting, setWaiting] = useState(0);
  const [nowMs, setNowMs] = useState(0);
  const say = useSay();
  const router = useRouter();
  useEffect(() => {
    const look = (): void => {
      setSessions(sessionsUnderWay());
      setNowMs(Date.now());
    };
    look();
    const timer = setInterval(look, 1000);
    void fileWaiting().then(setWaiting);
    return () => clearInterval(timer);
  }, []);

  const end = async (session: Session): Promise<void> => {
    const done = await endAndFile(session);
    setSessions(sessionsUnderWay());
    say(
      done
        ? `“${session.practice.name}” is ended and in the log.`
        : 'It could not be written into the log; this browser keeps it and sends it when it can.',
    );
    router.refresh();
  };

  if (sessions.length === 0 && waiting === 0) return null;
  return (
    <aside aria-label="Under way" className="no-print border-b border-hairline px-4 py-2 sm:px-8">
      {sessions.map((session) => {
        const state = leadState(session.practice, session.actions, nowMs);
        return (
          <p key={session.sessionId} className="mx-auto flex max-w-[82rem] flex-wrap items-baseline gap-x-4">
            <span>
              <span className="font-serif italic">{session.practice.name}</span>{' '}
              {state.ended ? 'is over and not in the log yet' : 'is under way'}:{' '}
              <span className="figures">
                {clockText(state.positionMs)} of {clockText(state.timeline.totalMs)} min
              </span>
              {!state.ended && !state.running && ', paused'}
            </span>
            <Link className="press-plain" href={`/lead/${session.practiceId}`}>
              Go on with it
            </Link>
            <button type="button" className="press-plain" onClick={() => void end(session)}>
              {state.ended ? 'Write it into the log' : 'End it and write it into the log'}
            </button>
          </p>
        );
      })}
      {waiting > 0 && (
        <p className="mx-auto max-w-[82rem]">
          {waiting === 1 ? 'One class waits' : `${waiting} classes wait`} in this browser to be written into
          the log; it is tried again by itself.
        </p>
      )}
    </aside>
  );
}
