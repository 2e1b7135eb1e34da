import { otherSide, type Side } from '../body/sides';
import { breathSec, splitBreath, type BreathStroke } from '../breath';
import {
  asksOf,
  cycleOf,
  entryOf,
  exitOf,
  fillCue,
  nameOf,
  stanceOf,
  type Form,
  type Role,
  type Stance,
  type Stroke,
} from '../forms';
import { soundOf } from '../sounds';
import { beyondBounds } from './bounds';
import { formOf } from './formOf';
import { type Layer } from './parts';
import { type Item, type Practice } from './model';
import { spokenSec } from './speech';

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
  readonly cue: string;
  /** The practitioner's own side, where the stroke has one. */
  readonly side: Side | undefined;
  /** The way of a circle, where there is one. */
  readonly way: string | undefined;
  /** Repetition n of m on this side; 0 outside the repetitions. */
  readonly repetition: number;
  readonly repetitions: number;
  /** The stroke done, for its postures; none while standing by. */
  readonly stroke: Stroke | undefined;
  /** Done on the second side (mirrored), or the second way of a circle. */
  readonly second: boolean;
  /** Breath counted from the beginning of the practice (each inhale starts one); 0 before the first. */
  readonly breathNumber: number;
}

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
}

/** First repetition against a later one (common practice: 1.4–2.7 for a taught form). */
export const FIRST_REPETITION = { known: 1.1, taught: 1.8 } as const;
/** A change of stance costs 3–6 s (common practice). */
export const STANCE_CHANGE_SEC = { known: 4, taught: 6 } as const;

/** Sides and ways the item goes through: in each pass the cycle runs once, or `repetitions` times. */
interface Pass {
  readonly side: Side | undefined;
  readonly way: string | undefined;
  /** Whether the postures, written for the left or the first way, are turned round. */
  readonly second: boolean;
}

function passesOf(form: Form, firstSide: Side): readonly Pass[] {
  switch (form.sides) {
    case 'symmetric':
      return [{ side: undefined, way: undefined, second: false }];
    case 'alternating':
    case 'one-then-other':
      return [firstSide, otherSide(firstSide)].map((side) => ({
        side,
        way: undefined,
        second: side === 'right',
      }));
    case 'both-ways':
      return (form.ways ?? [firstSide, otherSide(firstSide)]).map((way, index) => ({
        side: undefined,
        way,
        second: form.ways ? index === 1 : way === 'right',
      }));
    default:
      return form.sides satisfies never;
  }
}

interface Draft extends Omit<TimelineEvent, 'index' | 'startMs' | 'itemIndex' | 'itemId' | 'breathNumber'> {
  readonly startsBreath: boolean;
}

interface ItemContext {
  readonly item: Item;
  readonly form: Form;
  readonly inSec: number;
  readonly outSec: number;
  readonly sound: string | undefined;
  /** Words of the item's own, by the stroke they replace. */
  readonly cueOf: ReadonlyMap<Stroke, string>;
}

const toMs = (seconds: number): number => Math.round(seconds * 1000);

function strokeSec(stroke: Stroke, context: ItemContext): number {
  if (stroke.breath === 'in') return context.inSec;
  if (stroke.breath === 'out') return context.outSec;
  return (stroke.seconds ?? 4) * context.item.stretch;
}

function strokeEvent(
  stroke: Stroke,
  context: ItemContext,
  pass: Pass,
  place: { repetition: number; repetitions: number; factor: number },
): Draft {
  return {
    kind: 'stroke',
    lengthMs: toMs(strokeSec(stroke, context) * place.factor),
    breath: stroke.breath,
    exhale: context.item.exhaleByMouth ? 'mouth' : context.form.exhale,
    cue: fillCue(context.cueOf.get(stroke) ?? stroke.cue, pass, context.sound),
    side: pass.side,
    way: pass.way,
    stroke,
    second: pass.second,
    repetition: place.repetition,
    repetitions: place.repetitions,
    startsBreath: stroke.breath === 'in',
  };
}

