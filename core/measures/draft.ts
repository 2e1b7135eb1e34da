import { themeParts, type Brief } from '../brief';
import {
  isEvenSet,
  ownTimesOf,
  timesInAll,
  formsOfSet,
  organsOfForm,
  phasesOfForm,
  type Form,
  type FormSchools,
  type Role,
  type SetSchools,
} from '../forms';
import { knownFor } from '../known';
import { formOf, type Item, type Practice, type Timeline } from '../practice';
import { NEAR_PACE, PACE_KINDS } from '../breath';
import { leastRepetitionsOf, leastSecOf } from './doses';
import { arrivesStill, comesHome, gathersIn } from './ends';
import { askedForIn, isOfJoints } from './learnt';
import { organ, type PhaseId } from '../phases';

/** The most forms a practice of so many minutes has, hinges apart (common practice). */
const MOST_FORMS = [
  { upTo: 2, most: 5 },
  { upTo: 5, most: 6 },
  { upTo: 10, most: 10 },
  { upTo: 15, most: 12 },
  { upTo: 20, most: 15 },
  { upTo: 30, most: 19 },
  { upTo: 45, most: 24 },
  { upTo: 60, most: 28 },
] as const;

/** The most forms of a practice; between the rows of the table in proportion, beyond them half a form a minute. */
export function mostFormsFor(minutes: number): number {
  let before = { upTo: 0, most: 3 };
  for (const row of MOST_FORMS) {
    if (minutes <= row.upTo) {
      const share = (minutes - before.upTo) / (row.upTo - before.upTo);
      return Math.floor(before.most + share * (row.most - before.most));
    }
    before = row;
  }
  return Math.floor(before.most + (minutes - before.upTo) / 2);
}

/** What stands round a set that is gone through whole: one arrives, loosens, gathers and closes. */
const ROUND_A_SET = 4;

/** How many further sections a class has room for beside the sets it is asked for: no limit where it is asked for none. */
export function roomBesideSets({ minutes, theme }: Brief, schools: SetSchools): number {
  const members = themeParts(theme).flatMap((part) =>
    part.kind === 'set' ? [formsOfSet(part.set, schools).length] : [],
  );
  if (members.length === 0) return Infinity;
  return Math.max(0, mostFormsFor(minutes) - Math.max(...members) - ROUND_A_SET);
}

/** The most forms of a practice for a brief: a set that is asked for counts its members and is not cut for being long. */
export function mostFormsIn({ minutes, theme }: Brief, schools: SetSchools): number {
  const members = themeParts(theme).map((part) =>
    part.kind === 'set' ? formsOfSet(part.set, schools).length + ROUND_A_SET : 0,
  );
  return Math.max(mostFormsFor(minutes), ...members);
}

/** What a teacher asks of every draft, and how it is answered. */
export interface DraftMeasures {
  readonly arrivesStill: boolean;
  readonly gathersIn: boolean;
  readonly comesHome: boolean;
  readonly fewForms: boolean;
  readonly evenDoses: boolean;
  readonly oneTapping: boolean;
  readonly clearedIsNourished: boolean;
  /** Whether what clears and feeds lasts, and is repeated, as long as it takes to be felt. */
  readonly longEnough: boolean;
  /** Whether every whole breath that flows lies near the pace asked for. */
  readonly breathesAsAsked: boolean;
  /** Shares of the time of clearing and nourishing, 0–1; nothing for sets, lessons and joints. */
  readonly named: number | undefined;
  readonly known: number | undefined;
}

const HEART_ROLES: ReadonlySet<Role> = new Set(['clear', 'nourish']);

/** The rounds that go through all five phases in the generating order. */
export const PHASE_ROUNDS = ['phase-round', 'leaning-round'] as const;
/** Pieces of a round no longer than this in the mean are short stations, s. */
const SHORT_STATION_SEC = 40;
/** A round of five is one of short stations in fewer minutes than this. */
export const SHORT_ROUND_BELOW_MINUTES = 9;

