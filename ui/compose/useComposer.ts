'use client';

import { proxy, type Remote } from 'comlink';
import { useEffect, useMemo, useRef } from 'react';
import type { CharacterDraft, Composed, ComposeResult, Instead, ItemAccount, WhyNot } from '@/core/compose';
import type { Practice } from '@/core/practice';
import { newHelper, type Helper } from '@/ui/kit/helper';
import type { Asked, ComposeWorker } from '@/workers/compose.worker';

export interface Composer {
  /** A draft, better and better; undefined where a later question overtook it. Rejects when the worker fails. */
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

type ComposeHelper = Helper<ComposeWorker>;

const newWorker = (): Worker => new Worker(new URL('../../workers/compose.worker.ts', import.meta.url));

/**
 * Two workers: one drafts, the other argues (why, why not, what else), so that a question about a draft never
 * waits for the proof of it. A worker that fails is told to who drafts, and argues nothing: its questions answer
 * undefined; either way the next question begins with a new one.
 */
export function useComposer(): Composer {
  const helpers = useRef<{ drafting?: ComposeHelper | undefined; arguing?: ComposeHelper | undefined }>({});
  const there = useRef(false);
  useEffect(() => {
    there.current = true;
    const { current } = helpers;
    current.drafting ??= newHelper(newWorker(), () => (current.drafting = undefined));
    return () => {
      there.current = false;
      current.drafting?.stop();
      current.arguing?.stop();
      current.drafting = current.arguing = undefined;
    };
  }, []);
  return useMemo((): Composer => {
    const helper = (which: 'drafting' | 'arguing'): ComposeHelper => {
      if (!there.current) throw new Error('the room has been left');
      const { current } = helpers;
      return (current[which] ??= newHelper(newWorker(), () => (current[which] = undefined)));
    };
    const argue = async <Result>(
      question: (remote: Remote<ComposeWorker>) => Promise<Result>,
    ): Promise<Result | undefined> => {
      try {
        return await helper('arguing').ask(question);
      } catch {
        return undefined;
      }
    };
    return {
      draft: async (parts, onBetter) =>
        helper('drafting').ask(async (remote) => remote.draft(parts, proxy(onBetter))),
      characters: (parts, beside, onMore) =>
        argue((remote) => remote.characters(parts, beside, proxy(onMore))),
      whyNot: (parts, practice, formId) => argue(async (remote) => remote.whyNot(parts, practice, formId)),
      instead: (parts, practice, itemId) => argue((remote) => remote.instead(parts, practice, itemId)),
      account: (parts, practice) => argue((remote) => remote.account(parts, practice)),
    };
  }, []);
}
