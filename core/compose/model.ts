import { themeBlocks, themeParts, type Brief } from '../brief';
import { STRENGTH_LEVELS, type Customs, type StrengthId } from '../customs';
import {
  asksOf,
  formsOfSet,
  FORM_SETS,
  organsOfForm,
  stanceOf,
  STANCES,
  twinKind,
  type Form,
  type Role,
} from '../forms';
import type { OrganId } from '../phases';
import {
  compile,
  LESSON_STEPS,
  STANCE_CHANGE_SEC,
  type Item,
  type LessonStep,
  type Practice,
} from '../practice';
import { seededRandom } from '../random';
import type { ConditionId } from '../people';
import { fitForm, type Fitting, type Refusal } from './candidates';
import { deepBits, loosenedBy } from './joints';
import { planSections, type SectionPlan } from './plan';
import { targetsOf, type Target } from './reach';
import type { Candidate, Counter, Option, Problem, Section } from './solver';
import { HEART, partsOf, reachParts, reasonsFor, type Character, type Part } from './worth';

/** The people a practice is for, as far as the composer may know them. */
export interface People {
  readonly conditions: readonly ConditionId[];
  /** Forms of their last classes, newest first. */
  readonly recent?: readonly (readonly string[])[];
  /** Forms they have met in any class; nothing known where no class has been given. */
  readonly known?: readonly string[];
  /** How long forms really took against the plan, by form id, shrunk towards 1 where samples are few. */
  readonly pace?: Readonly<Record<string, number>>;
}

/** Everything a draft depends on. */
export interface Asking {
  readonly brief: Brief;
  readonly repertoire: readonly Form[];
  readonly customs: Customs;
  readonly people: People;
  readonly seed: number;
  readonly character?: Character;
  /** Items that stay as they are, with the practice they come from. */
  readonly kept?: { readonly items: readonly Item[]; readonly forms: Practice['forms'] };
  /** Forms of other drafts, which this one should do without where it can. */
  readonly apartFrom?: readonly string[];
  /** Good enough is within this share (of a point a minute) of the best that can be. 0 asks for proof. */
  readonly enough?: number;
  /** A form to be put in, whatever it costs, in a section if one is named. */
  readonly putIn?: { readonly formId: string; readonly role?: Role };
}

export type ItemDraft = Omit<Item, 'id' | 'repetitions'>;

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

interface Allowed {
  readonly form: Form;
  readonly fitting: Fitting;
}

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

/** A practice only to be measured: one item, nothing else. */
function measured(
  form: Form,
  item: ItemDraft,
  repetitions: number,
  brief: Brief,
  customs: Customs,
): Practice {
  return {
    name: 'measure',
    brief,
    customs: practiceCustoms(customs),
    seed: 0,
    items: [{ ...item, id: 'm', repetitions }],
    forms: { [form.id]: form },
  };
}

export const practiceCustoms = ({
  outToIn,
  animalSchool,
  virtueSchool,
  soundSchool,
}: Customs): Practice['customs'] => ({
  outToIn,
  animalSchool,
  virtueSchool,
  soundSchool,
});

/** Time with one repetition that no breath changes, time that the breath stretches, and that of one more. */
interface TimeLine {
  readonly fixedMs: number;
  readonly breathMs: number;
  readonly moreMs: number;
}

/** Time lines already measured, by form and by all that its time depends on: a redraft asks for the same ones. */
const measuredLines = new WeakMap<Form, Map<string, TimeLine>>();

