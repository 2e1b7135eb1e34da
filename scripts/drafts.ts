import {
  AIM_IDS,
  AT_HAND,
  PLAIN_BRIEF,
  suggestBreath,
  suggestVoice,
  type Brief,
  type Theme,
} from '../core/brief';
import { compose } from '../core/compose';
import { likeness } from '../core/compose/likeness';
import { DEFAULT_CUSTOMS, type Customs } from '../core/customs';
import { FORM_SETS, REPERTOIRE } from '../core/forms';
import { measureDraft, type DraftMeasures } from '../core/measures';
import { scriptOf, wordsIn } from '../core/script';
import type { ConditionId } from '../core/people';
import { ORGAN_IDS, PHASE_IDS } from '../core/phases';
import { seededRandom } from '../core/random';
import { FURTHER_REFERENCES, UNTOUCHED_REFERENCES } from '../core/compose/furtherReferences.test.data';
import { calibrationOf, REFERENCES } from '../core/compose/references.test.data';
import type { Practice } from '../core/practice';
import { review } from '../core/review';

/**
 * Composes many drafts over themes, minutes, people, schools and hours, and prints how they meet what a teacher asks of a
 * draft. `npm run drafts -- 60` for fewer; every run composes the same.
 */

const COUNT = Number(process.argv[2] ?? 300);
const random = seededRandom(20261128);
const oneOf = <Row>(rows: readonly Row[]): Row => {
  const row = rows[Math.floor(random.next() * rows.length)];
  if (row === undefined) throw new RangeError('nothing to choose from');
  return row;
};

const THEMES: readonly Theme[] = [
  ...ORGAN_IDS.map((organ): Theme => ({ kind: 'organ', organ })),
  ...PHASE_IDS.map((phase): Theme => ({ kind: 'phase', phase })),
  ...AIM_IDS.map((aim): Theme => ({ kind: 'aim', aim })),
  ...FORM_SETS.map(({ id }): Theme => ({ kind: 'set', set: id })),
  { kind: 'all-phases' },
  { kind: 'channel', channel: 'LU' },
  { kind: 'channel', channel: 'GV' },
  { kind: 'channel', channel: 'KI' },
  { kind: 'point', point: 'KI1' },
  { kind: 'point', point: 'ST36' },
  { kind: 'season', season: 'autumn' },
  { kind: 'hour', organ: 'kidney' },
  {
    kind: 'mix',
    parts: [
      { kind: 'organ', organ: 'liver' },
      { kind: 'organ', organ: 'spleen' },
    ],
  },
  {
    kind: 'mix',
    parts: [
      { kind: 'aim', aim: 'back' },
      { kind: 'organ', organ: 'kidney' },
    ],
  },
  { kind: 'lesson', formId: 'cloud-hands' },
  { kind: 'lesson', formId: 'brocade-sway' },
];
const MINUTES = [2, 3, 5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 60, 75, 90];
const PEOPLE: readonly (readonly ConditionId[])[] = [
  [],
  [],
  [],
  ['knee', 'shoulder'],
  ['high-blood-pressure', 'new-hip'],
  ['pregnancy'],
  ['panic'],
];

interface Drafted {
  readonly what: string;
  readonly theme: string;
  readonly practice: Practice;
  readonly measures: DraftMeasures;
  readonly heavy: readonly string[];
  readonly forms: readonly string[];
  /** Those that are neither arrived, loosened, gathered nor closed with. */
  readonly carrying: readonly string[];
  /** Words of the script in each minute of it. */
  readonly wordsPerMin: number;
  /** Whether intention, opening, image, middle and closing are there. */
  readonly hasStory: boolean;
}

/** In every so many of the briefs a wall, a ball, a staff, a partner or a ring is at hand. */
const AT_HAND_EVERY = 7;

