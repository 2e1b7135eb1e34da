import type { StrengthId } from '../customs';
import { asksOf, cycleOf, isStanding, stanceOf, type Role } from '../forms';
import { PROP_CHANGE_SEC, STANCE_CHANGE_SEC } from '../time';
import { isByHand } from './atHand';
import { againOf } from './again';
import type { Allowed, ItemDraft } from './asking';
import type { Part } from './criteria';
import {
  FINE_STRETCHES,
  asDosed,
  doseOf,
  fullness,
  itemDraft,
  lengthMs,
  longPoints,
  slowed,
  timeLine,
  waysOf,
  type TimeLine,
  type Way,
} from './items';
import { leastRepetitionsOf, leastSecOf, mostSecOf } from '../measures';
import type { Place } from './places';
import { breathDressings, partsOfLaid, type Dressing } from './dressing';
import type { SectionPlan } from './plan';
import { reasonsFor } from './reasons';
import { countedIn } from './rounds';
import { distinct } from './solver';
import { weight } from './weights';
import { isAgain, unitsIn, type Ground } from './ground';

/** A way of doing a form: how often, how slowly, and what lies on its breath. */
export interface WayMeant extends Way {
  readonly item: ItemDraft;
  /** What the layers of this way are worth. */
  readonly layers: readonly Part[];
}

const isWelcomeAgain = (ground: Ground, place: Place, role: Role): boolean =>
  againOf(ground.asking.brief, ground.asking.people) !== 'all-new' && isAgain(ground, place, role);

/**
 * What is added one after another while a form is drilled: feet, hands, then the breath and the mind. Where its parts have
 * been taken one by one, feet and hands are together already; what is not breathed has no breath to add.
 */
function layersOfDrill({ form, fitting }: Allowed): NonNullable<ItemDraft['layers']> {
  const isBreathed = cycleOf(form, fitting.variant).some(({ breath }) => breath === 'in' || breath === 'out');
  const isSeated = !isStanding(stanceOf(form, fitting.variant).start);
  return [
    ...(form.parts.length > 0 ? [] : isSeated ? (['hands'] as const) : (['legs', 'hands'] as const)),
    ...(isBreathed ? (['breath', 'mind'] as const) : []),
  ];
}

/** The item a place would become, dressed so. */
function draftAt(ground: Ground, place: Place, role: Role, dressing: Dressing): ItemDraft {
  const { asking, targets } = ground;
  if (place.kept) return place.kept;
  const { brief, customs } = asking;
  const reasons = [
    ...(place.ownReasons ?? []),
    ...reasonsFor(place.allowed.form, role, brief, customs, targets, place.allowed.fitting.variant),
    ...(isWelcomeAgain(ground, place, role) ? [{ code: 'returns' as const }] : []),
  ];
  const { layers, ...draft } = itemDraft(asking, place.allowed, role, reasons, dressing);
  if (place.lesson)
    return {
      ...draft,
      lesson: place.lesson,
      familiarity: 'taught',
      ...(place.lesson === 'drill' ? { layers: layersOfDrill(place.allowed) } : {}),
    };
  // A set is led as a whole, not built up form by form.
  return layers && !place.even ? { ...draft, layers } : draft;
}

/** The ways a form may be done at a place: as it is kept, or as often and as slowly as is worth choosing among. */
function waysAt({ asking, round }: Ground, place: Place, role: Role): readonly Way[] {
  const { kept, lesson, pin } = place;
  const form = asDosed(place.allowed.form, asking.customs);
  // What is asked for by name is many forms already; each is not done longer for it.
  const full = place.asked ? 1 : fullness(asking.brief.minutes);
  if (kept) {
    const { repetitions, stretch } = kept;
    const dose = doseOf(form, role, repetitions, kept.lesson, full);
    return [{ repetitions, stretch, dose: place.ofSet && !place.even ? dose * weight('setDose') : dose }];
  }
  if (pin?.repetitions === undefined && place.even && round !== undefined)
    return FINE_STRETCHES.map((stretch) => ({
      repetitions: countedIn(form, round),
      stretch,
      dose: doseOf(form, role, countedIn(form, round), lesson, full) + slowed(stretch),
    }));
  const ways = waysOf(form, role, lesson, pin?.repetitions, full);
  // In a set none is done much oftener than the others.
  return place.ofSet ? ways.map((way) => ({ ...way, dose: way.dose * weight('setDose') })) : ways;
}

