import { goesFree } from '@/core/time';
import type { Form } from '@/core/forms';
import { cycleOf } from '@/core/forms/model/variants';
import type { Item } from '@/core/practice';

type Dosed = Pick<Item, 'variant' | 'repetitions' | 'otherRepetitions' | 'firstSide' | 'forSec' | 'passage'>;

const each = (form: Form): string =>
  form.sides === 'symmetric' ? '' : form.sides === 'both-ways' ? ' each way' : ' each side';

/** Whether an item goes by seconds and has no count of its own. */
export const isTimed = (form: Form, item: Dosed): boolean =>
  item.passage === undefined && item.forSec !== undefined && goesFree(form, item.variant);

/** How much of a form is done: "6×", "3× each side", "4× left, 6× right", "60 s"; what is said has no dose. */
export function doseText(form: Form, item: Dosed): string {
  if (item.passage !== undefined) return 'said';
  if (isTimed(form, item)) return `${item.forSec ?? 0} s`;
  const { repetitions, otherRepetitions: other } = item;
  if (other === undefined || other === repetitions || form.sides === 'symmetric')
    return `${repetitions}×${each(form)}`;
  if (form.sides === 'both-ways') return `${repetitions}× one way, ${other}× the other`;
  const [left, right] = item.firstSide === 'left' ? [repetitions, other] : [other, repetitions];
  return `${left}× left, ${right}× right`;
}

/** As `doseText`, in breaths where each repetition is one breath and the form has no sides: "8 breaths". */
export function doseInBreaths(form: Form, item: Dosed): string {
  const cycle = cycleOf(form, item.variant);
  const isOneBreath =
    form.sides === 'symmetric' &&
    cycle.filter(({ breath }) => breath === 'in').length === 1 &&
    cycle.some(({ breath }) => breath === 'out');
  if (!isOneBreath || item.passage !== undefined || isTimed(form, item)) return doseText(form, item);
  return item.repetitions === 1 ? 'one breath' : `${item.repetitions} breaths`;
}

/** A stay in words: "stroke 2 held for 30 s, last time", "the end held for 3 breaths, every time". */
export function stayText(
  { stroke, sec, breaths, on }: NonNullable<Item['stays']>[number],
  form: Form,
): string {
  const which = stroke === undefined ? 'The end' : `Stroke ${stroke + 1}`;
  const long = breaths === undefined ? `${sec ?? 0} s` : breaths === 1 ? 'a breath' : `${breaths} breaths`;
  const sides =
    form.sides === 'symmetric' ? '' : form.sides === 'both-ways' ? ', each way' : ', on each side';
  return `${which} held for ${long}${on === 'each' ? ' every time' : ''}${sides}.`;
}
