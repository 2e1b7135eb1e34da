import type { Goals, Movement } from '@/core/body';
import type { Timeline, TimelineEvent } from '@/core/practice';

/** What of a stroke is behind when the next begins to be shown: till then it is where this one goes. */
const NEXT_FROM = 0.6;
/** Turning takes about three times so long, ms. */
const TURN_MS = 450;

/** A posture that comes, and the way of the hands to it where it is on its way. */
export interface Ahead {
  readonly index: number;
  readonly goals: Goals;
  readonly way: Movement | undefined;
}

/**
 * What is shown before it comes: where the stroke that is being done goes, with its way; once most of it is done, and in
 * all that is no stroke, where the next stroke goes. Nothing at the end.
 */
export function aheadOf(
  timeline: Timeline,
  movements: readonly Movement[],
  event: TimelineEvent,
  share: number,
): Ahead | undefined {
  const isStroke = ({ kind, breath, isStay }: TimelineEvent): boolean =>
    kind === 'stroke' && breath !== 'hold' && !isStay;
  const isHere = isStroke(event) && share < NEXT_FROM;
  const shown = isHere ? event : timeline.events.find((one) => one.index > event.index && isStroke(one));
  const movement = shown && movements[shown.index];
  const goals = movement?.keys.at(-1);
  return shown && goals ? { index: shown.index, goals, way: isHere ? movement : undefined } : undefined;
}

/** How much of the way to where something goes is gone after so long: quick at first, then softly. */
export const eased = (passedMs: number): number => 1 - Math.exp(-Math.max(0, passedMs) / TURN_MS);

/** A view on its way to another, by the shorter way round, after `passedMs`: quick at first, then softly. */
export function turnedTowards(fromDeg: number, toDeg: number, passedMs: number): number {
  const left = ((((toDeg - fromDeg + 180) % 360) + 360) % 360) - 180;
  return fromDeg + left * eased(passedMs);
}
