'use client';

import { useEffect, useState } from 'react';
import type { Teaching } from '@/core/desk/teaching';
import type { Practice } from '@/core/practice';
import type { Shown } from '@/core/desk/following';
import { readAnswer } from '@/ui/kit/answer';
import { hearTeaching } from './channel';
import { HallScreen } from './HallScreen';
import { WayIn } from './HallShown';
import { useFollowing } from './useFollowing';

interface Props {
  readonly id: string;
  readonly version: number;
  readonly practice: Practice;
}

/** What is taught just now, as the teacher’s window tells it; nothing till it has told. */
function useTaught(id: string): Teaching | undefined {
  const [told, setTold] = useState<Teaching | undefined>(undefined);
  useEffect(() => hearTeaching(id, setTold), [id]);
  return told;
}

/** It may be shown to phones later than the screen was put up, ms. */
const ASKED_EVERY_MS = 4000;

/** How phones find the class, till it begins; nothing where it is not shown to any. */
function useShown(id: string, isAsked: boolean): Shown | undefined {
  const [shown, setShown] = useState<Shown | undefined>(undefined);
  useEffect(() => {
    if (!isAsked) return undefined;
    const ask = async (): Promise<void> => {
      const answer = await readAnswer<{ shown: Shown | null }>(() =>
        fetch(`/api/follow?practice=${encodeURIComponent(id)}`),
      );
      if (answer.ok) setShown(answer.value.shown ?? undefined);
    };
    void ask();
    const timer = setInterval(() => void ask(), ASKED_EVERY_MS);
    return () => clearInterval(timer);
  }, [id, isAsked]);
  return shown;
}

/** The screen for the hall in another window of the teacher’s browser. */
export function HallRoom(followed: Props) {
  const { state, nowMs, ended } = useFollowing(followed);
  const told = useTaught(followed.id);
  const shown = useShown(followed.id, !state.base.state.started);
  return (
    <HallScreen
      state={state}
      nowMs={nowMs}
      ended={ended}
      told={told}
      before={
        shown?.address && (
          <div className="grid h-full place-items-center">
            <WayIn shown={shown} isLarge />
          </div>
        )
      }
    />
  );
}
