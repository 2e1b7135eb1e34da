'use client';

import { useCallback, useEffect, useRef } from 'react';
import {
  hasEnded,
  leading,
  startLeading,
  type LeadingEffect,
  type LeadingEvent,
  type LeadingPress,
  type Session,
} from '@/core/desk/leading';
import type { Likely } from '@/core/lead/likely';
import type { Practice } from '@/core/practice';
import { drop, keep } from '@/ui/kit/keep';
import { newId } from '@/ui/kit/newId';
import { useDesk } from '@/ui/kit/useDesk';
import { hearSessions, tellSession } from './channel';
import { fileClass, fileWaiting, readSession, sessionKey } from './keptSession';
import { useClock } from './useClock';
import { useHall } from './useHall';
import { useProposal } from './useProposal';

/** Does what the leading desk asks for. */
function run(effect: LeadingEffect, happens: (event: LeadingEvent) => void): void {
  switch (effect.kind) {
    case 'keep': {
      const { session } = effect;
      const isKept = keep(sessionKey(session.practiceId), JSON.stringify(session));
      tellSession(session);
      return happens({ kind: 'kept', isKept });
    }
    case 'forget':
      return drop(sessionKey(effect.practiceId));
    case 'file':
      return void fileClass(effect.session, effect.nowMs).then(({ isDone, next }) =>
        happens({ kind: 'filed', sessionId: effect.session.sessionId, isFiled: isDone, next }),
      );
    case 'wait':
      return void setTimeout(
        () => happens({ kind: 'waited', wait: effect.wait, atMs: Date.now() }),
        effect.ms,
      );
    default:
      return effect satisfies never;
  }
}

interface Led {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
  readonly groupId: string | null;
}

/** Hears what other windows do with the class, and tells those that ask how it stands. */
function useElsewhere(id: string, session: Session, happens: (event: LeadingEvent) => void): void {
  const latest = useRef(session);
  useEffect(() => {
    latest.current = session;
  }, [session]);
  useEffect(
    () =>
      hearSessions(
        id,
        (led) => happens({ kind: 'led-elsewhere', session: led }),
        () => latest.current,
      ),
    [happens, id],
  );
}

/** A class being led, kept in this browser at every press so that a reload goes on where it was. */
export function useLeading({ id, version, practice, groupId }: Led) {
  const begun = useCallback(
    (): Session => ({
      sessionId: newId(),
      practiceId: id,
      version,
      groupId,
      practice,
      // Nobody waits for the end of one who leads only themselves, where nothing else is said.
      actions: groupId === null ? [{ kind: 'must-end', atMs: Date.now(), endAtMs: null }] : [],
    }),
    [groupId, id, practice, version],
  );
  const { state, happens } = useDesk(
    leading,
    () => startLeading(readSession(sessionKey(id)) ?? begun()),
    run,
  );
  const nowMs = useClock(state.base.state.running);
  const ended = hasEnded(state, nowMs);

  // A class of an earlier day that could not be filed goes off with this one.
  useEffect(() => void fileWaiting(), []);
  const { sessionId } = state.session;
  useEffect(() => {
    if (ended) happens({ kind: 'came-to-end', atMs: Date.now() });
  }, [ended, happens, sessionId]);
  useElsewhere(id, state.session, happens);
  useEffect(() => {
    const again = (): void => {
      if (hasEnded(state, Date.now())) happens({ kind: 'file-again', atMs: Date.now() });
    };
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, [happens, state]);

  const press = useCallback(
    (pressed: LeadingPress) => happens({ kind: 'pressed', press: pressed, atMs: Date.now() }),
    [happens],
  );
  const fileAgain = useCallback(() => happens({ kind: 'file-again', atMs: Date.now() }), [happens]);
  const beginAgain = useCallback(() => happens({ kind: 'begun-again', session: begun() }), [begun, happens]);
  const steer = useCallback(
    (itemId: string, how: 'keep' | 'spare') => happens({ kind: 'steered', itemId, how }),
    [happens],
  );
  const sayEnd = useCallback(
    (endAtMs: number | null | undefined, mayOverMs: number) =>
      happens({ kind: 'end-said', atMs: Date.now(), endAtMs, mayOverMs }),
    [happens],
  );
  const putIn = useCallback(
    ({ item, form }: Likely) => happens({ kind: 'put-in', atMs: Date.now(), item, form }),
    [happens],
  );
  useProposal(state, nowMs, happens);
  const ledElsewhere = useCallback(
    (led: Session) => happens({ kind: 'led-elsewhere', session: led, isSettled: true }),
    [happens],
  );
  const hall = useHall(state.session, ended, ledElsewhere);
  return { hall, state, nowMs, ended, press, steer, sayEnd, putIn, fileAgain, beginAgain };
}
