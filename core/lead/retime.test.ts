import fc from 'fast-check';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compile, type Item } from '../practice';
import { leadState, recordOf, type LeadAction } from '.';
import { withChanges } from './changes';
import { retime, type Retimed, type Steering } from './retime';
import { driftMs, dueAt } from './against';
import { placeIn } from './place';
import { wordOf } from './standing';

/** A class with something of every kind in it, whatever else the repertoire comes to hold. */
const CLASS: readonly string[] = [
  'arrive-wuji',
  'loosen-hips',
  'loosen-shoulders',
  'loosen-fingers',
  'loosen-neck',
  'twist-to-the-heel',
  'spinal-wave',
  'tap-arms',
  'draw-up-press-down',
  'mist-over-the-lake',
  'wave-metal',
  'animal-bird-fly',
  'silk-back',
  'colour-of-metal',
  'spiral-two-hands',
  'three-sinks',
  'close-hands-to-belly',
];
const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 20, intent: 'clear-then-nourish' },
  repertoire: REPERTOIRE.filter(({ id }) => CLASS.includes(id)),
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 12,
  enough: 0.1,
});
if (!made.ok) throw new Error('the practice of these tests could not be composed');
const { practice } = made;
const timeline = compile(practice);
const { totalMs } = timeline;
const item = (id: string): Item => {
  const found = practice.items.find((one) => one.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
const startOf = (index: number): number => timeline.items[index]?.startMs ?? Number.NaN;

/** What is proposed when so many seconds are missing at a place. */
const short = (positionMs: number, missingSec: number, steering: Steering = {}): Retimed =>
  retime({ practice, timeline, positionMs }, totalMs - positionMs - missingSec * 1000, steering);
const leftOut = ({ changes }: Retimed): readonly string[] =>
  changes.filter(({ repetitions }) => repetitions === 0).map(({ itemId }) => itemId);
const fewer = ({ changes }: Retimed): readonly string[] =>
  changes
    .filter(({ itemId, repetitions }) => repetitions > 0 && repetitions < item(itemId).repetitions)
    .map(({ itemId }) => itemId);

describe('what is left of a class, fitted into the time that is left', () => {
  it('changes nothing where it fits', () => {
    expect(short(startOf(3) + 500, 0)).toMatchObject({ changes: [], offMs: 0 });
  });

  it('fits to within a second wherever the class stands, and tells the truth of how it fits', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 50 }), fc.integer({ min: -120, max: 90 }), (place, missing) => {
        const positionMs = (totalMs * place) / 100;
        const proposed = short(positionMs, missing);
        // What is behind may be laid out otherwise, as where something is done once instead of twice: what is left counts.
        const next = compile(withChanges(practice, proposed.changes));
        const leftMs = next.totalMs - placeIn(timeline, positionMs, next);
        const really = leftMs - (totalMs - positionMs) + missing * 1000;
        expect(Math.abs(really - proposed.offMs)).toBeLessThan(2);
        expect(Math.abs(proposed.offMs)).toBeLessThan(1000);
      }),
      { seed: 12, numRuns: 60 },
    );
  });

  it('takes repetitions before forms, and forms only where repetitions do not do', () => {
    const little = short(startOf(4), 60);
    expect(leftOut(little)).toEqual([]);
    expect(fewer(little).length).toBeGreaterThan(0);
    const much = short(startOf(4), 420);
    expect(leftOut(much).length).toBeGreaterThan(0);
    expect(Math.abs(much.offMs)).toBeLessThan(1000);
  });

  it('never touches gathering and closing, leaves out neither arrival nor a loosened joint', () => {
    for (const missing of [60, 180, 400, 700, 1000]) {
      const { changes } = short(startOf(1), missing);
      for (const { itemId, repetitions } of changes) {
        const { role } = item(itemId);
        expect(['gather', 'close']).not.toContain(role);
        if (role === 'loosen' || role === 'arrive') expect(repetitions).toBeGreaterThan(0);
      }
    }
  });

  it('finishes what is begun evenly: not fewer than are being done, nothing once a second side has begun', () => {
    const one = practice.items.find(
      ({ formId, repetitions }) => practice.forms[formId]?.sides === 'one-then-other' && repetitions >= 3,
    );
    if (!one) throw new Error('expected a form that does one side and then the other');
    const events = timeline.events.filter(({ itemId }) => itemId === one.id);
    const second = events.find(({ pass }) => pass > 0);
    const inSecond = short((second?.startMs ?? 0) + 10, 200);
    expect(inSecond.changes.map(({ itemId }) => itemId)).not.toContain(one.id);
    const third = events.find(({ pass, repetition }) => pass === 0 && repetition === 3);
    const inThird = short((third?.startMs ?? 0) + 10, 300);
    const change = inThird.changes.find(({ itemId }) => itemId === one.id);
    expect(change?.repetitions ?? one.repetitions).toBeGreaterThanOrEqual(3);
  });

  it('can be steered: what is kept stays, what may be spared goes first', () => {
    const free = short(startOf(4), 90);
    const [first] = fewer(free);
    if (first === undefined) throw new Error('expected something to be done less often');
    const kept = short(startOf(4), 90, { keep: new Set([first]) });
    expect(kept.changes.map(({ itemId }) => itemId)).not.toContain(first);
    expect(Math.abs(kept.offMs)).toBeLessThan(1000);
    const other = practice.items.find(
      ({ id, role, hinge, repetitions }) =>
        role === 'nourish' && !hinge && repetitions > 3 && !fewer(free).includes(id),
    );
    if (!other) throw new Error('expected a form that was not touched');
    // As much as two repetitions of it take: what may be spared goes before anything that would fit as well.
    const lengthMs = timeline.items.find(({ itemId }) => itemId === other.id)?.lengthMs ?? Number.NaN;
    const two = Math.round(((lengthMs / other.repetitions) * 2) / 1000);
    const spared = short(startOf(4), two, { spare: new Set([other.id]) });
    expect([...fewer(spared), ...leftOut(spared)]).toContain(other.id);
  });

  it('keeps a round even in all, whatever is cut or added', () => {
    const composed = compose({
      brief: { ...PLAIN_BRIEF, minutes: 25, theme: { kind: 'all-phases' }, intent: 'nourish' },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.1,
    });
    if (!composed.ok) throw new Error('the round of this test could not be composed');
    const round = composed.practice;
    const whole = compile(round);
    const pieces = round.items.filter(({ formId }) => formId.startsWith('phase-'));
    expect(pieces).toHaveLength(5);
    expect(pieces.some(({ formId }) => round.forms[formId]?.sides !== 'symmetric')).toBe(true);
    const positionMs = whole.items[1]?.startMs ?? 0;
    for (const missingSec of [90, 240, -60]) {
      const { changes } = retime(
        { practice: round, timeline: whole, positionMs },
        whole.totalMs - positionMs - missingSec * 1000,
      );
      const inAll = pieces.map(({ id, formId, repetitions }) => {
        const now = changes.find(({ itemId }) => itemId === id)?.repetitions ?? repetitions;
        return round.forms[formId]?.sides === 'symmetric' ? now : 2 * now;
      });
      // At most the last ones are done once less, where all of them would be too coarse.
      expect(Math.max(...inAll) - Math.min(...inAll)).toBeLessThanOrEqual(2);
      expect(inAll.toSorted((a, b) => b - a)).toEqual(inAll);
    }
  });

  it('is decided on the first side of what is done on one and then on the other', () => {
    const one = practice.items.find(
      ({ formId, repetitions }) => practice.forms[formId]?.sides === 'one-then-other' && repetitions >= 4,
    );
    if (!one) throw new Error('expected a form that does one side and then the other');
    const events = timeline.events.filter(({ itemId }) => itemId === one.id);
    const second = events.find(({ pass }) => pass > 0)?.startMs ?? Number.NaN;
    const begun = (events.find(({ repetition }) => repetition === 1)?.startMs ?? Number.NaN) + 100;
    let decided = 0;
    for (let missing = 5; missing <= 200; missing += 5) {
      const { changes, decideByMs } = short(begun, missing);
      if (!changes.some(({ itemId, repetitions }) => itemId === one.id && repetitions < one.repetitions))
        continue;
      decided += 1;
      expect(decideByMs).toBeLessThanOrEqual(second);
    }
    expect(decided).toBeGreaterThan(0);
  });

  it('says how far off the nearest is where nothing fits, and till when it must be decided', () => {
    const nearEnd = totalMs - 30_000;
    expect(short(nearEnd, 25).offMs).toBeGreaterThan(20_000);
    const proposed = short(startOf(4) + 1000, 90);
    expect(proposed.decideByMs).toBeGreaterThan(startOf(4) + 1000);
    const changed = new Set(proposed.changes.map(({ itemId }) => itemId));
    const firstStart = Math.min(
      ...timeline.items
        .filter(({ itemId }) => changed.has(itemId))
        .map(({ startMs, lengthMs }) => startMs + lengthMs),
    );
    expect(proposed.decideByMs).toBeLessThanOrEqual(firstStart);
  });

  it('changes nothing that could not be read before it must be decided, unless nothing else fits', () => {
    const noticesMs = [...Array(24).keys()].flatMap((place) =>
      [20, 45, 90].flatMap((missing) => {
        const positionMs = (totalMs * place) / 50;
        const { changes, decideByMs } = short(positionMs, missing);
        const counted = changes.some(({ itemId, repetitions }) => repetitions !== item(itemId).repetitions);
        return counted ? [(decideByMs ?? 0) - positionMs] : [];
      }),
    );
    expect(noticesMs.length).toBeGreaterThan(30);
    expect(noticesMs.filter((ms) => ms >= 8000).length / noticesMs.length).toBeGreaterThan(0.9);
  });

  it('uses what time there is more than planned', () => {
    const more = short(startOf(4), -120);
    expect(leftOut(more)).toEqual([]);
    expect(more.changes.some(({ itemId, repetitions }) => repetitions > item(itemId).repetitions)).toBe(true);
    expect(Math.abs(more.offMs)).toBeLessThan(1000);
  });
});

