import { goalsOf, movementAsks } from '../../body';
import type { Stay } from '../../time/layout';
import type { Asks, Form, Stroke } from '../model/model';
import type { VariantId } from '../model/terms';
import { asksOf, cycleOf } from '../model/variants';
import { namedAsks, posturesForSide, type MeasuredAsks } from './measure';

/** What of an item changes what it asks of the body. */
export interface DoneSo {
  readonly variant: VariantId;
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
export function stayStroke(form: Form, variant: VariantId, { stroke }: Stay): Stroke | undefined {
  const cycle = cycleOf(form, variant);
  return cycle[Math.min(stroke ?? cycle.length - 1, cycle.length - 1)];
}

export const staySec = ({ sec, breaths }: Stay): number => sec ?? (breaths ?? 0) * BREATH_SEC;

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
 * one leg and with the arms up is added, the rest is as much as the held posture asks.
 */
export function asksAsDone(form: Form, { variant, stays = [] }: DoneSo): Asks {
  return stays.reduce(
    (asks: Asks, stay): Asks => {
      const held = heldAsks(form, variant, stay);
      if (!held) return asks;
      return {
        ...asks,
        kneeBend: more(RANKS.kneeBend, asks.kneeBend, held.kneeBend),
        fold: more(RANKS.fold, asks.fold, held.fold),
        backBend: more(RANKS.backBend, asks.backBend, held.backBend),
        twist: more(RANKS.twist, asks.twist, held.twist),
        sideBend: more(RANKS.sideBend, asks.sideBend, held.sideBend),
        neck: more(RANKS.neck, asks.neck, held.neck),
        rounding: more(RANKS.rounding, asks.rounding, held.rounding),
        heelsUp: more(RANKS.heelsUp, asks.heelsUp, held.heelsUp),
        oneLegSec: asks.oneLegSec + held.oneLegSec,
        armsUpSec: asks.armsUpSec + held.armsUpSec,
        armsAboveShoulders: asks.armsAboveShoulders || held.armsAboveShoulders,
        headBelowHeart: asks.headBelowHeart || held.headBelowHeart,
        unsteady: asks.unsteady || held.unsteady,
        foldWithTurn: asks.foldWithTurn || held.foldWithTurn,
        legsCross: asks.legsCross || held.legsCross,
        staticHold: asks.staticHold || staySec(stay) >= HELD_SEC,
      };
    },
    asksOf(form, variant),
  );
}
