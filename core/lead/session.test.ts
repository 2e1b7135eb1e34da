import fc from 'fast-check';
import { leadState, recordOf, type LeadAction } from '.';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { paceOf } from '../log';
import { compile, eventAt, type Practice } from '../practice';
import { evenly } from '../evenly.test.data';

const result = compose({
  brief: { ...PLAIN_BRIEF, minutes: 8 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!result.ok) throw new Error('expected a practice');
const practice: Practice = result.practice;
const { totalMs, items } = compile(practice);
const T0 = 1_800_000_000_000;
const start: LeadAction = { kind: 'start', atMs: T0 };

/** A practice with a form that is done on one side and then on the other. */
function withFormOfTwoSides(): { readonly practice: Practice; readonly index: number } {
  const sided = REPERTOIRE.find(({ id }) => id === 'pushing-waves');
  const [first, ...rest] = practice.items;
  if (!sided || !first) throw new Error('expected a form of two sides');
  const item = {
    ...first,
    id: 'two-sides',
    formId: sided.id,
    role: 'nourish' as const,
    repetitions: 4,
    reasons: [],
  };
  return {
    practice: { ...practice, items: [first, item, ...rest], forms: { ...practice.forms, [sided.id]: sided } },
    index: 1,
  };
}

describe('leading by the clock', () => {
  it('stands still until started, then follows the clock alone', () => {
    expect(leadState(practice, [], T0 + 50_000)).toMatchObject({
      positionMs: 0,
      running: false,
      started: false,
    });
    expect(leadState(practice, [start], T0 + 50_000)).toMatchObject({ positionMs: 50_000, running: true });
  });

  it('gives the same place however often it is asked: a throttled tab loses nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: totalMs }), { maxLength: 20 }),
        fc.integer({ min: 0, max: totalMs }),
        (looks, atMs) => {
          for (const look of looks) leadState(practice, [start], T0 + look);
          expect(leadState(practice, [start], T0 + atMs).positionMs).toBe(atMs);
        },
      ),
      { seed: 2 },
    );
  });

  it('does not move while paused', () => {
    const actions: LeadAction[] = [
      start,
      { kind: 'pause', atMs: T0 + 10_000 },
      { kind: 'resume', atMs: T0 + 70_000 },
    ];
    expect(leadState(practice, actions.slice(0, 2), T0 + 60_000).positionMs).toBe(10_000);
    expect(leadState(practice, actions, T0 + 75_000).positionMs).toBe(15_000);
  });

  it('ends by itself at the end, at the moment it ended and not when it was noticed', () => {
    const late = leadState(practice, [start], T0 + totalMs + 600_000);
    expect(late).toMatchObject({ ended: true, running: false, positionMs: totalMs, endedAtMs: T0 + totalMs });
  });

  it('survives a clock that steps back', () => {
    const state = leadState(practice, [start, { kind: 'pause', atMs: T0 - 5000 }], T0 - 4000);
    expect(state.positionMs).toBe(0);
  });

  it('jumps forwards and back and can be taken up again after the end', () => {
    const third = items[2]?.startMs ?? 0;
    const gone: LeadAction[] = [start, { kind: 'go', atMs: T0 + 1000, toMs: third }];
    expect(leadState(practice, gone, T0 + 3000).positionMs).toBe(third + 2000);
    const over: LeadAction[] = [start, { kind: 'go', atMs: T0 + totalMs + 10, toMs: third }];
    expect(leadState(practice, over, T0 + totalMs + 1010)).toMatchObject({
      ended: false,
      positionMs: third + 1000,
    });
  });

  it('adds one more repetition without losing its place, for every form and any moment in it', () => {
    fc.assert(
      fc.property(fc.nat(items.length - 1), evenly(0.02, 0.98), (index, share) => {
        const span = items[index];
        const item = practice.items[index];
        if (!span || !item) return;
        const atMs = T0 + Math.round(span.startMs + span.lengthMs * share);
        const before = leadState(practice, [start], atMs);
        const after = leadState(practice, [start, { kind: 'one-more', atMs, itemId: item.id }], atMs);
        const was = eventAt(before.timeline, before.positionMs);
        const is = eventAt(after.timeline, after.positionMs);
        expect([is?.itemId, is?.cue, is?.repetition, is?.side]).toEqual([
          was?.itemId,
          was?.cue,
          was?.repetition,
          was?.side,
        ]);
        expect(after.practice.items[index]?.repetitions).toBeGreaterThan(item.repetitions);
        expect(after.timeline.totalMs).toBeGreaterThan(totalMs);
      }),
      { numRuns: 80, seed: 6 },
    );
  });
});

