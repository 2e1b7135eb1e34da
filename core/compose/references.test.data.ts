import { PLAIN_BRIEF, suggestVoice, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form, type Role } from '../forms';
import type { ConditionId } from '../people';
import { compile, type Item, type LessonStep, type Practice } from '../practice';
import { review } from '../review';
import { compose, makeItFit, worthOfPractice, type Asking } from '.';
import { fitForm } from './candidates';
import { itemDraft, practiceCustoms } from './items';
import { gapScale } from './tolerance';

/** A line of a reference order: section, form, and how often (a number) or how long (`40 s`). */
export type ReferenceLine = readonly [
  role: Role,
  formId: string,
  dose: number | `${number} s`,
  lesson?: LessonStep,
];

/** A running order as a teacher would write it down. */
export interface Reference {
  readonly name: string;
  readonly brief: Partial<Brief>;
  readonly conditions?: readonly ConditionId[];
  readonly lines: readonly ReferenceLine[];
}

export const stood = (breaths: number): ReferenceLine => ['arrive', 'arrive-wuji', breaths];
export const seated = (breaths: number): ReferenceLine => ['arrive', 'arrive-seated-bell', breaths];
export const closed = (seconds: number): ReferenceLine => ['close', 'close-hands-to-belly', `${seconds} s`];
export const loosened = (seconds: number, ...joints: readonly string[]): readonly ReferenceLine[] =>
  joints.map((joint) => ['loosen', joint, `${seconds} s`]);
export const each = (role: Role, times: number, ...ids: readonly string[]): readonly ReferenceLine[] =>
  ids.map((id) => [role, id, times]);

