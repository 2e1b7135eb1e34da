import { PLAIN_BRIEF, type Brief } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compile, eventAt, type Practice } from '../practice';
import { seededRandom } from '../random';
import { leadState, recordOf, type LeadAction, type LeadState } from '.';
import { retime } from './retime';
import { dueAt } from './standing';

/** Classes led by a seeded clock, with what happens in classes: whether they end when they must. */

const T0 = Date.UTC(2026, 10, 30, 18);
const CLASSES = 500;
/** So near to its end a class is on time, ms. */
const ON_TIME_MS = 5000;

const made = (over: Partial<Brief>): Practice => {
  const result = compose({
    brief: { ...PLAIN_BRIEF, ...over },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 3,
    enough: 0.1,
  });
  if (!result.ok) throw new Error('a practice of the drills could not be composed');
  return result.practice;
};
const PRACTICES: readonly Practice[] = [
  made({ minutes: 12 }),
  made({ minutes: 20, theme: { kind: 'set', set: 'eight-brocades' } }),
  made({ minutes: 25, theme: { kind: 'all-phases' } }),
  made({ minutes: 30, theme: { kind: 'organ', organ: 'kidney' }, intent: 'nourish' }),
];

interface Drilled {
  readonly practice: Practice;
  readonly actions: readonly LeadAction[];
  readonly dueMs: number;
  /** Whether it was known by its middle that it cannot end on time. */
  readonly saidSo: boolean;
}

type Random = ReturnType<typeof seededRandom>;
const between = (random: Random, from: number, to: number): number =>
  Math.round(from + random.next() * (to - from));

/** What may happen at a moment: what is done, and how long the clock of the class then stands. */
function disturbance(random: Random, state: LeadState, atMs: number): readonly LeadAction[] {
  const event = eventAt(state.timeline, state.positionMs);
  const itemId = event?.itemId ?? '';
  const standsMs = between(random, 5000, 60_000);
  const kinds: readonly (readonly LeadAction[])[] = [
    [
      { kind: 'pause', atMs },
      { kind: 'resume', atMs: atMs + standsMs },
    ],
    [
      { kind: 'stay', atMs },
      { kind: 'resume', atMs: atMs + Math.min(standsMs, 30_000) },
    ],
    [{ kind: 'one-more', atMs, itemId }],
    [{ kind: 'last-one', atMs, itemId }],
    [{ kind: 'tempo', atMs, factor: random.next() < 0.5 ? 1.1 : 1 / 1.1 }],
    // A long sleep of the machine, or nothing at all: the clock went on.
    [],
  ];
  return kinds[Math.floor(random.next() * kinds.length)] ?? [];
}

/** A class with several disturbances in its first two thirds, re-timed after each. */
function drill(seed: number): Drilled {
  const random = seededRandom(seed);
  const practice = PRACTICES[seed % PRACTICES.length] ?? made({});
  const { totalMs } = compile(practice);
  const dueMs = T0 + totalMs;
  const startsMs = T0 + between(random, 0, 90_000);
  let actions: readonly LeadAction[] = [
    { kind: 'must-end', atMs: T0, endAtMs: dueMs },
    { kind: 'start', atMs: startsMs },
  ];
  let saidSo = false;
  const refit = (nowMs: number): void => {
    const state = leadState(practice, actions, nowMs);
    if (state.ended || !state.running) return;
    const due = dueAt(state, nowMs) ?? dueMs;
    const { changes, offMs } = retime(state, due - nowMs);
    if (changes.length > 0) actions = [...actions, { kind: 'retime', atMs: nowMs, changes: [...changes] }];
    if (nowMs < T0 + totalMs / 2 && Math.abs(offMs) > ON_TIME_MS) saidSo = true;
  };
  refit(startsMs);
  const moments = Array.from({ length: 4 }, () => between(random, 0.02 * totalMs, 0.66 * totalMs)).toSorted(
    (a, b) => a - b,
  );
  for (const moment of moments) {
    const atMs = Math.max(T0 + moment, (actions.at(-1)?.atMs ?? 0) + 1);
    const state = leadState(practice, actions, atMs);
    if (state.ended) break;
    actions = [...actions, ...disturbance(random, state, atMs)];
    refit((actions.at(-1)?.atMs ?? atMs) + 1);
  }
  return { practice, actions, dueMs, saidSo };
}

describe('five hundred classes with what happens in classes', () => {
  const drills = Array.from({ length: CLASSES }, (_, index) => drill(index + 1));
  const ended = drills.map(({ practice, actions, dueMs, saidSo }) => {
    const state = leadState(practice, actions, dueMs + 3_600_000);
    return { practice, actions, state, saidSo, lateMs: (state.endedAtMs ?? Infinity) - dueMs };
  });

  it('end within five seconds of their end, or say before the middle that they cannot', () => {
    const late = ended.filter(({ lateMs, saidSo }) => Math.abs(lateMs) > ON_TIME_MS && !saidSo);
    expect(late.map(({ lateMs }) => Math.round(lateMs / 1000))).toEqual([]);
    // Nearly all of them can.
    expect(ended.filter(({ saidSo }) => saidSo).length).toBeLessThan(CLASSES / 50);
  });

  it('are even on both sides, whatever was cut', () => {
    for (const { state } of ended)
      for (const { itemId } of state.timeline.items) {
        const strokes = state.timeline.events.filter(
          (event) => event.itemId === itemId && event.repetition > 0,
        );
        const on = (side: 'left' | 'right'): number =>
          strokes.filter((stroke) => stroke.side === side).length;
        expect([itemId, on('left')]).toEqual([itemId, on('right')]);
      }
  });

  it('gather and close whole', () => {
    for (const { practice, state, actions } of ended) {
      if (actions.some(({ kind }) => kind === 'tempo')) continue;
      const ofEnd = (one: Practice): readonly unknown[] =>
        one.items
          .filter(({ role }) => role === 'gather' || role === 'close')
          .map(({ id, repetitions, stretch }) => [id, repetitions, stretch]);
      const more = new Set(actions.flatMap((action) => (action.kind === 'one-more' ? [action.itemId] : [])));
      if (practice.items.some(({ id, role }) => more.has(id) && (role === 'gather' || role === 'close')))
        continue;
      expect(ofEnd(state.practice)).toEqual(ofEnd(practice));
    }
  });

  it('leave out no joint that is loosened, nothing that is asked for, and keep their order', () => {
    for (const { practice, state } of ended) {
      const ids = practice.items.map(({ id }) => id);
      const led = state.practice.items.map(({ id }) => id);
      expect(led).toEqual(ids.filter((id) => led.includes(id)));
      const stays = practice.items
        .filter(({ role }) => role === 'loosen' || role === 'arrive')
        .map(({ id }) => id);
      expect(stays.filter((id) => !led.includes(id))).toEqual([]);
    }
  });

  it('go into the log as they were', () => {
    for (const { practice, actions, state } of ended.slice(0, 50)) {
      const record = recordOf(practice, actions, state.endedAtMs ?? 0);
      const stood = (record.stoodMs ?? 0) + (record.stayedMs ?? 0);
      const spent = record.items.reduce((sum, { actualMs }) => sum + actualMs, 0);
      expect(Math.abs(record.actualMs - stood - spent)).toBeLessThan(50);
      expect(record.items.length).toBe(practice.items.length);
    }
  });
});
