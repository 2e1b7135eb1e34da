import { entryAt } from '../lists/lists';
import { themeBlocks, themeParts, type Brief } from '../brief';
import { STRENGTH_LEVELS, type Customs, type StrengthId } from '../customs';
import { asksOf, stanceOf, STANCES, twinKind, type Form, type Role } from '../forms';
import { compile, type Item, type Practice } from '../practice';
import { seededRandom } from '../random';
import { STANCE_CHANGE_SEC } from '../time';
import type { Allowed, Asking, ItemDraft } from './asking';
import { fitForm, type Fitting, type Refusal } from './candidates';
import { HEART, partsOf, type Part, type Weighing } from './criteria';
import {
  doseOf,
  itemDraft,
  lengthMs,
  longPoints,
  measured,
  practiceCustoms,
  timeLine,
  waysOf,
  type Way,
} from './items';
import { deepBits, loosenedBy } from './joints';
import { placesOf, type Place } from './places';
import { planSections, type SectionPlan } from './plan';
import { targetsOf, type Target } from './reach';
import { reasonsFor } from './reasons';
import { distinct, type Candidate, type Counter, type Option, type Problem, type Section } from './solver';
import { weight } from './weights';

/** What a number in the problem stands for. */
export interface Meaning {
  readonly form: Form;
  readonly item: ItemDraft;
  readonly kept: Item | undefined;
  readonly parts: readonly Part[];
  /** Points each way of doing it is given for its dose. */
  readonly ways: readonly { readonly repetitions: number; readonly stretch: number; readonly dose: number }[];
  readonly targets: readonly number[];
  readonly whim: number;
}

export interface Model {
  readonly asking: Asking;
  readonly plan: readonly SectionPlan[];
  readonly problem: Problem;
  /** In the shape of the problem's candidates. */
  readonly meanings: readonly (readonly Meaning[])[];
  readonly targets: readonly Target[];
  /** What each counter of the problem stands for: a target, twins, or new forms. */
  readonly counters: readonly CounterMeaning[];
  readonly refused: ReadonlyMap<string, Refusal | 'left-out'>;
  readonly hinge: { readonly form: Form; readonly fitting: Fitting } | undefined;
  readonly unitMs: number;
}

export type CounterMeaning =
  | { readonly kind: 'target'; readonly target: Target }
  | { readonly kind: 'twins'; readonly family: Form['family'] }
  | { readonly kind: 'new-forms'; readonly atMost: number };

/** A practice is counted in so many units, a long one in more; the breath settles the rest. */
const LEAST_UNITS = 240;
const MOST_UNITS = 360;
const UNITS_A_MINUTE = 5;
const unitsOf = (minutes: number): number =>
  Math.min(MOST_UNITS, Math.max(LEAST_UNITS, Math.round(minutes * UNITS_A_MINUTE)));
/** The whole may come out this much longer or shorter before the breath is settled. */
const SLACK = 0.035;

export const factorOf = (customs: Customs, strength: StrengthId): number =>
  STRENGTH_LEVELS[customs.strengths[strength]];

/** No sounds are wished for, and this form is one; one that is pinned, or taught, stands all the same. */
const isSilenced = (form: Form, { voice, pins, theme }: Brief): boolean =>
  voice === 'none' &&
  form.soundOrgan !== undefined &&
  !pins?.some(({ formId }) => formId === form.id) &&
  !themeParts(theme).some(
    (part) => part.kind === 'set' || (part.kind === 'lesson' && part.formId === form.id),
  );

function sortOut({ brief, repertoire, people, customs }: Asking) {
  const allowed: Allowed[] = [];
  const refused = new Map<string, Refusal | 'left-out'>();
  for (const form of repertoire) {
    const fitting = brief.without.includes(form.id)
      ? 'left-out'
      : isSilenced(form, brief)
        ? 'sounds-off'
        : fitForm(form, brief.posture, people.conditions, customs, brief.place);
    if (typeof fitting === 'string') refused.set(form.id, fitting);
    else allowed.push({ form, fitting });
  }
  return { allowed, refused };
}

