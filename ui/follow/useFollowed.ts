import { useEffect, useState } from 'react';
import { z } from 'zod';
import type { Session } from '@/core/desk/leading';
import type { Teaching } from '@/core/desk/teaching';
import { practiceOfAnyAge } from '@/core/documents/practice';
import { Connection, type HeardClass, type Standing } from './connection';

const wholeSchema = z.object({
  practice: practiceOfAnyAge,
  told: z.object({ sessionId: z.string() }),
  leads: z.object({ practiceId: z.string(), version: z.number() }).optional(),
});
export type WholeClass = z.infer<typeof wholeSchema>;

/** The class under a code with its practice, as the server has it; throws where it cannot be had. */
export async function wholeClass(code: string): Promise<WholeClass> {
  const response = await fetch(`/api/follow/${code}`);
  return wholeSchema.parse(await response.json());
}

export interface FollowedClass {
  readonly standing: Standing;
  readonly session: Session | undefined;
  readonly teaching: Teaching | null;
  /** Which practice it is, for who may lead it. */
  readonly leads: WholeClass['leads'];
}

/** The class under a code, as its leader tells it. */
export function useFollowed(code: string): FollowedClass {
  const [standing, setStanding] = useState<Standing>('joining');
  const [heard, setHeard] = useState<HeardClass | undefined>(undefined);
  const [whole, setWhole] = useState<WholeClass | undefined>(undefined);
  useEffect(() => {
    const connection = new Connection(code, 'follow', { told: setHeard, standing: setStanding });
    return () => connection.stop();
  }, [code]);
  const sessionId = heard?.told.sessionId;
  const isKnown = sessionId !== undefined && whole?.told.sessionId === sessionId;
  useEffect(() => {
    if (sessionId === undefined || isKnown) return undefined;
    let isOver = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => {
      wholeClass(code).then(
        (found) => {
          if (!isOver) setWhole(found);
        },
        () => {
          if (!isOver) timer = setTimeout(ask, 2000);
        },
      );
    };
    ask();
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [code, isKnown, sessionId]);
  return {
    standing,
    session:
      heard && whole && isKnown
        ? {
            sessionId: heard.told.sessionId,
            practiceId: whole.leads?.practiceId ?? code,
            version: whole.leads?.version ?? 1,
            groupId: null,
            practice: whole.practice,
            actions: heard.told.actions,
          }
        : undefined,
    teaching: heard?.told.teaching ?? null,
    leads: whole?.leads,
  };
}
