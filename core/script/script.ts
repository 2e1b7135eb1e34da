import { themeParts } from '../brief';
import { asksAsDone, asksOf, nameOf, type Form } from '../forms';
import {
  formOf,
  laterInLesson,
  saidOf,
  SETTLE_WORDS,
  type Item,
  type Practice,
  type Story,
  type Timeline,
  type TimelineEvent,
} from '../practice';
import { virtueLine } from '../story';
import { spokenSec, USUAL_WORDS_PER_MIN } from '../time';
import { firstWords } from '../text/firstWords';
import { capital } from '../text/text';
import { countSaid, isByTheClock, within, wordsIn } from './sayings';
import { ARMS_DOWN, FEEL, FEEL_ANYWHERE, LAST_ONE, LEAVING, OTHER_SIDE, OTHER_WAY, WITH_CARE } from './words';

/** What a line is for. A quiet line has no words: it says how long nothing is said. */
export type LineKind =
  | 'opening'
  | 'care'
  | 'link'
  | 'name'
  | 'image'
  | 'told'
  | 'count'
  | 'feel'
  | 'midway'
  | 'quiet'
  | 'closing'
  | 'leaving';

/** Something said, or a quiet, and when it begins and ends: ms from the beginning of the practice. */
export interface ScriptLine {
  readonly kind: LineKind;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly itemIndex: number;
  readonly text: string;
}

const BREATH_WORDS = { in: 'In', out: 'Out', hold: 'Stay', free: '' } as const;
/** A repetition shorter than this is not counted down, s: it is over before it is said. */
const COUNTED_SEC = 3;
/** Hands at rest for so long before the last words, s. */
const BEFORE_LEAVING_SEC = 12;

const isSleep = ({ brief }: Practice): boolean =>
  themeParts(brief.theme).some((part) => part.kind === 'aim' && part.aim === 'sleep');

function leavingOf(practice: Practice): string {
  if (isSleep(practice)) return LEAVING.sleep;
  return practice.brief.dayPart === 'evening' ? LEAVING.evening : LEAVING.day;
}

/** What is said with one stroke; `isFirst` where nothing of its form has been said on the breath yet. */
function strokeText(event: TimelineEvent, isFirst: boolean): string {
  const { told, breath, sound, isStay } = event;
  const word = BREATH_WORDS[breath];
  if (told === 'quiet') return '';
  const said = saidOf(event);
  if (said === '') return word === '' ? '' : `${sound ? `${word}: ${sound.written}` : word} …`;
  if (word === '' || isStay) return `${capital(said)}.`;
  return `${isFirst && breath !== 'hold' ? `Breathe ${word.toLowerCase()}` : word}: ${within(withoutWord(said, breath))}.`;
}

/** The word for the breath is said once: “Breathe in: into the hands”, “Stay: long and soft”. */
const withoutWord = (said: string, breath: TimelineEvent['breath']): string => {
  const rest = said.replace(breath === 'hold' ? /^stay,? /i : /^breathe (?:in |out )?/i, '');
  return rest === '' ? said : rest;
};

const stopped = (text: string): string => text.replace(/([.!?…])\.$/u, '$1');

/** What is counted down at the beginning of a repetition: once for both sides where they go in turn. */
function countdown(
  { repetition, repetitions, told, pass }: TimelineEvent,
  eachSec: number,
  inTurn: boolean,
): string {
  if (eachSec < COUNTED_SEC || told === 'full' || (inTurn && pass > 0)) return '';
  const each = inTurn ? ' on each side' : '';
  if (repetition === repetitions && repetitions >= 3) return inTurn ? `One more${each}.` : LAST_ONE;
  return repetition === repetitions - 1 && repetitions >= 4 ? `Two more${each}.` : '';
}

/** Whether the sides of a form go in turn: the other side comes before the first is finished. */
const goesInTurn = (events: readonly TimelineEvent[]): boolean =>
  events.some(({ pass, repetition, repetitions }) => pass > 0 && repetition === 1 && repetitions > 1) &&
  events.findIndex(({ pass, repetition }) => pass > 0 && repetition === 1) <
    events.findIndex(({ pass, repetition }) => pass === 0 && repetition === 2);

/**
 * Said where a form turns to its other side, or goes the other way round, and its few words are those of the first: nobody
 * turns round for “Hands on hips”.
 */
function turnSaid(events: readonly TimelineEvent[], at: TimelineEvent, sides: Form['sides']): string {
  if (at.pass === 0 || at.repetition !== 1) return '';
  const wordsOf = (pass: number): string =>
    events
      .filter((event) => event.pass === pass && event.repetition === 1)
      .map(({ cue }) => firstWords(cue, true))
      .join('/');
  const words = wordsOf(at.pass);
  if (words !== wordsOf(0) || /\bother\b/i.test(words)) return '';
  return sides === 'both-ways' ? OTHER_WAY : OTHER_SIDE;
}