/** The members of a round of short stations; none where they are longer, or where there is no round. */
function shortRound(practice: Practice, timeline: Timeline, schools: SetSchools): ReadonlySet<string> {
  if (practice.brief.theme.kind !== 'all-phases') return new Set();
  const members = new Set(PHASE_ROUNDS.flatMap((set) => formsOfSet(set, schools)));
  const pieces = practice.items.flatMap(({ formId, role }, index) =>
    role === 'nourish' && members.has(formId) ? [{ formId, span: timeline.items[index] }] : [],
  );
  const totalMs = pieces.reduce((sum, { span }) => sum + (span?.lengthMs ?? 0), 0);
  const areShort =
    practice.brief.minutes < SHORT_ROUND_BELOW_MINUTES || totalMs <= pieces.length * SHORT_STATION_SEC * 1000;
  return new Set(areShort ? pieces.map(({ formId }) => formId) : []);
}

/**
 * How many forms there are: hinges apart, and the joints gone through one after another, or a round of short stations, as
 * one.
 */
function formsOf(practice: Practice, timeline: Timeline, schools: SetSchools): number {
  const short = shortRound(practice, timeline, schools);
  const counted = practice.items.filter(({ hinge, passage }) => !hinge && passage === undefined);
  const joints = counted.filter((item) => isOfJoints(formOf(practice, item), item.role)).length;
  return counted.length - Math.max(0, joints - 1) - Math.max(0, short.size - 1);
}

/** Nothing of the body is tapped twice within a section, but where the brief asks for it by name. */
function tapsOnce(practice: Practice, askedFor: ReadonlySet<string>): boolean {
  const tapped = new Map<Role, Set<string>>();
  for (const item of practice.items.filter(({ formId }) => !askedFor.has(formId))) {
    const regions = tapped.get(item.role) ?? new Set<string>();
    const own = formOf(practice, item).asks.percussion;
    if (own.some((region) => regions.has(region))) return false;
    for (const region of own) regions.add(region);
    tapped.set(item.role, regions);
  }
  return true;
}

/** The forms of a set that is done evenly have one number in all, but for those that have their own. */
function isEven(practice: Practice, schools: SetSchools): boolean {
  return themeParts(practice.brief.theme).every((part) => {
    if (part.kind !== 'set' || !isEvenSet(part.set)) return true;
    const members = new Set(formsOfSet(part.set, schools));
    const counts = practice.items
      .filter(({ formId }) => members.has(formId) && ownTimesOf(formId) === undefined)
      .map((item) => timesInAll(formOf(practice, item), item.repetitions));
    return new Set(counts).size <= 1;
  });
}

function sharesOf(
  practice: Practice,
  timeline: Timeline,
  schools: FormSchools,
): Pick<DraftMeasures, 'named' | 'known'> {
  const parts = themeParts(practice.brief.theme);
  const isOwnKind = parts.some(
    (part) => part.kind === 'set' || part.kind === 'lesson' || (part.kind === 'aim' && part.aim === 'joints'),
  );
  if (isOwnKind) return { named: undefined, known: undefined };
  let [whole, named, known] = [0, 0, 0];
  practice.items.forEach((item, index) => {
    if (!HEART_ROLES.has(item.role) || item.hinge) return;
    const ms = timeline.items[index]?.lengthMs ?? 0;
    const rank = knownFor(formOf(practice, item), parts, schools);
    whole += ms;
    if (rank === 'named') named += ms;
    if (rank === 'named' || rank === 'accepted') known += ms;
  });
  return whole === 0
    ? { named: undefined, known: undefined }
    : { named: named / whole, known: known / whole };
}

const phasesFedBy = (form: Form, schools: FormSchools): readonly PhaseId[] => [
  ...phasesOfForm(form, schools),
  ...organsOfForm(form, schools).map((id) => organ(id).phase),
];

/** For sleep or calm a sound settles rather than clears, and nothing need be fed after it. */
const isSettling = ({ theme, intent }: Brief): boolean =>
  intent === 'calm' ||
  themeParts(theme).some((part) => part.kind === 'aim' && (part.aim === 'sleep' || part.aim === 'calm'));