/** What may lie on the breath of a form at its place. */
function dressingsAt({ asking }: Ground, place: Place, section: SectionPlan): readonly Dressing[] {
  const { allowed, kept, sounded } = place;
  if (kept) return [{ laid: {}, parts: partsOfLaid(asking, allowed, kept, section) }];
  return sounded ? [sounded.dressing] : breathDressings(asking, allowed, section.role);
}

export const pointsOf = (parts: readonly Part[], strength: (id: StrengthId) => number): number =>
  parts.reduce((sum, part) => sum + part.points * strength(part.strength), 0);

/** A way of doing a form with the time it takes. */
interface TimedWay {
  readonly way: Way;
  readonly line: TimeLine;
  readonly ms: number;
}

/**
 * Of the ways of a form those in which it is done long and often enough to be felt, and is not gone on with for too
 * long; the fullest, or the shortest, where none is. What is kept, fixed, taught, or one of a set has its measure from elsewhere.
 */
function rightlyLong(
  { asking: { brief } }: Ground,
  place: Place,
  role: Role,
  timed: readonly TimedWay[],
): readonly TimedWay[] {
  const {
    allowed: { form, fitting },
    kept,
    lesson,
    pin,
  } = place;
  if (kept || lesson || place.ofSet || pin?.repetitions !== undefined) return timed;
  const least = leastSecOf(form, role, brief.minutes) * 1000;
  const enough = timed.filter(
    ({ way, line, ms }) =>
      ms >= least && way.repetitions >= leastRepetitionsOf(form, role, line.moreMs / 1000),
  );
  const byLength = timed.toSorted((a, b) => a.ms - b.ms);
  const atLeast = enough.length > 0 ? enough : byLength.slice(-1);
  const most = mostSecOf(form, asksOf(form, fitting.variant), role, brief.minutes) * 1000;
  const within = atLeast.filter(({ ms }) => ms <= most);
  const shortest = atLeast.toSorted((a, b) => a.ms - b.ms).slice(0, 1);
  return within.length > 0 ? within : shortest;
}

/** The ways of a place as the solver chooses among them, each with its time and worth. */
export function optionsAt(ground: Ground, place: Place, section: SectionPlan, own: number) {
  const { asking, strength, practiceCustoms: customs } = ground;
  const { role } = section;
  const { form, fitting } = place.allowed;
  const { start } = stanceOf(form, fitting.variant);
  const isUsualStance = start === 'shoulder width' || start === 'chair';
  const asks = asksOf(form, fitting.variant);
  const by = { brief: asking.brief, customs, layers: asking.layers };
  return distinct(
    dressingsAt(ground, place, section).flatMap((dressing, index) => {
      const item = draftAt(ground, place, role, dressing);
      const pace = place.kept ? 1 : item.stretch;
      // To fetch what is at hand and to lay it down takes as long as two forms are given for it.
      const changeMs =
        (isUsualStance ? 0 : STANCE_CHANGE_SEC[item.familiarity] * 1000) +
        (isByHand(asking, place.allowed) ? PROP_CHANGE_SEC * 1000 : 0);
      const laid = pointsOf(dressing.parts, strength);
      // What stands in for the breath asked for need not be had at every length too.
      const ways = waysAt(ground, place, role).filter(({ stretch }) => index === 0 || stretch === 1);
      const timed = ways.map((way) => {
        const line = timeLine(form, { ...item, stretch: way.stretch * pace }, by);
        return { way, line, ms: lengthMs(line, way.repetitions) };
      });
      return rightlyLong(ground, place, role, timed).map(({ way, ms }) => {
        const dose =
          way.dose + longPoints(form, asks, role, place.lesson, ms, fullness(asking.brief.minutes));
        return {
          units: unitsIn(ground, ms + changeMs),
          value: own + laid + dose * strength('dose'),
          way: { ...way, dose, item, layers: dressing.parts },
        };
      });
    }),
  );
}