/** The lines of the strokes of an item, repetition by repetition; quiet ones run together. */
function strokeLines(events: readonly TimelineEvent[], form: Form): readonly ScriptLine[] {
  const lines: ScriptLine[] = [];
  const add = (line: ScriptLine): void => {
    lines.push(line.text === '' ? { ...line, kind: 'quiet' } : line);
  };
  const inTurn = goesInTurn(events);
  let first = true;
  let at = '';
  for (const event of events) {
    const { startMs, lengthMs, itemIndex, repetition, pass } = event;
    const here = `${pass}/${repetition}`;
    if (here !== at && repetition > 0) {
      const each = events.filter((one) => one.repetition === repetition && one.pass === pass);
      const turn = inTurn ? '' : turnSaid(events, event, form.sides);
      if (turn !== '') add({ kind: 'count', startMs, lengthMs: 0, itemIndex, text: turn });
      const count = countdown(event, each.reduce((sum, one) => sum + one.lengthMs, 0) / 1000, inTurn);
      if (count !== '' && !isByTheClock(form))
        add({ kind: 'count', startMs, lengthMs: 0, itemIndex, text: count });
    }
    at = here;
    add({ kind: 'told', startMs, lengthMs, itemIndex, text: stopped(strokeText(event, first)) });
    if (event.breath !== 'free' && event.told !== 'quiet') first = false;
  }
  return lines;
}

/** After tapping one feels, after a sound one breathes; else what settles does so without a word. */
function feelText(form: Form, item: Item, settle: string): string {
  const [region] = asksOf(form, item.variant).percussion;
  if (region !== undefined) return `${settle} ${FEEL[region] ?? FEEL_ANYWHERE}`;
  return settle === SETTLE_WORDS ? '' : settle;
}

interface ItemPlace {
  readonly practice: Practice;
  readonly item: Item;
  readonly form: Form;
  readonly before: Item | undefined;
  /** What the story says before this item. */
  readonly told: readonly Pick<ScriptLine, 'kind' | 'text'>[];
}

/** What is said before the strokes of an item: how one comes to it, its name and number, its image. */
function beginning(place: ItemPlace, events: readonly TimelineEvent[], startMs: number, itemIndex: number) {
  const { practice, item, form, before, told } = place;
  const line = (kind: LineKind, text: string): ScriptLine => ({
    kind,
    startMs,
    lengthMs: 0,
    itemIndex,
    text,
  });
  const wereUp = before && asksAsDone(formOf(practice, before), before).armsAboveShoulders;
  const settled = events.some(({ kind }) => kind === 'stance');
  const lines: ScriptLine[] = told.map(({ kind, text }) => line(kind, text));
  if (wereUp && !item.hinge && !settled) lines.unshift(line('link', ARMS_DOWN));
  // A hinge and the later steps of a lesson go by no name of their own.
  let named = item.hinge || laterInLesson(item);
  for (const event of events) {
    if (event.kind === 'stance') lines.push({ ...line('link', event.cue), lengthMs: event.lengthMs });
    else if (!named) {
      named = true;
      const count = countSaid(form, item);
      const name = item.cues?.setup ?? nameOf(form, item.variant);
      lines.push({
        ...line('name', `${name}${count === '' ? '' : `: ${count}`}.`),
        lengthMs: event.lengthMs,
      });
    } else lines.push({ ...line('told', event.cue), startMs: event.startMs, lengthMs: event.lengthMs });
  }
  return lines;
}

/** Where the story is told: at the beginning, at the first form of the heart, in the middle, and at the end. */
function storyAt(
  practice: Practice,
  timeline: Timeline,
  story: Story,
): readonly (readonly Pick<ScriptLine, 'kind' | 'text'>[])[] {
  const { items } = practice;
  const isHeart = (item: Item): boolean => (item.role === 'nourish' || item.role === 'clear') && !item.hinge;
  const first = items.findIndex((item) => item.role === 'nourish' && !item.hinge);
  const stirs = items.findIndex(({ role }) => role !== 'arrive');
  // Between two forms: where that is nearest the middle, and the image has been given.
  const fromMiddle = (index: number): number =>
    Math.abs((timeline.items[index]?.startMs ?? 0) - timeline.totalMs / 2);
  const middle = items.reduce(
    (best, { hinge }, index) =>
      index > first && !hinge && (best < 0 || fromMiddle(index) < fromMiddle(best)) ? index : best,
    -1,
  );
  const heart = items.some(isHeart);
  return items.map((_, index) => [
    ...(index === 0 && story.opening !== '' ? [{ kind: 'opening' as const, text: story.opening }] : []),
    ...(index === stirs ? [{ kind: 'care' as const, text: WITH_CARE }] : []),
    ...(index === middle && middle > 0 && story.midway !== ''
      ? [
          {
            kind: 'midway' as const,
            text: [story.midway, virtueLine(story)].filter((one) => one !== '').join(' '),
          },
        ]
      : []),
    ...(index === first && heart && story.image !== ''
      ? [{ kind: 'image' as const, text: story.image }]
      : []),
  ]);
}

