import { edit, type Edit, type Item, type Practice } from '../practice';

/** Changes by hand to an item itself: who makes them wants to find them again after the next draft. */
const OF_ITEMS: ReadonlySet<Edit['kind']> = new Set([
  'repetitions',
  'breath-length',
  'variant',
  'first-side',
  'quiet',
  'stays',
  'talk',
  'first-factor',
  'side-order',
  'other-repetitions',
  'for-seconds',
  'passage',
  'breathing',
  'sound',
  'layers',
  'image',
  'cue',
]);

const isByHand = (item: Item): boolean =>
  item.reasons.some(({ code }) => code === 'chosen-by-hand' || code === 'swapped-by-hand');

function kept(practice: Practice, ids: readonly string[]): Practice {
  return ids.length === 0 ? practice : edit(practice, { kind: 'keep', itemIds: ids, kept: true });
}

/** An edit by hand as one step, with what it touched kept through later drafts until it is let go. */
export function editByHand(practice: Practice, change: Edit): Practice {
  if (change.kind === 'together') return change.edits.reduce(editByHand, practice);
  const next = edit(practice, change);
  if (next === practice) return practice;
  const before = new Set(practice.items.map((item) => item.id));
  const fresh = next.items.filter((item) => !before.has(item.id) && !item.hinge).map((item) => item.id);
  const touched = OF_ITEMS.has(change.kind)
    ? 'itemId' in change
      ? [change.itemId]
      : 'itemIds' in change && change.itemIds.length === 1
        ? change.itemIds
        : []
    : [];
  return kept(next, [...fresh, ...touched]);
}

/** A practice put in by hand (another form here, a pasted order): what was chosen by hand is kept. */
export const keepChosen = (practice: Practice): Practice =>
  kept(
    practice,
    practice.items.filter((item) => isByHand(item) && !item.hinge && !item.kept).map((item) => item.id),
  );