function briefAt(index: number): {
  readonly brief: Brief;
  readonly customs: Customs;
  readonly conditions: readonly ConditionId[];
} {
  const theme = THEMES[index % THEMES.length] ?? { kind: 'all-phases' as const };
  const dayPart = oneOf(['morning', 'midday', 'evening'] as const);
  const isSleep = theme.kind === 'aim' && theme.aim === 'sleep';
  const customs = {
    ...DEFAULT_CUSTOMS,
    soundSchool: oneOf(['standard', 'standard', 'voiced'] as const),
    animalSchool: oneOf(['standard', 'crane'] as const),
  };
  // Now and then there is something at hand.
  const atHand = index % AT_HAND_EVERY === 0 ? AT_HAND[(index / AT_HAND_EVERY) % AT_HAND.length] : undefined;
  const asked = {
    theme,
    intent:
      theme.kind === 'aim'
        ? isSleep
          ? ('calm' as const)
          : ('nourish' as const)
        : oneOf(['nourish', 'clear-then-nourish', 'clear-then-nourish', 'clear', 'calm'] as const),
    dayPart: isSleep ? ('evening' as const) : dayPart,
    familiarity: oneOf(['known', 'taught'] as const),
    place: [],
  };
  return {
    brief: {
      ...PLAIN_BRIEF,
      ...asked,
      minutes: Math.max(theme.kind === 'set' ? 20 : theme.kind === 'lesson' ? 10 : 2, oneOf(MINUTES)),
      posture: random.next() < 0.25 ? 'seated' : 'standing',
      season: oneOf(['spring', 'summer', 'autumn', 'winter'] as const),
      voice: suggestVoice(asked, customs).value,
      breath: suggestBreath(asked, customs).value,
      ...(atHand === undefined ? {} : { atHand }),
    },
    customs,
    conditions: oneOf(PEOPLE),
  };
}

/** Of the drafts that are not as they should be, so many are named. */
const SHOWN = 4;

/** Sections in which the same forms stand in most drafts. */
const STAYING: ReadonlySet<string> = new Set(['arrive', 'loosen', 'gather', 'close']);

const drafts: Drafted[] = [];
const failed: string[] = [];
const times: number[] = [];
for (let index = 0; index < COUNT; index += 1) {
  const { brief, customs, conditions } = briefAt(index);
  const what = `${JSON.stringify(brief.theme)} ${brief.minutes} min ${brief.posture} ${brief.intent} ${brief.dayPart} ${conditions.join('+')} seed ${1 + (index % 5)}`;
  const from = performance.now();
  const result = compose({
    brief,
    repertoire: REPERTOIRE,
    customs,
    people: { conditions },
    seed: 1 + (index % 5),
    enough: 0.01,
  });
  times.push(performance.now() - from);
  if (!result.ok) {
    failed.push(what);
    continue;
  }
  const { practice, timeline } = result;
  drafts.push({
    what,
    theme: JSON.stringify(brief.theme),
    practice,
    measures: measureDraft(practice, timeline, customs),
    heavy: review(practice, timeline, customs, { conditions })
      .filter(({ weight }) => weight === 'must' || weight === 'should')
      .map(({ rule }) => rule),
    wordsPerMin: practice.story
      ? scriptOf(practice, timeline, practice.story).reduce((sum, { text }) => sum + wordsIn(text), 0) /
        (timeline.totalMs / 60_000)
      : 0,
    hasStory: [practice.story?.opening, practice.story?.image, practice.story?.closing].every(
      (text) => text !== undefined && text !== '',
    ),
    forms: [...new Set(practice.items.map(({ formId }) => formId))],
    carrying: [
      ...new Set(
        practice.items.filter(({ role, hinge }) => !hinge && !STAYING.has(role)).map(({ formId }) => formId),
      ),
    ],
  });
}

