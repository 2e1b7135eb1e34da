import { weight } from './weights';
import { type Brief } from '../brief';
import { LONGEST_EXHALE_SEC } from '../breath';
import type { Customs } from '../customs';
import { shrunk, toldKey } from '../log';
import { longestExhaleFor } from '../people';
import { FIRST_REPETITION } from '../time';
import { PATTERN_ROWS } from '../patterns';
import { comesHome, isCounted, isLikedNumber, likedNear } from '../measures';
import { asksOf, exhaleWanted, type Asks, type Form, type Role } from '../forms';
import {
  compile,
  layersCarried,
  type Item,
  type LessonStep,
  type NewItem,
  type OwnLayers,
  type Practice,
  LAYERS,
} from '../practice';
import type { Allowed, Asking, ItemDraft, People } from './asking';
import { grownBy, growthOf } from './growing';
import { breathDressings, PLAIN, type Dressing } from './dressing';

/** What the time of an item depends on beside the item. */
export interface MeasuredBy {
  readonly brief: Brief;
  readonly customs: Practice['customs'];
  readonly layers?: OwnLayers | undefined;
}

/** A practice only to be measured: one item, nothing else. */
export function measured(
  form: Form,
  item: ItemDraft,
  repetitions: number,
  { brief, customs, layers }: MeasuredBy,
): Practice {
  return {
    name: 'measure',
    brief,
    customs,
    seed: 0,
    ...layersCarried([item], layers),
    items: [{ ...item, id: 'm', repetitions }],
    forms: { [form.id]: form },
  };
}

/** What a practice takes from the customs of its teacher, and from who it is for. */
export function practiceCustoms({
  customs: { outToIn, animalSchool, virtueSchool, soundSchool, wordsPerMin },
  people,
  brief,
}: Pick<Asking, 'customs' | 'people' | 'brief'>): Practice['customs'] {
  const longestExhaleSec = longestExhaleFor(people.conditions, brief.familiarity);
  return {
    outToIn,
    animalSchool,
    virtueSchool,
    soundSchool,
    wordsPerMin,
    ...(longestExhaleSec < LONGEST_EXHALE_SEC.anyone ? { longestExhaleSec } : {}),
  };
}

/** How long an item is done once and twice, and how much each repetition more takes, ms. */
export interface TimeLine {
  readonly onceMs: number;
  readonly twiceMs: number;
  readonly moreMs: number;
}

const ANNOUNCEMENTS: ReadonlySet<string> = new Set(PATTERN_ROWS.map(({ announce }) => announce));

/** Time lines already measured, by form and by all that its time depends on: a redraft asks for the same ones. */
export const measuredLines = new WeakMap<Form, Map<string, TimeLine>>();

export function timeLine(form: Form, item: ItemDraft, by: MeasuredBy): TimeLine {
  const { reasons, logPace, ...depends } = item;
  void [reasons, logPace];
  const own = layersCarried([item], by.layers);
  const asked = JSON.stringify([depends, by.brief.breathsPerMin, by.customs, own]);
  const lines = measuredLines.get(form) ?? new Map<string, TimeLine>();
  measuredLines.set(form, lines);
  const known = lines.get(asked);
  if (known) return known;
  const laid = item.breathing && own.patterns?.[item.breathing.pattern];
  const msOf = (repetitions: number): number => {
    const timeline = compile(measured(form, item, repetitions, by));
    // A pattern is announced once in a practice, not with every form it is laid on.
    const announced = timeline.events.filter(
      ({ kind, cue }) => kind === 'setup' && (ANNOUNCEMENTS.has(cue) || cue === laid?.announce),
    );
    return timeline.totalMs - announced.reduce((sum, event) => sum + event.lengthMs, 0);
  };
  const [onceMs, twiceMs, thriceMs] = [msOf(1), msOf(2), msOf(3)];
  const line = { onceMs, twiceMs, moreMs: thriceMs - twiceMs };
  lines.set(asked, line);
  return line;
}

/** A gesture made once is shorter than its share of several, so once is measured by itself. */
export const lengthMs = ({ onceMs, twiceMs, moreMs }: TimeLine, repetitions: number): number =>
  repetitions === 1 ? onceMs : twiceMs + (repetitions - 2) * moreMs;