describe('what cannot be done', () => {
  it('changes nothing: pausing before the start, resuming before the start, acting after the end', () => {
    expect(leadState(practice, [{ kind: 'pause', atMs: T0 }], T0 + 9000)).toMatchObject({
      started: false,
      positionMs: 0,
    });
    expect(leadState(practice, [{ kind: 'resume', atMs: T0 }], T0 + 9000)).toMatchObject({
      running: false,
      positionMs: 0,
    });
    const ended: LeadAction[] = [start, { kind: 'end', atMs: T0 + 5000 }];
    const late = leadState(
      practice,
      [
        ...ended,
        { kind: 'start', atMs: T0 + 6000 },
        { kind: 'one-more', atMs: T0 + 7000, itemId: practice.items[0]?.id ?? '' },
      ],
      T0 + 9000,
    );
    expect(late).toMatchObject({ ended: true, positionMs: 5000, endedAtMs: T0 + 5000 });
    expect(late.timeline.totalMs).toBe(totalMs);
  });

  it('is passed over: one more of a form that is not there, a jump past the end', () => {
    expect(
      leadState(practice, [start, { kind: 'one-more', atMs: T0 + 1000, itemId: 'nobody' }], T0 + 2000)
        .positionMs,
    ).toBe(2000);
    expect(
      leadState(practice, [start, { kind: 'go', atMs: T0 + 1000, toMs: totalMs * 9 }], T0 + 1500),
    ).toMatchObject({ ended: true, positionMs: totalMs });
  });
});

describe('the record of a class', () => {
  it('counts the repetition that was added, in number and in time', () => {
    const item = practice.items[2];
    const span = items[2];
    if (!item || !span) throw new Error('expected a third form');
    const actions: LeadAction[] = [
      start,
      { kind: 'one-more', atMs: T0 + span.startMs + 100, itemId: item.id },
    ];
    const record = recordOf(practice, actions, T0 + totalMs * 2);
    expect(record.items[2]?.repetitions).toBeGreaterThan(record.items[2]?.plannedRepetitions ?? 0);
    expect(record.items[2]?.actualMs).toBeGreaterThan(record.items[2]?.plannedMs ?? 0);
    expect(record.actualMs).toBeGreaterThan(record.plannedMs);
    expect(record.items.reduce((sum, entry) => sum + entry.actualMs, 0)).toBe(record.actualMs);
  });

  it('of an undisturbed class is the plan itself', () => {
    const record = recordOf(practice, [start], T0 + totalMs + 5000);
    expect(record).toMatchObject({
      startedAtMs: T0,
      endedAtMs: T0 + totalMs,
      plannedMs: totalMs,
      actualMs: totalMs,
      finished: true,
    });
    for (const item of record.items) expect(item.actualMs).toBe(item.plannedMs);
  });

  it('counts what was skipped, paused and ended early', () => {
    const second = items[1]?.startMs ?? 0;
    const third = items[2]?.startMs ?? 0;
    const actions: LeadAction[] = [
      start,
      { kind: 'go', atMs: T0 + 4000, toMs: second },
      { kind: 'pause', atMs: T0 + 9000 },
      { kind: 'resume', atMs: T0 + 19_000 },
      { kind: 'go', atMs: T0 + 20_000, toMs: third },
      { kind: 'end', atMs: T0 + 22_000 },
    ];
    const record = recordOf(practice, actions, T0 + 90_000);
    expect(record).toMatchObject({ finished: false, actualMs: 22_000 });
    expect(record.items.slice(0, 3).map((item) => item.actualMs)).toEqual([4000, 6000, 2000]);
  });
});

