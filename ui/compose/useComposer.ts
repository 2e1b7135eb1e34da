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

/** A worker and what becomes of it: once it has failed it answers nothing more, and the next question starts another. */
interface Helper {
  readonly remote: Remote<ComposeWorker>;
  /** Rejects when the worker fails or could not be loaded; never resolves. */
  readonly failing: Promise<never>;
  readonly stop: () => void;
}

function newHelper(onFailed: () => void): Helper {
  const worker = newWorker();
  const failing = new Promise<never>((_, reject) => {
    const fail = (): void => {
      worker.terminate();
      onFailed();
      reject(new Error('the composer stopped'));
    };
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
  });
  // Nobody may be waiting when it fails.
  failing.catch(() => undefined);
  return { remote: wrap<ComposeWorker>(worker), failing, stop: () => worker.terminate() };
}

/**
 * Two workers: one drafts, the other argues (why, why not, what else), so that a question about a draft never
 * waits for the proof of it. A worker that fails is told to who drafts, and argues nothing: its questions answer
 * undefined; either way the next question begins with a new one.
 */
export function useComposer(): Composer {
  const helpers = useRef<{ drafting?: Helper | undefined; arguing?: Helper | undefined }>({});
  const there = useRef(false);
  const asked = useRef(0);
  useEffect(() => {
    there.current = true;
    const { current } = helpers;
    current.drafting ??= newHelper(() => (current.drafting = undefined));
    return () => {
      there.current = false;
      current.drafting?.stop();
      current.arguing?.stop();
      current.drafting = current.arguing = undefined;
    };
  }, []);
  return useMemo((): Composer => {
    const helper = (which: 'drafting' | 'arguing'): Helper | undefined => {
      if (!there.current) return undefined;
      const { current } = helpers;
      return (current[which] ??= newHelper(() => (current[which] = undefined)));
    };
    const argue = async <Result>(
      question: (remote: Remote<ComposeWorker>) => Promise<Result>,
    ): Promise<Result | undefined> => {
      const one = helper('arguing');
      try {
        return one && (await Promise.race([question(one.remote), one.failing]));
      } catch {
        return undefined;
      }
    };
    return {
      draft: async (parts, onBetter) => {
        const question = (asked.current += 1);
        const shown = proxy((draft: Composed) => {
          if (question === asked.current) onBetter(draft);
        });
        const one = helper('drafting');
        const result = one && (await Promise.race([one.remote.draft(parts, shown), one.failing]));
        return question === asked.current ? result : undefined;
      },
      characters: (parts, beside, onMore) =>
        argue((remote) => remote.characters(parts, beside, proxy(onMore))),
      whyNot: (parts, practice, formId) => argue(async (remote) => remote.whyNot(parts, practice, formId)),
      instead: (parts, practice, itemId) => argue((remote) => remote.instead(parts, practice, itemId)),
      account: (parts, practice) => argue((remote) => remote.account(parts, practice)),
    };
  }, []);
}
