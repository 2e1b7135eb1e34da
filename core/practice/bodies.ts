import { goalsAt, goalsOf, movementThrough, type Goals, type Movement } from '../body';
import { posturesForSide, restIn, stanceOf, strokeMovement } from '../forms';
import type { Timeline, TimelineEvent } from './compile';
import { formOf } from './formOf';
import { type Practice } from './model';

/** Coming to rest takes this long, whatever the talk around it takes. */
const REST_MS = 3000;

/** Moves to rest in the first seconds of an event and stays. */
function toRest(last: Goals, event: TimelineEvent, practice: Practice, end: boolean): Movement {
  const item = practice.items[event.itemIndex];
  if (!item) return { keys: [last], at: [0] };
  const stance = stanceOf(formOf(practice, item), item.variant);
  const rest = movementThrough([restIn(end ? stance.end : stance.start)], last).keys[0] ?? last;
  return { keys: [last, rest, rest], at: [0, Math.min(1, REST_MS / Math.max(event.lengthMs, 1)), 1] };
}

/**
 * The movement of every event of a timeline, each beginning where the one before ended. A stroke of a
 * form that has no postures (from an older file) stays where it is.
 */
export function bodiesOf(practice: Practice, timeline: Timeline): readonly Movement[] {
  const firstItem = practice.items[0];
  const start = firstItem ? stanceOf(formOf(practice, firstItem), firstItem.variant).start : 'shoulder width';
  let last = goalsOf(restIn(start));
  return timeline.events.map((event) => {
    const item = practice.items[event.itemIndex];
    const movement = ((): Movement => {
      if (!event.stroke || !item) return toRest(last, event, practice, event.kind === 'settle');
      const postures = posturesForSide(formOf(practice, item), item.variant, event.stroke, event.second);
      return postures.length === 0
        ? { keys: [last], at: [0] }
        : strokeMovement(last, postures, event.stroke.rounds ?? 1);
    })();
    last = movement.keys.at(-1) ?? last;
    return movement;
  });
}

/** The goals of the body at a moment of the timeline. */
export function bodyAt(
  movements: readonly Movement[],
  event: TimelineEvent,
  atMs: number,
): Goals | undefined {
  const movement = movements[event.index];
  if (!movement) return undefined;
  return goalsAt(movement, event.lengthMs === 0 ? 1 : (atMs - event.startMs) / event.lengthMs);
}
