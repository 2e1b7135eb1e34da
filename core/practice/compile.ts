import { entryAt } from '../lists/lists';
import type { Prop } from '../body/posture';
import type { Side } from '../body/sides';
import { capital } from '../text/text';
import type { BreathStroke, Pace } from '../breath';
import {
  asksOf,
  fillCue,
  isStanding,
  nameOf,
  propOf,
  seal,
  stanceOf,
  type Form,
  type Role,
  type Stance,
  type Stroke,
} from '../forms';
import type { OutManner } from '../patterns';
import type { Voice } from '../sounds';
import { beyondBounds } from './bounds';
import { propWords, stanceWords } from './changes';
import { formOf } from './formOf';
import { layersOf, soundsIn, type LayersOfItem, type SoundLayer, type Unlaid } from './layers';
import { layerStarts, type Layer } from './parts';
import { type Item, type Practice } from './model';
import { toldAt, type Told } from './told';
import {
  asideOf,
  FIRST_REPETITION,
  isGestureOnce,
  repetitionsOf,
  saidSec,
  PROP_CHANGE_SEC,
  STANCE_CHANGE_SEC,
  WORD_SEC,
  type Doing,
  type FormPart,
  type LaidStroke,
} from '../time';

export type { Side };
export type EventKind = 'setup' | 'stance' | 'stroke' | 'settle';

/** One stretch of time in which one thing happens. */
export interface TimelineEvent {
  readonly index: number;
  readonly kind: EventKind;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly itemIndex: number;
  readonly itemId: string;
  readonly breath: BreathStroke;
  readonly exhale: 'nose' | 'mouth';
  /** The pattern laid on the breath, by id; its sips and how the air leaves shape the line. */
  readonly pattern: string | undefined;
  readonly sips: number;
  readonly out: OutManner;
  /** The sound made on this exhale. */
  readonly sound: SoundMade | undefined;
  readonly cue: string;
  /** How much of the cue is said by now. */
  readonly told: Told;
  /** The practitioner's own side, where the stroke has one. */
  readonly side: Side | undefined;
  /** The way of a circle, where there is one. */
  readonly way: string | undefined;
  /** Which part of the form, and the number of the stroke in it from 0; none while talking or settling. */
  readonly part: FormPart | undefined;
  readonly strokeIndex: number | undefined;
  /** The first side or way, or the second; 0 where there is but one. */
  readonly pass: number;
  /** Repetition n of m on this side; 0 outside the repetitions. */
  readonly repetition: number;
  readonly repetitions: number;
  /** The stroke done, for its postures; none while standing by. */
  readonly stroke: Stroke | undefined;
  /** A posture stayed in, put in by hand. */
  readonly isStay: boolean;
  /** Done on the second side (mirrored), or the second way of a circle. */
  readonly second: boolean;
  /** Breath counted from the beginning of the practice (each inhale starts one); 0 before the first. */
  readonly breathNumber: number;
}

/** A sound as it is made on an exhale. */
export interface SoundMade {
  readonly id: string;
  readonly written: string;
  readonly hanzi: string | undefined;
  readonly voice: Voice;
}

/** A layer that was asked for and does not fit: where, and why. */
export type UnlaidHere = Unlaid & { readonly itemId: string };

export interface ItemSpan {
  readonly itemIndex: number;
  readonly itemId: string;
  readonly role: Role;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly firstEvent: number;
  readonly eventCount: number;
}

export interface SectionSpan {
  readonly role: Role;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly itemIndexes: readonly number[];
}

/** Everything derived from a practice, in ms from its beginning. */
export interface Timeline {
  readonly totalMs: number;
  readonly events: readonly TimelineEvent[];
  readonly items: readonly ItemSpan[];
  readonly sections: readonly SectionSpan[];
  readonly breaths: number;
  /** Patterns and sounds asked for that do not fit their forms. */
  readonly unlaid: readonly UnlaidHere[];
}

interface Draft extends Omit<TimelineEvent, 'index' | 'startMs' | 'itemIndex' | 'itemId' | 'breathNumber'> {
  readonly startsBreath: boolean;
}