function talk(kind: 'setup' | 'stance' | 'settle', seconds: number, cue: string): Draft {
  return {
    kind,
    lengthMs: toMs(seconds),
    breath: 'free',
    exhale: 'nose',
    cue,
    side: undefined,
    way: undefined,
    stroke: undefined,
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

/** Words that hold people up: the time they take to say, and a breath to take them in. */
const saidSec = (text: string): number => spokenSec(text) + 2;

/** What a step of a lesson goes through, each with its own run of repetitions. */
function lessonNotes(item: Item, form: Form): readonly (string | undefined)[] {
  switch (item.lesson) {
    case 'show':
      return ['Watch once; nothing to do yet.'];
    case 'parts': {
      const parts = form.parts.map((part) =>
        typeof part === 'string' ? part : [part.part, part.watch].filter(Boolean).join(': '),
      );
      return parts.length > 0 ? parts : [undefined];
    }
    case 'mistakes': {
      const mistakes = form.mistakes.map(({ mistake, mend }) => `${mistake}: ${mend}`);
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

function repetitionsOf(context: ItemContext, cycle: readonly Stroke[]): readonly Draft[] {
  return lessonNotes(context.item, context.form).flatMap((note) => [
    ...(note === undefined ? [] : [talk('setup', saidSec(note), note)]),
    ...runOf(context, cycle),
  ]);
}

/** The posture a form ends in, held while the breath comes and goes. */
function heldEnd(context: ItemContext, cycle: readonly Stroke[], second: boolean): readonly Draft[] {
  const { holdSec } = context.item;
  const last = cycle.at(-1);
  if (!holdSec || !last) return [];
  const cue = 'Stay here; let the breath come and go.';
  const ends = last.postures?.slice(-1);
  const stroke: Stroke = { breath: 'free', cue, seconds: holdSec, ...(ends ? { postures: ends } : {}) };
  return [{ ...talk('settle', holdSec, cue), kind: 'stroke', stroke, second }];
}

function runOf(context: ItemContext, cycle: readonly Stroke[]): readonly Draft[] {
  const { item, form } = context;
  const layers = item.layers ?? [];
  const passes = passesOf(form, item.firstSide);
  const total = item.repetitions;
  const events: Draft[] = [];
  const once = (pass: Pass, repetition: number, factor: number) => {
    const layer = pass === passes[0] ? layers[repetition - 1] : undefined;
    if (layer) events.push(talk('setup', LAYER_SEC, LAYER_CUES[layer]));
    const untilBreath = layers.indexOf('breath') + 1;
    for (const stroke of cycle) {
      const event = strokeEvent(stroke, context, pass, { repetition, repetitions: total, factor });
      // Until the breath is added it is left to itself.
      events.push(repetition < untilBreath ? { ...event, breath: 'free', startsBreath: false } : event);
    }
  };
  const factorOf = (repetition: number, passIndex: number) =>
    repetition === 1 && (passIndex === 0 || form.sides === 'alternating')
      ? FIRST_REPETITION[item.lesson && item.lesson !== 'parts' ? 'known' : item.familiarity]
      : 1;
  if (form.sides === 'alternating') {
    for (let repetition = 1; repetition <= total; repetition += 1)
      passes.forEach((pass, index) => once(pass, repetition, factorOf(repetition, index)));
  } else {
    passes.forEach((pass, index) => {
      for (let repetition = 1; repetition <= total; repetition += 1)
        once(pass, repetition, factorOf(repetition, index));
    });
  }
  return events;
}

/** The item's own words by the stroke they stand for. */
function ownCues(item: Item, form: Form): ReadonlyMap<Stroke, string> {
  if (!item.cues) return NO_CUES;
  const strokes = {
    entry: entryOf(form, item.variant),
    cycle: cycleOf(form, item.variant),
    exit: exitOf(form, item.variant),
  };
  return new Map(
    Object.entries(item.cues).flatMap(([key, cue]): [Stroke, string][] => {
      const [part = '', number] = key.split('-');
      const stroke = part in strokes ? strokes[part as keyof typeof strokes][Number(number)] : undefined;
      return stroke ? [[stroke, cue]] : [];
    }),
  );
}
const NO_CUES: ReadonlyMap<Stroke, string> = new Map();

/** After knocking one feels, standing or sitting as one is; else it settles. */
function settleWords(form: Form, item: Item): string {
  if (asksOf(form, item.variant).percussion.length === 0) return 'Let it settle.';
  return stanceOf(form, item.variant).end === 'chair' ? 'Sit still and feel.' : 'Stand still and feel.';
}

/** Only the first step of a lesson is announced by the form's name. */
const laterInLesson = (item: Item): boolean => item.lesson !== undefined && item.lesson !== 'show';

function itemEvents(practice: Practice, item: Item, before: Stance | undefined): readonly Draft[] {
  const form = formOf(practice, item);
  const wholeSec =
    breathSec(form.pace, { breathsPerMin: practice.brief.breathsPerMin, outToIn: practice.customs.outToIn }) *
    item.stretch;
  const context: ItemContext = {
    item,
    form,
    ...splitBreath(wholeSec, practice.customs.outToIn),
    sound: form.soundOrgan ? soundOf(form.soundOrgan, practice.customs.soundSchool) : undefined,
    cueOf: ownCues(item, form),
  };
  const stance = stanceOf(form, item.variant);
  const keep = (stroke: Stroke): boolean => !(item.omitHolds && stroke.breath === 'hold');
  const cycle = cycleOf(form, item.variant).filter(keep);
  const still: Pass = { side: undefined, way: undefined, second: false };
  const outside = { repetition: 0, repetitions: item.repetitions, factor: 1 };
  const events: Draft[] = [];
  if (before !== undefined && before !== stance.start)
    events.push(talk('stance', STANCE_CHANGE_SEC[item.familiarity], `Change of stance: ${stance.start}.`));
  // A hinge is its own announcement.
  if (!item.hinge && !laterInLesson(item))
    events.push(
      talk('setup', form.setupSec[item.familiarity], item.cues?.setup ?? nameOf(form, item.variant)),
    );
  if (item.image) events.push(talk('setup', saidSec(item.image), item.image));
  events.push(...entryOf(form, item.variant).map((stroke) => strokeEvent(stroke, context, still, outside)));
  events.push(...repetitionsOf(context, cycle));
  events.push(...heldEnd(context, cycle, passesOf(form, item.firstSide).at(-1)?.second ?? false));
  events.push(...exitOf(form, item.variant).map((stroke) => strokeEvent(stroke, context, still, outside)));
  const settleSec = form.settleSec + (item.quietSec ?? 0);
  if (settleSec > 0) events.push(talk('settle', settleSec, settleWords(form, item)));
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
  let stance: Stance | undefined;
  practice.items.forEach((item, itemIndex) => {
    const startMs = atMs;
    const firstEvent = events.length;
    for (const draft of itemEvents(practice, item, stance)) {
      if (draft.startsBreath) breaths += 1;
      // Written out field by field: spreading what is left of an object costs ten times the rest of this loop.
      events.push({
        index: events.length,
        kind: draft.kind,
        startMs: atMs,
        lengthMs: draft.lengthMs,
        itemIndex,
        itemId: item.id,
        breath: draft.breath,
        exhale: draft.exhale,
        cue: draft.cue,
        side: draft.side,
        way: draft.way,
        repetition: draft.repetition,
        repetitions: draft.repetitions,
        stroke: draft.stroke,
        second: draft.second,
        breathNumber: breaths,
      });
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
    stance = stanceOf(formOf(practice, item), item.variant).end;
  });
  return { totalMs: atMs, events, items, sections: sectionsOf(items), breaths };
}

/** The event running at a moment (ms from the beginning); the last one at and after the end; undefined when empty. */
export function eventAt(timeline: Timeline, atMs: number): TimelineEvent | undefined {
  let low = 0;
  let high = timeline.events.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((timeline.events[middle] as TimelineEvent).startMs <= atMs) low = middle;
    else high = middle - 1;
  }
  return timeline.events[low];
}
