import type { LeadAction } from '../lead';
import { drafted } from '../compose/drafted.test.data';
import { leadState } from '../lead';
import { actionsForOthers, isSameDone, movedActions, movedTold, taughtNow, toldSchema } from './following';

const NINE = Date.UTC(2026, 10, 28, 9);
const practice = drafted({ minutes: 6 });
const [item] = practice.items;
if (!item) throw new Error('no items');

const actions: readonly LeadAction[] = [
  { kind: 'must-end', atMs: NINE - 5000, endAtMs: NINE + 400_000, mayOverMs: 0 },
  { kind: 'start', atMs: NINE },
  { kind: 'pause', atMs: NINE + 10_000 },
  { kind: 'resume', atMs: NINE + 25_000 },
  { kind: 'teach', atMs: NINE + 40_000, itemId: item.id },
];

describe('a class told by another clock', () => {
  it('stands where it stands, at the same moment by that clock', () => {
    const byMs = 420_000;
    const here = leadState(practice, actions, NINE + 30_000);
    const there = leadState(practice, movedActions(actions, byMs), NINE + 30_000 + byMs);
    expect(there.positionMs).toBe(here.positionMs);
    // Ten seconds led, fifteen stood, five led: by hand.
    expect(leadState(practice, actions.slice(0, 4), NINE + 30_000).positionMs).toBe(15_000);
    expect(movedActions(actions, byMs)[0]).toMatchObject({ endAtMs: NINE + 400_000 + byMs });
  });

  it('comes back as it was, and is what may be sent', () => {
    const told = {
      sessionId: '00000000-0000-4000-8000-000000000000',
      actions: [...actions],
      teaching: { part: 2, slow: 1.5, limbs: 'feet', sinceMs: NINE + 41_000 } as const,
      isOver: false,
    };
    expect(movedTold(movedTold(told, 1234.5), -1234.5)).toEqual({
      ...told,
      actions: told.actions.map((action) => ({
        ...action,
        atMs: expect.closeTo(action.atMs, -1) as number,
        ...('endAtMs' in action ? { endAtMs: expect.closeTo(NINE + 400_000, -1) as number } : {}),
      })),
      teaching: { ...told.teaching, sinceMs: expect.closeTo(told.teaching.sinceMs, -1) as number },
    });
    expect(toldSchema.safeParse(told).success).toBe(true);
    expect(toldSchema.safeParse({ ...told, conditions: ['pregnancy'] }).success).toBe(false);
  });

  it('is the same where the same was done at the same moments, give or take what clocks are off', () => {
    expect(isSameDone(actions, movedActions(actions, 40))).toBe(true);
    expect(isSameDone(actions, movedActions(actions, 400))).toBe(false);
    expect(isSameDone(actions, actions.slice(1))).toBe(false);
    const [first, second, ...rest] = actions;
    if (!first || !second) throw new Error('too few');
    expect(isSameDone(actions, [second, { ...first, atMs: second.atMs }, ...rest])).toBe(false);
  });
});

describe('what is taught', () => {
  it('is its first part till it is told, and what was told of a teaching before is not of this one', () => {
    const told = { part: 3, slow: 1, limbs: 'whole', sinceMs: NINE + 39_000 } as const;
    expect(taughtNow({ actions }, undefined)).toMatchObject({ part: 0, sinceMs: NINE + 40_000 });
    expect(taughtNow({ actions }, told)).toMatchObject({ part: 0 });
    expect(taughtNow({ actions }, { ...told, sinceMs: NINE + 44_000 })).toMatchObject({ part: 3 });
  });
});

describe('what others see of what a leader did', () => {
  it('leaves out why a form was put in', () => {
    const form = practice.forms[item.formId];
    if (!form) throw new Error('no form');
    const insert: LeadAction = {
      kind: 'insert',
      atMs: NINE,
      item: { ...item, reasons: [{ code: 'gentler-for-group' }] },
      form,
    };
    expect(JSON.stringify(actionsForOthers([insert]))).not.toContain('gentler');
    expect(actionsForOthers(actions)).toEqual(actions);
  });
});
