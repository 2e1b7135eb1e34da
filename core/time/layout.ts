import { otherSide, type Side } from '../body/sides';
import { breathSec, splitBreath, type Pace } from '../breath';
import type { Form, Stroke } from '../forms/model/model';
import type { VariantId } from '../forms/model/terms';
import { cycleOf, entryOf, exitOf } from '../forms/model/variants';

/**
 * The one clock: a form laid out stroke by stroke, with the seconds each takes. Everything that tells a time, a part or
 * a stroke's number reads it. Source of the time model: common practice.
 */
export type FormPart = 'entry' | 'cycle' | 'exit';

/** One stroke as it is done: which it is, in which pass and repetition, and for how long. */
export interface LaidStroke {
  readonly part: FormPart;
  /** Its number in its part, from 0; cues of an item are kept under it. */
  readonly index: number;
  /** The practitioner's own side, where the stroke has one. */
  readonly side: Side | undefined;
  /** The way of a circle, where there is one. */
  readonly way: string | undefined;
  /** Done on the second side, or the second way: its postures, written for the first, are turned round. */
  readonly isSecond: boolean;
  /** The first side or way that is gone through, or the second; 0 where there is but one. */
  readonly pass: number;
  /** From 1, on this side; 0 outside the repetitions. */
  readonly repetition: number;
  readonly stroke: Stroke;
  readonly sec: number;
}

/** How a form is done. */
export interface Doing {
  readonly pace: Pace;
  /** Breath length against the pace, 1 = as the pace says. */
  readonly stretch: number;
  readonly firstSide: Side;
  /** How long the first repetition takes against a later one. */
  readonly firstFactor: number;
  readonly omitHolds: boolean;
}

/** At a pace, as it is written: no repetition longer than another, the left side first. */
export const atPace = (pace: Pace): Doing => ({
  pace,
  stretch: 1,
  firstSide: 'left',
  firstFactor: 1,
  omitHolds: false,
});

/** A stroke that leaves the breath alone and says nothing of its time, seconds. */
const UNTIMED_SEC = 4;

/** Sides and ways a form goes through: in each the cycle runs once, or as often as it is repeated. */
interface Pass {
  readonly side: Side | undefined;
  readonly way: string | undefined;
  readonly isSecond: boolean;
}

const STILL: Pass = { side: undefined, way: undefined, isSecond: false };

function passesOf(form: Form, firstSide: Side): readonly Pass[] {
  const sides = [firstSide, otherSide(firstSide)] as const;
  switch (form.sides) {
    case 'symmetric':
      return [STILL];
    case 'alternating':
    case 'one-then-other':
      return sides.map((side) => ({ side, way: undefined, isSecond: side === 'right' }));
    case 'both-ways':
      return (form.ways ?? sides).map((way, index) => ({
        side: undefined,
        way,
        isSecond: form.ways ? index === 1 : way === 'right',
      }));
    default:
      return form.sides satisfies never;
  }
}

/** Seconds of the strokes of a form: breaths by its kind and the pace, others by a time of their own. */
export function strokeClock(form: Form, { pace, stretch }: Pick<Doing, 'pace' | 'stretch'>) {
  const { inSec, outSec } = splitBreath(breathSec(form.pace, pace) * stretch, pace.outToIn);
  return ({ breath, seconds }: Stroke): number => {
    if (breath === 'in') return inSec;
    if (breath === 'out') return outSec;
    return (seconds ?? UNTIMED_SEC) * stretch;
  };
}

/** The strokes that come once, before the first repetition or after the last. */
export function asideOf(
  form: Form,
  variant: VariantId,
  part: 'entry' | 'exit',
  doing: Pick<Doing, 'pace' | 'stretch'>,
): readonly LaidStroke[] {
  const secOf = strokeClock(form, doing);
  const strokes = part === 'entry' ? entryOf(form, variant) : exitOf(form, variant);
  return strokes.map((stroke, index) => ({
    part,
    index,
    ...STILL,
    pass: 0,
    repetition: 0,
    stroke,
    sec: secOf(stroke),
  }));
}

/**
 * The repetitions of a form by its sides: in turn, or all on one side and then all on the other. The first takes
 * `firstFactor` as long: of every side where they take turns, else of the first side alone.
 */
export function repetitionsOf(
  form: Form,
  variant: VariantId,
  repetitions: number,
  doing: Doing,
): readonly LaidStroke[] {
  const secOf = strokeClock(form, doing);
  const cycle = cycleOf(form, variant)
    .map((stroke, index) => ({ stroke, index }))
    .filter(({ stroke }) => !(doing.omitHolds && stroke.breath === 'hold'));
  const passes = passesOf(form, doing.firstSide);
  const laid: LaidStroke[] = [];
  const once = (pass: number, repetition: number): void => {
    const first = repetition === 1 && (pass === 0 || form.sides === 'alternating');
    const factor = first ? doing.firstFactor : 1;
    const { side, way, isSecond } = passes[pass] ?? STILL;
    for (const { stroke, index } of cycle)
      laid.push({
        part: 'cycle',
        index,
        side,
        way,
        isSecond,
        pass,
        repetition,
        stroke,
        sec: secOf(stroke) * factor,
      });
  };
  if (form.sides === 'alternating')
    for (let repetition = 1; repetition <= repetitions; repetition += 1)
      passes.forEach((_, pass) => once(pass, repetition));
  else
    passes.forEach((_, pass) => {
      for (let repetition = 1; repetition <= repetitions; repetition += 1) once(pass, repetition);
    });
  return laid;
}

/** Entry, repetitions and exit of a form in order. */
export const layOut = (
  form: Form,
  variant: VariantId,
  repetitions: number,
  doing: Doing,
): readonly LaidStroke[] => [
  ...asideOf(form, variant, 'entry', doing),
  ...repetitionsOf(form, variant, repetitions, doing),
  ...asideOf(form, variant, 'exit', doing),
];

export const secondsOf = (laid: readonly LaidStroke[]): number => laid.reduce((sum, { sec }) => sum + sec, 0);
