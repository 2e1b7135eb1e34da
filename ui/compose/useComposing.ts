'use client';

import { useCallback, useEffect, useMemo } from 'react';
import { fillBrief, type BriefWishes } from '@/core/brief';
import { canUndo, composing, startComposing, type ComposingEffect, type ComposingEvent } from '@/core/desk';
import { writeBriefQuery } from '@/core/formats/briefQuery';
import type { Edit, Practice } from '@/core/practice';
import { useSay } from '@/ui/kit/Said';
import { useDesk } from '@/ui/kit/useDesk';
import { useStable } from '@/ui/kit/useStable';
import { useUndoKeys } from '@/ui/kit/useUndoKeys';
import { toldText } from '@/ui/words/told';
import { askedFor, type Ground } from './ground';
import { nameFor } from './names';
import { readVersion } from './readVersion';
import type { Left } from './unsaved';
import { useComposer, type Composer } from './useComposer';
import { useLeft } from './useLeft';
import { useSaving, type Stored } from './useSaving';

const desk = composing(nameFor);

type Draft = Extract<ComposingEffect, { kind: 'draft' }>;

/** Asks the composer; what it answers and that it failed are events alike. */
async function draft(
  { question, wishes, seed, round }: Draft,
  ground: Ground,
  composer: Composer,
  happens: (event: ComposingEvent) => void,
): Promise<void> {
  try {
    const { brief } = fillBrief(wishes, ground.reading, ground.customs, ground.groups);
    const result = await composer.draft(askedFor(ground, brief, seed, round), (better) =>
      happens({ kind: 'drafted', question, draft: better }),
    );
    if (result) happens({ kind: 'answered', question, result });
  } catch {
    happens({ kind: 'composer-failed', question });
  }
}

/** What the room brings to what the desk asks for. */
interface Means {
  readonly id: string | undefined;
  readonly ground: Ground;
  readonly composer: Composer;
  readonly write: (practice: Practice) => void;
  readonly say: (text: string) => void;
}

/** Does what the composing desk asks for. */
function perform(
  effect: ComposingEffect,
  happens: (event: ComposingEvent) => void,
  { id, ground, composer, write, say }: Means,
): void {
  switch (effect.kind) {
    case 'draft':
      return void draft(effect, ground, composer, happens);
    case 'save':
      return write(effect.practice);
    case 'read-version':
      return void readVersion(id ?? '', effect.version).then((practice) =>
        happens({ kind: 'version-read', version: effect.version, practice }),
      );
    case 'address':
      return window.history.replaceState(null, '', `/compose?${writeBriefQuery(effect.wishes)}`);
    case 'tell':
      return say(toldText(effect.told));
    default:
      return effect satisfies never;
  }
}

/** The practice being written: its desk, its saving, and what the browser kept of it. */
export function useComposing(stored: Stored | undefined, wishes: BriefWishes, ground: Ground) {
  const say = useSay();
  const composer = useComposer();
  const keeping = useSaving(stored);
  const { write, bringBack } = keeping;
  const run = (effect: ComposingEffect, happens: (event: ComposingEvent) => void): void =>
    perform(effect, happens, { id: stored?.id, ground, composer, write, say });
  const { state, now, happens } = useDesk(desk, () => startComposing(stored, wishes, ground.firstSeed), run);

  useEffect(() => {
    if (!stored) happens({ kind: 'begun' });
  }, [happens, stored]);

  // Said wherever one is on the page: the line that says what can be done stands at its top.
  const { code } = keeping.line;
  useEffect(() => {
    if (code === 'changed-elsewhere')
      say(
        'Changed in another window; nothing was overwritten. What can be done stands at the top of the page.',
      );
  }, [code, say]);

  const bring = useCallback(
    (left: Left): void => {
      bringBack(left);
      happens({ kind: 'brought-back', practice: left.practice });
    },
    [bringBack, happens],
  );
  const isUnwritten = useCallback(
    () => stored === undefined || now().steps.present.practice === stored.practice,
    [now, stored],
  );
  const left = useLeft(stored?.id, isUnwritten, bring);

  const step = useCallback((way: 'undo' | 'redo') => happens({ kind: 'stepped', way }), [happens]);
  useUndoKeys(step);
  const wish = useStable((more: BriefWishes): void =>
    happens({ kind: 'wished', more, isPlaced: keeping.savedId !== undefined }),
  );
  const edit = useCallback(
    (made: Edit, text: string) => happens({ kind: 'edited', edit: made, text }),
    [happens],
  );
  const take = useCallback(
    (practice: Practice, text: string) => happens({ kind: 'taken', practice, text }),
    [happens],
  );
  const unlockAll = useStable((): void => {
    const itemIds = now().steps.present.practice?.items.map((item) => item.id) ?? [];
    edit({ kind: 'keep', itemIds, kept: false }, 'All unlocked');
    wish({});
  });
  const openLeft = useStable((one: Left): void => {
    left.without(one);
    if (!stored) return bring(one);
    // On top of what is here: undo and the versions have both.
    happens({ kind: 'restored', practice: one.practice });
    // Where this browser keeps nothing just now, it stays where it was.
    if (keeping.isKept()) left.drop(one);
  });
  const actions = useMemo(
    () => ({ step, wish, edit, take, unlockAll, openLeft }),
    [edit, openLeft, step, take, unlockAll, wish],
  );
  return { state, now, happens, composer, keeping, left, canUndo: canUndo(state), ...actions };
}

export type AtComposing = ReturnType<typeof useComposing>;
