import { goalsOf, movementAsks } from '../../body';
import { breathAsksOf, patternOf, patternRefusal, type BreathPattern } from '../../patterns';
import type { Stay } from '../../time/layout';
import type { Asks, Form, Stroke } from '../model/model';
import type { VariantId } from '../model/terms';
import { asksOf, cycleOf } from '../model/variants';
import { namedAsks, posturesForSide, type MeasuredAsks } from './measure';

/** What of an item changes what it asks of the body. */
export interface DoneSo {
  readonly variant: VariantId;
  readonly omitHolds?: boolean;
  /** The pattern laid on its breath, where one is. */
  readonly breathing?: { readonly pattern: string } | undefined;
  readonly stays?: readonly Stay[] | undefined;
}

/** A stay of so many breaths is reckoned at the ordinary teaching pace, five a minute (common practice). */
const BREATH_SEC = 12;
/** From here on standing in a posture is holding it, s (common practice). */
const HELD_SEC = 8;

const RANKS = {
  kneeBend: ['none', 'slight', 'moderate', 'deep'],
  fold: ['none', 'half', 'deep'],
  backBend: ['none', 'slight', 'full'],
  twist: ['none', 'slight', 'full'],
  sideBend: ['none', 'slight', 'full'],
  neck: ['none', 'tilt', 'turn', 'tip-back', 'circle'],
  rounding: ['none', 'slight', 'full'],
  heelsUp: ['none', 'low', 'high'],
} as const satisfies { readonly [Key in keyof Asks]?: readonly Asks[Key][] };

/** The further of two, by how much they ask. */
function more<Rank extends string>(ranks: readonly Rank[], a: Rank, b: Rank): Rank {
  return ranks.indexOf(a) >= ranks.indexOf(b) ? a : b;
}

/** The stroke a stay holds: the one named, or the last of the repetition. */
function stayStroke(form: Form, variant: VariantId, { stroke }: Stay): Stroke | undefined {
  const cycle = cycleOf(form, variant);
  return cycle[Math.min(stroke ?? cycle.length - 1, cycle.length - 1)];
}

const staySec = ({ sec, breaths }: Stay): number => sec ?? (breaths ?? 0) * BREATH_SEC;

/** What a posture asks that is stayed in, measured on the body. */
function heldAsks(form: Form, variant: VariantId, stay: Stay): MeasuredAsks | undefined {
  const stroke = stayStroke(form, variant, stay);
  const last = stroke && posturesForSide(form, variant, stroke, false).at(-1);
  if (!last) return undefined;
  const goals = goalsOf(last);
  return namedAsks(
    movementAsks(
      [{ movement: { keys: [goals, goals], at: [0, 1] }, seconds: staySec(stay), rounds: 1 }],
      0.8,
    ),
  );
}

/**
 * What a form asks as it is done: as its variant asks, and what is stayed in by hand counts as the form's own: time on
 * one leg and with the arms up is added, the rest is as much as the held posture asks. A pattern on its breath counts
 * too, where it fits; own patterns are looked up among `own`.
 */
export function asksAsDone(
  form: Form,
  { variant, stays = [], breathing, omitHolds = false }: DoneSo,
  own: Readonly<Record<string, BreathPattern>> = {},
): Asks {
  const pattern = breathing && (own[breathing.pattern] ?? patternOf(breathing.pattern));
  const asks = asksOf(form, variant);
  const laid = pattern && patternRefusal(form, variant, pattern) === undefined ? pattern : undefined;
  const its = laid && breathAsksOf(laid);
  const breathed: Asks =
    laid && its
      ? {
          ...asks,
          breathHold: asks.breathHold || (!omitHolds && laid.stayFull + laid.stayEmpty > 0),
          inwardImagery: asks.inwardImagery || its.inwardImagery,
          breath: [...new Set([...asks.breath, ...its.asks])],
        }
      : asks;
  return stays.reduce((sum: Asks, stay): Asks => {
    const held = heldAsks(form, variant, stay);
    if (!held) return sum;
    return {
      ...sum,
      kneeBend: more(RANKS.kneeBend, sum.kneeBend, held.kneeBend),
      fold: more(RANKS.fold, sum.fold, held.fold),
      backBend: more(RANKS.backBend, sum.backBend, held.backBend),
      twist: more(RANKS.twist, sum.twist, held.twist),
      sideBend: more(RANKS.sideBend, sum.sideBend, held.sideBend),
      neck: more(RANKS.neck, sum.neck, held.neck),
      rounding: more(RANKS.rounding, sum.rounding, held.rounding),
      heelsUp: more(RANKS.heelsUp, sum.heelsUp, held.heelsUp),
      oneLegSec: sum.oneLegSec + held.oneLegSec,
      armsUpSec: sum.armsUpSec + held.armsUpSec,
      armsAboveShoulders: sum.armsAboveShoulders || held.armsAboveShoulders,
      headBelowHeart: sum.headBelowHeart || held.headBelowHeart,
      unsteady: sum.unsteady || held.unsteady,
      foldWithTurn: sum.foldWithTurn || held.foldWithTurn,
      legsCross: sum.legsCross || held.legsCross,
      staticHold: sum.staticHold || staySec(stay) >= HELD_SEC,
    };
  }, breathed);
}