function timeLine(form: Form, item: ItemDraft, brief: Brief, customs: Customs): TimeLine {
  const plain = { ...item, stretch: 1 };
  const { reasons, ...depends } = plain;
  void reasons;
  const asked = JSON.stringify([depends, brief.breathsPerMin, customs.outToIn, customs.soundSchool]);
  const lines = measuredLines.get(form) ?? new Map<string, TimeLine>();
  measuredLines.set(form, lines);
  const known = lines.get(asked);
  if (known) return known;
  const one = compile(measured(form, plain, 1, brief, customs));
  const two = compile(measured(form, plain, 2, brief, customs));
  const breathMs = one.events.reduce((sum, event) => sum + (event.kind === 'stroke' ? event.lengthMs : 0), 0);
  const line = { fixedMs: one.totalMs - breathMs, breathMs, moreMs: two.totalMs - one.totalMs };
  lines.set(asked, line);
  return line;
}

export const lengthMs = (
  { fixedMs, breathMs, moreMs }: TimeLine,
  repetitions: number,
  stretch: number,
): number => fixedMs + stretch * (breathMs + (repetitions - 1) * moreMs);

function familiarityOf(asking: Asking, role: Role, form: Form): Item['familiarity'] {
  // Arriving and closing are not taught: everyone knows how to stand and how to end.
  if (role === 'arrive' || role === 'close') return 'known';
  const { known } = asking.people;
  return known && known.length > 0
    ? known.includes(form.id)
      ? 'known'
      : 'taught'
    : asking.brief.familiarity;
}

/** A form with little quiet of its own is given some where it knocks or stirs (common practice). */
const STILL_AFTER_SEC = 8;

export function itemDraft(
  asking: Asking,
  { form, fitting }: Allowed,
  role: Role,
  reasons: Item['reasons'],
): ItemDraft {
  const asks = asksOf(form, fitting.variant);
  const quiet = (asks.percussion.length > 0 || asks.vigorous) && form.settleSec < STILL_AFTER_SEC;
  return {
    formId: form.id,
    variant: fitting.variant,
    role,
    stretch: asking.people.pace?.[form.id] ?? 1,
    firstSide: asking.customs.firstSide,
    familiarity: familiarityOf(asking, role, form),
    omitHolds: fitting.omitHolds,
    exhaleByMouth: fitting.exhaleByMouth,
    hinge: false,
    reasons: [...reasons, ...fitting.reasons].slice(0, 16),
    ...(quiet ? { quietSec: STILL_AFTER_SEC - form.settleSec } : {}),
  };
}

/** Inner work and rubbing come after the moving forms of a section; joints in the user's order (common practice). */
function orderOf(form: Form, index: number, jointOrder: readonly string[], role: Role): number {
  const late =
    role !== 'loosen' && (form.family === 'inner breathing' || form.family === 'self-massage') ? 1000 : 0;
  const joint = jointOrder.indexOf(form.id);
  return late + (joint >= 0 ? joint / 100 : 1 + index);
}

const FINE_STRETCHES = [1, 1.1] as const;
const SLOW_ROLES: ReadonlySet<Role> = new Set(['nourish', 'still', 'balance', 'gather']);

interface Way {
  readonly repetitions: number;
  readonly stretch: number;
  readonly dose: number;
}

/** Repetitions and breath lengths worth choosing among: near the usual dose, and the ends of the range. */
function waysOf(form: Form, role: Role, lesson: LessonStep | undefined): readonly Way[] {
  const { least, usual, most, multipleOf } = form.repetitions;
  if (lesson === 'show' || lesson === 'parts' || lesson === 'mistakes')
    return [{ repetitions: 1, stretch: 1, dose: 0 }];
  const counts = [-2, -1, 0, 1, 2, 4].map((steps) => usual + steps * multipleOf);
  const far =
    lesson === 'drill'
      ? [most, most + 2 * multipleOf, most + 6 * multipleOf, most + 12 * multipleOf]
      : [least, most];
  const inRange = [...new Set([...counts, ...far])].filter(
    (count) => count >= least && (count <= most || lesson === 'drill'),
  );
  const breathed = form.cycle.some(({ breath }) => breath === 'in' || breath === 'out');
  const stretches = SLOW_ROLES.has(role) && breathed ? FINE_STRETCHES : [1];
  return inRange
    .toSorted((a, b) => a - b)
    .flatMap((repetitions) =>
      stretches.map((stretch) => {
        // Drilling wants as many as there is time for, everything else about the usual dose.
        const wanted = lesson === 'drill' ? Math.max(...inRange) : usual;
        const off = (repetitions - wanted) / wanted;
        return {
          repetitions,
          stretch,
          dose: -(lesson === 'drill' ? 1.5 : 0.35) * off * off - (stretch === 1 ? 0 : 0.03),
        };
      }),
    );
}

