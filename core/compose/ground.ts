import type { Fitting } from './candidates';
import { withinReach } from './atHand';
import { themeBlocks, themeParts } from '../brief';
import type { StrengthId } from '../customs';
import type { Form, Role, VariantId } from '../forms';
import type { Practice } from '../practice';
import { seededRandom } from '../random';
import type { Allowed, Asking } from './asking';
import type { Weighing } from './criteria';
import { practiceCustoms } from './items';
import { askedForIn, roomBesideSets } from '../measures';
import { placesOf, type Place } from './places';
import { soundDressing } from './dressing';
import { soundsWanted } from './criteria/sound';
import { planSections, type SectionPlan } from './plan';
import { targetsOf, type Target } from './reach';
import { comesAgain } from './returning';
import type { RoundDose } from './rounds';
import { factorOf, weight } from './weights';
import { Counters, allOf, jointsOf, meetingTwins, newsOf, returningOf } from './counters';

/** A practice is counted in so many units, a long one in more; the breath settles the rest. */
const LEAST_UNITS = 240;

const MOST_UNITS = 360;

const UNITS_A_MINUTE = 5;

const unitsOf = (minutes: number): number =>
  Math.min(MOST_UNITS, Math.max(LEAST_UNITS, Math.round(minutes * UNITS_A_MINUTE)));

/** A gathering breath, where one parts the clearing from the nourishing. */
export interface Hinge {
  readonly form: Form;
  readonly fitting: Fitting;
}

/** Everything of a brief that its sections are made from. */
export interface Ground {
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
  readonly hinge: Hinge | undefined;
  readonly unitMs: number;
  readonly totalUnits: number;
  /** How often each form of a round is done; as suits each where there is none. */
  readonly round: RoundDose | undefined;
  readonly strength: (id: StrengthId) => number;
  readonly practiceCustoms: Practice['customs'];
}

export const unitsIn = ({ unitMs }: Pick<Ground, 'unitMs'>, ms: number): number =>
  Math.max(1, Math.round(ms / unitMs));

export const hitsOf = (targets: readonly Target[], form: Form, variant: VariantId): readonly number[] =>
  targets.flatMap((target, index) => (target.counts(form, variant) ? [index] : []));

/** How far the seed lifts or lowers each form, so that another draft is another; nothing for the first. */
function whimsOf({ seed }: Asking, allowed: readonly Allowed[]): ReadonlyMap<string, number> {
  const random = seededRandom(seed);
  return new Map(
    allowed.map(({ form }) => [form.id, seed <= 1 ? 0 : (random.next() - 0.5) * weight('whim')]),
  );
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

/** The forms a brief wants taught, from the repertoire or from what is kept of them. */
const taughtIn = ({ brief, repertoire, kept }: Asking): readonly Form[] =>
  themeParts(brief.theme).flatMap((part) => {
    if (part.kind !== 'lesson') return [];
    return repertoire.find(({ id }) => id === part.formId) ?? kept?.forms[part.formId] ?? [];
  });

export function groundOf(asking: Asking, allowed: readonly Allowed[], round: RoundDose | undefined): Ground {
  const { brief, customs, people } = asking;
  const plan = planSections(brief, customs.shapes, roomBesideSets(brief, customs));
  const unitMs = Math.max(1000, (brief.minutes * 60_000) / unitsOf(brief.minutes));
  const strength = (id: StrengthId): number => factorOf(customs, id);
  const targets = targetsOf(brief, customs);
  const whims = whimsOf(asking, allowed);
  const worth = ({ form, fitting: { variant } }: Allowed): number =>
    targets.reduce(
      (sum, { counts, gains, strength: of }) =>
        sum + (counts(form, variant) ? (gains[0] ?? 0) * strength(of) : 0),
      whims.get(form.id) ?? 0,
    );
  const places = placesOf(asking, plan, withinReach(asking, allowed, worth)).map((list, at) =>
    withSounds(asking, plan[at], list),
  );
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
        taught: taughtIn(asking),
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
    hits: new Map(allowed.map(({ form, fitting }) => [form.id, hitsOf(targets, form, fitting.variant)])),
    whims,
    hinge: plan.some((section) => section.hinge) ? allowed.find(({ form }) => form.hinge) : undefined,
    unitMs,
    totalUnits: Math.round((brief.minutes * 60_000) / unitMs),
    round,
    strength,
    practiceCustoms: practiceCustoms(asking),
  };
}

/** Whether a form is one that comes again where it stands; in the heart only what serves the theme itself. */
export const isAgain = (ground: Ground, { allowed: { form } }: Place, role: Role): boolean => {
  const { asking, hits, targets } = ground;
  const serves = (hits.get(form.id) ?? []).some((index) => targets[index]?.strength === 'theme');
  return comesAgain(asking, form, role, serves);
};
