import { otherSide, type Side } from '../body/sides';
import { breathOf, NEAR_PACE, type BreathStroke, type Pace } from '../breath';
import type { Form, Stroke } from '../forms/model/model';
import type { VariantId } from '../forms/model/terms';
import { cycleOf, entryOf, exitOf } from '../forms/model/variants';
import { isLaidOn, type BreathPattern, type LayerSpan } from '../patterns/model';

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
  /** What the breath does: as the stroke says, or left to itself where a first repetition is shown slowly. */
  readonly breath: BreathStroke;
  readonly sec: number;
  /** A stay in the posture the stroke ended in, put in by hand or by the pattern of the breath. */
  readonly isStay: boolean;
  /** The pattern laid on it. */
  readonly pattern: BreathPattern | undefined;
}

/** A posture of the repetition stayed in, on each side: so many seconds, or so many breaths. */
export interface Stay {
  /** The stroke that ends in it, its number in the repetition from 0; the last where nothing is said. */
  readonly stroke?: number | undefined;
  readonly sec?: number | undefined;
  readonly breaths?: number | undefined;
  /** In every repetition, or in the last of each side. */
  readonly on: 'each' | 'last';
}

/** Whether two sides take turns, or one is finished before the other. */
export type SideOrder = 'in-turn' | 'one-then-other';

/** How a form is done. */
export interface Doing {
  readonly pace: Pace;
  /** Breath length against the pace, 1 = as the pace says. */
  readonly stretch: number;
  readonly firstSide: Side;
  /** How long the first repetition takes against a later one. */
  readonly firstFactor: number;
  readonly omitHolds: boolean;
  /** The order of the sides, or ways; as the form has it where nothing is said. */
  readonly sideOrder?: SideOrder | undefined;
  /** Repetitions on the second side, where they differ. */
  readonly otherRepetitions?: number | undefined;
  /** Seconds a form without a breath of its own goes on in all, whatever its count. */
  readonly forSec?: number | undefined;
  readonly stays?: readonly Stay[] | undefined;
  /** A pattern laid on the breath of the repetitions, or of some of them. It must fit the form: see `patternRefusal`. */
  readonly breathing?: { readonly pattern: BreathPattern; readonly on?: LayerSpan | undefined } | undefined;
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
export function strokeClock(
  form: Form,
  { pace, stretch }: Pick<Doing, 'pace' | 'stretch'>,
  pattern?: BreathPattern,
) {
  const outToIn = pattern?.outToIn ?? pace.outToIn;
  const { inSec, outSec } = breathOf(form.pace, { ...pace, outToIn }, stretch * (pattern?.slower ?? 1));
  return ({ breath, seconds }: Stroke): number => {
    if (breath === 'in') return inSec;
    if (breath === 'out') return outSec;
    return (seconds ?? UNTIMED_SEC) * stretch;
  };
}

/** Whether nothing in a repetition follows the breath: it goes by seconds, and can be done for so many of them. */
export const goesFree = (form: Form, variant: VariantId): boolean =>
  cycleOf(form, variant).every(({ breath }) => breath === 'free');

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
    breath: stroke.breath,
    sec: secOf(stroke),
    isStay: false,
    pattern: undefined,
  }));
}

/** A breath slower than this against its pace is no longer led: what is shown so slowly is shown on a natural breath. */
const LED_AT_MOST = NEAR_PACE.flowing[1];

/** How often each side or way is gone through. */
function countsOf(repetitions: number, { otherRepetitions }: Doing): readonly [number, number] {
  return [repetitions, otherRepetitions ?? repetitions];
}

/** Whether each repetition goes to both sides (or ways), or one is finished before the other. */
const takesTurns = (form: Form, { sideOrder }: Doing): boolean =>
  (sideOrder ?? (form.sides === 'alternating' ? 'in-turn' : 'one-then-other')) === 'in-turn';

/** The order in which sides and repetitions come, each `[pass, repetition]`. */
function roundsOf(
  form: Form,
  passes: number,
  repetitions: number,
  doing: Doing,
): readonly (readonly [number, number])[] {
  const counts = countsOf(repetitions, doing).slice(0, passes);
  const rounds = counts.flatMap((count, pass) =>
    Array.from({ length: count }, (_, index) => [pass, index + 1] as const),
  );
  return takesTurns(form, doing) ? rounds.toSorted((a, b) => a[1] - b[1] || a[0] - b[0]) : rounds;
}

