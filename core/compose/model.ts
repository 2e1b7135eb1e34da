import { themeBlocks } from '../brief';
import { STRENGTH_LEVELS, type Customs, type StrengthId } from '../customs';
import {
  asksOf,
  exhaleWanted,
  organsOfForm,
  stanceOf,
  STANCES,
  twinKind,
  type Form,
  type Role,
} from '../forms';
import { compile, type Item } from '../practice';
import { STANCE_CHANGE_SEC } from '../time';
import { seededRandom } from '../random';
import type { Allowed, Asking, ItemDraft } from './asking';
import { fitForm, type Fitting, type Refusal } from './candidates';
import { doseOf, itemDraft, lengthMs, longPoints, measured, timeLine, waysOf } from './items';
import { deepBits, loosenedBy } from './joints';
import { placesOf, type Place } from './places';
import { planSections, type SectionPlan } from './plan';
import { targetsOf, type Target } from './reach';
import { distinct, type Candidate, type Counter, type Option, type Problem, type Section } from './solver';
import { HEART, partsOf, reachParts, reasonsFor, withinPlace, type Part } from './worth';

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
const TWIN_POINTS = 0.9;
const RECENT_POINTS = [0.9, 0.5, 0.25] as const;
const APART_POINTS = 2.2;
const BLOCK_POINTS = 1.2;
/** How far a draft's whim may lift or lower a form, so that another draft is another. */
const WHIM_POINTS = 1.6;

export const factorOf = (customs: Customs, strength: StrengthId): number =>
  STRENGTH_LEVELS[customs.strengths[strength]];