interface Place {
  readonly allowed: Allowed;
  readonly once: number;
  readonly order: number;
  readonly pinned: boolean;
  readonly kept?: Item;
  readonly lesson?: LessonStep;
  readonly ownReasons?: Item['reasons'];
}

/** The section an existing item belongs to: the one of its role, in a practice of blocks that of its organ. */
function sectionFor(plan: readonly SectionPlan[], role: Role, organs: readonly OrganId[]): number {
  const own = plan.findIndex(
    (section) => section.role === role && (!section.organ || organs.includes(section.organ)),
  );
  if (own >= 0) return own;
  const same = plan.findIndex((section) => section.role === role);
  return same >= 0 ? same : plan.findIndex((section) => section.role === 'nourish');
}

/** Whether a form may stand in a block without an organ being nourished before it is cleared. */
function blockAllows(plan: readonly SectionPlan[], index: number, organs: readonly OrganId[]): boolean {
  const section = plan[index];
  if (!section?.organ) return true;
  const others = plan.filter((other, place) =>
    section.role === 'nourish'
      ? other.role === 'clear' && place > index
      : other.role === 'nourish' && place < index,
  );
  return !others.some((other) => other.organ !== undefined && organs.includes(other.organ));
}

/** Which forms are candidates where: by their roles, by set, lesson, pins and what is kept. */
function placesOf(asking: Asking, plan: readonly SectionPlan[], allowed: readonly Allowed[]): Place[][] {
  const { brief, customs } = asking;
  const places: Place[][] = plan.map(() => []);
  const joints = formsOfSet('joints', customs);
  const parts = themeParts(brief.theme);
  const sets = parts.flatMap((part) =>
    part.kind === 'set' && FORM_SETS.some((row) => row.id === part.set) ? [part.set] : [],
  );
  const inSet = new Map(
    sets.flatMap((set) => formsOfSet(set, customs).map((id, index) => [id, { set, index }] as const)),
  );
  const lessons = parts.flatMap((part) => (part.kind === 'lesson' ? [part.formId] : []));
  const keptIds = new Set((asking.kept?.items ?? []).map((item) => item.formId));
  const pinned = new Set([...(brief.withForms ?? []), ...(asking.putIn ? [asking.putIn.formId] : [])]);
  const heart = plan.findIndex((section) => section.role === 'nourish');
  let once = 0;
  allowed.forEach((entry, index) => {
    const { form } = entry;
    const number = once;
    once += 1;
    const organs = organsOfForm(form, customs);
    if (lessons.includes(form.id)) {
      LESSON_STEPS.forEach((lesson, step) => {
        places[heart]?.push({
          allowed: entry,
          once,
          order: 500 + step / 10,
          pinned: true,
          lesson,
          ownReasons: [{ code: 'lesson', step: lesson }],
        });
        once += 1;
      });
      return;
    }
    if (keptIds.has(form.id)) return;
    const order = (role: Role): number => orderOf(form, index, joints, role);
    const member = inSet.get(form.id);
    if (member) {
      places[heart]?.push({
        allowed: entry,
        once: number,
        order: 400 + member.index / 100,
        pinned: true,
        ownReasons: [{ code: 'of-the-set', set: member.set, number: member.index + 1 }],
      });
      return;
    }
    if (pinned.has(form.id)) {
      const wanted = asking.putIn?.formId === form.id ? asking.putIn.role : undefined;
      const role =
        wanted ?? form.roles.find((one) => plan.some((section) => section.role === one)) ?? 'nourish';
      const at = sectionFor(plan, role, organs);
      places[at]?.push({
        allowed: entry,
        once: number,
        order: order(role),
        pinned: true,
        ownReasons: [{ code: 'must-be-in' }],
      });
      return;
    }
    plan.forEach((section, at) => {
      // A set fills the heart of its practice alone.
      if (sets.length > 0 && section.role === 'nourish') return;
      if (form.roles.includes(section.role) && blockAllows(plan, at, organs))
        places[at]?.push({ allowed: entry, once: number, order: order(section.role), pinned: false });
    });
  });
  // What is kept keeps its order; the others find their places around it.
  let after = -1;
  for (const item of asking.kept?.items ?? []) {
    const form = asking.kept?.forms[item.formId];
    if (!form) continue;
    const at = sectionFor(plan, item.role, organsOfForm(form, customs));
    const index = allowed.findIndex((entry) => entry.form.id === form.id);
    const order = Math.max(after + 0.001, orderOf(form, Math.max(0, index), joints, item.role));
    after = order;
    places[at]?.push({
      allowed: {
        form,
        fitting: {
          variant: item.variant,
          omitHolds: item.omitHolds,
          exhaleByMouth: item.exhaleByMouth,
          reasons: [],
        },
      },
      once,
      order,
      pinned: true,
      kept: item,
    });
    once += 1;
  }
  return places.map((list) => list.toSorted((a, b) => a.order - b.order));
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
      const parts: Part[] = [...partsOf(form, fitting.variant, role, brief, customs, character)];
      parts.push(...reachParts(form, role, targets));
      if (section.organ && organsOfForm(form, customs).includes(section.organ))
        parts.push({ strength: 'theme', points: BLOCK_POINTS });
      if (blocks.length === 0 && heart && served.length === 0)
        parts.push({ strength: 'theme', points: -0.5 });
      RECENT_POINTS.forEach((points, back) => {
        if (people.recent?.[back]?.includes(form.id) && role !== 'arrive' && role !== 'close')
          parts.push({ strength: 'variety', points: -points });
      });
      if (asking.apartFrom?.includes(form.id) && (heart || role === 'balance' || role === 'wake'))
        parts.push({ strength: 'variety', points: -APART_POINTS });
      const ways = place.kept
        ? [{ repetitions: place.kept.repetitions, stretch: place.kept.stretch, dose: 0 }]
        : waysOf(form, role, place.lesson);
      const whim = place.kept || place.pinned ? 0 : (whims.get(form.id) ?? 0);
      const own = parts.reduce((sum, { strength: id, points }) => sum + points * strength(id), whim);
      const line = timeLine(form, draft, brief, customs);
      const pace = place.kept ? 1 : draft.stretch;
      const { start, end } = stanceOf(form, fitting.variant);
      const changeMs =
        (start === 'shoulder width' || start === 'chair' ? 0 : 1) *
        STANCE_CHANGE_SEC[draft.familiarity] *
        1000;
      const options = ways.map(({ repetitions, stretch, dose }): Option => ({
        units: units(lengthMs(line, repetitions, stretch * pace) + changeMs),
        value: own + dose * strength('dose'),
      }));
      const asks = asksOf(form, fitting.variant);
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
        ways,
        targets: heart ? served : [],
        whim,
      });
      const late = role === 'clear' || role === 'nourish' || role === 'still' || role === 'balance';
      return {
        once: place.once,
        options,
        startStance: stanceNumber(start),
        endStance: stanceNumber(end),
        armsUp: asks.armsAboveShoulders,
        low: asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend === 'moderate'),
        counts,
        needs: late && !place.kept ? deepBits(form, fitting.variant) : 0,
        // What is done in the heart of a practice no longer prepares it.
        loosens: late ? 0 : loosenedBy(form),
        pinned: place.pinned,
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