const share = (count: number): string => `${String(count).padStart(4)} of ${drafts.length}`;
const holds = (name: string, is: (draft: Drafted) => boolean): void => {
  const not = drafts.filter((draft) => !is(draft));
  console.log(
    `${name.padEnd(58)} ${share(drafts.length - not.length)}`,
    not
      .slice(0, SHOWN)
      .map(({ what }) => `\n    not: ${what}`)
      .join(''),
  );
};
console.log(
  `${drafts.length} drafts of ${COUNT} briefs; ${failed.length} cannot be had${failed[0] ? `, the first ${failed[0]}` : ''}`,
);
holds('arrives in stillness', ({ measures }) => measures.arrivesStill);
holds('gathers in at the lower dantian', ({ measures }) => measures.gathersIn);
holds('closes with the hands there', ({ measures }) => measures.comesHome);
holds('carries a story', ({ hasStory }) => hasStory);
holds('few forms', ({ measures }) => measures.fewForms);
holds('the doses of a round are even', ({ measures }) => measures.evenDoses);
holds('no region tapped twice in a section', ({ measures }) => measures.oneTapping);
holds('what is cleared by its sound is nourished', ({ measures }) => measures.clearedIsNourished);
holds('what carries a theme is done long enough', ({ measures }) => measures.longEnough);
holds('the pace asked for is the pace breathed', ({ measures }) => measures.breathesAsAsked);
holds(
  'named first at least 35 % of the heart',
  ({ measures: { named } }) => named === undefined || named >= 0.35,
);
holds('known at least 60 % of the heart', ({ measures: { known } }) => known === undefined || known >= 0.6);
holds('draws no must or should note', ({ heavy }) => heavy.length === 0);
const notes = new Map<string, number>();
for (const { heavy } of drafts) for (const rule of heavy) notes.set(rule, (notes.get(rule) ?? 0) + 1);
console.log(
  'notes drawn:',
  [...notes]
    .toSorted((a, b) => b[1] - a[1])
    .map(([rule, count]) => `${rule} ${count}`)
    .join(', ') || 'none',
);
/** How many drafts each form stands in. */
function timesOf(idsIn: (draft: Drafted) => readonly string[]): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const draft of drafts) for (const id of idsIn(draft)) times.set(id, (times.get(id) ?? 0) + 1);
  return times;
}
const mostOften = (times: ReadonlyMap<string, number>, count: number): string =>
  [...times]
    .toSorted((a, b) => b[1] - a[1])
    .slice(0, count)
    .map(([id, number]) => `${id} ${Math.round((100 * number) / drafts.length)} %`)
    .join(', ');
const often = timesOf(({ forms }) => forms);
console.log('most often:', mostOften(often, 12));
console.log(
  'most often of what carries a theme, wakes or balances:',
  mostOften(
    timesOf(({ carrying }) => carrying),
    12,
  ),
);
console.log(
  `used anywhere: ${often.size} of ${REPERTOIRE.length} forms; never: ${REPERTOIRE.filter(
    ({ id }) => !often.has(id),
  )
    .map(({ id }) => id)
    .join(' ')}`,
);
const spoken = drafts.map(({ wordsPerMin }) => wordsPerMin).toSorted((a, b) => a - b);
console.log(
  `words a minute: ${Math.round(spoken[0] ?? 0)} to ${Math.round(spoken.at(-1) ?? 0)}, median ${Math.round(spoken[Math.floor(spoken.length / 2)] ?? 0)}`,
);
/** How much of what carries two drafts they have in common, over all pairs of one theme or of unlike ones. */
function likenessOf(areOne: boolean): string {
  const pairs = drafts.flatMap((a, index) =>
    drafts
      .slice(index + 1)
      .filter((b) => (a.theme === b.theme) === areOne)
      .map((b) => likeness(a.practice, b.practice)),
  );
  pairs.sort((a, b) => a - b);
  const at = (part: number): number => Math.round(100 * (pairs[Math.floor((pairs.length - 1) * part)] ?? 0));
  return `median ${at(0.5)} %, nine of ten below ${at(0.9)} %, most ${at(1)} %, over ${pairs.length} pairs`;
}
console.log('likeness of what carries them, drafts of one theme:', likenessOf(true));
console.log('likeness of what carries them, drafts of unlike themes:', likenessOf(false));
times.sort((a, b) => a - b);
console.log(
  `composing: median ${Math.round(times[Math.floor(times.length / 2)] ?? 0)} ms, most ${Math.round(times.at(-1) ?? 0)} ms`,
);
for (const [kind, references] of [
  ['reference orders', REFERENCES],
  ['further ones', FURTHER_REFERENCES],
  ['and those never looked at while the model was mended', UNTOUCHED_REFERENCES],
] as const) {
  console.log(`\n${kind}: worth of the best draft of their brief, and what the margin says heavily`);
  for (const reference of references) {
    const { share, heavy } = calibrationOf(reference);
    console.log(
      `${`${Math.round(100 * share)} %`.padStart(6)}  ${reference.name}${heavy.length > 0 ? `   ${heavy.join(', ')}` : ''}`,
    );
  }
}
