import { compile, edit, formOf, type Item, type Practice } from '../practice';
import { leastChange, type ChangeChoice } from './leastChange';
import { toleranceMs } from './tolerance';

/** One change made to bring a practice back to its minutes. */
export type FitChange =
  | { readonly kind: 'repetitions'; readonly itemId: string; readonly from: number; readonly to: number }
  | { readonly kind: 'left-out'; readonly itemId: string; readonly formId: string }
  | { readonly kind: 'breath'; readonly byShare: number };

export type FitResult =
  | { readonly ok: true; readonly practice: Practice; readonly changes: readonly FitChange[] }
  /** Nothing short of writing it anew does it: how far the nearest is. */
  | { readonly ok: false; readonly nearestMs: number };

/** What a change costs: a repetition less or more, in steps of the form; leaving a form out costs like several. */
const STEP_COST = 1;
const LEAVE_COST = 4;
/** The breath may be made this much longer or shorter for the rest. */
const BREATH_SHARE = 0.06;

interface Choice extends ChangeChoice {
  readonly to: number;
}

/** Gather and close are never touched, nor what is kept, nor repetitions the brief fixes. */
function choicesOf(practice: Practice, item: Item): readonly Choice[] {
  const lengthAt = (repetitions: number): number =>
    compile({ ...practice, items: [{ ...item, repetitions }] }).totalMs;
  const now = { ms: lengthAt(item.repetitions), cost: 0, to: item.repetitions };
  if (item.role === 'gather' || item.role === 'close' || item.kept || item.lesson) return [now];
  const pin = practice.brief.pins?.find((one) => one.formId === item.formId);
  if (pin?.repetitions === item.repetitions) return [now];
  const { least, most, multipleOf } = formOf(practice, item).repetitions;
  const [oneMs, twoMs] = [lengthAt(1), lengthAt(2)];
  const moreMs = lengthAt(3) - twoMs;
  const choices: Choice[] = [now];
  // What goes on for so many seconds, or is said, has no count to give.
  const counted = item.forSec === undefined && item.passage === undefined;
  for (let steps = 1; counted && steps <= 12; steps += 1)
    for (const to of [item.repetitions - steps * multipleOf, item.repetitions + steps * multipleOf])
      if (to >= Math.min(least, item.repetitions) && to <= Math.max(most, item.repetitions) && to >= 1)
        // Many steps on one form cost more than few on several: the change is spread.
        choices.push({
          ms: to === 1 ? oneMs : twoMs + (to - 2) * moreMs,
          cost: STEP_COST * steps + 0.05 * steps * steps,
          to,
        });
  // An arrival and what the brief asks for are not left out.
  if (item.role !== 'arrive' && !pin) choices.push({ ms: 0, cost: item.hinge ? 2 : LEAVE_COST, to: 0 });
  return choices;
}

/** The least change that brings a practice within reach of its minutes: exact, over every item's choices. */
function repetitionsFor(practice: Practice, targetMs: number): readonly number[] | undefined {
  // The time between items (changes of stance) stays much as it is.
  const fromMs =
    compile(practice).totalMs -
    practice.items.reduce((sum, item) => sum + compile({ ...practice, items: [item] }).totalMs, 0);
  return leastChange(
    practice.items.map((item) => choicesOf(practice, item)),
    {
      fromMs,
      mostMs: targetMs * (1 + BREATH_SHARE),
      // A longer or shorter breath costs too, so that an exact fit is taken where one is as near.
      endCost: (ms) => (ms < targetMs * (1 - BREATH_SHARE) ? Infinity : 30 * Math.abs(ms / targetMs - 1)),
    },
  )?.map(({ to }) => to);
}

/** Spreads what is left over the breath of what may be touched. */
function breathed(practice: Practice, targetMs: number): { practice: Practice; byShare: number } {
  let fitted = practice;
  for (let round = 0; round < 8; round += 1) {
    const timeline = compile(fitted);
    const off = targetMs - timeline.totalMs;
    if (Math.abs(off) < 400) break;
    const free = (item: Item | undefined): boolean =>
      item !== undefined && item.role !== 'gather' && item.role !== 'close' && !item.kept;
    const strokesMs = timeline.events
      .filter((event) => event.kind === 'stroke' && free(fitted.items[event.itemIndex]))
      .reduce((sum, event) => sum + event.lengthMs, 0);
    if (strokesMs === 0) break;
    const factor = 1 + off / strokesMs;
    fitted = {
      ...fitted,
      items: fitted.items.map((item) =>
        free(item)
          ? { ...item, stretch: Math.round(Math.min(2, Math.max(0.5, item.stretch * factor)) * 1000) / 1000 }
          : item,
      ),
    };
  }
  const before = practice.items.reduce((sum, item) => sum + item.stretch, 0);
  const after = fitted.items.reduce((sum, item) => sum + item.stretch, 0);
  return { practice: fitted, byShare: before === 0 ? 0 : after / before - 1 };
}

/**
 * Brings a practice back to the minutes of its brief by the least change: repetitions first, a form left out
 * where that is less, the breath for the rest (at most 6 %). Gather, close, what is
 * kept and what the brief fixes stay untouched.
 */
export function makeItFit(practice: Practice): FitResult {
  const targetMs = practice.brief.minutes * 60_000;
  const tolerance = toleranceMs(practice.brief.minutes);
  const repetitions = repetitionsFor(practice, targetMs);
  if (!repetitions) return { ok: false, nearestMs: compile(practice).totalMs };
  const changes: FitChange[] = [];
  let changed = practice;
  practice.items.forEach((item, index) => {
    const to = repetitions[index] ?? item.repetitions;
    if (to === item.repetitions) return;
    if (to === 0) {
      changed = edit(changed, { kind: 'remove', itemId: item.id });
      changes.push({ kind: 'left-out', itemId: item.id, formId: item.formId });
    } else {
      changed = {
        ...changed,
        items: changed.items.map((one) => (one.id === item.id ? { ...one, repetitions: to } : one)),
      };
      changes.push({ kind: 'repetitions', itemId: item.id, from: item.repetitions, to });
    }
  });
  const { practice: fitted, byShare } = breathed(changed, targetMs);
  if (Math.abs(byShare) >= 0.001) changes.push({ kind: 'breath', byShare });
  const totalMs = compile(fitted).totalMs;
  return Math.abs(totalMs - targetMs) <= tolerance
    ? { ok: true, practice: fitted, changes }
    : { ok: false, nearestMs: totalMs };
}