/** Sixteen running orders of common and classical forms, written for this project (common practice); at five breaths a minute. */
export const REFERENCES: readonly Reference[] = [
  {
    name: 'Kidney, five minutes, a winter morning',
    brief: {
      minutes: 5,
      dayPart: 'morning',
      season: 'winter',
      intent: 'nourish',
      theme: { kind: 'organ', organ: 'kidney' },
    },
    lines: [
      stood(3),
      ...loosened(30, 'loosen-hips'),
      ['nourish', 'brocade-hands-to-feet', 2],
      ['nourish', 'warming-the-kidneys', '40 s'],
      ['nourish', 'deep-water-breathing', 4],
      closed(45),
    ],
  },
  {
    name: 'Liver, eleven minutes, a spring morning',
    brief: {
      minutes: 11,
      dayPart: 'morning',
      season: 'spring',
      theme: { kind: 'organ', organ: 'liver' },
    },
    lines: [
      stood(3),
      ...loosened(20, 'loosen-knees', 'loosen-shoulders'),
      ['loosen', 'loosen-hips', '40 s'],
      ['loosen', 'loosen-side-bend', 2],
      ['wake', 'shaking', '60 s'],
      ['clear', 'sound-liver', 6],
      ['nourish', 'brocade-clench-fists', 3],
      ['nourish', 'parting-branches', 6],
      ['gather', 'sky-gathering', 3],
      closed(40),
    ],
  },
  {
    name: 'Lung, twenty minutes, an autumn evening',
    brief: {
      minutes: 20,
      dayPart: 'evening',
      season: 'autumn',
      voice: 'whispered',
      theme: { kind: 'organ', organ: 'lung' },
    },
    lines: [
      stood(5),
      ...loosened(30, 'loosen-neck', 'loosen-shoulders', 'loosen-wrists'),
      ...loosened(40, 'loosen-hips', 'loosen-knees'),
      ['loosen', 'opening-the-chest', 6],
      ['wake', 'tap-arms', 3],
      ['clear', 'sound-lung', 6],
      ['nourish', 'brocade-draw-the-bow', 3],
      ['nourish', 'animal-bird', 3],
      ['still', 'hold-embrace-chest', '120 s'],
      ['balance', 'open-and-close', 8],
      ['gather', 'three-centre-wash', 3],
      closed(60),
    ],
  },
  {
    name: 'Heart, fifteen minutes, a summer noon, seated',
    brief: {
      minutes: 15,
      dayPart: 'midday',
      season: 'summer',
      posture: 'seated',
      intent: 'calm',
      theme: { kind: 'organ', organ: 'heart' },
    },
    lines: [
      seated(4),
      ...loosened(25, 'loosen-neck', 'loosen-waist', 'loosen-shoulders', 'loosen-fingers'),
      ['loosen', 'opening-the-chest', 6],
      ['clear', 'trace-heart-small-intestine', 3],
      ['clear', 'sound-heart', 6],
      ['nourish', 'brocade-sway', 4],
      ['still', 'heart-lamp-breathing', '150 s'],
      ['gather', 'storing-still', 4],
      closed(60),
    ],
  },
  {
    name: 'Spleen, twelve minutes, late summer',
    brief: {
      minutes: 12,
      dayPart: 'morning',
      season: 'earth-turn',
      intent: 'nourish',
      theme: { kind: 'organ', organ: 'spleen' },
    },
    lines: [
      stood(3),
      ...loosened(20, 'loosen-shoulders', 'loosen-knees'),
      ['loosen', 'loosen-waist', 4],
      ['loosen', 'spinal-wave', 5],
      ['nourish', 'brocade-part-heaven-and-earth', 3],
      ['nourish', 'turning-the-millstone', 4],
      ['nourish', 'belly-rubbing', 9],
      ['still', 'hold-embrace-belly', '60 s'],
      ['gather', 'gathering-from-the-earth', 3],
      closed(40),
    ],
  },
  {
    name: 'All five phases, twenty-five minutes',
    brief: { minutes: 25, dayPart: 'morning', season: 'spring', theme: { kind: 'all-phases' } },
    lines: [
      stood(5),
      ...loosened(
        25,
        'loosen-ankles',
        'loosen-knees',
        'loosen-hips',
        'loosen-waist',
        'loosen-shoulders',
        'loosen-neck',
      ),
      ['wake', 'bouncing', '60 s'],
      ...each('clear', 3, 'sound-liver', 'sound-heart', 'sound-spleen', 'sound-lung', 'sound-kidney'),
      ...each(
        'nourish',
        4,
        'phase-wood-sapling',
        'phase-fire-blossom',
        'phase-earth-turning-ground',
        'phase-metal-autumn-air',
        'phase-water-well',
      ),
      ['still', 'hold-embrace-belly', '90 s'],
      ['gather', 'storing-circles', 9],
      closed(60),
    ],
  },
  {
    name: 'Six sounds, twenty minutes, seated, an evening',
    brief: {
      minutes: 20,
      dayPart: 'evening',
      season: 'winter',
      posture: 'seated',
      theme: { kind: 'set', set: 'six-sounds' },
    },
    lines: [
      seated(5),
      ...loosened(30, 'loosen-neck', 'loosen-shoulders', 'loosen-waist', 'spine-bellows'),
      ...each(
        'nourish',
        6,
        'sound-liver',
        'sound-heart',
        'sound-spleen',
        'sound-lung',
        'sound-kidney',
        'sound-triple-burner',
      ),
      ['still', 'arrive-quiet-smile', '120 s'],
      ['gather', 'sky-gathering', 3],
      closed(90),
    ],
  },
  {
    name: 'Sleep, twelve minutes, late, seated',
    brief: {
      minutes: 12,
      dayPart: 'evening',
      season: 'winter',
      posture: 'seated',
      intent: 'calm',
      voice: 'silent',
      theme: { kind: 'aim', aim: 'sleep' },
    },
    lines: [
      seated(6),
      ['loosen', 'neck-washing', '45 s'],
      ['nourish', 'rolling-the-soles', '60 s'],
      ['clear', 'sound-triple-burner', 6],
      ['nourish', 'sole-gate-breathing', 9],
      ['nourish', 'belly-breathing', '240 s'],
      closed(60),
    ],
  },
  {
    name: 'Energy, ten minutes, a morning',
    brief: {
      minutes: 10,
      dayPart: 'morning',
      season: 'spring',
      intent: 'move',
      theme: { kind: 'aim', aim: 'energy' },
    },
    lines: [
      stood(3),
      ...loosened(20, 'loosen-ankles', 'loosen-hips', 'loosen-waist', 'loosen-shoulders'),
      ['wake', 'shaking', '60 s'],
      ['nourish', 'brocade-hold-up-the-sky', 4],
      ['nourish', 'brocade-draw-the-bow', 2],
      ['nourish', 'brocade-clench-fists', 2],
      ['nourish', 'heel-drops', 7],
      ['gather', 'sky-gathering', 3],
      closed(30),
    ],
  },
  {
    name: 'Supple joints, fifteen minutes',
    brief: {
      minutes: 15,
      dayPart: 'morning',
      season: 'spring',
      intent: 'move',
      theme: { kind: 'aim', aim: 'joints' },
    },
    lines: [
      stood(3),
      ...loosened(45, 'loosen-ankles', 'loosen-knees'),
      ...loosened(75, 'loosen-hips', 'loosen-waist', 'spinal-wave', 'loosen-shoulders'),
      ...loosened(25, 'loosen-elbows', 'loosen-wrists', 'loosen-fingers'),
      ...loosened(60, 'loosen-neck'),
      ['nourish', 'rise-and-sink', 8],
      ['gather', 'sky-gathering', 3],
      closed(30),
    ],
  },
  {
    name: 'The eight brocades, twenty minutes',
    brief: {
      minutes: 20,
      dayPart: 'morning',
      season: 'spring',
      intent: 'nourish',
      theme: { kind: 'set', set: 'eight-brocades' },
    },
    lines: [
      stood(3),
      ...loosened(30, 'loosen-ankles', 'loosen-knees', 'loosen-hips', 'spinal-wave', 'loosen-shoulders'),
      ['nourish', 'brocade-hold-up-the-sky', 6],
      ...each('nourish', 3, 'brocade-draw-the-bow', 'brocade-part-heaven-and-earth', 'brocade-look-back'),
      ['nourish', 'brocade-sway', 3],
      ['nourish', 'brocade-hands-to-feet', 4],
      ['nourish', 'brocade-clench-fists', 3],
      ['nourish', 'heel-drops', 7],
      ['gather', 'storing-still', '45 s'],
      closed(45),
    ],
  },
  {
    name: 'Five animals, twenty-eight minutes',
    brief: {
      minutes: 28,
      dayPart: 'morning',
      season: 'spring',
      intent: 'move',
      theme: { kind: 'set', set: 'five-animals' },
    },
    lines: [
      stood(3),
      ...loosened(
        34,
        'loosen-ankles',
        'loosen-knees',
        'loosen-hips',
        'loosen-waist',
        'spinal-wave',
        'loosen-shoulders',
        'loosen-neck',
      ),
      ...each(
        'nourish',
        2,
        'animal-tiger',
        'animal-tiger-pounce',
        'animal-deer',
        'animal-deer-run',
        'animal-bear',
        'animal-bear-sway',
        'animal-monkey',
        'animal-monkey-pick',
        'animal-bird',
        'animal-bird-fly',
      ),
      ['gather', 'sky-gathering', 3],
      closed(60),
    ],
  },
  {
    name: 'Learn one form, fifteen minutes: swaying head and tail',
    brief: {
      minutes: 15,
      dayPart: 'morning',
      season: 'summer',
      familiarity: 'taught',
      theme: { kind: 'lesson', formId: 'brocade-sway' },
    },
    lines: [
      stood(3),
      ...loosened(30, 'loosen-hips', 'loosen-knees', 'loosen-waist', 'loosen-neck'),
      ['nourish', 'brocade-sway', 1, 'show'],
      ['nourish', 'brocade-sway', 1, 'parts'],
      ['nourish', 'brocade-sway', 2, 'drill'],
      ['nourish', 'brocade-sway', 2, 'whole'],
      ['gather', 'sky-gathering', 3],
      closed(30),
    ],
  },
  {
    name: 'Low back at ease, fifteen minutes, with knee trouble',
    brief: {
      minutes: 15,
      dayPart: 'morning',
      season: 'winter',
      intent: 'nourish',
      theme: { kind: 'aim', aim: 'back' },
    },
    conditions: ['knee'],
    lines: [
      stood(3),
      ...loosened(40, 'loosen-hips', 'spinal-wave', 'loosen-side-bend'),
      ...loosened(20, 'loosen-neck'),
      ['nourish', 'brocade-look-back', 3],
      ['nourish', 'cloud-hands', 6],
      ['nourish', 'warming-the-kidneys', '40 s'],
      ['nourish', 'deep-water-breathing', 6],
      ['still', 'hold-embrace-belly', '60 s'],
      ['gather', 'sky-gathering', 3],
      closed(40),
    ],
  },
  {
    name: 'Kidney and Heart joined, forty minutes, an evening',
    brief: {
      minutes: 40,
      dayPart: 'evening',
      season: 'winter',
      theme: {
        kind: 'mix',
        parts: [
          { kind: 'organ', organ: 'kidney' },
          { kind: 'organ', organ: 'heart' },
        ],
      },
    },
    lines: [
      ['arrive', 'arrive-wuji', '150 s'],
      ...loosened(
        56,
        'loosen-ankles',
        'loosen-knees',
        'loosen-hips',
        'loosen-waist',
        'spinal-wave',
        'loosen-shoulders',
        'loosen-neck',
      ),
      ['wake', 'swing-and-knock', '60 s'],
      ['clear', 'trace-kidney-bladder', 5],
      ['clear', 'sound-kidney', 6],
      ['clear', 'trace-heart-small-intestine', 5],
      ['clear', 'sound-heart', 6],
      ['nourish', 'brocade-hands-to-feet', 4],
      ['nourish', 'brocade-sway', 4],
      ['nourish', 'deep-water-breathing', 12],
      ['nourish', 'heart-lamp-breathing', '150 s'],
      ['balance', 'small-orbit', 12],
      ['still', 'hold-embrace-belly', '360 s'],
      ['gather', 'three-centre-wash', 3],
      ['gather', 'storing-still', '120 s'],
      closed(60),
    ],
  },
  {
    name: 'Two minutes at a desk',
    brief: {
      minutes: 2,
      dayPart: 'midday',
      season: 'spring',
      posture: 'seated',
      intent: 'calm',
      theme: { kind: 'aim', aim: 'calm' },
    },
    lines: [
      seated(2),
      ['loosen', 'loosen-shoulders', 2],
      ['nourish', 'belly-breathing', 3],
      ['close', 'close-hands-to-belly', 1],
    ],
  },
];

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new Error(`no form ${id}`);
  return found;
};

