import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { movedTold, toldSchema, type Shown, type ToldClass } from '@/core/desk/following';
import type { Session } from '@/core/desk/leading';
import { Connection, type Standing } from '@/ui/follow/connection';
import { aheadOf } from '@/ui/follow/serverClock';
import { wholeClass } from '@/ui/follow/useFollowed';
import { readAnswer, type Answer } from '@/ui/kit/answer';
import { keep } from '@/ui/kit/keep';
import { newId } from '@/ui/kit/newId';
import { hearTeaching, tellSession, tellTeaching } from './channel';
import { sessionKey } from './keptSession';
import { Telling, type Here, type Line } from './telling';

const answeredSchema = z.object({ told: toldSchema, revision: z.number(), isTaken: z.boolean() });
const nowSchema = z.object({ nowMs: z.number() });
const AGAIN_MS = 2000;

const send = (method: string, path: string, body?: unknown) => () =>
  fetch(path, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });

const about = (practiceId: string): string => `/api/follow?practice=${encodeURIComponent(practiceId)}`;

const showing = ({ practiceId, version, practice }: Session, told: ToldClass, by: string) =>
  send('POST', '/api/follow', { practiceId, version, practice, told, by });

/** How a class that is led here is shown to the phones and screens of the hall. */
export interface Hall {
  readonly shown: Shown | undefined;
  readonly standing: Standing;
  /** Another class of this practice is shown, not this one. */
  readonly isApart: boolean;
  readonly problem: string | undefined;
  readonly isBusy: boolean;
  readonly show: () => Promise<void>;
  readonly end: () => Promise<void>;
}

/** The server under a code, and what is heard from it. */
function lineTo(
  code: string,
  connection: () => Connection | undefined,
  timer: { id?: ReturnType<typeof setTimeout> },
): Line {
  return {
    aheadMs: () => connection()?.ahead,
    revision: () => connection()?.revision ?? 0,
    put: async (told, base, by) => {
      const response = await send('PUT', `/api/follow/${code}`, { told, base, by })();
      return response.status === 410 ? undefined : answeredSchema.parse(await response.json());
    },
    show: async (session, told, by) => {
      const response = await showing(session, told, by)();
      if (!response.ok) throw new Error(String(response.status));
    },
    whole: () => wholeClass(code),
    takes: (message) => connection()?.takes(message),
    later: (again) => {
      clearTimeout(timer.id);
      timer.id = setTimeout(again, AGAIN_MS);
    },
  };
}

interface Heard {
  readonly session: (session: Session) => void;
  readonly standing: (standing: Standing) => void;
  readonly followers: (count: number) => void;
  readonly apart: (isApart: boolean) => void;
}

/** Tells the class under a code, and hears it. Returns the teller and how to stop. */
function tellUnder(
  code: string,
  here: Here,
  hears: Heard,
): { readonly telling: Telling; readonly stop: () => void } {
  const { practiceId } = here.session;
  // The one needs the other: what is heard is told to the teller, and it tells by the connection.
  const held: { connection?: Connection } = {};
  const timer: { id?: ReturnType<typeof setTimeout> } = {};
  const telling = new Telling(
    here,
    newId(),
    lineTo(code, () => held.connection, timer),
    {
      session: (session) => {
        // Kept here as if it had been led here: a reload goes on with it, and so do other windows of this browser.
        keep(sessionKey(practiceId), JSON.stringify(session));
        tellSession(session);
        hears.session(session);
      },
      teaching: (teaching) => tellTeaching(practiceId, teaching),
      apart: hears.apart,
    },
  );
  const connection = new Connection(code, 'lead', {
    told: (heard) => void telling.heard(heard),
    standing: hears.standing,
    followers: hears.followers,
  });
  held.connection = connection;
  const deaf = hearTeaching(practiceId, (teaching) => telling.taught(teaching));
  return {
    telling,
    stop: () => {
      deaf();
      clearTimeout(timer.id);
      connection.stop();
    },
  };
}

/** Whether the practice is shown already, from another window or device; and where, once the door has been opened for it. */
function useShown(practiceId: string) {
  const [shown, setShown] = useState<Shown | undefined>(undefined);
  const isToFind = !shown?.address;
  useEffect(() => {
    let isGone = false;
    const ask = async (): Promise<void> => {
      const answer = await readAnswer<{ shown: Shown | null }>(send('GET', about(practiceId)));
      if (answer.ok && answer.value.shown && !isGone) setShown(answer.value.shown);
    };
    void ask();
    // The door is opened in another window: it is looked for when this one is come back to.
    const again = (): void => void ask();
    if (isToFind) window.addEventListener('focus', again);
    return () => {
      isGone = true;
      window.removeEventListener('focus', again);
    };
  }, [isToFind, practiceId]);
  return [shown, setShown] as const;
}

/** Shows a class under its code, by the clock everybody goes by; how it is shown then. */
async function showIt({ session, isOver }: Omit<Here, 'teaching'>): Promise<Answer<{ shown: Shown }>> {
  const ask = async () =>
    nowSchema.parse(await (await send('GET', about(session.practiceId))()).json()).nowMs;
  const { aheadMs } = await aheadOf({ ask, here: () => Date.now() });
  const { sessionId, actions } = session;
  const told = movedTold({ sessionId, actions: [...actions], teaching: null, isOver }, aheadMs);
  return readAnswer(showing(session, told, newId()));
}

/** Does what is asked of the server, and says what was wrong with it. */
function useDoing() {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [isBusy, setBusy] = useState(false);
  const doing = async <Value>(work: () => Promise<Answer<Value>>, done: (value: Value) => void) => {
    setBusy(true);
    const answer = await work().catch(() => ({
      ok: false as const,
      message: 'The server cannot be reached; the class goes on here.',
    }));
    setBusy(false);
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) done(answer.value);
  };
  return { problem, isBusy, doing };
}

/** Shows the class that is led here to who has its code; and it may be led from several devices. */
export function useHall(session: Session, isOver: boolean, onElsewhere: (session: Session) => void): Hall {
  const [shown, setShown] = useShown(session.practiceId);
  const [standing, setStanding] = useState<Standing>('joining');
  const [isApart, setApart] = useState(false);
  const { problem, isBusy, doing } = useDoing();
  const latest = useRef({ session, isOver, onElsewhere });
  const telling = useRef<Telling | undefined>(undefined);
  useEffect(() => {
    latest.current = { session, isOver, onElsewhere };
    telling.current?.now(session, isOver);
  }, [isOver, onElsewhere, session]);
  const code = shown?.code;
  useEffect(() => {
    if (code === undefined) return undefined;
    const { session: now, isOver: over } = latest.current;
    const told = tellUnder(
      code,
      { session: now, isOver: over, teaching: null },
      {
        session: (heard) => latest.current.onElsewhere(heard),
        standing: (stands) => {
          setStanding(stands);
          if (stands === 'over' || stands === 'unknown') setShown(undefined);
        },
        followers: (followers) => setShown((was) => was && { ...was, followers }),
        apart: setApart,
      },
    );
    telling.current = told.telling;
    return () => {
      told.stop();
      telling.current = undefined;
    };
  }, [code, setShown]);

  const shownNow = (now: Shown | undefined): void => {
    setApart(false);
    setShown(now);
  };
  const show = () =>
    doing(
      () => showIt(latest.current),
      ({ shown: now }) => shownNow(now),
    );
  const end = () =>
    doing(
      () => readAnswer<object>(send('DELETE', `/api/follow/${code ?? ''}`)),
      () => shownNow(undefined),
    );
  return { shown, standing, isApart, problem, isBusy, show, end };
}