function sortOut({ brief, repertoire, people, customs }: Asking) {
  const allowed: Allowed[] = [];
  const refused = new Map<string, Refusal | 'left-out'>();
  for (const form of repertoire) {
    const fitting = brief.without.includes(form.id)
      ? 'left-out'
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

/**
 * The composer's model of a brief: sections with their candidates, each with its ways and its worth. Pure;
 * the numbers in it are the whole of what the solver knows.
 */
export function modelOf(asking: Asking): Model {
  const { brief, customs, people, seed } = asking;
  const character = asking.character ?? 'as-asked';
  const { allowed, refused } = sortOut(asking);
  const plan = planSections(brief);
  const unitMs = Math.max(1000, (brief.minutes * 60_000) / unitsOf(brief.minutes));
  const totalUnits = Math.round((brief.minutes * 60_000) / unitMs);
  const units = (ms: number): number => Math.max(1, Math.round(ms / unitMs));
  const strength = (id: StrengthId): number => factorOf(customs, id);
  const targets = targetsOf(brief, customs);
  const random = seededRandom(seed);
  const whims = new Map(
    allowed.map(({ form }) => [form.id, seed <= 1 ? 0 : (random.next() - 0.5) * WHIM_POINTS]),
  );
  const places = placesOf(asking, plan, allowed);
  const counters = new Counters();
  const targetCounters = targets.map((target) =>
    counters.add(
      target.gains.map((points) => points * strength(target.strength)),
      { kind: 'target', target },
    ),
  );
  const twins = meetingTwins(places, plan);
  const isNew = (form: Form): boolean => (people.known?.length ?? 0) > 0 && !people.known?.includes(form.id);
  const news =
    (people.known?.length ?? 0) > 0
      ? counters.add([...Array.from({ length: customs.newFormsAtMost }, () => 0), -Infinity], {
          kind: 'new-forms',
          atMost: customs.newFormsAtMost,
        })
      : undefined;
  const hits = new Map(
    allowed.map(({ form }) => [
      form.id,
      targets.flatMap((target, index) => (target.reachOf(form) ? [index] : [])),
    ]),
  );
  const blocks = themeBlocks(brief.theme);
  const hingeEntry = plan.some((section) => section.hinge)
    ? allowed.find(({ form }) => form.hinge)
    : undefined;
  const hingeMs = hingeEntry
    ? compile(measured(hingeEntry.form, hingeItem(asking, hingeEntry, 'clear'), 1, brief, customs)).totalMs
    : 0;

  const meanings: Meaning[][] = [];
  const sections = plan.map((section, at): Section => {
    const { role } = section;
    const heart = HEART.has(role);
    const meant: Meaning[] = [];
    const candidates = (places[at] ?? []).map((place): Candidate => {
      const { form, fitting } = place.allowed;
      const reasons = place.kept
        ? place.kept.reasons
        : [...(place.ownReasons ?? []), ...reasonsFor(form, role, brief, customs, targets)];
      const draft: ItemDraft = place.kept
        ? place.kept
        : {
            ...itemDraft(asking, place.allowed, role, reasons),
            ...(place.lesson ? { lesson: place.lesson, familiarity: 'taught' as const } : {}),
          };
      const served =
        hits.get(form.id) ?? targets.flatMap((target, index) => (target.reachOf(form) ? [index] : []));
      const ofBlock = section.organ && organsOfForm(form, customs).includes(section.organ);
      const parts: Part[] = [
        ...withinPlace([
          ...partsOf(form, fitting.variant, role, brief, customs, character),
          ...reachParts(form, role, targets),
          ...(ofBlock ? [{ strength: 'theme' as const, points: BLOCK_POINTS }] : []),
        ]),
      ];
      if (blocks.length === 0 && heart && served.length === 0)
        parts.push({ strength: 'theme', points: -0.5 });
      // Where the custom wants the breath out by the nose, a form that sends it by the mouth suits less.
      if (form.exhale === 'mouth' && exhaleWanted(form, role, customs.exhaleRoute) === 'nose')
        parts.push({ strength: 'theme', points: -0.8 });
      RECENT_POINTS.forEach((points, back) => {
        if (people.recent?.[back]?.includes(form.id) && role !== 'arrive' && role !== 'close')
          parts.push({ strength: 'variety', points: -points });
      });
      if (asking.apartFrom?.includes(form.id) && (heart || role === 'balance' || role === 'wake'))
        parts.push({ strength: 'variety', points: -APART_POINTS });
      const ways = place.kept
        ? [
            {
              repetitions: place.kept.repetitions,
              stretch: place.kept.stretch,
              dose: doseOf(form, place.kept.repetitions, place.kept.lesson),
            },
          ]
        : waysOf(form, role, place.lesson, place.pin?.repetitions);
      const whim = place.kept || place.pinned ? 0 : (whims.get(form.id) ?? 0);
      const own = parts.reduce((sum, { strength: id, points }) => sum + points * strength(id), whim);
      const line = timeLine(form, draft, brief, customs);
      const pace = place.kept ? 1 : draft.stretch;
      const { start, end } = stanceOf(form, fitting.variant);
      const changeMs =
        (start === 'shoulder width' || start === 'chair' ? 0 : 1) *
        STANCE_CHANGE_SEC[draft.familiarity] *
        1000;
      const asks = asksOf(form, fitting.variant);
      const options = distinct(
        ways.map((way) => {
          const ms = lengthMs(line, way.repetitions, way.stretch * pace);
          const dose = way.dose + longPoints(asks, role, place.lesson, ms);
          return { units: units(ms + changeMs), value: own + dose * strength('dose'), way: { ...way, dose } };
        }),
      );
      const twin = twinKind(form);
      const counts = [
        ...(heart ? served.map((index) => targetCounters[index] as number) : []),
        ...(twin &&
        twins.has(twin) &&
        !place.lesson &&
        (role === 'nourish' || role === 'clear' || role === 'balance')
          ? [counters.twins(twin, TWIN_POINTS * strength('twins'), form.family)]
          : []),
        ...(news !== undefined && isNew(form) && !place.kept && role !== 'arrive' && role !== 'close'
          ? [news]
          : []),
      ];
      meant.push({
        form,
        item: draft,
        kept: place.kept,
        parts,
        ways: options.map(({ way }) => way),
        targets: heart ? served : [],
        whim,
      });
      const late = role === 'clear' || role === 'nourish' || role === 'still' || role === 'balance';
      return {
        once: place.once,
        options: options.map(({ units: taken, value }): Option => ({ units: taken, value })),
        startStance: stanceNumber(start),
        endStance: stanceNumber(end),
        armsUp: asks.armsAboveShoulders,
        low: asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend === 'moderate'),
        counts,
        needs: late && !place.kept ? deepBits(form, fitting.variant) : 0,
        // What is done in the heart of a practice no longer prepares it.
        loosens: late ? 0 : loosenedBy(form),
        pinned: place.pinned,
        ...(place.pin?.place === undefined ? {} : { place: place.pin.place }),
      };
    });
    meanings.push(meant);
    const extraUnits = section.hinge && hingeEntry ? units(hingeMs) : 0;
    return {
      candidates,
      extraUnits,
      targetUnits: Math.round(section.targetMs / unitMs),
      // A little inside the ranges, so that settling the breath does not lead out of them.
      leastUnits: Math.ceil((section.leastMs * 1.04) / unitMs),
      mostUnits: Math.max(1, Math.floor((section.mostMs * 0.97) / unitMs)),
      awayCost: (9 / totalUnits) * strength('shares'),
    };
  });
  return {
    asking,
    plan,
    problem: {
      totalUnits,
      slackUnits: Math.max(2, Math.round(totalUnits * SLACK)),
      offCost: 12 / totalUnits,
      stances: STANCES.length,
      stanceCost: 0.3 * strength('stance') * (character === 'plainer' ? 2 : 1),
      armsCost: 0.35 * strength('rest'),
      lowCost: 0.35 * strength('rest'),
      sections,
      counters: counters.rows,
    },
    meanings,
    targets,
    counters: counters.meanings,
    refused,
    hinge: hingeEntry,
    unitMs,
  };
}

/** A gathering breath between two blocks: once, unannounced. */
export function hingeItem(asking: Asking, entry: Allowed, role: Role): ItemDraft {
  return { ...itemDraft(asking, entry, role, [{ code: 'hinge' }]), hinge: true, familiarity: 'known' };
}
