import { themeParts } from '../brief';
import { isEvenSet, ownTimesOf, timesInAll, timesInRound, type Form } from '../forms';
import { isLikedNumber, roomBesideSets } from '../measures';
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

/**
 * How often the forms of a round are done: so many times in all, half of them on each side where a form has two; or, where
 * no such number fits the time, so often as is counted.
 */
export interface RoundDose {
  readonly times: number;
  readonly of: 'all' | 'counted';
}

/** How often a form is counted in a round of that dose; its own number where it has one. */
export const countedIn = (form: Form, { times, of }: RoundDose): number =>
  ownTimesOf(form.id) ?? (of === 'all' ? timesInRound(form, times) : times);

/** How long the forms of a round take together, each done so often at its usual breath, ms. */
function roundMs(asking: Asking, forms: readonly Allowed[], dose: RoundDose): number {
  const by = { brief: asking.brief, customs: practiceCustoms(asking), layers: asking.layers };
  return forms.reduce(
    (sum, allowed) =>
      sum +
      lengthMs(
        timeLine(allowed.form, itemDraft(asking, allowed, 'nourish', []), by),
        countedIn(allowed.form, dose),
      ),
    0,
  );
}

function canHave(form: Form, dose: RoundDose): boolean {
  const { least, most, multipleOf } = form.repetitions;
  const times = countedIn(form, dose);
  return Number.isInteger(times) && times >= least && times <= most && times % multipleOf === 0;
}

/** Whether a form is counted so in a round of that dose; of two sides each is counted. */
const isLiked = (form: Form, dose: RoundDose): boolean => isLikedNumber(countedIn(form, dose));

/** The numbers every form can have, nearest the usual first: those people like, where there are any. */
function dosesOf(round: readonly Form[], of: RoundDose['of']): readonly RoundDose[] {
  const forms = round.filter(({ id }) => ownTimesOf(id) === undefined);
  const told = (form: Form, counted: number): number => (of === 'all' ? timesInAll(form, counted) : counted);
  const most = Math.min(...forms.map((form) => told(form, form.repetitions.most)));
  const usual = forms.reduce((sum, form) => sum + told(form, form.repetitions.usual), 0) / forms.length;
  const doses = Array.from({ length: most }, (_, index): RoundDose => ({ times: 1 + index, of }))
    .filter((dose) => forms.every((form) => canHave(form, dose)))
    .toSorted((a, b) => Math.abs(a.times - usual) - Math.abs(b.times - usual));
  const liked = doses.filter((dose) => forms.every((form) => isLiked(form, dose)));
  return liked.length > 0 ? liked : doses;
}

/**
 * How often every form of a round may be done, the likeliest first: each number all of them can have in all, or as it is
 * counted where they have none in common, as far as there is time for it. One undefined where the theme has no round, or
 * its forms no number at all: then each is done as suits it.
 */
export function roundDoses(asking: Asking, of: RoundDose['of'] = 'all'): readonly (RoundDose | undefined)[] {
  const forms = evenForms(asking);
  if (forms.length < 2) return [undefined];
  const doses = dosesOf(
    forms.map(({ form }) => asDosed(form, asking.customs)),
    of,
  );
  const heart = planSections(
    asking.brief,
    asking.customs.shapes,
    roomBesideSets(asking.brief, asking.customs),
  ).find(({ role }) => role === 'nourish');
  // Something else may stand beside a round only where another set or a lesson does.
  const alone = themeParts(asking.brief.theme).length === 1 && !asking.kept;
  const inTime = doses.filter((dose) => {
    const ms = roundMs(asking, forms, dose);
    const isShort = alone && heart !== undefined && ms * ROOM.slower < heart.leastMs;
    return !isShort && ms * ROOM.quicker <= (heart?.mostMs ?? Infinity);
  });
  if (doses.length === 0) return of === 'all' ? roundDoses(asking, 'counted') : [undefined];
  return inTime.length > 0 ? inTime : doses.slice(0, 1);
}