export function familiarityOf(asking: Asking, role: Role, form: Form): Item['familiarity'] {
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
export const STILL_AFTER_SEC = 8;

/** Breath as long as the log says this form takes. */
export function pacedBy(people: People, form: Form): Pick<Item, 'stretch' | 'logPace'> {
  const pace = people.pace?.[form.id] ?? 1;
  return pace === 1 ? { stretch: 1 } : { stretch: pace, logPace: pace };
}

/** What differs less than this from the usual is the usual: seconds of talk, and share of a first repetition. */
const USUAL = { talkSec: 2, factor: 0.1 } as const;

/** Talk and first repetition as long as the log says they take with this form, where that is not the usual. */
function toldBy(
  people: People,
  form: Form,
  familiarity: Item['familiarity'],
): Pick<Item, 'talkSec' | 'firstFactor'> {
  const told = people.told?.[toldKey(form.id, familiarity)];
  if (!told) return {};
  const [usualSec, usualFactor] = [form.setupSec[familiarity], FIRST_REPETITION[familiarity]];
  const talkSec = Math.round(shrunk(usualSec, told.talkSec, told.talks));
  const factor = Math.round(shrunk(usualFactor, told.firstFactor, told.firsts) * 20) / 20;
  return {
    ...(Math.abs(talkSec - usualSec) >= USUAL.talkSec ? { talkSec } : {}),
    ...(Math.abs(factor - usualFactor) >= USUAL.factor
      ? { firstFactor: Math.min(3, Math.max(1, factor)) }
      : {}),
  };
}

export function itemDraft(
  asking: Asking,
  { form, fitting }: Allowed,
  role: Role,
  reasons: Item['reasons'],
  dressing?: Dressing,
): ItemDraft {
  const asks = asksOf(form, fitting.variant);
  const growth = growthOf(asking, role, form);
  const grows = growth ? [{ code: 'grows' as const, layer: growth }] : [];
  // Where nothing else is weighed, the breath the brief asks for.
  const { laid, parts } = dressing ?? breathDressings(asking, { form, fitting }, role)[0] ?? PLAIN;
  const laidReasons = parts.flatMap(({ reason }) => (reason ? [reason] : []));
  const familiarity = familiarityOf(asking, role, form);
  const quiet = (asks.percussion.length > 0 || asks.vigorous) && form.settleSec < STILL_AFTER_SEC;
  return {
    formId: form.id,
    variant: fitting.variant,
    role,
    ...pacedBy(asking.people, form),
    firstSide: asking.customs.firstSide,
    familiarity,
    ...toldBy(asking.people, form, familiarity),
    omitHolds: fitting.omitHolds,
    exhaleByMouth:
      fitting.exhaleByMouth ||
      (form.exhale === 'nose' && exhaleWanted(form, role, asking.customs.exhaleRoute) === 'mouth'),
    hinge: false,
    reasons: [...reasons, ...grows, ...laidReasons, ...fitting.reasons].slice(0, 16),
    ...laid,
    ...grownBy(growth),
    ...(quiet ? { quietSec: STILL_AFTER_SEC - form.settleSec } : {}),
  };
}

/** A form put in by hand, done as the composer would have it done: for this group, at the pace of the log, with its quiet. */
export function itemByHand(
  practice: Practice,
  { form, fitting }: Allowed,
  role: Role,
  reasons: Item['reasons'],
  customs: Customs,
  people: People,
): NewItem {
  // Of one's own breaths and sounds what the practice holds already.
  const { brief, seed, patterns, sounds } = practice;
  const asking = { brief, repertoire: [form], customs, people, seed, layers: { patterns, sounds } };
  const { formId, hinge, ...draft } = itemDraft(asking, { form, fitting }, role, reasons);
  void [formId, hinge];
  return { ...draft, form };
}

/**
 * What the hand does comes after the moving forms of a section, and what only breath and attention do after that: a
 * section grows quieter; joints in the user's order (common practice).
 */
export function orderOf(form: Form, index: number, jointOrder: readonly string[], role: Role): number {
  const inward = form.family === 'inner breathing' ? 2000 : form.family === 'self-massage' ? 1000 : 0;
  const late = role === 'loosen' ? 0 : inward;
  // What looks up and out again comes after the hands have come home.
  const after = role === 'close' && !comesHome(form) ? 1000 : 0;
  const joint = jointOrder.indexOf(form.id);
  return late + after + (joint >= 0 ? joint / 100 : 1 + index);
}

export const FINE_STRETCHES = [1, 1.1] as const;
export const SLOW_ROLES: ReadonlySet<Role> = new Set(['nourish', 'still', 'balance', 'gather']);

export interface Way {
  readonly repetitions: number;
  readonly stretch: number;
  readonly dose: number;
}

/** A sound is made three, six, nine or twelve times (common practice). */
const SOUNDS_GO_BY = 3;

/**
 * The form with its usual dose as the practitioner has it: a sound as often as the customs say, fewer or more of it by
 * threes; where they say a number that is none of theirs, in whole doses of it.
 */
export function asDosed(form: Form, { soundDose }: Pick<Customs, 'soundDose'>): Form {
  if (form.soundOrgan === undefined) return form;
  const step = soundDose % SOUNDS_GO_BY === 0 ? SOUNDS_GO_BY : soundDose;
  const most = Math.max(form.repetitions.most, soundDose);
  return {
    ...form,
    repetitions: { least: step, usual: soundDose, most: most - (most % step), multipleOf: step },
  };
}

/** Up to so many minutes a form is done as often as usual; in twice as many, twice as often and as long. */
const USUAL_MINUTES = 24;
/** How much more of each form a practice of so many minutes has than a usual one, 1–2: longer, not more forms. */
export const fullness = (minutes: number): number => Math.min(2, Math.max(1, minutes / USUAL_MINUTES));

/** How often a form is wanted, in whole multiples and within its range. */
function wantedOf({ repetitions: { usual, most, multipleOf } }: Form, full: number): number {
  return Math.max(usual, Math.min(most, Math.round((usual * full) / multipleOf) * multipleOf));
}

/** What is stood, settled or loosened goes on as long as there is time for it, and is not counted. */
const isByTime = ({ family }: Form, role: Role): boolean =>
  role === 'loosen' ||
  role === 'arrive' ||
  role === 'still' ||
  family === 'standing posture' ||
  family === 'settling breath' ||
  family === 'closing';

/** What is quiet may go on for longer than what is moved. */
const isQuiet = (form: Form, role: Role): boolean =>
  isByTime(form, role) || form.family === 'inner breathing';

/**
 * What it costs to do a form more or less often than is wanted in a practice so `full`; drilling wants as often as there
 * is time for.
 */
export function doseOf(
  form: Form,
  role: Role,
  repetitions: number,
  lesson: LessonStep | undefined,
  full = 1,
): number {
  const { most, multipleOf } = form.repetitions;
  if (lesson !== undefined && lesson !== 'drill' && lesson !== 'whole') return 0;
  const wanted = lesson === 'drill' ? most + 12 * multipleOf : wantedOf(form, full);
  if (lesson === 'drill') return weight('drillDose') * (1 - repetitions / wanted) ** 2;
  if (lesson === undefined && isByTime(form, role)) return 0;
  return weight('dose') * Math.log2(repetitions / wanted) ** 2;
}

/** However long the practice, a form may go on no more than so many times as long. */
const MOST_LONGER = 1.25;

/** How long one form may go on before it is felt to, seconds: with arms up or legs low, still, or otherwise. */
const LONG_SEC = { tiring: 150, still: 300, arrive: 120, wake: 144, loosen: 75, other: 180 } as const;

/**
 * What it costs to go on with one form for long: a form of slow repetitions done twice as often as usual is
 * within its range and yet fills a quarter of a class (common practice; standing still is meant to be long).
 */
export function longPoints(
  form: Form,
  asks: Asks,
  role: Role,
  lesson: LessonStep | undefined,
  ms: number,
  full = 1,
): number {
  if (lesson !== undefined) return 0;
  const tiring = asks.armsAboveShoulders || asks.kneeBend === 'deep' || asks.oneLegSec > 0;
  const isOfSection = role === 'loosen' || role === 'wake' || role === 'arrive';
  const kind = tiring ? 'tiring' : isOfSection ? role : isQuiet(form, role) ? 'still' : 'other';
  // One arrives in a long class as much longer as it is.
  const longer = role === 'arrive' ? full : Math.min(full, MOST_LONGER);
  const enough = LONG_SEC[kind] * (tiring ? 1 : longer);
  return weight('long') * Math.max(0, ms / 60_000 - enough / 60);
}

/** A slower breath is as good, all else even. */
export const slowed = (stretch: number): number => (stretch === 1 ? 0 : weight('slowed'));

/** How many layers a drill adds at most: with its parts taken one by one, feet and hands are together already. */
const layersDrilled = (form: Form): number => (form.parts.length > 0 ? 2 : LAYERS.length);

/**
 * Repetitions and breath lengths worth choosing among: near the usual dose, and the ends of the range; where
 * the repetitions are fixed only the breath is left.
 */
export function waysOf(
  form: Form,
  role: Role,
  lesson: LessonStep | undefined,
  fixed?: number,
  full = 1,
): readonly Way[] {
  const { least, usual, most, multipleOf } = form.repetitions;
  const breathed = form.cycle.some(({ breath }) => breath === 'in' || breath === 'out');
  const stretches = SLOW_ROLES.has(role) && breathed ? FINE_STRETCHES : [1];
  if (fixed !== undefined)
    return stretches.map((stretch) => ({ repetitions: fixed, stretch, dose: slowed(stretch) }));
  if (lesson === 'show' || lesson === 'parts' || lesson === 'mistakes')
    return [{ repetitions: 1, stretch: 1, dose: 0 }];
  const counts = [-2, -1, 0, 1, 2, 4].map((steps) => wantedOf(form, full) + steps * multipleOf);
  const far =
    lesson === 'drill'
      ? [most, most + 2 * multipleOf, most + 6 * multipleOf, most + 12 * multipleOf]
      : [least, most];
  const isDrilled = lesson === 'drill';
  const isLiked = isCounted(form) && !isDrilled;
  const liked = isLiked ? likedNear(wantedOf(form, full)).filter((count) => count % multipleOf === 0) : [];
  const inRange = [...new Set([...counts, ...far, ...liked])].filter((count) =>
    isDrilled ? count >= Math.max(least, layersDrilled(form)) : count >= least && count <= most,
  );
  // What a form usually has is its own number.
  const counted = isLiked ? inRange.filter((count) => count === usual || isLikedNumber(count)) : [];
  return (counted.length > 0 ? counted : inRange)
    .toSorted((a, b) => a - b)
    .flatMap((repetitions) =>
      stretches.map((stretch) => {
        return {
          repetitions,
          stretch,
          dose: doseOf(form, role, repetitions, lesson, full) + slowed(stretch),
        };
      }),
    );
}
