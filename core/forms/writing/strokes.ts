import type { Posture } from '../../body';
import type { Stroke } from '../model/model';

/**
 * A stroke of a form is one row: its breath, what is said, and what the body does meanwhile, as in
 * `exhale('Palms press down.', through(before, below))`. Bodies are written for the left side; the right is its mirror.
 */

/** The postures one stroke goes through, ending in the last; `rounds` times over where it pulses. */
export interface Movement {
  readonly postures: readonly Posture[];
  readonly rounds?: number;
}

/** Straight to a posture. */
export const to = (posture: Posture): Movement => ({ postures: [posture] });
/** Through postures in equal shares of the stroke, ending in the last. */
export const through = (...postures: readonly Posture[]): Movement => ({ postures });
/** Through postures over and over (shaking, rubbing, tapping). */
export const pulse = (rounds: number, ...postures: readonly Posture[]): Movement => ({ postures, rounds });

/** The body of a stroke; without one it is that of the same stroke of the full form, made smaller or seated. */
const moved = (body: Movement | undefined): Partial<Stroke> =>
  body === undefined
    ? {}
    : { postures: [...body.postures], ...(body.rounds === undefined ? {} : { rounds: body.rounds }) };

export const inhale = (cue: string, body?: Movement): Stroke => ({ breath: 'in', cue, ...moved(body) });
export const exhale = (cue: string, body?: Movement): Stroke => ({ breath: 'out', cue, ...moved(body) });
/** The breath waits, for so many seconds. */
export const hold = (seconds: number, cue: string, body?: Movement): Stroke => ({
  breath: 'hold',
  cue,
  seconds,
  ...moved(body),
});
/** The breath comes as it will, for so many seconds. */
export const freely = (seconds: number, cue: string, body?: Movement): Stroke => ({
  breath: 'free',
  cue,
  seconds,
  ...moved(body),
});
