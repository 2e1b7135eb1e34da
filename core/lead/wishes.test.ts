import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { organsOfForm, REPERTOIRE } from '../forms';
import { compile, eventAt, practiceSchema, type Practice } from '../practice';
import { leadActionSchema, leadState, recordOf, type LeadAction } from '.';
import { likelyNext } from './likely';

/** What a leader may wish besides pausing and counting: to put in, to go on after one side, to begin, to teach. */

const result = compose({
  brief: { ...PLAIN_BRIEF, minutes: 20, theme: { kind: 'organ', organ: 'lung' } },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 5,
  enough: 0.2,
});
if (!result.ok) throw new Error('expected a practice');
const { practice: drafted } = result;
const waves = REPERTOIRE.find(({ id }) => id === 'pushing-waves');
const [first] = drafted.items;
if (!waves || !first) throw new Error('expected a form of two sides');
/** The draft with a form done four times on one side and then on the other, second of all. */
const practice: Practice = {
  ...drafted,
  items: drafted.items.toSpliced(1, 0, {
    ...first,
    id: 'two-sides',
    formId: waves.id,
    role: 'nourish',
    repetitions: 4,
    sideOrder: 'one-then-other',
    reasons: [],
  }),
  forms: { ...drafted.forms, [waves.id]: waves },
};
const timeline = compile(practice);
const T0 = Date.UTC(2026, 10, 30, 18);
const start: LeadAction = { kind: 'start', atMs: T0 };
const strokeAt = (pass: number, repetition: number): number =>
  timeline.events.find(
    (event) => event.itemId === 'two-sides' && event.pass === pass && event.repetition === repetition,
  )?.startMs ?? Number.NaN;

describe('on after one side', () => {
  it('leaves the other side where one is finished before the other, and says so in the log', () => {
    const atMs = T0 + strokeAt(0, 2) + 500;
    const actions: LeadAction[] = [start, { kind: 'move-on', atMs, itemId: 'two-sides' }];
    const state = leadState(practice, actions, atMs);
    const passes = new Set(
      state.timeline.events.flatMap(({ itemId, repetition, pass }) =>
        itemId === 'two-sides' && repetition > 0 ? [pass] : [],
      ),
    );
    expect([...passes]).toEqual([0]);
    // The side that was begun is done as often as planned.
    expect(
      Math.max(
        ...state.timeline.events.filter(({ itemId }) => itemId === 'two-sides').map((one) => one.repetition),
      ),
    ).toBe(4);
    expect(state.positionMs).toBeCloseTo(strokeAt(0, 2) + 500, 3);
    expect(recordOf(practice, actions, T0 + timeline.totalMs).happened).toEqual([
      { kind: 'move-on', afterMs: strokeAt(0, 2) + 500, itemId: 'two-sides' },
    ]);
  });

  it('finishes evenly on the second side, and where sides take turns', () => {
    const atMs = T0 + strokeAt(1, 2) + 500;
    const state = leadState(practice, [start, { kind: 'move-on', atMs, itemId: 'two-sides' }], atMs);
    expect(state.practice.items[1]?.repetitions).toBe(4);
    const turns = {
      ...practice,
      items: practice.items.map((item) =>
        item.id === 'two-sides' ? { ...item, sideOrder: 'in-turn' as const } : item,
      ),
    };
    const event = compile(turns).events.find(
      ({ itemId, repetition, pass }) => itemId === 'two-sides' && repetition === 2 && pass === 0,
    );
    const inTurn = T0 + (event?.startMs ?? 0) + 10;
    const cut = leadState(turns, [start, { kind: 'move-on', atMs: inTurn, itemId: 'two-sides' }], inTurn);
    expect(cut.practice.items[1]).toMatchObject({ repetitions: 2 });
    expect(cut.practice.items[1]?.otherRepetitions).toBeUndefined();
  });
});

describe('the talk before a form', () => {
  const setup = timeline.events.find(({ itemIndex, kind }) => itemIndex === 1 && kind === 'setup');
  const stroke = timeline.events.find(({ itemIndex, kind }) => itemIndex === 1 && kind === 'stroke');

  it('can be over sooner; in the strokes there is nothing to begin', () => {
    const atMs = T0 + (setup?.startMs ?? 0) + 1000;
    const begun = leadState(practice, [start, { kind: 'begin-now', atMs }], atMs);
    expect(begun.positionMs).toBe(stroke?.startMs);
    const later = T0 + (stroke?.startMs ?? 0) + 2000;
    expect(leadState(practice, [start, { kind: 'begin-now', atMs: later }], later).positionMs).toBe(
      (stroke?.startMs ?? 0) + 2000,
    );
  });

  it('is in the log as long as it really was: cut short, or with what stood still in it', () => {
    const atMs = T0 + (setup?.startMs ?? 0) + 1000;
    const planned = setup?.lengthMs ?? 0;
    const recordWith = (actions: LeadAction[]) =>
      recordOf(practice, [start, ...actions], T0 + timeline.totalMs * 2).items[1];
    expect(recordWith([])?.talkMs).toBeCloseTo(planned, -1);
    expect(recordWith([{ kind: 'begin-now', atMs }])).toMatchObject({ talkMs: 1000, undisturbed: true });
    const talked = recordWith([
      { kind: 'pause', atMs },
      { kind: 'resume', atMs: atMs + 20_000 },
    ]);
    expect(talked?.talkMs).toBeCloseTo(planned + 20_000, -1);
    // Of what was jumped into nobody knows how long it would have been talked of.
    const back = recordWith([
      { kind: 'go', atMs: atMs + 20_000, toMs: (setup?.startMs ?? 0) + 1 },
      { kind: 'go', atMs: atMs + 21_000, toMs: timeline.items[2]?.startMs ?? 0 },
    ]);
    expect(back?.talkMs).toBeUndefined();
    expect(back?.firstMs).toBeUndefined();
  });
});

