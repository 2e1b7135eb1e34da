import type { Form, VariantId } from '../forms';
import { cycleOf, entryOf, exitOf } from '../forms/model/variants';

/** The most strokes a practice may lay out: ninety minutes of the quickest forms have about 3,000. */
export const MOST_STROKES = 6000;
/** And the longest it may last, by a rough reckoning: six hours. */
export const MOST_LENGTH_SEC = 6 * 3600;
/** The longest a breathed stroke is reckoned to take, seconds. */
const BREATHED_SEC = 10;

/** What of an item says how long it is. */
interface Laid {
  readonly formId: string;
  readonly variant: VariantId;
  readonly repetitions: number;
  readonly stretch: number;
  readonly holdSec?: number | undefined;
  readonly quietSec?: number | undefined;
}

/** Strokes and seconds an item lays out, reckoned without laying it out; seconds are no more than a rough bound. */
export function extentOf(item: Laid, form: Form): { readonly strokes: number; readonly sec: number } {
  const sides = form.sides === 'symmetric' ? 1 : 2;
  const times = item.repetitions * sides;
  const cycle = cycleOf(form, item.variant);
  const around = [...entryOf(form, item.variant), ...exitOf(form, item.variant)];
  const secOf = (strokes: typeof cycle): number =>
    strokes.reduce((sum, { seconds }) => sum + (seconds ?? BREATHED_SEC * item.stretch), 0);
  return {
    strokes: around.length + cycle.length * times,
    sec: secOf(around) + secOf(cycle) * times + (item.holdSec ?? 0) * sides + (item.quietSec ?? 0),
  };
}

/** Why a practice cannot be laid out as a whole, in words; undefined where it can. */
export function beyondBounds(practice: {
  readonly items: readonly Laid[];
  readonly forms: Readonly<Record<string, Form>>;
}): string | undefined {
  let strokes = 0;
  let sec = 0;
  for (const item of practice.items) {
    const form = practice.forms[item.formId];
    if (!form) continue;
    const extent = extentOf(item, form);
    strokes += extent.strokes;
    sec += extent.sec;
  }
  if (strokes > MOST_STROKES)
    return `would be ${strokes} strokes long; a practice has at most ${MOST_STROKES}`;
  if (sec > MOST_LENGTH_SEC)
    return `would last about ${Math.round(sec / 3600)} hours; a practice lasts at most ${MOST_LENGTH_SEC / 3600}`;
  return undefined;
}