interface ItemContext {
  readonly item: Item;
  readonly form: Form;
  readonly doing: Doing;
  readonly layers: LayersOfItem;
  /** Words a minute, for what holds people up while it is said. */
  readonly wordsPerMin: number | undefined;
}

const toMs = (seconds: number): number => Math.round(seconds * 1000);

function strokeEvent({ item, form, layers }: ItemContext, laid: LaidStroke, repetitions: number): Draft {
  const { part, index, side, way, isSecond, pass, repetition, stroke, breath, isStay, pattern } = laid;
  const sounds =
    breath === 'out' && !isStay && repetition > 0 && soundsIn(layers.sound, repetition, repetitions);
  const made = sounds ? madeOf(layers.sound) : undefined;
  const written = isStay ? stroke.cue : (item.cues?.[`${part}-${index}`] ?? stroke.cue);
  return {
    kind: 'stroke',
    lengthMs: toMs(laid.sec),
    breath,
    exhale: made || item.exhaleByMouth || pattern?.outRoute === 'mouth' ? 'mouth' : form.exhale,
    pattern: pattern?.id,
    sips: breath === 'in' ? (pattern?.sips ?? 1) : 1,
    out: pattern?.out ?? 'plain',
    sound: made,
    cue: fillCue(written, { side, way }, layers.sound?.sound.written),
    told: toldAt(repetition, pass, item),
    part,
    strokeIndex: index,
    side,
    way,
    pass,
    stroke,
    isStay,
    second: isSecond,
    repetition,
    repetitions,
    startsBreath: breath === 'in',
  };
}

const madeOf = ({ sound: { id, written, hanzi }, voice }: SoundLayer): SoundMade => ({
  id,
  written,
  hanzi,
  voice,
});

function talk(kind: 'setup' | 'stance' | 'settle', seconds: number, cue: string): Draft {
  return {
    kind,
    lengthMs: toMs(seconds),
    breath: 'free',
    exhale: 'nose',
    pattern: undefined,
    sips: 1,
    out: 'plain',
    sound: undefined,
    cue,
    told: 'full',
    part: undefined,
    strokeIndex: undefined,
    side: undefined,
    way: undefined,
    pass: 0,
    stroke: undefined,
    isStay: false,
    second: false,
    repetition: 0,
    repetitions: 0,
    startsBreath: false,
  };
}

/** What is said as each layer is added. */
const LAYER_CUES: Readonly<Record<Layer, string>> = {
  legs: 'Legs only, hands at rest.',
  hands: 'Now the hands with the legs.',
  breath: 'Now on the breath.',
  mind: 'Now the mind goes with it.',
};
const LAYER_SEC = 5;

const asSentence = (text: string): string => capital(/[.!?…]$/u.test(text) ? text : `${text}.`);

/** What a step of a lesson goes through, each with its own run of repetitions. */
function lessonNotes(item: Item, form: Form): readonly (string | undefined)[] {
  switch (item.lesson) {
    case 'show':
      return ['Watch once; nothing to do yet.'];
    case 'parts': {
      const parts = form.parts.map((part) =>
        asSentence(typeof part === 'string' ? part : [part.part, part.watch].filter(Boolean).join(': ')),
      );
      return parts.length > 0 ? parts : [undefined];
    }
    case 'mistakes': {
      const mistakes = form.mistakes.map(({ mistake, mend }) => `${capital(mistake)}? ${asSentence(mend)}`);
      return mistakes.length > 0 ? mistakes : [undefined];
    }
    case 'drill':
      return ['Again and again, each a little easier.'];
    case 'whole':
      return ['Now the whole, with few words.'];
    case undefined:
      return [undefined];
    default:
      return item.lesson satisfies never;
  }
}

/** The repetitions, once for each thing a step of a lesson has to say. */
function runsOf(context: ItemContext): readonly Draft[] {
  return lessonNotes(context.item, context.form).flatMap((note) => [
    ...(note === undefined ? [] : [talk('setup', saidSec(note, context.wordsPerMin), note)]),
    ...runOf(context),
  ]);
}

