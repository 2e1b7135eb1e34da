import { goalsAt, solveGoals, type Movement } from '../body';
import type { Timeline } from './compile';

/** The body at one moment of a practice, for the lanes of the score. */
export interface LanePoint {
  readonly atMs: number;
  /** Share of the weight on the left foot, 0–1. */
  readonly left: number;
  /** A foot in the air. */
  readonly lifted: 'left' | 'right' | undefined;
  /** Height of the hips against standing straight, 0–1. */
  readonly height: number;
  /** Heights of the hands, 0 the floor, 1 the crown; above 1 overhead. */
  readonly leftHand: number;
  readonly rightHand: number;
}

const STRAIGHT_HIPS_M = 0.53 * 1.7;

function pointAt(movement: Movement, share: number, atMs: number): LanePoint {
  const { goals, trunk, arms, build } = solveGoals(goalsAt(movement, share));
  const lifted = goals.left.air > 0.5 ? 'left' : goals.right.air > 0.5 ? 'right' : undefined;
  return {
    atMs,
    left: goals.weight,
    lifted,
    height: Math.min(1, trunk.midHip[1] / STRAIGHT_HIPS_M),
    leftHand: arms.left.palm[1] / build.statureM,
    rightHand: arms.right.palm[1] / build.statureM,
  };
}

/**
 * Feet, height and arms all through a practice, from the solved movement: a point at the posture each
 * stroke goes through, and half way to it, but not closer than `stepMs`.
 */
export function bodyLanes(
  timeline: Timeline,
  movements: readonly Movement[],
  stepMs = 700,
): readonly LanePoint[] {
  const points: LanePoint[] = [];
  for (const event of timeline.events) {
    const movement = movements[event.index];
    if (!movement) continue;
    const wanted = (movement.keys.length - 1) * 2;
    const count = Math.max(1, Math.min(wanted, Math.floor(event.lengthMs / stepMs)));
    for (let index = 1; index <= count; index += 1)
      points.push(
        pointAt(movement, index / count, Math.round(event.startMs + (event.lengthMs * index) / count)),
      );
  }
  return points;
}
