import { themeParts } from '../brief';
import { isEvenSet, type Form } from '../forms';
import type { Allowed, Asking } from './asking';
import { fitForm } from './candidates';
import { asDosed, itemDraft, lengthMs, practiceCustoms, timeLine } from './items';
import { planSections } from './plan';
import { setsWalked } from './walked';

/** How much a practice may be drawn together or apart by its breath, with some room beside, as a share of its time. */
const ROOM = { quicker: 0.75, slower: 1.35 } as const;

/** The forms of the theme's rounds: of the sets that are done evenly, without what is kept or fixed by a pin. */
function evenForms(asking: Asking): readonly Allowed[] {
  const { brief, customs, people, repertoire, kept } = asking;
  const apart = new Set([
    ...(kept?.items ?? []).map(({ formId }) => formId),
    ...(brief.pins ?? []).flatMap(({ formId, repetitions }) => (repetitions === undefined ? [] : [formId])),
    ...brief.without,
  ]);
  const walked = setsWalked(asking);
  const ids = new Set(walked.flatMap(({ set, forms }) => (isEvenSet(set) ? forms : [])));
  return repertoire.flatMap((form): readonly Allowed[] => {
    if (!ids.has(form.id) || apart.has(form.id)) return [];
    const fitting = fitForm(form, brief.posture, people, customs, brief.place);
    return typeof fitting === 'string' ? [] : [{ form, fitting }];
  });
}

/** How long the forms of a round take together, each done so often at its usual breath, ms. */
function roundMs(asking: Asking, forms: readonly Allowed[], dose: number): number {
  const by = { brief: asking.brief, customs: practiceCustoms(asking), layers: asking.layers };
  return forms.reduce(
    (sum, allowed) =>
      sum + lengthMs(timeLine(allowed.form, itemDraft(asking, allowed, 'nourish', []), by), dose),
    0,
  );
}

/** The numbers every form can have, nearest the usual first. */
function dosesOf(forms: readonly Form[]): readonly number[] {
  const least = Math.max(...forms.map(({ repetitions }) => repetitions.least));
  const most = Math.min(...forms.map(({ repetitions }) => repetitions.most));
  const usual = forms.reduce((sum, { repetitions }) => sum + repetitions.usual, 0) / forms.length;
  return Array.from({ length: Math.max(0, most - least + 1) }, (_, index) => least + index)
    .filter((dose) => forms.every(({ repetitions: { multipleOf } }) => dose % multipleOf === 0))
    .toSorted((a, b) => Math.abs(a - usual) - Math.abs(b - usual));
}

/**
 * How often every form of a round may be done, the likeliest first: each number all of them can have, as far as there
 * is time for it. One undefined where the theme has no round, or its forms no number in common: then each is done as
 * suits it.
 */
export function roundDoses(asking: Asking): readonly (number | undefined)[] {
  const forms = evenForms(asking);
  if (forms.length < 2) return [undefined];
  const doses = dosesOf(forms.map(({ form }) => asDosed(form, asking.customs)));
  const heart = planSections(asking.brief, asking.customs.shapes).find(({ role }) => role === 'nourish');
  // Something else may stand beside a round only where another set or a lesson does.
  const alone = themeParts(asking.brief.theme).length === 1 && !asking.kept;
  const inTime = doses.filter((dose) => {
    const ms = roundMs(asking, forms, dose);
    const isShort = alone && heart !== undefined && ms * ROOM.slower < heart.leastMs;
    return !isShort && ms * ROOM.quicker <= (heart?.mostMs ?? Infinity);
  });
  if (doses.length === 0) return [undefined];
  return inTime.length > 0 ? inTime : doses.slice(0, 1);
}
