'use client';

import { useCallback, useEffect, useRef } from 'react';
import { wrap, type Remote } from 'comlink';
import type { ComposeResult } from '@/core/compose';
import type { Brief } from '@/core/brief';
import type { OwnForms } from '@/core/forms';
import type { Customs } from '@/core/customs';
import type { ConditionId } from '@/core/people';
import type { ComposeWorker } from '@/workers/compose.worker';

/** Asks the worker for a draft; an answer that was overtaken by a later question comes back as undefined. */
export function useComposer() {
  const remote = useRef<Remote<ComposeWorker> | undefined>(undefined);
  const asked = useRef(0);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/compose.worker.ts', import.meta.url));
    remote.current = wrap<ComposeWorker>(worker);
    return () => {
      remote.current = undefined;
      worker.terminate();
    };
  }, []);
  return useCallback(
    async (
      brief: Brief,
      customs: Customs,
      conditions: readonly ConditionId[],
      seed: number,
      own: OwnForms,
    ): Promise<ComposeResult | undefined> => {
      const question = (asked.current += 1);
      const result = await remote.current?.compose(brief, customs, conditions, seed, own);
      return question === asked.current ? result : undefined;
    },
    [],
  );
}