/** What is told apart from a round, a set, a lesson or a wish of one's own lasts as long as it takes to be felt. */
function isLongEnough(practice: Practice, timeline: Timeline, schools: SetSchools): boolean {
  const { theme, minutes, pins = [] } = practice.brief;
  const parts = themeParts(theme);
  const ofRound = new Set([
    ...(theme.kind === 'all-phases' ? PHASE_ROUNDS.flatMap((set) => formsOfSet(set, schools)) : []),
    ...parts.flatMap((part) => (part.kind === 'set' ? formsOfSet(part.set, schools) : [])),
    ...parts.flatMap((part) => (part.kind === 'lesson' ? [part.formId] : [])),
    ...pins.map(({ formId }) => formId),
  ]);
  return practice.items.every((item, index) => {
    const form = formOf(practice, item);
    if (item.hinge || !HEART_ROLES.has(item.role) || ofRound.has(item.formId)) return true;
    const sec = (timeline.items[index]?.lengthMs ?? 0) / 1000;
    const least = leastSecOf(form, item.role, minutes);
    return sec >= least && item.repetitions >= leastRepetitionsOf(form, item.role, sec / item.repetitions);
  });
}

/** How far a whole breath may lie from the pace asked for before its length is told from rounding, as a share. */
const ROUNDED = 0.02;

/** Every whole breath of what flows, holds apart, against the pace asked for; heels and what is tapped or shaken go free. */
function breathesAsAsked(practice: Practice, { events }: Timeline): boolean {
  const paceMs = 60_000 / practice.brief.breathsPerMin;
  const breaths: { readonly itemIndex: number; ms: number }[] = [];
  for (const { breath, itemIndex, lengthMs } of events) {
    if (breath === 'in') breaths.push({ itemIndex, ms: lengthMs });
    const last = breaths.at(-1);
    if (breath === 'out' && last?.itemIndex === itemIndex) last.ms += lengthMs;
  }
  return breaths.every(({ itemIndex, ms }, index) => {
    const item = practice.items[itemIndex];
    // The last breath of a form runs on into the next.
    if (!item || breaths[index + 1]?.itemIndex !== itemIndex) return true;
    const kind = PACE_KINDS.find(({ id }) => id === formOf(practice, item).pace);
    if (!kind || kind.keeps === 'free') return true;
    const [least, most] = NEAR_PACE[kind.keeps];
    return ms >= paceMs * (least - ROUNDED) && ms <= paceMs * (most + ROUNDED);
  });
}

/** A practice held against what a teacher asks of a draft. */
export function measureDraft(
  practice: Practice,
  timeline: Timeline,
  schools: FormSchools & SetSchools,
): DraftMeasures {
  const { brief, items } = practice;
  const form = (item: Item): Form => formOf(practice, item);
  const isShort =
    brief.minutes <= 5 || themeParts(brief.theme).some((part) => part.kind === 'aim' && part.aim === 'sleep');
  const [first] = items;
  // A phase has two organs or four, and what feeds one of them is not far from the others.
  const nourished = new Set(
    items.filter(({ role }) => role === 'nourish').flatMap((item) => phasesFedBy(form(item), schools)),
  );
  return {
    arrivesStill: first !== undefined && arrivesStill(form(first)),
    gathersIn: items.some((item) => gathersIn(form(item)) || (isShort && comesHome(form(item)))),
    comesHome: items.some((item) => item.role === 'close' && comesHome(form(item))),
    fewForms: formsOf(practice, timeline, schools) <= mostFormsIn(brief, schools),
    evenDoses: isEven(practice, schools),
    oneTapping: tapsOnce(practice, askedForIn(brief, schools)),
    clearedIsNourished:
      brief.intent === 'clear' ||
      isSettling(brief) ||
      items
        .filter((item) => item.role === 'clear' && form(item).soundOrgan !== undefined)
        .every((item) => {
          const { soundOrgan } = form(item);
          return soundOrgan === undefined || nourished.has(organ(soundOrgan).phase);
        }),
    longEnough: isLongEnough(practice, timeline, schools),
    breathesAsAsked: breathesAsAsked(practice, timeline),
    ...sharesOf(practice, timeline, schools),
  };
}
