import { z } from 'zod';
import { leadActionSchema, leadState, recordOf, type ClassRecord } from '@/core/lead';
import type { Session } from '@/core/desk/leading';
import { whatNextSchema, type WhatNext } from '@/core/log';
import { practiceOfAnyAge } from '@/core/documents/practice';
import { drop, keep, kept, keptKeys } from '@/ui/kit/keep';

export const sessionSchema: z.ZodType<Session> = z.object({
  sessionId: z.uuid(),
  practiceId: z.string().min(1).max(64),
  version: z.number().int().min(1),
  groupId: z.string().max(64).nullable(),
  /** The practice as it was when the class began. */
  practice: practiceOfAnyAge,
  actions: z.array(leadActionSchema),
});

const LEAD = 'navuren-lead-';
const UNFILED = 'navuren-unfiled-';
/** A class nobody touched for so long is over, whatever its clock says. */
const FORGET_AFTER_MS = 48 * 3_600_000;

export const sessionKey = (practiceId: string): string => `${LEAD}${practiceId}`;

/** A class this browser keeps, if it has begun and is not long over. */
export function readSession(key: string, nowMs = Date.now()): Session | undefined {
  try {
    const session = sessionSchema.parse(JSON.parse(kept(key) ?? ''));
    const last = session.actions.at(-1);
    return last && nowMs - last.atMs < FORGET_AFTER_MS ? session : undefined;
  } catch {
    return undefined;
  }
}

/** Every class under way in this browser; one whose end is only said has not begun. */
export const sessionsUnderWay = (): readonly Session[] =>
  keptKeys(LEAD)
    .flatMap((key) => readSession(key) ?? [])
    .filter(({ actions }) => actions.some(({ kind }) => kind === 'start'));

/** What is filed of a class. */
export interface Filed {
  readonly id: string;
  readonly practiceId: string;
  readonly version: number;
  readonly groupId: string | null;
  readonly record: ClassRecord;
}

const fileOf = (session: Session, nowMs: number): Filed => ({
  id: session.sessionId,
  practiceId: session.practiceId,
  version: session.version,
  groupId: session.groupId,
  record: recordOf(session.practice, session.actions, nowMs),
});

/** What became of filing a class; the server’s word of what it taught where it is in the log. */
export interface Sent {
  readonly isDone: boolean;
  readonly next?: WhatNext | undefined;
}

const answerSchema = z.object({ next: whatNextSchema.optional() });

async function send(filed: Filed): Promise<Sent> {
  try {
    const response = await fetch('/api/classes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(filed),
    });
    if (response.ok) return { isDone: true, next: answerSchema.safeParse(await response.json()).data?.next };
    // A practice that is gone cannot be filed ever; anything else may be later.
    return { isDone: response.status === 404 || response.status === 422 };
  } catch {
    return { isDone: false };
  }
}

/**
 * Writes a class that is over into the log. Until the server has it this browser keeps the record under a key of its
 * own, so that leading the practice again cannot wipe it; sending it twice records it once.
 */
export async function fileClass(session: Session, nowMs: number): Promise<Sent> {
  const filed = fileOf(session, nowMs);
  keep(`${UNFILED}${filed.id}`, JSON.stringify(filed));
  const sent = await send(filed);
  if (sent.isDone) {
    drop(`${UNFILED}${filed.id}`);
    if (readSession(sessionKey(session.practiceId))?.sessionId === session.sessionId)
      drop(sessionKey(session.practiceId));
  }
  return sent;
}

/** Ends a class that was left, if it is not over already, and writes it into the log. */
export async function endAndFile(session: Session): Promise<boolean> {
  const atMs = Date.now();
  const isOver = leadState(session.practice, session.actions, atMs).ended;
  const { isDone } = await fileClass(
    isOver ? session : { ...session, actions: [...session.actions, { kind: 'end', atMs }] },
    atMs,
  );
  return isDone;
}

/** Sends what could not be filed before; tells how many are still waiting. */
export async function fileWaiting(): Promise<number> {
  let waiting = 0;
  for (const key of keptKeys(UNFILED)) {
    try {
      if ((await send(JSON.parse(kept(key) ?? '') as Filed)).isDone) drop(key);
      else waiting += 1;
    } catch {
      drop(key);
    }
  }
  return waiting;
}
