'use client';

import { useMemo, useState } from 'react';
import { clipOf, formOf, type Edit, type Practice } from '@/core/practice';
import { plural } from '@/ui/kit/time';
import { useStable } from '@/ui/kit/useStable';
import { keepClip, keptClip } from './clip';

export interface Selection {
  /** The item the margin speaks of. */
  readonly current: string | undefined;
  readonly ids: ReadonlySet<string>;
  /** One item, or (with `how`) one more, or all up to it. */
  select(itemId: string, how?: 'toggle' | 'extend'): void;
  clear(): void;
  lift(how: 'copy' | 'cut'): void;
  paste(): void;
  remove(): void;
  lock(): void;
  repeat(): void;
  /** All of it once more, in the order turned round, the other side first. */
  turned(): void;
  bookend(): void;
}

interface Chosen {
  readonly practice: Practice | undefined;
  readonly current: string | undefined;
  readonly chosen: ReadonlySet<string>;
  readonly onEdit: (edit: Edit, said: string) => void;
  readonly say: (text: string) => void;
}

/** What can be done with all that is chosen at once. */
function acts({ practice, current, chosen, onEdit, say }: Chosen): Omit<Selection, 'select' | 'clear'> {
  const items = practice?.items ?? [];
  const here = items.find((item) => item.id === current) ?? items[0];
  const present = [...chosen].filter((id) => items.some((item) => item.id === id));
  const ids = present.length > 0 ? present : here ? [here.id] : [];
  const called =
    ids.length === 1 && here && practice ? formOf(practice, here).name : plural(ids.length, 'form');
  const last = items.findLastIndex((item) => ids.includes(item.id));
  return {
    current: here?.id,
    ids: present.length === chosen.size ? chosen : new Set(present),
    lift: (how) => {
      if (!practice || ids.length === 0) return;
      keepClip(clipOf(practice, ids));
      if (how === 'cut') onEdit({ kind: 'remove-many', itemIds: ids }, `${called} cut`);
      else say(`${called} copied; paste it here or in another practice.`);
    },
    paste: () => {
      void keptClip().then((clip) => {
        if (!practice || !clip) say('Nothing has been copied yet.');
        else onEdit({ kind: 'insert', at: last + 1, clip }, `${plural(clip.items.length, 'form')} pasted`);
      });
    },
    remove: () => ids.length > 0 && onEdit({ kind: 'remove-many', itemIds: ids }, `${called} removed`),
    lock: () => {
      const kept = !items.filter((item) => ids.includes(item.id)).every((item) => item.kept);
      onEdit(
        { kind: 'keep', itemIds: ids, kept },
        kept ? `${called} locked: stays through redrafts` : `${called} unlocked`,
      );
    },
    repeat: () =>
      practice &&
      ids.length > 0 &&
      onEdit({ kind: 'insert', at: last + 1, clip: clipOf(practice, ids) }, `${called} repeated`),
    turned: () =>
      ids.length > 0 &&
      onEdit({ kind: 'another-round', itemIds: ids, order: 'reversed' }, `${called} once more, turned round`),
    bookend: () =>
      ids.length > 1 && onEdit({ kind: 'bookend', itemIds: ids }, 'The first comes back at the end'),
  };
}

/** Which items are chosen, and what can be done with all of them at once. */
export function useSelection(
  practice: Practice | undefined,
  first: string | undefined,
  onEdit: (edit: Edit, said: string) => void,
  say: (text: string) => void,
): Selection {
  const [current, setCurrent] = useState(first);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  // The same for as long as the room is there: an edit must not draw the score anew for what a press on it would do.
  const select = useStable((itemId: string, how?: 'toggle' | 'extend'): void => {
    const order = practice?.items.map((item) => item.id) ?? [];
    setChosen((before) => {
      if (how === 'toggle') {
        const next = new Set(before.size > 0 ? before : current ? [current] : []);
        if (!next.delete(itemId)) next.add(itemId);
        return next;
      }
      if (how !== 'extend') return new Set();
      const [from, to] = [order.indexOf(current ?? itemId), order.indexOf(itemId)].toSorted((a, b) => a - b);
      return new Set([...before, ...order.slice(from, (to ?? 0) + 1)]);
    });
    setCurrent(itemId);
  });
  return useMemo(
    (): Selection => ({
      ...acts({ practice, current, chosen, onEdit, say }),
      select,
      clear: () => setChosen(new Set()),
    }),
    [chosen, current, onEdit, practice, say, select],
  );
}
