import { themeParts, type Brief } from '../brief';
import {
  STANCES,
  asksOf,
  isByName,
  isOnFloor,
  isUnwritten,
  isWithinReach,
  stanceOf,
  type Form,
  type Role,
} from '../forms';
import { compile, type Item } from '../practice';
import { ANCHORS } from './again';
import type { Allowed, Asking, ItemDraft } from './asking';
import { fitForm, type Refusal } from './candidates';
import { HEART, partsOf, placeOf, type Part } from './criteria';
import { itemDraft, measured } from './items';
import { askedForIn } from '../measures';
import { deepBits, loosenedBy } from './joints';
import type { Place } from './places';
import type { SectionPlan } from './plan';
import type { Target } from './reach';
import type { RoundDose } from './rounds';
import type { Candidate, Option, Problem, Section } from './solver';
import { weight } from './weights';
import type { CounterMeaning } from './counters';
import { groundOf, hitsOf, unitsIn, type Ground, type Hinge } from './ground';
import { optionsAt, pointsOf, type WayMeant } from './ways';
import { countsAt } from './counting';

/** What a number in the problem stands for. */
export interface Meaning {
  readonly form: Form;
  readonly kept: Item | undefined;
  readonly parts: readonly Part[];
  readonly ways: readonly WayMeant[];
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
  readonly hinge: Hinge | undefined;
  readonly unitMs: number;
}

/** The whole may come out this much longer or shorter before the breath is settled. */
const SLACK = 0.035;

/** No sounds are wished for, and this form is one; one that is pinned, or taught, stands all the same. */
const isSilenced = (form: Form, { voice, pins, theme }: Brief): boolean =>
  voice === 'none' &&
  form.soundOrgan !== undefined &&
  !pins?.some(({ formId }) => formId === form.id) &&
  !themeParts(theme).some(
    (part) => part.kind === 'set' || (part.kind === 'lesson' && part.formId === form.id),
  );

/** What is made for the floor, however it is done instead, or belongs to its set, is there when it is asked for. */
const needsAsking = (form: Form): boolean => isByName(form.id) || isOnFloor(form.stance.start);

function sortOut({ brief, repertoire, people, customs, kept, putIn }: Asking) {
  const asked = new Set([
    ...askedForIn(brief, customs),
    ...(kept?.items ?? []).map(({ formId }) => formId),
    ...(putIn ? [putIn.formId] : []),
  ]);
  const allowed: Allowed[] = [];
  const refused = new Map<string, Refusal | 'left-out'>();
  for (const form of repertoire) {
    const fitting = brief.without.includes(form.id)
      ? 'left-out'
      : isSilenced(form, brief)
        ? 'sounds-off'
        : isUnwritten(form) && !brief.pins?.some(({ formId }) => formId === form.id)
          ? 'unwritten'
          : fitForm(form, brief.posture, people, customs, brief.place);
    if (typeof fitting === 'string') refused.set(form.id, fitting);
    else if (needsAsking(form) && !asked.has(form.id)) refused.set(form.id, 'by-name');
    else if (!isWithinReach(form, fitting.variant, brief.atHand) && !asked.has(form.id))
      refused.set(form.id, 'needs-prop');
    else allowed.push({ form, fitting });
  }
  return { allowed, refused };
}

const stanceNumber = (stance: string): number => Math.max(0, (STANCES as readonly string[]).indexOf(stance));

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
  const served = ground.hits.get(form.id) ?? hitsOf(ground.targets, form, variant);
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
export function modelOf(asking: Asking, round?: RoundDose): Model {
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

/** A gathering breath between two blocks: once, unannounced, and breathed the same way wherever it stands. */
export function hingeItem(asking: Asking, entry: Allowed, role: Role): ItemDraft {
  const draft = itemDraft(asking, entry, role, [{ code: 'hinge' }]);
  return { ...draft, hinge: true, familiarity: 'known', exhaleByMouth: entry.fitting.exhaleByMouth };
}