describe('a class against its end', () => {
  const T0 = Date.UTC(2026, 10, 30, 18);
  const start: LeadAction = { kind: 'start', atMs: T0 };
  const wordAt = (actions: readonly LeadAction[], nowMs: number) => {
    const state = leadState(practice, actions, nowMs);
    return wordOf(state, state.positionMs, nowMs);
  };

  it('is on time as long as nothing comes between, over by what it stood still, and open where it may go on', () => {
    expect(wordAt([start], T0 + 60_000)).toEqual({ kind: 'on-time' });
    const paused: LeadAction[] = [start, { kind: 'pause', atMs: T0 + 60_000 }];
    expect(wordAt(paused, T0 + 130_000)).toEqual({ kind: 'over', ms: 70_000 });
    const resumed: LeadAction[] = [...paused, { kind: 'resume', atMs: T0 + 130_000 }];
    expect(wordAt(resumed, T0 + 200_000)).toEqual({ kind: 'over', ms: 70_000 });
    expect(
      wordAt([...resumed, { kind: 'must-end', atMs: T0 + 131_000, endAtMs: null }], T0 + 200_000),
    ).toEqual({
      kind: 'open',
    });
  });

  it('waits with its end where the pause moves it', () => {
    const paused: LeadAction[] = [start, { kind: 'pause', atMs: T0 + 60_000, movesEnd: true }];
    expect(wordAt(paused, T0 + 300_000)).toEqual({ kind: 'on-time' });
    const state = leadState(practice, [...paused, { kind: 'resume', atMs: T0 + 300_000 }], T0 + 310_000);
    expect(dueAt(state, T0 + 310_000)).toBe(T0 + totalMs + 240_000);
    expect(driftMs(state, state.positionMs, T0 + 310_000)).toBe(0);
  });

  it('that began late is over by as much; one that must end later has room, told in repetitions', () => {
    const due = T0 + totalMs;
    const late: LeadAction[] = [
      { kind: 'must-end', atMs: T0 - 1000, endAtMs: due },
      { kind: 'start', atMs: T0 + 40_000 },
    ];
    expect(wordAt(late, T0 + 50_000)).toEqual({ kind: 'over', ms: 40_000 });
    const index = practice.items.findIndex(({ role, hinge }) => role === 'nourish' && !hinge);
    const stroke = timeline.events.find(
      ({ itemIndex, repetition }) => itemIndex === index && repetition === 1,
    );
    const roomy: LeadAction[] = [start, { kind: 'must-end', atMs: T0 + 10, endAtMs: due + 120_000 }];
    const word = wordAt(roomy, T0 + (stroke?.startMs ?? 0) + 10);
    expect(word).toMatchObject({ kind: 'room', ms: 120_000 });
    // What one repetition more takes, by laying it out.
    const one = practice.items[index];
    if (!one) throw new Error('expected a form of the heart');
    const longer = withChanges(practice, [{ itemId: one.id, repetitions: one.repetitions + 1 }]);
    const eachSec = (compile(longer).totalMs - totalMs) / 1000;
    expect(word).toMatchObject({ more: Math.floor(120 / eachSec) });
  });

  it('is led by a new plan from where it stands, and back by undoing it', () => {
    const nowMs = T0 + startOf(4) + 1000;
    const proposed = short(startOf(4) + 1000, 90);
    const retimed: LeadAction[] = [start, { kind: 'retime', atMs: nowMs, changes: [...proposed.changes] }];
    const state = leadState(practice, retimed, nowMs);
    expect(state).toMatchObject({ undoable: 1, positionMs: startOf(4) + 1000 });
    expect(Math.abs(state.timeline.totalMs - totalMs + 90_000)).toBeLessThan(1000);
    const undone = leadState(practice, [...retimed, { kind: 'undo', atMs: nowMs + 5 }], nowMs + 5);
    expect(undone).toMatchObject({ undoable: 0, positionMs: startOf(4) + 1005 });
    expect(undone.timeline.totalMs).toBe(totalMs);
  });

  it('makes the repetition that is done the last, on both sides', () => {
    const index = practice.items.findIndex(
      (one) => practice.forms[one.formId]?.sides === 'symmetric' && one.role === 'nourish' && !one.hinge,
    );
    const second = timeline.events.find(
      ({ itemIndex, repetition }) => itemIndex === index && repetition === 2,
    );
    const atMs = T0 + (second?.startMs ?? 0) + 100;
    const itemId = practice.items[index]?.id ?? '';
    const state = leadState(practice, [start, { kind: 'last-one', atMs, itemId }], atMs);
    expect(state.practice.items[index]?.repetitions).toBe(2);
    expect(leadState(practice, [start, { kind: 'last-one', atMs, itemId: 'nobody' }], atMs).undoable).toBe(0);
  });

  it('goes slower from the next form on, which is the leader’s own pace; what is slow for the clock’s sake is not', () => {
    const atMs = T0 + startOf(4) + 10;
    const slower: LeadAction[] = [start, { kind: 'tempo', atMs, factor: 1.1 }];
    const state = leadState(practice, slower, atMs);
    expect(state.practice.items[4]?.stretch).toBe(practice.items[4]?.stretch);
    expect(state.practice.items[5]?.stretch).toBeCloseTo((practice.items[5]?.stretch ?? 1) * 1.1, 2);
    const record = recordOf(practice, slower, T0 + totalMs * 2);
    expect(record.items[3]?.undisturbed).toBe(true);
    expect(record.items[5]?.undisturbed).toBe(true);
    expect(record.overMs).toBeGreaterThan(0);
    // A whole minute late, and then hurried.
    const late: LeadAction[] = [
      start,
      { kind: 'pause', atMs },
      { kind: 'resume', atMs: atMs + 60_000 },
      { kind: 'tempo', atMs: atMs + 60_001, factor: 1 / 1.1 },
    ];
    const hurried = recordOf(practice, late, T0 + totalMs * 2);
    expect(hurried.items[5]?.undisturbed).toBe(false);
    const back = recordOf(practice, [...slower, { kind: 'undo', atMs: atMs + 1 }], T0 + totalMs * 2);
    expect(back.items[5]?.undisturbed).toBe(false);
  });

  it('is in the log as it happened: what was done when, how long it stood, what was left out', () => {
    const nowMs = T0 + startOf(4) + 1000;
    const proposed = short(startOf(4) + 1000, 420);
    const actions: LeadAction[] = [
      start,
      { kind: 'pause', atMs: T0 + 5000 },
      { kind: 'resume', atMs: T0 + 15_000 },
      { kind: 'stay', atMs: T0 + 20_000 },
      { kind: 'resume', atMs: T0 + 24_000 },
      { kind: 'retime', atMs: nowMs + 14_000, changes: [...proposed.changes] },
    ];
    const record = recordOf(practice, actions, T0 + totalMs * 2);
    expect(record).toMatchObject({ stoodMs: 10_000, stayedMs: 4000 });
    expect(record.happened?.map(({ kind, afterMs }) => [kind, afterMs]).slice(0, 3)).toEqual([
      ['pause', 5000],
      ['resume', 15_000],
      ['stay', 20_000],
    ]);
    const out = leftOut(proposed);
    expect(out.length).toBeGreaterThan(0);
    for (const id of out)
      expect(record.items.find(({ itemId }) => itemId === id)).toMatchObject({ repetitions: 0, actualMs: 0 });
    expect(
      record.happened?.find(({ kind }) => kind === 'retime')?.changes?.map(({ itemId }) => itemId),
    ).toEqual(expect.arrayContaining([...out]));
  });
});
