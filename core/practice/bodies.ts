import { goalsAt, goalsOf, movementThrough, type Goals, type Movement, type Posture } from '../body';
import { posturesForSide, restIn, restOf, strokeMovement, withSeal } from '../forms';
import type { Timeline, TimelineEvent } from './compile';
import { formOf } from './formOf';
import { sealOf } from './layers';
import { type Item, type Practice } from './model';

/** Coming to rest takes this long, whatever the talk around it takes. */
const REST_MS = 3000;

/** Moves to rest in the first seconds of an event and stays. */
function toRest(last: Goals, event: TimelineEvent, practice: Practice, end: boolean): Movement {
  const item = practice.items[event.itemIndex];
  if (!item) return { keys: [last], at: [0] };
  const at = restOf(formOf(practice, item), item.variant, end ? 'end' : 'start');
  const rest = movementThrough([at], last).keys[0] ?? last;
  return { keys: [last, rest, rest], at: [0, Math.min(1, REST_MS / Math.max(event.lengthMs, 1)), 1] };
}

/** The postures of a stroke as an item has them done. */
function posturesOf(practice: Practice, item: Item, { stroke, second }: TimelineEvent): readonly Posture[] {
  if (!stroke) return [];
  const form = formOf(practice, item);
  const postures = posturesForSide(form, item.variant, stroke, second);
  const laid = sealOf(item, form);
  return laid ? postures.map((posture) => withSeal(posture, laid)) : postures;
}

/**
 * The movement of every event of a timeline, each beginning where the one before ended. A stroke of a
 * form that has no postures (from an older file) stays where it is.
 */
export function bodiesOf(practice: Practice, timeline: Timeline): readonly Movement[] {
  const firstItem = practice.items[0];
  let last = goalsOf(
    firstItem ? restOf(formOf(practice, firstItem), firstItem.variant) : restIn('shoulder width'),
  );
  return timeline.events.map((event) => {
    const item = practice.items[event.itemIndex];
    const movement = ((): Movement => {
      if (!event.stroke || !item) return toRest(last, event, practice, event.kind === 'settle');
      const postures = posturesOf(practice, item, event);
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
