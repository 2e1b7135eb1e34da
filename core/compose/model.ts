import { entryAt } from '../lists/lists';
import { themeBlocks, themeParts, type Brief } from '../brief';
import { STRENGTH_LEVELS, type Customs, type StrengthId } from '../customs';
import {
  asksOf,
  brocadeKind,
  isUnwritten,
  stanceOf,
  STANCES,
  twinKind,
  type Form,
  type Role,
} from '../forms';
import { compile, type Item, type Practice } from '../practice';
import { seededRandom } from '../random';
import { STANCE_CHANGE_SEC } from '../time';
import { againOf, ANCHORS } from './again';
import type { Allowed, Asking, ItemDraft } from './asking';
import { fitForm, type Fitting, type Refusal } from './candidates';
import { HEART, partsOf, placeOf, type Part, type Weighing } from './criteria';
import {
  asDosed,
  doseOf,
  fullness,
  FINE_STRETCHES,
  slowed,
  itemDraft,
  lengthMs,
  type TimeLine,
  longPoints,
  measured,
  practiceCustoms,
  timeLine,
  waysOf,
  type Way,
} from './items';
import { deepBits, loosenedBy } from './joints';
import {
  askedForIn,
  comesHome,
  isLearnt,
  isOfJoints,
  mostFormsFor,
  leastRepetitionsOf,
  leastSecOf,
  mostSecOf,
  SHORT_ROUND_BELOW_MINUTES,
} from '../measures';
import { placesOf, type Place } from './places';
import type { SoundOrgan } from '../sounds';
import { breathDressings, partsOfLaid, soundDressing, soundedOrgan, type Dressing } from './dressing';
import { soundsWanted } from './criteria/sound';
import { planSections, type SectionPlan } from './plan';
import { targetsOf, type Target } from './reach';
import { comesAgain, returnGains } from './returning';
import { reasonsFor } from './reasons';
import { distinct, type Candidate, type Counter, type Option, type Problem, type Section } from './solver';
import { shapeOf } from './shapes';
import { weight } from './weights';

/** What a number in the problem stands for. */
export interface Meaning {
  readonly form: Form;
  readonly kept: Item | undefined;
  readonly parts: readonly Part[];
  readonly ways: readonly WayMeant[];
  readonly targets: readonly number[];
  readonly whim: number;
}

/** A way of doing a form: how often, how slowly, and what lies on its breath. */
export interface WayMeant extends Way {
  readonly item: ItemDraft;
  /** What the layers of this way are worth. */
  readonly layers: readonly Part[];
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
  | { readonly kind: 'sound'; readonly organ: SoundOrgan }
  /** A second pass of tapping or tracing, or a form done in its full and its gentle kind. */
  | { readonly kind: 'again' }
  /** Closing with the hands at the lower dāntián. */
  | { readonly kind: 'home' }
  | { readonly kind: 'new-forms'; readonly atMost: number }
  /** Forms of the last class. */
  | { readonly kind: 'returning' }
  /** Joints loosened one by one. */
  | { readonly kind: 'joints'; readonly atMost: number }
  /** Forms in all, the joints as one round. */
  | { readonly kind: 'forms'; readonly atMost: number };

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
        : isUnwritten(form) && !brief.pins?.some(({ formId }) => formId === form.id)
          ? 'unwritten'
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
  readonly #sounds = new Map<SoundOrgan, number>();

  add(gains: readonly number[], meaning: CounterMeaning): number {
    this.rows.push({ gains });
    this.meanings.push(meaning);
    return this.rows.length - 1;
  }

  /** Something that is not done a second time, by a key of its own. */
  once(key: string, points: number, meaning: CounterMeaning): number {
    const known = this.#twins.get(key);
    if (known !== undefined) return known;
    const index = this.add([0, points], meaning);
    this.#twins.set(key, index);
    return index;
  }

  /** Something worth doing for the first time, and not again. */
  first(key: string, points: number, meaning: CounterMeaning): number {
    const known = this.#twins.get(key);
    if (known !== undefined) return known;
    const index = this.add([points, 0], meaning);
    this.#twins.set(key, index);
    return index;
  }