describe('the record of a class', () => {
  const at = (index: number, share: number): number => {
    const span = items[index];
    if (!span) throw new RangeError(String(index));
    return span.startMs + span.lengthMs * share;
  };
  const itemOf = (actions: readonly LeadAction[], index: number) => {
    const record = recordOf(practice, actions, T0 + totalMs + 3_600_000);
    const item = record.items[index];
    if (!item) throw new RangeError(String(index));
    return item;
  };

  it('is the plan where nothing came between', () => {
    for (const item of recordOf(practice, [start], T0 + totalMs).items) {
      expect(item.undisturbed).toBe(true);
      expect(item.repetitions).toBe(item.plannedRepetitions);
      expect(Math.abs(item.actualMs - item.plannedMs)).toBeLessThanOrEqual(1);
    }
  });

  it('says that a form was cut, with the repetitions really done, when one goes on from the middle of it', () => {
    // Of a form that does one side before the other, half is all of the first side.
    const index = practice.items.findIndex(
      ({ repetitions, formId }) => repetitions >= 2 && practice.forms[formId]?.sides === 'symmetric',
    );
    const half = at(index, 0.5);
    const forward: LeadAction = { kind: 'go', atMs: T0 + half, toMs: at(index + 1, 0) };
    const cut = itemOf([start, forward], index);
    expect(cut.undisturbed).toBe(false);
    expect(cut.repetitions).toBeGreaterThan(0);
    expect(cut.repetitions).toBeLessThan(cut.plannedRepetitions);
    expect(itemOf([start, forward], index + 1).undisturbed).toBe(true);
    expect(paceOf([cut])).toEqual({});
  });

  it('says of a form that was left after its first side that its other side was not done', () => {
    const bow = withFormOfTwoSides();
    const { practice: two, index } = bow;
    const laid = compile(two);
    const itemId = two.items[index]?.id ?? '';
    const second = laid.events.find((event) => event.itemId === itemId && event.pass > 0);
    const next = laid.items[index + 1];
    if (!second || !next) throw new Error('expected two sides, and a form after it');
    const forward: LeadAction = { kind: 'go', atMs: T0 + second.startMs, toMs: next.startMs };
    const record = recordOf(two, [start, forward], T0 + laid.totalMs * 2);
    expect(record.items[index]).toMatchObject({ repetitions: 0, undisturbed: false });
    const whole = recordOf(two, [start], T0 + laid.totalMs * 2);
    expect(whole.items[index]?.repetitions).toBe(two.items[index]?.repetitions);
  });

  it('marks a pause in a form, and learns nothing from it, though the clock of the form stood still', () => {
    const middle = at(2, 0.5);
    const actions: LeadAction[] = [
      start,
      { kind: 'pause', atMs: T0 + middle },
      { kind: 'resume', atMs: T0 + middle + 120_000 },
    ];
    const paused = itemOf(actions, 2);
    expect(paused.undisturbed).toBe(false);
    expect(Math.abs(paused.actualMs - paused.plannedMs)).toBeLessThanOrEqual(1);
    expect(paceOf([paused])).toEqual({});
    expect(itemOf(actions, 3).undisturbed).toBe(true);
  });

  it('counts a form that was passed over as not done', () => {
    const over: LeadAction = { kind: 'go', atMs: T0 + at(1, 0), toMs: at(3, 0) };
    expect(itemOf([start, over], 2)).toMatchObject({ actualMs: 0, repetitions: 0 });
  });
});