/** A stroke in which the body stays where another one ended. */
const heldStroke = ({ postures }: Stroke, breath: BreathStroke, cue: string, seconds: number): Stroke => ({
  breath,
  cue,
  seconds,
  ...(postures ? { postures: postures.slice(-1) } : {}),
});

/** The strokes of a stay: so many seconds with the breath left alone, or so many breaths. */
function stayStrokes(
  { sec, breaths }: Stay,
  form: Form,
  doing: Doing,
  stroke: Stroke,
): readonly { readonly stroke: Stroke; readonly sec: number }[] {
  const held = (breath: BreathStroke, cue: string, seconds: number) => ({
    stroke: heldStroke(stroke, breath, cue, seconds),
    sec: seconds,
  });
  if (breaths === undefined) return sec ? [held('free', 'Stay here; let the breath come and go.', sec)] : [];
  const { inSec, outSec } = breathOf(form.pace, doing.pace, doing.stretch);
  return Array.from({ length: breaths }, () => [
    held('in', 'Stay; widen.', inSec),
    held('out', 'Stay; soften.', outSec),
  ]).flat();
}

const STAY_CUE = { in: 'Stay a moment, or breathe on.', out: 'Rest a moment, or breathe on.' } as const;

/** A stay a pattern makes: the stroke of it, and for how long. */
interface PatternStay {
  readonly stroke: Stroke;
  readonly sec: number;
}

/** The stay a pattern makes after a stroke; none where it makes none, or stays are left out. */
function patternStay(
  stroke: Stroke,
  pattern: BreathPattern | undefined,
  inSec: number,
  { omitHolds }: Doing,
): PatternStay | undefined {
  if (!pattern || omitHolds || (stroke.breath !== 'in' && stroke.breath !== 'out')) return undefined;
  const sec = inSec * (stroke.breath === 'in' ? pattern.stayFull : pattern.stayEmpty);
  return sec === 0 ? undefined : { stroke: heldStroke(stroke, 'hold', STAY_CUE[stroke.breath], sec), sec };
}

/** How often a form without a breath of its own is done, and how much longer or shorter, to last so many seconds in all. */
function timed(
  form: Form,
  variant: VariantId,
  passes: number,
  doing: Doing & { readonly forSec: number },
): { readonly repetitions: number; readonly by: number } {
  const secOf = strokeClock(form, doing);
  const onceSec = passes * cycleOf(form, variant).reduce((sum, stroke) => sum + secOf(stroke), 0);
  const repetitions = Math.max(1, Math.round(doing.forSec / onceSec));
  return { repetitions, by: doing.forSec / (onceSec * repetitions) };
}

/** How a repetition is breathed: its clock, what the breath does in each stroke, and the pattern laid on it. */
interface Breathed {
  readonly secOf: (stroke: Stroke) => number;
  readonly breathIn: (stroke: Stroke) => BreathStroke;
  readonly pattern: BreathPattern | undefined;
  readonly stayAfter: (stroke: Stroke) => PatternStay | undefined;
}

/**
 * A first repetition takes `firstFactor` as long. A breath keeps near the pace whatever the factor; where it would be led
 * too slowly, the repetition is shown on a natural breath, and no pattern is laid on it.
 */
function breathedSo(
  form: Form,
  doing: Doing,
  isFirst: boolean,
  pattern: BreathPattern | undefined,
): Breathed {
  const factor = isFirst ? doing.firstFactor : 1;
  const usual = strokeClock(form, doing, pattern);
  const isShown = factor > LED_AT_MOST;
  const isLed = !isShown && !pattern?.isNatural;
  const slow = strokeClock(form, { ...doing, stretch: doing.stretch * factor }, pattern);
  const isBreathed = ({ breath }: Stroke): boolean => breath === 'in' || breath === 'out';
  return {
    secOf: (stroke) => (isShown && isBreathed(stroke) ? usual(stroke) * factor : slow(stroke)),
    breathIn: (stroke) => (!isLed && isBreathed(stroke) ? 'free' : stroke.breath),
    pattern: isShown ? undefined : pattern,
    stayAfter: (stroke) =>
      patternStay(stroke, isShown ? undefined : pattern, slow({ breath: 'in', cue: '' }), doing),
  };
}

