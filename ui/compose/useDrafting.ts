'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import type { AlmanacReading } from '@/core/almanac';
import { fillBrief, type Brief, type BriefWishes, type GroupCalendar } from '@/core/brief';
import type { Composed, Impossible, People, Proof } from '@/core/compose';
import type { Customs } from '@/core/customs';
import type { OwnForms } from '@/core/forms';
import { historyOf, type History } from '@/core/log';
import type { ConditionId } from '@/core/people';
import type { Practice } from '@/core/practice';
import type { Asked } from '@/workers/compose.worker';
import { nameFor } from './names';
import type { ComposeStore } from './store';
import type { Composer } from './useComposer';

export interface ComposeGroup extends GroupCalendar {
  readonly conditions: readonly ConditionId[];
}

export type Outcome = 'drafted' | 'impossible' | 'overtaken' | 'stopped';

interface Ground {
  readonly reading: AlmanacReading;
  readonly customs: Customs;
  readonly groups: readonly ComposeGroup[];
  readonly own: OwnForms;
  readonly history: History;
}

/** Those a brief is for, as far as the composer may know them. */
export function peopleOf({ customs, groups, history }: Ground, groupId: string | null): People {
  const lately = historyOf(history, groupId);
  return {
    conditions:
      groupId === null
        ? customs.ownConditions
        : (groups.find((group) => group.id === groupId)?.conditions ?? []),
    recent: lately.recent,
    known: lately.known,
    pace: history.pace,
  };
}

/** What the composer is asked for a brief, round what is locked in the practice as it stands. */
export function askedFor(ground: Ground, brief: Brief, seed: number, practice: Practice | undefined): Asked {
  const locked = practice?.items.filter((item) => item.locked && !item.hinge) ?? [];
  return {
    brief,
    customs: ground.customs,
    people: peopleOf(ground, brief.groupId),
    seed,
    own: ground.own,
    ...(practice && locked.length > 0 ? { kept: { items: locked, forms: practice.forms } } : {}),
  };
}

/** Drafting: asks the composer, shows each better draft as it comes, and never writes over a hand edit. */
export function useDrafting(store: ComposeStore, composer: Composer, ground: Ground, begunBusy: boolean) {
  const [busy, setBusy] = useState(begunBusy);
  const [failure, setFailure] = useState<Impossible | undefined>(undefined);
  const [proof, setProof] = useState<{ readonly of: Practice; readonly proof: Proof } | undefined>(undefined);
  const shown = useRef<Practice | undefined>(undefined);

  const show = useCallback(
    (draft: Composed, wishes: BriefWishes, first: () => void): void => {
      const { practice: now, replace } = store.getState();
      // Edited by hand since: what comes later no longer fits.
      if (shown.current && now !== shown.current) return;
      const named = now && now.name !== nameFor(now) ? now.name : nameFor(draft.practice);
      const practice: Practice = { ...draft.practice, name: named };
      const steps = store.temporal.getState();
      const again = shown.current !== undefined;
      if (again) steps.pause();
      shown.current = practice;
      replace(practice, wishes);
      if (again) steps.resume();
      else first();
      setProof({ of: practice, proof: draft.proof });
    },
    [store],
  );

  const redraft = useCallback(
    async (wishes: BriefWishes, seed: number, first: () => void): Promise<Outcome> => {
      setBusy(true);
      shown.current = undefined;
      const { brief } = fillBrief(wishes, ground.reading, ground.customs, ground.groups);
      const asked = askedFor(ground, brief, seed, store.getState().practice);
      let result;
      try {
        result = await composer.draft(asked, (draft) => show(draft, wishes, first));
      } catch {
        // The worker failed or could not be loaded: what is on the screen stands, and one may ask again.
        setBusy(false);
        return 'stopped';
      }
      if (!result) return 'overtaken';
      setBusy(false);
      if (!result.ok) {
        setFailure(result);
        return 'impossible';
      }
      setFailure(undefined);
      show(result, wishes, first);
      return 'drafted';
    },
    [composer, ground, show, store],
  );

  return useMemo(() => ({ busy, failure, setFailure, proof, redraft }), [busy, failure, proof, redraft]);
}