const HANDS =
  /\b(?:hands?|palms?|arms?|wrists?|fists?|fingers?|fingertips|elbows?|claws?|wings?|paws?|hooks?)\b/i;
/** A cue as it is said of the legs alone: up to where it comes to the hands. */
function withoutHands(cue: string): string {
  const parts = cue.split(/[;:.]\s*/u).map((part) => {
    const clauses = part.split(/,\s*/u);
    const hands = clauses.findIndex((clause) => HANDS.test(clause));
    return (hands < 0 ? clauses : clauses.slice(0, hands)).join(', ');
  });
  const legs = parts.filter((part) => part.trim() !== '').join('; ');
  return legs === '' ? cue : capital(legs);
}

/** The repetitions, each layer of a form announced as it is added; until the breath is, it is left to itself. */
function runOf(context: ItemContext): readonly Draft[] {
  const { item, form, doing } = context;
  const starts = layerStarts(item);
  const untilBreath = starts.find(({ layer }) => layer === 'breath')?.from ?? 0;
  const events: Draft[] = [];
  const laidOut = repetitionsOf(form, item.variant, item.repetitions, doing);
  const counts = new Map<number, number>();
  for (const { pass, repetition } of laidOut) counts.set(pass, Math.max(repetition, counts.get(pass) ?? 0));
  let said = 0;
  for (const laid of laidOut) {
    const isNew = laid.pass === 0 && laid.repetition > said;
    said = Math.max(said, laid.repetition);
    for (const { layer } of isNew ? starts.filter(({ from }) => from === laid.repetition) : [])
      events.push(talk('setup', LAYER_SEC, LAYER_CUES[layer]));
    const layer = starts.findLast(({ from }) => from <= laid.repetition)?.layer;
    const whole = strokeEvent(context, laid, counts.get(laid.pass) ?? 0);
    const event = layer === 'legs' ? { ...whole, cue: withoutHands(whole.cue) } : whole;
    events.push(laid.repetition < untilBreath ? { ...event, breath: 'free', startsBreath: false } : event);
  }
  return events;
}