const askingOf = ({ brief: asked, conditions = [] }: Reference): Asking => {
  const brief: Brief = { ...PLAIN_BRIEF, breathsPerMin: 5, ...asked };
  return {
    brief: {
      ...brief,
      voice: brief.voice ?? suggestVoice({ ...brief, place: brief.place ?? [] }, DEFAULT_CUSTOMS).value,
    },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions },
    seed: 1,
    enough: 0.005,
  };
};

/** An item as often as is written, or as often as fills the seconds written. */
function itemOf(asking: Asking, [role, formId, dose, lesson]: ReferenceLine, index: number): Item {
  const one = form(formId);
  const { brief, people, customs } = asking;
  const fitting = fitForm(one, brief.posture, people, customs, brief.place);
  if (typeof fitting === 'string') throw new Error(`${formId}: ${fitting}`);
  const { layers, ...draft } = itemDraft(asking, { form: one, fitting }, role, [{ code: 'chosen-by-hand' }]);
  const item: Item = {
    ...draft,
    // A lesson has steps of its own.
    ...(layers && !lesson ? { layers } : {}),
    id: `${index}`,
    repetitions: typeof dose === 'number' ? dose : one.repetitions.usual,
    ...(lesson ? { lesson, familiarity: 'taught' as const } : {}),
  };
  if (typeof dose === 'number') return item;
  const wantedMs = Number.parseInt(dose, 10) * 1000;
  const msOf = (repetitions: number): number =>
    compile(practiceOf(asking, [{ ...item, repetitions }])).totalMs;
  const [once, twice] = [msOf(1), msOf(2)];
  const best = Math.max(1, 1 + Math.round((wantedMs - once) / (twice - once)));
  return { ...item, repetitions: best };
}