/** The counters of a problem with what they stand for, and which of them a form adds to. */
class Counters {
  readonly rows: Counter[] = [];
  readonly meanings: CounterMeaning[] = [];
  readonly #twins = new Map<string, number>();

  add(gains: readonly number[], meaning: CounterMeaning): number {
    this.rows.push({ gains });
    this.meanings.push(meaning);
    return this.rows.length - 1;
  }

  twins(key: string, points: number, family: Form['family']): number {
    const known = this.#twins.get(key);
    if (known !== undefined) return known;
    const index = this.add([0, -points], { kind: 'twins', family });
    this.#twins.set(key, index);
    return index;
  }
}

/** Twins that can really meet: kinds that at least two forms of the heart share. */
function meetingTwins(
  places: readonly (readonly Place[])[],
  plan: readonly SectionPlan[],
): ReadonlySet<string> {
  const forms = new Map<string, Set<string>>();
  places.forEach((list, at) => {
    const role = plan[at]?.role;
    if (role !== 'nourish' && role !== 'clear' && role !== 'balance') return;
    for (const { allowed, lesson } of list) {
      const key = lesson ? undefined : twinKind(allowed.form);
      if (key) forms.set(key, (forms.get(key) ?? new Set()).add(allowed.form.id));
    }
  });
  return new Set([...forms].filter(([, ids]) => ids.size > 1).map(([key]) => key));
}

const stanceNumber = (stance: string): number => Math.max(0, (STANCES as readonly string[]).indexOf(stance));

/** Everything of a brief that its sections are made from. */
interface Ground {
  readonly asking: Asking;
  readonly plan: readonly SectionPlan[];
  readonly places: readonly (readonly Place[])[];
  readonly targets: readonly Target[];
  readonly weighing: Weighing;
  readonly counters: Counters;
  /** The counter of each target, in their order. */
  readonly targetCounters: readonly number[];
  readonly twins: ReadonlySet<string>;
  /** The counter of forms these people have not met; none where nothing is known of them. */
  readonly news: number | undefined;
  /** The targets a form reaches, by its id. */
  readonly hits: ReadonlyMap<string, readonly number[]>;
  readonly whims: ReadonlyMap<string, number>;
  readonly hinge: Model['hinge'];
  readonly unitMs: number;
  readonly totalUnits: number;
  readonly strength: (id: StrengthId) => number;
  readonly practiceCustoms: Practice['customs'];
}

const unitsIn = ({ unitMs }: Pick<Ground, 'unitMs'>, ms: number): number =>
  Math.max(1, Math.round(ms / unitMs));

const hitsOf = (targets: readonly Target[], form: Form): readonly number[] =>
  targets.flatMap((target, index) => (target.reachOf(form) ? [index] : []));

/** How far the seed lifts or lowers each form, so that another draft is another; nothing for the first. */
function whimsOf({ seed }: Asking, allowed: readonly Allowed[]): ReadonlyMap<string, number> {
  const random = seededRandom(seed);
  return new Map(
    allowed.map(({ form }) => [form.id, seed <= 1 ? 0 : (random.next() - 0.5) * weight('whim')]),
  );
}

/** Forms the people have not met are counted, where it is known what they have met. */
function newsOf({ people, customs }: Asking, counters: Counters): number | undefined {
  if ((people.known?.length ?? 0) === 0) return undefined;
  const atMost = customs.newFormsAtMost;
  return counters.add([...Array.from({ length: atMost }, () => 0), -Infinity], { kind: 'new-forms', atMost });
}