describe('the first repetition', () => {
  it('is in the log as long as it took beside a later one, with what was explained in it', () => {
    const plain = recordOf(practice, [start], T0 + timeline.totalMs * 2).items[1];
    expect(plain?.firstMs).toBeGreaterThan(plain?.laterMs ?? Infinity);
    const atMs = T0 + strokeAt(0, 1) + 500;
    const explained = recordOf(
      practice,
      [start, { kind: 'pause', atMs }, { kind: 'resume', atMs: atMs + 15_000 }],
      T0 + timeline.totalMs * 2,
    ).items[1];
    expect((explained?.firstMs ?? 0) - (plain?.firstMs ?? 0)).toBeCloseTo(15_000, -1);
    expect(explained?.laterMs).toBe(plain?.laterMs);
  });
});

describe('a form taught part by part', () => {
  it('stays till it is gone through from its beginning, and is in the log as long as it took', () => {
    const atMs = T0 + strokeAt(0, 3);
    const actions: LeadAction[] = [start, { kind: 'teach', atMs, itemId: 'two-sides' }];
    expect(leadState(practice, actions, atMs + 60_000)).toMatchObject({
      teaching: true,
      running: false,
      staying: true,
    });
    const on: LeadAction[] = [...actions, { kind: 'resume', atMs: atMs + 60_000 }];
    const state = leadState(practice, on, atMs + 60_000);
    const begins = timeline.events.find(({ itemId, kind }) => itemId === 'two-sides' && kind === 'stroke');
    expect(state).toMatchObject({ teaching: false, running: true, positionMs: begins?.startMs });
    const record = recordOf(practice, on, T0 + timeline.totalMs * 2);
    expect(record.stayedMs).toBe(60_000);
    expect(record.items[1]?.undisturbed).toBe(false);
  });

  it('is left by going elsewhere', () => {
    const atMs = T0 + strokeAt(0, 3);
    const toMs = timeline.items[2]?.startMs ?? 0;
    const state = leadState(
      practice,
      [start, { kind: 'teach', atMs, itemId: 'two-sides' }, { kind: 'go', atMs: atMs + 5000, toMs }],
      atMs + 6000,
    );
    expect(state).toMatchObject({ teaching: false, running: true, positionMs: toMs + 1000 });
  });
});

describe('what may be put in', () => {
  const likely = likelyNext(practice, REPERTOIRE, DEFAULT_CUSTOMS, { conditions: [] });

  it('is a breath, a quiet minute, and a few forms that are not in the practice', () => {
    expect(likely.map(({ kind }) => kind).slice(0, 2)).toEqual(['breath', 'quiet']);
    const forms = likely.filter(({ kind }) => kind === 'form').map(({ form }) => form.id);
    expect(forms.length).toBeGreaterThanOrEqual(6);
    expect(new Set(forms).size).toBe(forms.length);
    expect(forms.filter((id) => practice.forms[id])).toEqual([]);
  });

  it('is what a teacher of the theme would name', () => {
    // The Lung’s own in the Lung’s practice (common practice): each of those offered to nourish touches it.
    const nourishing = likely.filter(({ kind, item }) => kind === 'form' && item.role === 'nourish');
    expect(nourishing.length).toBe(3);
    for (const { form } of nourishing) expect(organsOfForm(form, DEFAULT_CUSTOMS)).toContain('lung');
  });

  it('is nothing a condition forbids', () => {
    const seated = likelyNext(
      { ...practice, brief: { ...practice.brief, posture: 'seated' } },
      REPERTOIRE,
      DEFAULT_CUSTOMS,
      { conditions: ['pregnancy'] },
    );
    expect(seated.length).toBeGreaterThan(2);
    for (const { item } of seated) expect(item.variant).toBe('seated');
  });

  it.each(likely.map((one) => [one.form.name, one] as const))('%s comes next, whole, and stays', (_, one) => {
    const atMs = T0 + strokeAt(0, 2);
    const insert: LeadAction = { kind: 'insert', atMs, item: one.item, form: one.form };
    // As it is kept in the browser, and read again.
    const read = leadActionSchema.parse(JSON.parse(JSON.stringify(insert)));
    const state = leadState(practice, [start, read], atMs);
    expect(practiceSchema.safeParse(state.practice).error).toBeUndefined();
    expect(state.practice.items[2]).toMatchObject({ formId: one.form.id, kept: true });
    expect(state.positionMs).toBeCloseTo(strokeAt(0, 2), 3);
    const span = state.timeline.items[2];
    if (one.kind === 'quiet') expect((span?.lengthMs ?? 0) / 1000).toBeGreaterThan(50);
    if (one.kind === 'breath') expect((span?.lengthMs ?? 0) / 1000).toBeLessThan(30);
    const middle = T0 + strokeAt(0, 2) + (span?.startMs ?? 0) - strokeAt(0, 2) + (span?.lengthMs ?? 0) / 2;
    const at = leadState(practice, [start, read], middle);
    expect(eventAt(at.timeline, at.positionMs)?.itemIndex).toBe(2);
    const record = recordOf(practice, [start, read], T0 + state.timeline.totalMs + 1000);
    expect(record.items[2]).toMatchObject({ formId: one.form.id, plannedMs: 0, plannedRepetitions: 0 });
    expect(record.items[2]?.actualMs).toBeGreaterThan(3000);
    const undone = leadState(practice, [start, read, { kind: 'undo', atMs: atMs + 5 }], atMs + 5);
    expect(undone.practice.items.length).toBe(practice.items.length);
  });
});