/** The last words, so early that they are said before the end, and never before the last form has begun. */
function ending(practice: Practice, timeline: Timeline, story: Story): readonly ScriptLine[] {
  const last = timeline.items.at(-1);
  if (!last) return [];
  const { itemIndex } = last;
  const leaving = leavingOf(practice);
  const perMin = practice.customs.wordsPerMin ?? USUAL_WORDS_PER_MIN;
  const endMs = last.startMs + last.lengthMs;
  const leaveMs = Math.max(last.startMs, endMs - Math.round(spokenSec(leaving, perMin) * 1000));
  const closeMs = Math.max(
    last.startMs,
    leaveMs - Math.round((spokenSec(story.closing, perMin) + BEFORE_LEAVING_SEC) * 1000),
  );
  const closing: ScriptLine = {
    kind: 'closing',
    startMs: closeMs,
    lengthMs: leaveMs - closeMs,
    itemIndex,
    text: story.closing,
  };
  return [
    ...(story.closing === '' ? [] : [closing]),
    { kind: 'leaving', startMs: leaveMs, lengthMs: endMs - leaveMs, itemIndex, text: leaving },
  ];
}

/** Quiet that follows quiet in one form is one. */
function quietsJoined(lines: readonly ScriptLine[]): readonly ScriptLine[] {
  const joined: ScriptLine[] = [];
  for (const line of lines) {
    const last = joined.at(-1);
    const isOne = line.kind === 'quiet' && last?.kind === 'quiet' && last.itemIndex === line.itemIndex;
    if (isOne) joined[joined.length - 1] = { ...last, lengthMs: last.lengthMs + line.lengthMs };
    else joined.push(line);
  }
  return joined;
}

/**
 * What is said from the beginning of a practice to its end, line by line and in order, as a class hears it: the story,
 * the names and numbers, the movements told in full and then with fewer and fewer words, what is counted down, and the
 * quiet between. Pure. Words over a stillness take no time of their own.
 */
export function scriptOf(practice: Practice, timeline: Timeline, story: Story): readonly ScriptLine[] {
  const told = storyAt(practice, timeline, story);
  const lines = timeline.items.flatMap((span, index): readonly ScriptLine[] => {
    const item = practice.items[span.itemIndex];
    if (!item) return [];
    const form = formOf(practice, item);
    const events = timeline.events.slice(span.firstEvent, span.firstEvent + span.eventCount);
    const start = events.findIndex(({ kind }) => kind === 'stroke');
    const before = practice.items[index - 1];
    const place: ItemPlace = { practice, item, form, before, told: told[index] ?? [] };
    const begun = events.slice(0, Math.max(0, start));
    const rest = events.slice(Math.max(0, start));
    const settles = rest.filter(({ kind }) => kind === 'settle');
    return [
      ...beginning(place, begun, span.startMs, index),
      ...strokeLines(
        rest.filter(({ kind }) => kind !== 'settle'),
        form,
      ),
      ...settles.map(({ startMs, lengthMs, cue }): ScriptLine => ({
        kind: feelText(form, item, cue) === '' ? 'quiet' : 'feel',
        startMs,
        lengthMs,
        itemIndex: index,
        text: feelText(form, item, cue),
      })),
    ];
  });
  const last = ending(practice, timeline, story);
  const from = last[0]?.startMs ?? Infinity;
  // What would be told under the last words is left to them.
  const kept = lines.filter(
    ({ startMs, itemIndex, kind }) =>
      startMs < from || itemIndex < (last[0]?.itemIndex ?? 0) || kind === 'name',
  );
  return [...quietsJoined(kept), ...last];
}

/** Words said in each minute, from the first: counted where their line begins. */
export function wordsByMinute(lines: readonly ScriptLine[], totalMs: number): readonly number[] {
  const minutes = Array.from({ length: Math.max(1, Math.ceil(totalMs / 60_000)) }, () => 0);
  for (const { startMs, text } of lines) {
    const at = Math.min(minutes.length - 1, Math.floor(startMs / 60_000));
    minutes[at] = (minutes[at] ?? 0) + wordsIn(text);
  }
  return minutes;
}

/** The line of the story that is being said at a moment, or was last begun no longer ago than it takes to say. */
export function storyLineAt(
  lines: readonly ScriptLine[],
  atMs: number,
  wordsPerMin = USUAL_WORDS_PER_MIN,
): ScriptLine | undefined {
  return lines.findLast(
    ({ kind, startMs, text }) =>
      (kind === 'opening' ||
        kind === 'midway' ||
        kind === 'image' ||
        kind === 'closing' ||
        kind === 'leaving') &&
      startMs <= atMs &&
      atMs < startMs + (spokenSec(text, wordsPerMin) + LINGERS_SEC) * 1000,
  );
}
/** Words of the story stay to be read for so long after they were said, s. */
const LINGERS_SEC = 4;