function groundOf(asking: Asking, allowed: readonly Allowed[]): Ground {
  const { brief, customs, people } = asking;
  const plan = planSections(brief);
  const unitMs = Math.max(1000, (brief.minutes * 60_000) / unitsOf(brief.minutes));
  const strength = (id: StrengthId): number => factorOf(customs, id);
  const targets = targetsOf(brief, customs);
  const places = placesOf(asking, plan, allowed);
  const counters = new Counters();
  const targetCounters = targets.map((target) =>
    counters.add(
      target.gains.map((points) => points * strength(target.strength)),
      { kind: 'target', target },
    ),
  );
  return {
    asking,
    plan,
    places,
    targets,
    weighing: {
      brief,
      schools: customs,
      character: asking.character ?? 'as-asked',
      targets,
      whole: {
        customs,
        people,
        hasBlocks: themeBlocks(brief.theme).length > 0,
        apartFrom: asking.apartFrom ?? [],
      },
    },
    counters,
    targetCounters,
    twins: meetingTwins(places, plan),
    news: newsOf(asking, counters),
    hits: new Map(allowed.map(({ form }) => [form.id, hitsOf(targets, form)])),
    whims: whimsOf(asking, allowed),
    hinge: plan.some((section) => section.hinge) ? allowed.find(({ form }) => form.hinge) : undefined,
    unitMs,
    totalUnits: Math.round((brief.minutes * 60_000) / unitMs),
    strength,
    practiceCustoms: practiceCustoms(asking),
  };
}

/** The item a place would become. */
function draftAt({ asking, targets }: Ground, place: Place, role: Role): ItemDraft {
  if (place.kept) return place.kept;
  const { brief, customs } = asking;
  const reasons = [
    ...(place.ownReasons ?? []),
    ...reasonsFor(place.allowed.form, role, brief, customs, targets),
  ];
  return {
    ...itemDraft(asking, place.allowed, role, reasons),
    ...(place.lesson ? { lesson: place.lesson, familiarity: 'taught' as const } : {}),
  };
}

/** The ways a form may be done at a place: as it is kept, or as often and as slowly as is worth choosing among. */
function waysAt({ allowed: { form }, kept, lesson, pin }: Place, role: Role): readonly Way[] {
  if (!kept) return waysOf(form, role, lesson, pin?.repetitions);
  const { repetitions, stretch } = kept;
  return [{ repetitions, stretch, dose: doseOf(form, repetitions, kept.lesson) }];
}

/** The ways of a place as the solver chooses among them, each with its time and worth. */
function optionsAt(ground: Ground, place: Place, role: Role, draft: ItemDraft, own: number) {
  const { asking, strength } = ground;
  const { form, fitting } = place.allowed;
  const pace = place.kept ? 1 : draft.stretch;
  const lineAt = (stretch: number) =>
    timeLine(form, { ...draft, stretch: stretch * pace }, asking.brief, ground.practiceCustoms);
  const { start } = stanceOf(form, fitting.variant);
  const isUsualStance = start === 'shoulder width' || start === 'chair';
  const changeMs = isUsualStance ? 0 : STANCE_CHANGE_SEC[draft.familiarity] * 1000;
  const asks = asksOf(form, fitting.variant);
  return distinct(
    waysAt(place, role).map((way) => {
      const ms = lengthMs(lineAt(way.stretch), way.repetitions);
      const dose = way.dose + longPoints(asks, role, place.lesson, ms);
      return {
        units: unitsIn(ground, ms + changeMs),
        value: own + dose * strength('dose'),
        way: { ...way, dose },
      };
    }),
  );
}

/** The counters a form adds to at a place. */
function countsAt(ground: Ground, place: Place, role: Role, served: readonly number[]): readonly number[] {
  const { targetCounters, twins, counters, news, strength, asking } = ground;
  const { form } = place.allowed;
  const counts = HEART.has(role) ? served.map((index) => entryAt(targetCounters, index)) : [];
  const twin = twinKind(form);
  const canMeet = role === 'nourish' || role === 'clear' || role === 'balance';
  if (twin && twins.has(twin) && !place.lesson && canMeet)
    counts.push(counters.twins(twin, -weight('twins') * strength('twins'), form.family));
  const isNew = news !== undefined && !asking.people.known?.includes(form.id);
  if (isNew && !place.kept && role !== 'arrive' && role !== 'close') counts.push(news);
  return counts;
}