const practiceOf = (asking: Asking, items: readonly Item[]): Practice => ({
  name: 'Reference',
  brief: asking.brief,
  customs: practiceCustoms(asking),
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map(({ formId }) => [formId, form(formId)])),
});

/** A reference order as a practice of its minutes: doses as written, made to fit where our reckoning differs. */
function written(reference: Reference): { readonly asking: Asking; readonly practice: Practice } {
  const asking = askingOf(reference);
  const items = reference.lines.map((line, index) => itemOf(asking, line, index));
  const fit = makeItFit(practiceOf(asking, items));
  return { asking, practice: fit.ok ? fit.practice : practiceOf(asking, items) };
}

/** How a reference order stands before the margin and the composer. */
export interface Calibration {
  /** Rules that have a *must* or a *should* to say of it. */
  readonly heavy: readonly string[];
  readonly minutes: number;
  readonly practice: Practice;
  /** Its worth as a share of the best draft’s, 1 where it is as good (see `gapScale`). */
  readonly share: number;
  readonly asking: Asking;
  readonly best: Practice;
}

export function calibrationOf(reference: Reference): Calibration {
  const { asking, practice } = written(reference);
  const { people, customs, brief } = asking;
  const timeline = compile(practice);
  const best = compose(asking);
  if (!best.ok) throw new Error(`no draft of “${reference.name}”`);
  // Both measured alike, as practices that stand; nothing can be worth more than the best by more than is left to prove.
  const { value, bound } = best.proof;
  const most = worthOfPractice(asking, best.practice) + Math.max(0, bound - value);
  const lost = most - worthOfPractice(asking, practice);
  return {
    heavy: review(practice, timeline, customs, people)
      .filter(({ weight }) => weight !== 'consider')
      .map(({ rule }) => rule),
    minutes: timeline.totalMs / 60_000,
    practice,
    share: 1 - lost / gapScale(brief.minutes, most),
    asking,
    best: best.practice,
  };
}