  /** The same organ's sound a second time. */
  sound(organ: SoundOrgan, points: number): number {
    const known = this.#sounds.get(organ);
    if (known !== undefined) return known;
    const index = this.add([0, points], { kind: 'sound', organ });
    this.#sounds.set(organ, index);
    return index;
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
  /** The counter of forms that come again from the last class; none where no class is known. */
  readonly returning: number | undefined;
  /** The counter of joints loosened one by one; none where they are the theme. */
  readonly joints: number | undefined;
  /** The targets a form reaches, by its id. */
  readonly hits: ReadonlyMap<string, readonly number[]>;
  readonly whims: ReadonlyMap<string, number>;
  /** The counter of forms in all. */
  readonly all: number;
  /** Forms that are in the brief by name. */
  readonly askedFor: ReadonlySet<string>;
  readonly hinge: Model['hinge'];
  readonly unitMs: number;
  readonly totalUnits: number;
  /** How often each form of a round is done; as suits each where there is none. */
  readonly round: number | undefined;
  readonly strength: (id: StrengthId) => number;
  readonly practiceCustoms: Practice['customs'];
}

const unitsIn = ({ unitMs }: Pick<Ground, 'unitMs'>, ms: number): number =>
  Math.max(1, Math.round(ms / unitMs));

const hitsOf = (targets: readonly Target[], form: Form): readonly number[] =>
  targets.flatMap((target, index) => (target.counts(form) ? [index] : []));

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
  // One more is to be had where nothing else can be, and then the margin says so.
  const gains = [...Array.from({ length: atMost }, () => 0), weight('tooNew')];
  return counters.add(gains, { kind: 'new-forms', atMost });
}

/** Forms of the last class are counted, where there was one. */
function returningOf(asking: Asking, counters: Counters): number | undefined {
  const factor = factorOf(asking.customs, 'variety');
  const gains = returnGains(asking)?.map((points) => points * factor);
  return gains && counters.add(gains, { kind: 'returning' });
}

/** How many joints are loosened one by one in a class of so many minutes: a few, and one more every ten minutes. */
const jointsIn = (minutes: number): number => 3 + Math.floor(minutes / 10);

/** Joints are counted, save where they are the theme. */
function jointsOf({ brief, customs }: Asking, counters: Counters): number | undefined {
  if (shapeOf(brief).id === 'joints') return undefined;
  const atMost = jointsIn(brief.minutes);
  const more = weight('jointsEnough') * factorOf(customs, 'economy');
  return counters.add([...Array.from({ length: atMost }, () => 0), more], { kind: 'joints', atMost });
}

/** Forms beyond what a practice of so many minutes has, each at a price no form is worth; the joints are one round. */
function allOf({ brief, kept }: Asking, counters: Counters): number {
  const most = Math.max(mostFormsFor(brief.minutes), kept?.items.length ?? 0) - 1;
  return counters.add([...Array.from({ length: most }, () => 0), weight('tooMany')], {
    kind: 'forms',
    atMost: most,
  });
}

/** Beside a form as it is, the same form with the organ's sound on its exhale, where the section asks for one. */
function withSounds(
  asking: Asking,
  section: SectionPlan | undefined,
  list: readonly Place[],
): readonly Place[] {
  if (!section || soundsWanted(asking.brief, section).length === 0) return list;
  return list.flatMap((place) => {
    const sounded = place.pinned ? undefined : soundDressing(asking, place.allowed, section);
    return sounded ? [place, { ...place, sounded }] : [place];
  });
}

function groundOf(asking: Asking, allowed: readonly Allowed[], round: number | undefined): Ground {
  const { brief, customs, people } = asking;
  const plan = planSections(brief, customs.shapes);
  const unitMs = Math.max(1000, (brief.minutes * 60_000) / unitsOf(brief.minutes));
  const strength = (id: StrengthId): number => factorOf(customs, id);
  const targets = targetsOf(brief, customs);
  const places = placesOf(asking, plan, allowed).map((list, at) => withSounds(asking, plan[at], list));
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
    returning: returningOf(asking, counters),
    joints: jointsOf(asking, counters),
    all: allOf(asking, counters),
    askedFor: askedForIn(brief, customs),
    hits: new Map(allowed.map(({ form }) => [form.id, hitsOf(targets, form)])),
    whims: whimsOf(asking, allowed),
    hinge: plan.some((section) => section.hinge) ? allowed.find(({ form }) => form.hinge) : undefined,
    unitMs,
    totalUnits: Math.round((brief.minutes * 60_000) / unitMs),
    round,
    strength,
    practiceCustoms: practiceCustoms(asking),
  };
}

