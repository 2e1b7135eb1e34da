'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useRef } from 'react';
import type { CharacterDraft, Composed, ComposeResult, Instead, ItemAccount, WhyNot } from '@/core/compose';
import type { Practice } from '@/core/practice';
import type { Asked, ComposeWorker } from '@/workers/compose.worker';

export interface Composer {
  /** A draft, better and better; undefined where a later question overtook it. */
  draft(asked: Asked, onBetter: (draft: Composed) => void): Promise<ComposeResult | undefined>;
  /** Drafts of another character, unlike the practice they are to stand beside. */
  characters(
    asked: Asked,
    beside: Practice,
    onMore: (drafts: readonly CharacterDraft[]) => void,
  ): Promise<readonly CharacterDraft[] | undefined>;
  whyNot(asked: Asked, practice: Practice, formId: string): Promise<WhyNot | undefined>;
  instead(asked: Asked, practice: Practice, itemId: string): Promise<readonly Instead[] | undefined>;
  account(asked: Asked, practice: Practice): Promise<readonly ItemAccount[] | undefined>;
}

const newWorker = (): Worker => new Worker(new URL('../../workers/compose.worker.ts', import.meta.url));

/**
 * Two workers: one drafts, the other argues (why, why not, what else), so that a question about a draft never
 * waits for the proof of it.
 */
export function useComposer(): Composer {
  const drafting = useRef<Remote<ComposeWorker> | undefined>(undefined);
  const arguing = useRef<Remote<ComposeWorker> | undefined>(undefined);
  const workers = useRef<Worker[]>([]);
  const asked = useRef(0);
  useEffect(() => {
    const worker = newWorker();
    workers.current = [worker];
    drafting.current = wrap<ComposeWorker>(worker);
    return () => {
      drafting.current = undefined;
      arguing.current = undefined;
      for (const one of workers.current) one.terminate();
      workers.current = [];
    };
  }, []);
  return useMemo((): Composer => {
    // The second worker comes when it is first asked something.
    const argue = (): Remote<ComposeWorker> | undefined => {
      if (!drafting.current) return undefined;
      if (!arguing.current) {
        const worker = newWorker();
        workers.current.push(worker);
        arguing.current = wrap<ComposeWorker>(worker);
      }
      return arguing.current;
    };
    return {
      draft: async (parts, onBetter) => {
        const question = (asked.current += 1);
        const shown = proxy((draft: Composed) => {
          if (question === asked.current) onBetter(draft);
        });
        const result = await drafting.current?.draft(parts, shown);
        return question === asked.current ? result : undefined;
      },
      characters: async (parts, beside, onMore) => argue()?.characters(parts, beside, proxy(onMore)),
      whyNot: async (parts, practice, formId) => argue()?.whyNot(parts, practice, formId),
      instead: async (parts, practice, itemId) => argue()?.instead(parts, practice, itemId),
      account: async (parts, practice) => argue()?.account(parts, practice),
    };
  }, []);
}