/** A passage said in the posture of its item, sentence by sentence: as long as it takes to say, or so many seconds. */
function passageEvents({ item, form, doing, wordsPerMin }: ItemContext, passage: string): readonly Draft[] {
  const [laid] = repetitionsOf(form, item.variant, 1, doing);
  if (!laid) return [];
  const sentences = passage.split(/(?<=[.!?…][’”"']?)\s+/u).filter((sentence) => sentence !== '');
  const spoken = sentences.map((sentence) => saidSec(sentence, wordsPerMin));
  const by = item.forSec === undefined ? 1 : item.forSec / spoken.reduce((sum, sec) => sum + sec, 0);
  return sentences.map((cue, index) => {
    const sec = (spoken[index] ?? 0) * by;
    const { postures } = laid.stroke;
    const stroke: Stroke = { breath: 'free', cue, seconds: sec, ...(postures ? { postures } : {}) };
    return { ...talk('setup', sec, cue), kind: 'stroke', stroke };
  });
}

/** What is thought rather than said while a form settles. */
export const SETTLE_WORDS = 'Let it settle.';

/** After knocking one feels, standing or sitting as one is; after a sound comes a quiet breath; else it settles. */
function settleWords({ form, item, layers }: ItemContext): string {
  if (layers.sound) return 'A quiet breath, by the nose.';
  if (asksOf(form, item.variant).percussion.length === 0) return SETTLE_WORDS;
  return STILL_WORDS[floorOf(stanceOf(form, item.variant).end)];
}

/** What is said where one keeps still to feel. */
const STILL_WORDS = {
  standing: 'Stand still and feel.',
  sitting: 'Sit still and feel.',
  lying: 'Lie still and feel.',
} as const;
const floorOf = (stance: Stance): keyof typeof STILL_WORDS =>
  isStanding(stance)
    ? 'standing'
    : stance === 'on the back' || stance === 'on the side'
      ? 'lying'
      : 'sitting';

/** What is said, and for how long, till one stands, and has in hand, what a form begins with; the first begins so. */
function changeOf(item: Item, form: Form, before: Before | undefined): Draft | undefined {
  if (!before) return undefined;
  const { start } = stanceOf(form, item.variant);
  const isStance = before.stance !== start;
  const taken = propWords(before.prop, propOf(form, item.variant));
  if (taken === '' && !isStance) return undefined;
  const sec = (taken === '' ? 0 : PROP_CHANGE_SEC) + (isStance ? STANCE_CHANGE_SEC[item.familiarity] : 0);
  const said = [taken, isStance ? stanceWords(before.stance, start) : ''].filter((words) => words !== '');
  return talk('stance', sec, said.join(' '));
}

/** Only the first step of a lesson is announced by the form's name. */
export const laterInLesson = (item: Item): boolean => item.lesson !== undefined && item.lesson !== 'show';

/** Seconds of talk before a form, and how much longer its first repetition takes. */
function taughtAs(item: Item, form: Form): { readonly talkSec: number; readonly firstFactor: number } {
  const { station, lesson, layers, repetitions, variant } = item;
  const isGesture = lesson === undefined && layers === undefined && isGestureOnce(form, variant, repetitions);
  const isBrief = station === true || isGesture;
  const usualSec = form.setupSec[item.familiarity];
  const familiarity = lesson && lesson !== 'parts' ? 'known' : item.familiarity;
  return {
    talkSec: item.talkSec ?? (isBrief ? Math.min(WORD_SEC, usualSec) : usualSec),
    firstFactor: item.firstFactor ?? (isBrief ? 1 : FIRST_REPETITION[familiarity]),
  };
}

/** The pace a practice is breathed at. */
export const paceOf = ({ brief, customs }: Pick<Practice, 'brief' | 'customs'>): Pace => ({
  breathsPerMin: brief.breathsPerMin,
  outToIn: customs.outToIn,
  longestExhaleSec: customs.longestExhaleSec,
});

/** Where an item begins: what came before it. */
interface Before {
  readonly stance: Stance;
  readonly prop: Prop | undefined;
  readonly pattern: string | undefined;
}

function itemEvents(
  practice: Practice,
  item: Item,
  layers: LayersOfItem,
  before: Before | undefined,
): readonly Draft[] {
  const form = formOf(practice, item);
  const { customs } = practice;
  const { talkSec, firstFactor } = taughtAs(item, form);
  const context: ItemContext = {
    item,
    form,
    doing: {
      pace: paceOf(practice),
      stretch: item.stretch,
      firstSide: item.firstSide,
      firstFactor,
      omitHolds: item.omitHolds,
      sideOrder: item.sideOrder,
      otherRepetitions: item.otherRepetitions,
      forSec: item.forSec,
      stays: item.stays,
      breathing: layers.breathing,
    },
    layers,
    wordsPerMin: customs.wordsPerMin,
  };
  const aside = (part: 'entry' | 'exit'): readonly Draft[] =>
    asideOf(form, item.variant, part, context.doing).map((laid) => strokeEvent(context, laid, 0));
  const change = changeOf(item, form, before);
  const events: Draft[] = change ? [change] : [];
  // A hinge is its own announcement.
  if (!item.hinge && !laterInLesson(item))
    events.push(talk('setup', talkSec, item.cues?.setup ?? nameOf(form, item.variant)));
  if (item.image) events.push(talk('setup', saidSec(item.image, customs.wordsPerMin), item.image));
  if (layers.seal) {
    const { announce } = seal(layers.seal);
    events.push(talk('setup', saidSec(announce, customs.wordsPerMin), announce));
  }
  const pattern = layers.breathing?.pattern;
  // Announced once in a teacher’s words, then carried by the line.
  if (pattern && pattern.id !== before?.pattern)
    events.push(talk('setup', saidSec(pattern.announce, customs.wordsPerMin), pattern.announce));
  events.push(...aside('entry'));
  events.push(...(item.passage === undefined ? runsOf(context) : passageEvents(context, item.passage)));
  events.push(...aside('exit'));
  const settleSec = (item.station ? 0 : form.settleSec) + (item.quietSec ?? 0);
  if (settleSec > 0) events.push(talk('settle', settleSec, settleWords(context)));
  return events.filter((event) => event.lengthMs > 0);
}

function sectionsOf(spans: readonly ItemSpan[]): readonly SectionSpan[] {
  const sections: { role: Role; startMs: number; lengthMs: number; itemIndexes: number[] }[] = [];
  for (const span of spans) {
    const last = sections.at(-1);
    if (last && last.role === span.role) {
      last.lengthMs += span.lengthMs;
      last.itemIndexes.push(span.itemIndex);
    } else
      sections.push({
        role: span.role,
        startMs: span.startMs,
        lengthMs: span.lengthMs,
        itemIndexes: [span.itemIndex],
      });
  }
  return sections;
}

/** A draft in its place. Written out field by field: spreading what is left of an object costs ten times as much. */
function placed(
  draft: Draft,
  index: number,
  startMs: number,
  itemIndex: number,
  itemId: string,
  breathNumber: number,
): TimelineEvent {
  return {
    index,
    kind: draft.kind,
    startMs,
    lengthMs: draft.lengthMs,
    itemIndex,
    itemId,
    breath: draft.breath,
    exhale: draft.exhale,
    pattern: draft.pattern,
    sips: draft.sips,
    out: draft.out,
    sound: draft.sound,
    cue: draft.cue,
    told: draft.told,
    part: draft.part,
    strokeIndex: draft.strokeIndex,
    side: draft.side,
    way: draft.way,
    pass: draft.pass,
    repetition: draft.repetition,
    repetitions: draft.repetitions,
    stroke: draft.stroke,
    isStay: draft.isStay,
    second: draft.second,
    breathNumber,
  };
}

/**
 * Lays a practice out in time. Set-up talk, changes of stance, entry, repetitions by sides (the first one
 * slower), exit and a settling pause, each in whole milliseconds; nothing else takes time.
 * Throws RangeError for what is beyond the bounds of a practice. Source of the time model: common practice.
 */
export function compile(practice: Practice): Timeline {
  const beyond = beyondBounds(practice);
  if (beyond !== undefined) throw new RangeError(`the practice ${beyond}`);
  const events: TimelineEvent[] = [];
  const items: ItemSpan[] = [];
  let atMs = 0;
  let breaths = 0;
  let before: Before | undefined;
  const unlaid: UnlaidHere[] = [];
  practice.items.forEach((item, itemIndex) => {
    const startMs = atMs;
    const firstEvent = events.length;
    const form = formOf(practice, item);
    const layers = layersOf(practice, item, form);
    unlaid.push(...layers.unlaid.map((one) => ({ ...one, itemId: item.id })));
    for (const draft of itemEvents(practice, item, layers, before)) {
      if (draft.startsBreath) breaths += 1;
      events.push(placed(draft, events.length, atMs, itemIndex, item.id, breaths));
      atMs += draft.lengthMs;
    }
    items.push({
      itemIndex,
      itemId: item.id,
      role: item.role,
      startMs,
      lengthMs: atMs - startMs,
      firstEvent,
      eventCount: events.length - firstEvent,
    });
    before = {
      stance: stanceOf(form, item.variant).end,
      prop: propOf(form, item.variant),
      pattern: layers.breathing?.pattern.id ?? before?.pattern,
    };
  });
  return { totalMs: atMs, events, items, sections: sectionsOf(items), breaths, unlaid };
}

/** The event running at a moment (ms from the beginning); the last one at and after the end; undefined when empty. */
export function eventAt(timeline: Timeline, atMs: number): TimelineEvent | undefined {
  let low = 0;
  let high = timeline.events.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (entryAt(timeline.events, middle).startMs <= atMs) low = middle;
    else high = middle - 1;
  }
  return timeline.events[low];
}