/** A place as the solver knows it, and what its numbers stand for. */
function candidateAt(
  ground: Ground,
  section: SectionPlan,
  place: Place,
): { readonly candidate: Candidate; readonly meaning: Meaning } {
  const { role } = section;
  const { form, fitting } = place.allowed;
  const { variant } = fitting;
  const draft = draftAt(ground, place, role);
  const served = ground.hits.get(form.id) ?? hitsOf(ground.targets, form);
  const parts = partsOf({ form, variant, role, organ: section.organ }, ground.weighing);
  const whim = place.kept || place.pinned ? 0 : (ground.whims.get(form.id) ?? 0);
  const own = parts.reduce((sum, { strength, points }) => sum + points * ground.strength(strength), whim);
  const options = optionsAt(ground, place, role, draft, own);
  const { start, end } = stanceOf(form, variant);
  const asks = asksOf(form, variant);
  const late = role === 'clear' || role === 'nourish' || role === 'still' || role === 'balance';
  return {
    meaning: {
      form,
      item: draft,
      kept: place.kept,
      parts,
      ways: options.map(({ way }) => way),
      targets: HEART.has(role) ? served : [],
      whim,
    },
    candidate: {
      once: place.once,
      options: options.map(({ units, value }): Option => ({ units, value })),
      startStance: stanceNumber(start),
      endStance: stanceNumber(end),
      armsUp: asks.armsAboveShoulders,
      low: asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend === 'moderate'),
      counts: countsAt(ground, place, role, served),
      needs: late && !place.kept ? deepBits(form, variant) : 0,
      // What is done in the heart of a practice no longer prepares it.
      loosens: late ? 0 : loosenedBy(form),
      pinned: place.pinned,
      ...(place.pin?.place === undefined ? {} : { place: place.pin.place }),
    },
  };
}

/** A section's ranges, in units; a little inside its own, so that settling the breath does not lead out of them. */
function rangesOf({ unitMs, totalUnits, strength }: Ground, section: SectionPlan) {
  return {
    targetUnits: Math.round(section.targetMs / unitMs),
    leastUnits: Math.ceil((section.leastMs * 1.04) / unitMs),
    mostUnits: Math.max(1, Math.floor((section.mostMs * 0.97) / unitMs)),
    awayCost: (weight('awayFromShare') / totalUnits) * strength('shares'),
  };
}

/** How long the hinge takes, units; nothing where there is none. */
function hingeUnits(ground: Ground): number {
  const { hinge, asking } = ground;
  if (!hinge) return 0;
  const item = hingeItem(asking, hinge, 'clear');
  const alone = measured(hinge.form, item, 1, asking.brief, ground.practiceCustoms);
  return unitsIn(ground, compile(alone).totalMs);
}

/**
 * The composer's model of a brief: sections with their candidates, each with its ways and its worth. Pure;
 * the numbers in it are the whole of what the solver knows.
 */
export function modelOf(asking: Asking): Model {
  const { allowed, refused } = sortOut(asking);
  const ground = groundOf(asking, allowed);
  const { plan, targets, hinge, unitMs, totalUnits, strength, weighing } = ground;
  const extraUnits = hingeUnits(ground);
  const built = plan.map((section, at) =>
    (ground.places[at] ?? []).map((place) => candidateAt(ground, section, place)),
  );
  const sections = plan.map((section, at): Section => ({
    candidates: (built[at] ?? []).map(({ candidate }) => candidate),
    extraUnits: section.hinge ? extraUnits : 0,
    ...rangesOf(ground, section),
  }));
  const problem: Problem = {
    totalUnits,
    slackUnits: Math.max(2, Math.round(totalUnits * SLACK)),
    offCost: weight('offLength') / totalUnits,
    stances: STANCES.length,
    stanceCost:
      weight('stanceChange') *
      strength('stance') *
      (weighing.character === 'plainer' ? weight('plainerStance') : 1),
    armsCost: weight('armsInARow') * strength('rest'),
    lowCost: weight('lowInARow') * strength('rest'),
    sections,
    counters: ground.counters.rows,
  };
  return {
    asking,
    plan,
    problem,
    meanings: built.map((list) => list.map(({ meaning }) => meaning)),
    targets,
    counters: ground.counters.meanings,
    refused,
    hinge,
    unitMs,
  };
}

/** A gathering breath between two blocks: once, unannounced. */
export function hingeItem(asking: Asking, entry: Allowed, role: Role): ItemDraft {
  return { ...itemDraft(asking, entry, role, [{ code: 'hinge' }]), hinge: true, familiarity: 'known' };
}
