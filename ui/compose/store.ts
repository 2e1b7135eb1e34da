'use client';

import { createStore } from 'zustand';
import { temporal } from 'zundo';
import type { BriefWishes } from '@/core/brief';
import type { Edit, Practice } from '@/core/practice';
import { editByHand } from './handWork';

interface ComposeState {
  readonly practice: Practice | undefined;
  /** What the practitioner has said of the brief; undone together with the draft it led to. */
  readonly wishes: BriefWishes;
  change(edit: Edit): void;
  replace(practice: Practice, wishes: BriefWishes): void;
}

export type ComposeStore = ReturnType<typeof createComposeStore>;

/** The practice being written, with every former state kept: undo and redo have no end. */
export function createComposeStore(practice: Practice | undefined, wishes: BriefWishes) {
  return createStore<ComposeState>()(
    temporal(
      (set) => ({
        practice,
        wishes,
        change: (change) =>
          set((state) => {
            if (!state.practice) return state;
            const next = editByHand(state.practice, change);
            return next === state.practice ? state : { practice: next };
          }),
        replace: (next, nextWishes) => set({ practice: next, wishes: nextWishes }),
      }),
      {
        partialize: ({ practice: kept, wishes: keptWishes }) => ({ practice: kept, wishes: keptWishes }),
        equality: (past, present) => past.practice === present.practice && past.wishes === present.wishes,
      },
    ),
  );
}
