import type { Timeline } from '../practice';

/**
 * Where in another plan a class is: at the same share of the same stroke; at the end of the form it is in where that stroke
 * is not in it, ms.
 */
export function placeIn(from: Timeline, positionMs: number, to: Timeline): number {
  const current = from.events.findLast((event) => event.startMs <= positionMs);
  if (!current) return Math.min(positionMs, to.totalMs);
  const same = to.events.find(
    (event) =>
      event.itemId === current.itemId &&
      event.kind === current.kind &&
      event.part === current.part &&
      event.strokeIndex === current.strokeIndex &&
      event.pass === current.pass &&
      event.repetition === current.repetition &&
      event.isStay === current.isStay &&
      event.cue === current.cue,
  );
  if (same) {
    const share = current.lengthMs === 0 ? 0 : (positionMs - current.startMs) / current.lengthMs;
    return same.startMs + same.lengthMs * Math.min(1, share);
  }
  const span = to.items.find(({ itemId }) => itemId === current.itemId);
  return span ? span.startMs + span.lengthMs : Math.min(positionMs, to.totalMs);
}