/** Whether a form is one that comes again where it stands; in the heart only what serves the theme itself. */
const isAgain = (ground: Ground, { allowed: { form } }: Place, role: Role): boolean => {
  const { asking, hits, targets } = ground;
  const serves = (hits.get(form.id) ?? []).some((index) => targets[index]?.strength === 'theme');
  return comesAgain(asking, form, role, serves);
};

const isWelcomeAgain = (ground: Ground, place: Place, role: Role): boolean =>
  againOf(ground.asking.brief, ground.asking.people) !== 'all-new' && isAgain(ground, place, role);

/** The item a place would become, dressed so. */
function draftAt(ground: Ground, place: Place, role: Role, dressing: Dressing): ItemDraft {
  const { asking, targets } = ground;
  if (place.kept) return place.kept;
  const { brief, customs } = asking;
  const reasons = [
    ...(place.ownReasons ?? []),
    ...reasonsFor(place.allowed.form, role, brief, customs, targets),
    ...(isWelcomeAgain(ground, place, role) ? [{ code: 'returns' as const }] : []),
  ];
  const { layers, ...draft } = itemDraft(asking, place.allowed, role, reasons, dressing);
  if (place.lesson) return { ...draft, lesson: place.lesson, familiarity: 'taught' };
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
      repetitions: round,
      stretch,
      dose: doseOf(form, role, round, lesson, full) + slowed(stretch),
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

const pointsOf = (parts: readonly Part[], strength: (id: StrengthId) => number): number =>
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
function optionsAt(ground: Ground, place: Place, section: SectionPlan, own: number) {
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
      const changeMs = isUsualStance ? 0 : STANCE_CHANGE_SEC[item.familiarity] * 1000;
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

/** The organ whose sound is made at a place, where its section asks for it. */
function soundAt({ asking }: Ground, place: Place, section: SectionPlan): SoundOrgan | undefined {
  const { form } = place.allowed;
  const organ = place.sounded?.organ ?? soundedOrgan(asking, form, place.kept ? place.kept.sound : undefined);
  return organ && soundsWanted(asking.brief, section).includes(organ) ? organ : undefined;
}

/** What is not done again: a second pass of tapping or tracing in a section, a brocade in its other kind. */
function againAt(
  { asking, counters, strength, plan }: Ground,
  place: Place,
  section: SectionPlan,
): readonly number[] {
  const { form } = place.allowed;
  const again = (key: string): number =>
    counters.once(key, weight('again') * strength('twins'), { kind: 'again' });
  const isJoint = section.role === 'loosen' && form.family !== 'shaking' && !shapeOf(asking.brief).isSoft;
  // What moves several a little counts for the one it is for.
  const regions = isJoint ? form.loosens.slice(0, 1) : [];
  const kind = place.even || place.lesson ? undefined : brocadeKind(form.id);
  const isPass = form.asks.percussion.length > 0 || form.family === 'channel tracing';
  return [
    ...regions.map((region) =>
      counters.first(region, weight(region === 'wrists' ? 'smallJointMore' : 'jointMore') * strength('arc'), {
        kind: 'again',
      }),
    ),
    ...(isPass && !place.even ? [again(`pass ${plan.indexOf(section)}`)] : []),
    ...(kind === undefined ? [] : [again(`brocade ${kind}`)]),
  ];
}

/** The counters a form adds to at a place. */
function countsAt(
  ground: Ground,
  place: Place,
  section: SectionPlan,
  served: readonly number[],
): readonly number[] {
  const { role } = section;
  const { targetCounters, twins, counters, news, strength, asking } = ground;
  const { form } = place.allowed;
  const counts = HEART.has(role) ? served.map((index) => entryAt(targetCounters, index)) : [];
  const twin = twinKind(form);
  const canMeet = role === 'nourish' || role === 'clear' || role === 'balance';
  if (twin && twins.has(twin) && !place.lesson && canMeet)
    counts.push(counters.twins(twin, -weight('twins') * strength('twins'), form.family));
  const sound = soundAt(ground, place, section);
  if (sound) counts.push(counters.sound(sound, weight('sameSound') * strength('sounds')));
  counts.push(...againAt(ground, place, section));
  // A round of short stations is one form.
  const isStation = place.even === true && asking.brief.minutes < SHORT_ROUND_BELOW_MINUTES;
  if (!isOfJoints(form, role) && !isStation) counts.push(ground.all);
  else if (!isStation && ground.joints !== undefined) counts.push(ground.joints);
  if (role === 'close' && comesHome(form))
    counts.push(counters.first('home', weight('atHome') * strength('arc'), { kind: 'home' }));
  const isNew =
    news !== undefined && !asking.people.known?.includes(form.id) && !ground.askedFor.has(form.id);
  if (isNew && !place.kept && isLearnt(form, role)) counts.push(news);
  const { returning } = ground;
  if (returning !== undefined && isAgain(ground, place, role)) counts.push(returning);
  return counts;
}

/** What stays from draft to draft: how one arrives, goes through the joints, gathers and closes. */
const STAYING: ReadonlySet<Role> = new Set([...ANCHORS, 'loosen']);

/** A step of a lesson is worth what is named first. */
const partsOfLesson = (): readonly Part[] => [{ strength: 'theme', points: weight('namedFirst') }];

/** A place as the solver knows it, and what its numbers stand for. */
function candidateAt(
  ground: Ground,
  section: SectionPlan,
  place: Place,
): { readonly candidate: Candidate; readonly meaning: Meaning } {
  const { role } = section;
  const { form, fitting } = place.allowed;
  const { variant } = fitting;
  const served = ground.hits.get(form.id) ?? hitsOf(ground.targets, form);
  const at = { form, variant, role, organ: section.organ, asked: place.asked === true };
  // The steps of a lesson are the brief's: whether the form is hard or suits the hour is not asked.
  const parts = place.lesson ? partsOfLesson() : partsOf(at, ground.weighing);
  const isFree = !place.kept && !place.pinned && !STAYING.has(role);
  const whim = isFree ? (ground.whims.get(form.id) ?? 0) : 0;
  const own = whim + pointsOf(parts, ground.strength);
  const options = optionsAt(ground, place, section, own);
  const { start, end } = stanceOf(form, variant);
  const asks = asksOf(form, variant);
  const late = role === 'clear' || role === 'nourish' || role === 'still' || role === 'balance';
  return {
    meaning: {
      form,
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
      counts: countsAt(ground, place, section, served),
      needs: place.kept ? 0 : deepBits(form, variant),
      // What is done in the heart of a practice no longer prepares it.
      loosens: late ? 0 : loosenedBy(form),
      pinned: place.pinned,
      ...(place.pin?.place === undefined ? {} : { place: place.pin.place }),
    },
  };
}

/** Sections without which it is no practice. */
const MUST_STAND: ReadonlySet<Role> = new Set(['arrive', 'loosen', 'nourish', 'gather', 'close']);

/**
 * A section's ranges, in units; a little inside its own, so that settling the breath does not lead out of them. Its
 * first form costs no place: only a further one must be worth it.
 */
function rangesOf({ unitMs, totalUnits, strength, weighing }: Ground, section: SectionPlan) {
  const easy = weight(section.isOwn ? 'easyOwnShare' : 'easyShare');
  return {
    heldValue:
      weight(MUST_STAND.has(section.role) ? 'heldMust' : 'heldMore') * strength('arc') -
      placeOf(section.role, weighing) * strength('economy'),
    easyFromUnits: Math.round((section.targetMs * (1 - easy)) / unitMs),
    easyToUnits: Math.round((section.targetMs * (1 + easy)) / unitMs),
    leastUnits: Math.ceil((section.leastMs * 1.04) / unitMs),
    mostUnits: Math.max(1, Math.floor((section.mostMs * 0.96) / unitMs)),
    awayCost:
      (weight(section.isOwn ? 'awayFromOwnShare' : 'awayFromShare') / totalUnits) * strength('shares'),
  };
}

/** How long the hinge takes, units; nothing where there is none. */
function hingeUnits(ground: Ground): number {
  const { hinge, asking } = ground;
  if (!hinge) return 0;
  const item = hingeItem(asking, hinge, 'clear');
  const alone = measured(hinge.form, item, 1, {
    brief: asking.brief,
    customs: ground.practiceCustoms,
  });
  return unitsIn(ground, compile(alone).totalMs);
}

/**
 * The composer's model of a brief: sections with their candidates, each with its ways and its worth. Pure;
 * the numbers in it are the whole of what the solver knows. With a `round` every form of a set that is done
 * evenly is done so often.
 */
export function modelOf(asking: Asking, round?: number): Model {
  const { allowed, refused } = sortOut(asking);
  const ground = groundOf(asking, allowed, round);
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