/** One stroke of a cycle, with all that its repetition makes of it. */
interface CycleStroke {
  readonly index: number;
  readonly stroke: Stroke;
  readonly breath: BreathStroke;
  readonly sec: number;
  readonly stay: PatternStay | undefined;
}

/**
 * The strokes of a repetition as they are breathed, by whether it is the first and whether the pattern is laid on it:
 * worked out once for each, however often it is done.
 */
function cyclesOf(
  form: Form,
  doing: Doing,
  cycle: readonly { readonly stroke: Stroke; readonly index: number }[],
): (
  isFirst: boolean,
  lays: boolean,
) => { readonly pattern: BreathPattern | undefined; readonly strokes: readonly CycleStroke[] } {
  const made = new Map<number, ReturnType<ReturnType<typeof cyclesOf>>>();
  return (isFirst, lays) => {
    const key = (isFirst ? 1 : 0) + (lays ? 2 : 0);
    const known = made.get(key);
    if (known) return known;
    const breathed = breathedSo(form, doing, isFirst, lays ? doing.breathing?.pattern : undefined);
    const one = {
      pattern: breathed.pattern,
      strokes: cycle.map(({ stroke, index }) => ({
        index,
        stroke,
        breath: breathed.breathIn(stroke),
        sec: breathed.secOf(stroke),
        stay: breathed.stayAfter(stroke),
      })),
    };
    made.set(key, one);
    return one;
  };
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
  const cycle = cycleOf(form, variant)
    .map((stroke, index) => ({ stroke, index }))
    .filter(({ stroke }) => !(doing.omitHolds && stroke.breath === 'hold'));
  const passes = passesOf(form, doing.firstSide);
  const isTimed = doing.forSec !== undefined && goesFree(form, variant);
  const dose = isTimed
    ? timed(form, variant, passes.length, { ...doing, forSec: doing.forSec })
    : { repetitions, by: 1 };
  const counted = isTimed ? { ...doing, otherRepetitions: undefined } : doing;
  const counts = countsOf(dose.repetitions, counted);
  const inTurn = takesTurns(form, doing);
  const lastIndex = cycle.at(-1)?.index ?? 0;
  const laid: LaidStroke[] = [];
  const cycleFor = cyclesOf(form, doing, cycle);
  for (const [pass, repetition] of roundsOf(form, passes.length, dose.repetitions, counted)) {
    const isFirst = !isTimed && repetition === 1 && (pass === 0 || inTurn);
    const { breathing } = doing;
    const lays = breathing !== undefined && isLaidOn(breathing.on, repetition, counts[pass] ?? 0);
    const { pattern, strokes } = cycleFor(isFirst, lays);
    const { side, way, isSecond } = passes[pass] ?? STILL;
    const at = { part: 'cycle' as const, side, way, isSecond, pass, repetition, pattern };
    // Written out: spreading `at` costs several times the rest of this loop.
    const put = (index: number, stroke: Stroke, breath: BreathStroke, sec: number, isStay: boolean): void => {
      laid.push({
        part: 'cycle',
        index,
        side,
        way,
        isSecond,
        pass,
        repetition,
        stroke,
        breath,
        sec,
        isStay,
        pattern,
      });
    };
    for (const { stroke, index, breath, sec, stay } of strokes) {
      put(index, stroke, breath, sec * dose.by, false);
      if (stay) put(index, stay.stroke, 'hold', stay.sec, true);
      for (const held of doing.stays ?? [])
        if (
          Math.min(held.stroke ?? lastIndex, lastIndex) === index &&
          (held.on === 'each' || repetition === counts[pass])
        )
          for (const one of stayStrokes(held, form, doing, stroke))
            laid.push({ ...at, index, ...one, breath: one.stroke.breath, isStay: true });
    }
  }
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
