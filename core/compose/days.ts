const DAY_MS = 86_400_000;

/**
 * The seed of the first draft of a day, 2 or more: the same from midnight to midnight where one is, another on the next
 * day. The anchors of a practice stay whatever the seed; of its heart a third to a half changes.
 */
export const seedOfDay = (date: Date): number =>
  2 + Math.floor(Date.UTC(date.getFullYear(), date.getMonth(), date.getDate()) / DAY_MS);
