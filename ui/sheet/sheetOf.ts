import { PROP_WORDS } from '@/core/body/propWords';
import { otherSide } from '@/core/body/sides';
import { themePhase } from '@/core/brief';
import { nameOf, propOf, tellingPosture, type Form } from '@/core/forms';
import type { Audience } from '@/core/handout/audience';
import type { Sheet, SheetCue, SheetRow } from '@/core/handout/sheet';
import type { ConditionId } from '@/core/people';
import { correspondence } from '@/core/phases';
import {
  compile,
  formOf,
  layersOf,
  type Item,
  type Practice,
  type Timeline,
  type TimelineEvent,
} from '@/core/practice';
import { capital } from '@/core/text/text';
import { AFTERWARDS, scriptOf, type ScriptLine } from '@/core/script';
import { clockText } from '@/ui/kit/time';
import { careAlong, careOf } from '@/ui/words/cautions';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { doseText } from '@/ui/words/doses';
import { itemExtras } from '@/ui/words/items';
import { INTENT_NAMES, ROLE_NAMES, themeName } from '@/ui/words/names';
import { describePosture } from '@/ui/words/postures';

/** What a sheet is written for. */
export interface SheetAsked {
  /** Of the people it is for; undefined where nothing is known of them, and then every usual caution speaks. */
  readonly conditions: readonly ConditionId[] | undefined;
  readonly audience?: Audience;
  /** Whose it is and when, only where that is wished. */
  readonly chosen?: string | undefined;
  /** The teacher’s notes by form; written only on what is for the teacher alone. */
  readonly notes?: Readonly<Record<string, string>>;
  /** Where it was compiled already. */
  readonly timeline?: Timeline;
}

const BREATH = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;

/** The cues of a form once through: entry, one round (of the first side where there are two), exit. */
const cueEvents = (events: readonly TimelineEvent[]): readonly TimelineEvent[] => {
  const lessons = events.filter(
    ({ part, strokeIndex, isStay }) => part === 'cycle' && strokeIndex === 0 && !isStay,
  );
  // A lesson goes through its repetitions several times: the first is the round that is written out.
  const again = lessons.filter((event) => event.repetition === 1 && event.pass === 0)[1]?.index ?? Infinity;
  return events.filter(
    ({ part, repetition, pass, index, isStay }) =>
      part !== undefined &&
      !isStay &&
      (part !== 'cycle' || (repetition === 1 && pass === 0 && index < again)),
  );
};

function cueOf({ breath, sound, cue }: TimelineEvent): SheetCue {
  // The syllable stands before the words, apart and larger: it is not said twice.
  const twice = sound ? `${sound.written}: ` : undefined;
  return {
    breath: BREATH[breath],
    sound: sound && { written: sound.written, hanzi: sound.hanzi },
    text: twice !== undefined && cue.startsWith(twice) ? capital(cue.slice(twice.length)) : cue,
  };
}

function sidesText(form: Form, item: Item): string {
  if (form.sides === 'symmetric') return '';
  const inTurn = (item.sideOrder ?? (form.sides === 'alternating' ? 'in-turn' : '')) === 'in-turn';
  if (form.sides === 'both-ways') {
    const [one, other] = form.ways ?? [item.firstSide, otherSide(item.firstSide)];
    return inTurn ? `${one} and ${other} in turn` : `${one}, then ${other}`;
  }
  const other = otherSide(item.firstSide);
  return inTurn ? `${item.firstSide} and ${other} in turn` : `all ${item.firstSide}, then all ${other}`;
}

/** What of the story stands before the cues of a form, and what after them. */
const BEFORE: ReadonlySet<ScriptLine['kind']> = new Set(['opening', 'midway', 'image']);
const AFTER: ReadonlySet<ScriptLine['kind']> = new Set(['closing', 'leaving']);

const PRESSURE = 'With high blood pressure let the exhale be long and easy, and never hold the breath.';
const LICENSED = 'This sheet does not replace licensed care.';

/** What a class is done with besides one's own body, each once: known before it begins, it can be brought. */
const needsOf = (practice: Practice): readonly string[] => [
  ...new Set(
    practice.items.flatMap((item) => {
      const prop = propOf(formOf(practice, item), item.variant);
      return prop === undefined ? [] : [`needs ${PROP_WORDS[prop].needs}`];
    }),
  ),
];

/** What of the sheet is said of the whole. */
function headOf(practice: Practice, totalMs: number) {
  const { brief } = practice;
  const phase = themePhase(brief.theme);
  return {
    title: practice.name,
    phase,
    about: [
      `${INTENT_NAMES[brief.intent]} ${themeName(brief.theme, (id) => practice.forms[id]?.name ?? id)}`,
      brief.posture,
      `${brief.breathsPerMin} breaths a minute`,
      `${clockText(totalMs)} min`,
      ...needsOf(practice),
    ],
    intention: practice.story?.intention,
    tradition: `${correspondence(phase, 'motion')}; is said to ease ${correspondence(phase, 'disturbing-emotion')}.`,
    totalMs,
  };
}

/** When to stop and what to do afterwards; what pressure asks for where somebody has it, or nothing is known of anybody. */
const footOf = (conditions: SheetAsked['conditions']): readonly string[] => [
  ...(conditions === undefined || conditions.includes('high-blood-pressure') ? [PRESSURE] : []),
  FOR_EVERYONE,
  AFTERWARDS,
  LICENSED,
];

/** What is said of a practice on paper, made from the timeline that leads it. */
export function sheetOf(practice: Practice, asked: SheetAsked): Sheet {
  const { conditions, audience = 'people', chosen, notes = {} } = asked;
  const timeline = asked.timeline ?? compile(practice);
  const care = careAlong(practice.items.map((item) => careOf(formOf(practice, item), item, conditions)));
  const said = practice.story ? scriptOf(practice, timeline, practice.story) : [];
  const rowOf = (index: number): SheetRow | undefined => {
    const [item, span] = [practice.items[index], timeline.items[index]];
    if (!item || !span) return undefined;
    const form = formOf(practice, item);
    const events = timeline.events.slice(span.firstEvent, span.firstEvent + span.eventCount);
    const told = (kinds: ReadonlySet<ScriptLine['kind']>): readonly string[] =>
      said.filter((line) => line.itemIndex === index && kinds.has(line.kind)).map(({ text }) => text);
    return {
      id: item.id,
      startMs: span.startMs,
      lengthMs: span.lengthMs,
      name: nameOf(form, item.variant),
      hanzi: form.hanzi,
      pinyin: form.pinyin,
      dose: item.passage === undefined ? doseText(form, item) : '',
      sides: item.passage === undefined ? sidesText(form, item) : '',
      byMouth: item.exhaleByMouth || form.exhale === 'mouth',
      before: told(BEFORE),
      cues: cueEvents(events).map(cueOf),
      extras: itemExtras(item, form, layersOf(practice, item, form)),
      after: told(AFTER),
      form,
      variant: item.variant,
      pictured: describePosture(tellingPosture(form, item.variant)),
      care: care[index]?.fresh ?? [],
      careAgain: care[index]?.again ?? [],
      note: audience === 'me' ? notes[form.id] : undefined,
    };
  };
  return {
    ...headOf(practice, timeline.totalMs),
    audience,
    chosen,
    sections: timeline.sections.map(({ role, startMs, lengthMs, itemIndexes }) => ({
      name: ROLE_NAMES[role],
      startMs,
      lengthMs,
      rows: itemIndexes.flatMap((index) => rowOf(index) ?? []),
    })),
    foot: footOf(conditions),
  };
}
