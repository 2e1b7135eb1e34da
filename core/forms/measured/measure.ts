import {
  goalsOf,
  mirror,
  movementAsks,
  movementThrough,
  stepsIn,
  type Goals,
  type Movement,
  type MovementAsks,
  type Posture,
  type Stretch,
} from '../../body';
import { atPace, layOut } from '../../time/layout';
import { restOf, strokePostures } from '../writing/embody';
import { cycleOf } from '../model/variants';
import { type Asks, type Form, type Stroke } from '../model/model';
import { type VariantId } from '../model/terms';

/** The pace at which forms are measured: the ordinary teaching pace (common practice). */
const USUAL_PACE = { breathsPerMin: 6, outToIn: 1.2 } as const;

/** A stroke with the movement it makes. */
export interface MovingStroke {
  readonly stroke: Stroke;
  readonly part: 'entry' | 'cycle' | 'exit';
  readonly side: 'left' | 'right' | undefined;
  /** Which repetition of its side, from 1; 0 on the way in and out. */
  readonly repetition: number;
  readonly seconds: number;
  readonly movement: Movement;
  readonly rounds: number;
}

/** Postures gone through from where the last stroke ended; pulses repeat on the way. */
export function strokeMovement(start: Goals, postures: readonly Posture[], rounds: number): Movement {
  const path = Array.from({ length: rounds }, () => postures).flat();
  const through = movementThrough(path, start);
  const keys = [start, ...through.keys];
  return { keys, at: keys.map((_, index) => (keys.length === 1 ? 0 : index / (keys.length - 1))) };
}

/**
 * The postures of a stroke for one side: mirrored on the second, or, where a circle has two named ways, the same round
 * gone backwards from where it ends, parted among the strokes as before.
 */
export function posturesForSide(
  form: Form,
  variant: VariantId,
  stroke: Stroke,
  second: boolean,
): readonly Posture[] {
  const postures = strokePostures(stroke, variant);
  if (!second) return postures;
  if (form.ways === undefined) return postures.map(mirror);
  const cycle = cycleOf(form, variant);
  const index = cycle.indexOf(stroke);
  if (index < 0) return [...postures].reverse();
  const round = cycle.flatMap((one) => strokePostures(one, variant));
  const backwards = [...round.slice(0, -1).reverse(), ...round.slice(-1)];
  const before = cycle.slice(0, index).reduce((sum, one) => sum + strokePostures(one, variant).length, 0);
  return backwards.slice(before, before + postures.length);
}

/** Entry, repetitions (one on each side unless more are asked) and exit of a form as they move at the usual pace. */
export function movingForm(form: Form, variant: VariantId, repetitions = 1): readonly MovingStroke[] {
  const moving: MovingStroke[] = [];
  let last = goalsOf(restOf(form, variant));
  for (const { stroke, part, isSecond, sec, repetition } of layOut(
    form,
    variant,
    repetitions,
    atPace(USUAL_PACE),
  )) {
    const postures = posturesForSide(form, variant, stroke, isSecond);
    if (postures.length === 0) continue;
    const rounds = stroke.rounds ?? 1;
    const movement = strokeMovement(last, postures, rounds);
    const side = part !== 'cycle' || form.sides === 'symmetric' ? undefined : isSecond ? 'right' : 'left';
    moving.push({ stroke, part, side, repetition, seconds: sec, movement, rounds });
    last = movement.keys.at(-1) ?? last;
  }
  return moving;
}

/** One round of a stroke as a stretch: a pulse goes through the same postures again and again. */
function oneRound({ movement, seconds, rounds }: MovingStroke): Stretch {
  const keys = movement.keys.slice(0, 1 + (movement.keys.length - 1) / rounds);
  const at = keys.map((_, index) => index / Math.max(1, keys.length - 1));
  return { movement: { keys, at }, seconds, rounds };
}

/**
 * What the moving body of a form asks, measured on its solved postures at the usual pace. A step, and how
 * the weight stands, count where a repetition makes them; coming to the stance and leaving it is no part of
 * the form's footwork.
 */
export function measureForm(form: Form, variant: VariantId): MovementAsks {
  const moving = movingForm(form, variant);
  const whole = movementAsks(moving.map(oneRound), 0.8);
  const cycle = moving.filter((stroke) => stroke.part === 'cycle').map(oneRound);
  const { heaviestShare, marginCm, heelUpCm } = movementAsks(cycle, 0.8);
  return {
    ...whole,
    heaviestShare,
    marginCm,
    heelUpCm,
    steps: cycle.some(({ movement }) => stepsIn(movement)),
  };
}

/** The asks a body can be measured for; the rest (breath, percussion, imagery, vigour …) is written. */
export const MEASURED_ASKS = [
  'kneeBend',
  'oneLegSec',
  'armsAboveShoulders',
  'fold',
  'headBelowHeart',
  'backBend',
  'twist',
  'sideBend',
  'neck',
  'legsCross',
  'stepping',
  'rounding',
  'heelsUp',
  'unsteady',
  'foldWithTurn',
  'armsUpSec',
] as const satisfies readonly (keyof Asks)[];
export type MeasuredAsks = Pick<Asks, (typeof MEASURED_ASKS)[number]>;

/** Names for angles and shares; the bounds are common practice. Seven tenths of a range is a full one. */
export function namedAsks(asked: MovementAsks): MeasuredAsks {
  const knee = asked.kneeBendDeg;
  // No edge of the feet to fall over: a chair carries.
  const seated = asked.marginCm === Infinity;
  const ofRange = (share: number): 'none' | 'slight' | 'full' =>
    share >= 0.7 ? 'full' : share >= 0.25 ? 'slight' : 'none';
  return {
    kneeBend: knee >= 62 ? 'deep' : knee >= 42 ? 'moderate' : knee >= 18 ? 'slight' : 'none',
    oneLegSec: Math.round(asked.oneLegSec),
    armsAboveShoulders: asked.handsAboveSec > 2,
    fold: asked.foldDeg >= 85 ? 'deep' : asked.foldDeg >= 30 ? 'half' : 'none',
    headBelowHeart: asked.headBelowHeart,
    backBend: asked.archDeg >= 18 ? 'full' : asked.archDeg >= 10 ? 'slight' : 'none',
    twist: ofRange(asked.turnShare),
    sideBend: ofRange(asked.sideShare),
    neck:
      asked.neckBackDeg >= 14
        ? 'tip-back'
        : asked.neckTurnDeg >= 30
          ? 'turn'
          : asked.neckSideDeg >= 20
            ? 'tilt'
            : 'none',
    legsCross: asked.anklesCross,
    stepping: asked.steps,
    rounding: asked.roundShare >= 0.6 ? 'full' : asked.roundShare >= 0.2 ? 'slight' : 'none',
    heelsUp: seated || asked.heelUpCm < 1.5 ? 'none' : asked.heelUpCm < 4 ? 'low' : 'high',
    unsteady: asked.heaviestShare >= 0.85 || asked.marginCm < 2.5,
    foldWithTurn: asked.turnInFoldShare >= 0.2,
    armsUpSec: Math.round(asked.handsAboveSec),
  };
}
