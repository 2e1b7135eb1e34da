import fc from 'fast-check';
import {
  beyondBounds,
  breathLevelAt,
  breathLine,
  compile,
  eventFit,
  edit,
  eventAt,
  practiceSchema,
  startLevels,
  type Edit,
  type Item,
  type NewItem,
  type Practice,
} from '.';
import { extentOf } from './bounds';
import { PACE_KINDS, breathSec, paceKind } from '../breath';
import { STANCE_CHANGE_SEC } from '../time';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!found) throw new RangeError(id);
  return found;
};

const item = (formId: string, over: Partial<Item> = {}): Item => ({
  id: `${formId}-1`,
  formId,
  variant: 'full',
  role: form(formId).roles[0] ?? 'nourish',
  repetitions: 3,
  stretch: 1,
  firstSide: 'left',
  familiarity: 'known',
  omitHolds: false,
  exhaleByMouth: false,
  hinge: false,
  reasons: [],
  ...over,
});

const practice = (items: readonly Item[], over: Partial<Practice> = {}): Practice => ({
  name: 'a test',
  brief: {
    ...PLAIN_BRIEF,
    theme: { kind: 'phase', phase: 'metal' },
    intent: 'nourish',
    breathsPerMin: 5,
  },
  customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map((entry) => [entry.formId, form(entry.formId)])),
  ...over,
});

/** A few drafts stand for all: what is asked here is asked of any practice. */
const drafts = new Map<string, Practice>();
const composed = (seed: number, minutes = 20): Practice => {
  const key = `${seed % 5}/${minutes}`;
  const known = drafts.get(key);
  if (known) return known;
  const result = compose({
    brief: { ...practice([]).brief, minutes, breathsPerMin: 6, intent: 'clear-then-nourish' },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: seed % 5,
    enough: 0.5,
  });
  if (!result.ok) throw new Error('expected a practice');
  drafts.set(key, result.practice);
  return result.practice;
};

describe('the pace', () => {
  it.each(PACE_KINDS.map((row) => [row.id, row.usualSec] as const))(
    'of %s is %f s a breath when flowing forms take 12 s (common practice)',
    (kind, usualSec) => {
      expect(breathSec(kind, { breathsPerMin: 5, outToIn: 1 })).toBeCloseTo(usualSec, 9);
    },
  );

  it('scales with the breaths a minute', () => {
    expect(breathSec('turning', { breathsPerMin: 6, outToIn: 1 })).toBeCloseTo((10 * 10) / 12, 9);
    expect(breathSec('flowing', { breathsPerMin: 4, outToIn: 1 })).toBeCloseTo(15, 9);
  });
});

describe('compile', () => {
  it('takes usual times: a two-breath arm tracing of both arms about 24 s a round, leg tapping 14 s a round (common practice)', () => {
    const arms = practice([item('trace-lung-large-intestine', { repetitions: 2 })]);
    const rounds = compile(arms).events.filter((event) => event.repetition === 2);
    const roundSec = rounds.reduce((sum, event) => sum + event.lengthMs, 0) / 1000;
    expect(roundSec).toBeCloseTo(24, 0);
    const legs = compile(practice([item('tap-legs', { repetitions: 2 })])).events.filter(
      (event) => event.repetition === 2,
    );
    expect(legs.reduce((sum, event) => sum + event.lengthMs, 0)).toBe(14_000);
  });

  it('is the sum it says: talk + strokes × repetitions + the slower first one + settling', () => {
    const mist = form('mist-over-the-lake');
    for (const familiarity of ['known', 'taught'] as const) {
      const timeline = compile(practice([item('mist-over-the-lake', { repetitions: 4, familiarity })]));
      const first = familiarity === 'known' ? 1.1 : 1.8;
      const expected = mist.setupSec[familiarity] + 12 * (3 + first) + mist.settleSec;
      expect(timeline.totalMs / 1000).toBeCloseTo(expected, 2);
    }
  });

  it('makes the first repetition of a taught form 1.4–2.7 times a later one (common practice, measured)', () => {
    const { events } = compile(practice([item('mist-over-the-lake', { familiarity: 'taught' })]));
    const of = (repetition: number) =>
      events
        .filter((event) => event.repetition === repetition)
        .reduce((sum, event) => sum + event.lengthMs, 0);
    expect(of(1) / of(2)).toBeGreaterThanOrEqual(1.4);
    expect(of(1) / of(2)).toBeLessThanOrEqual(2.7);
  });

  it('splits a breath by the in : out ratio', () => {
    const { events } = compile(
      practice([item('mist-over-the-lake')], { customs: { ...practice([]).customs, outToIn: 2 } }),
    );
    const later = events.filter((event) => event.repetition === 2);
    expect((later[1]?.lengthMs ?? 0) / (later[0]?.lengthMs ?? 1)).toBeCloseTo(2, 2);
  });

  it('takes the sides in turn, or one whole side first, beginning where the item says', () => {
    const turns = compile(
      practice([item('gentle-draw-the-bow', { repetitions: 2, firstSide: 'right' })]),
    ).events.filter((event) => event.breath === 'out' && event.kind === 'stroke');
    expect(turns.map((event) => event.side)).toEqual(['right', 'left', 'right', 'left']);
    expect(turns.map((event) => event.cue)[0]).toContain('Right palm');
    const waves = compile(practice([item('pushing-waves', { repetitions: 2 })])).events.filter(
      (event) => event.breath === 'out',
    );
    expect(waves.map((event) => event.side)).toEqual(['left', 'left', 'right', 'right']);
    const rolls = compile(practice([item('loosen-shoulders', { repetitions: 2 })])).events.filter(
      (event) => event.repetition > 0,
    );
    expect(rolls.map((event) => event.way)).toEqual(['back', 'back', 'forward', 'forward']);
  });

  it('charges a change of stance once, and none for the first form', () => {
    const same = compile(practice([item('mist-over-the-lake'), item('rise-and-sink')]));
    const changed = compile(practice([item('mist-over-the-lake'), item('brocade-draw-the-bow')]));
    expect(same.events.some((event) => event.kind === 'stance')).toBe(false);
    expect(changed.events.filter((event) => event.kind === 'stance').map((event) => event.lengthMs)).toEqual([
      STANCE_CHANGE_SEC.known * 1000,
    ]);
  });

  it('says how one comes to what a form is done with and lets it go again, once each, eight seconds', () => {
    const saidIn = (...ids: readonly string[]) =>
      compile(practice(ids.map((id) => item(id))))
        .events.filter((event) => event.kind === 'stance')
        .map(({ cue, lengthMs }) => [cue, lengthMs]);
    expect(saidIn('rise-and-sink', 'staff-lifted', 'staff-turned', 'rise-and-sink')).toEqual([
      ['Take the staff.', 8000],
      ['Put the staff aside.', 8000],
    ]);
    // As with its stance, the first form begins so; two walls are one.
    expect(saidIn('wall-climb', 'wall-back')).toEqual([['Turn your back to the wall.', 8000]]);
    // Both at once, where the feet change too: eight seconds and four.
    expect(saidIn('pair-palms-breathe', 'brocade-draw-the-bow')).toEqual([
      ['Thank each other, and let go. Step out wide.', 12_000],
    ]);
    expect(saidIn('staff-lifted', 'ring-sways')).toEqual([['Put the staff aside. Come into a ring.', 8000]]);
  });

  it('leaves out holds and sends the exhale by the mouth where the item says so', () => {
    const held = practice([item('brocade-hold-up-the-sky')]);
    expect(compile(held).events.some((event) => event.breath === 'hold')).toBe(true);
    const softened = compile(
      practice([item('brocade-hold-up-the-sky', { omitHolds: true, exhaleByMouth: true })]),
    );
    expect(softened.events.some((event) => event.breath === 'hold')).toBe(false);
    expect(
      softened.events.filter((event) => event.breath === 'out').every((event) => event.exhale === 'mouth'),
    ).toBe(true);
  });

  it('puts the sound of the school into the cue', () => {
    const cue = (soundSchool: 'standard' | 'voiced') =>
      compile(
        practice([item('sound-lung')], { customs: { ...practice([]).customs, soundSchool } }),
      ).events.find((event) => event.breath === 'out')?.cue;
    expect(cue('standard')).toMatch(/^sī:/);
    expect(cue('voiced')).toMatch(/^sss:/);
  });

  it('leaves no gap and no overlap, and its parts add up, for any composed practice', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1000 }), fc.constantFrom(6, 15, 40), (seed, minutes) => {
        const timeline = compile(composed(seed, minutes));
        let cursor = 0;
        for (const event of timeline.events) {
          expect(event.startMs).toBe(cursor);
          expect(event.lengthMs).toBeGreaterThan(0);
          expect(event.cue).not.toMatch(/[{}]/);
          cursor += event.lengthMs;
        }
        expect(cursor).toBe(timeline.totalMs);
        expect(timeline.items.reduce((sum, span) => sum + span.lengthMs, 0)).toBe(timeline.totalMs);
        expect(timeline.sections.reduce((sum, section) => sum + section.lengthMs, 0)).toBe(timeline.totalMs);
        expect(timeline.breaths).toBe(
          timeline.events.filter((event) => event.kind === 'stroke' && event.breath === 'in').length,
        );
      }),
      { numRuns: 12, seed: 4 },
    );
  });

  it('of nothing is nothing', () => {
    const empty = compile(practice([]));
    expect(empty).toMatchObject({ totalMs: 0, events: [], items: [], sections: [], breaths: 0 });
    expect(eventAt(empty, 0)).toBeUndefined();
  });

  it('finds the event of any moment as a plain scan does', () => {
    const timeline = compile(composed(2));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: timeline.totalMs - 1 }), (atMs) => {
        expect(eventAt(timeline, atMs)).toBe(
          timeline.events.find((event) => atMs < event.startMs + event.lengthMs),
        );
      }),
      { seed: 1 },
    );
    expect(eventAt(timeline, timeline.totalMs + 5)).toBe(timeline.events.at(-1));
  });
});

describe('the breath line', () => {
  it('rises through an inhale, falls through an exhale, stays on a hold, and is continuous', () => {
    const timeline = compile(
      practice([item('brocade-hold-up-the-sky'), item('shaking'), item('mist-over-the-lake')]),
    );
    const levels = startLevels(timeline);
    for (const event of timeline.events) {
      const at = (t: number) =>
        breathLevelAt(timeline, levels, event.index, event.startMs + event.lengthMs * t);
      if (event.breath === 'in') expect(at(0.6)).toBeGreaterThan(at(0.2));
      if (event.breath === 'out') expect(at(0.6)).toBeLessThan(at(0.2));
      if (event.breath === 'hold') expect(at(0.9)).toBe(at(0.1));
      const next = levels[event.index + 1];
      if (next !== undefined) expect(at(1)).toBeCloseTo(next, 6);
    }
    const points = breathLine(timeline, 0, timeline.totalMs);
    for (const point of points) {
      expect(point.level).toBeGreaterThanOrEqual(0);
      expect(point.level).toBeLessThanOrEqual(1);
    }
  });
});

describe('words against breath', () => {
  it('finds a cue that cannot be said within its stroke at 150 words a minute (common practice)', () => {
    const [event] = compile(practice([item('mist-over-the-lake')])).events.filter(
      (candidate) => candidate.repetition === 2,
    );
    if (!event) throw new Error('expected a stroke');
    // Seven syllables are five words: two seconds.
    const cue = 'Wrists float up to the shoulders.';
    const of = (lengthMs: number) => eventFit({ ...event, cue, told: 'full', breath: 'in', lengthMs }, 150);
    expect(of(60_000).fill).toBeCloseTo(2 / 63, 9);
    expect([of(2000).fits, of(1900).fits]).toEqual([true, false]);
    // Later it is said shortly, and then not at all.
    const long = 'Wrists float up, slowly, to the height of both shoulders';
    const later = (told: 'short' | 'quiet') =>
      eventFit({ ...event, cue: long, told, breath: 'in' }, 150).spokenSec;
    expect(later('short')).toBeCloseTo((3 / 1.4 / 150) * 60, 9);
    expect(later('quiet')).toBe(0);
  });
});

describe('edit', () => {
  const added: NewItem = {
    form: form('cloud-hands'),
    role: 'balance',
    variant: 'full',
    omitHolds: false,
    exhaleByMouth: false,
    familiarity: 'known',
    firstSide: 'left',
    reasons: [{ code: 'chosen-by-hand' }],
  };

  it('never changes the practice it is given, and always leaves one its own schema reads', () => {
    const kinds = (before: Practice, pick: number, amount: number): Edit => {
      const itemId = before.items[pick % before.items.length]?.id ?? '';
      const edits: readonly Edit[] = [
        { kind: 'move', itemId, toIndex: amount },
        { kind: 'repetitions', itemId, steps: amount - 5 },
        { kind: 'breath-length', itemId, steps: amount - 5 },
        { kind: 'remove', itemId },
        { kind: 'add', at: amount, item: added },
        { kind: 'swap', itemId, item: added },
        { kind: 'first-side', itemId, side: 'right' },
        { kind: 'familiarity', itemId, familiarity: 'taught' },
        { kind: 'variant', itemId, variant: 'full' },
        { kind: 'rename', name: `named ${amount}` },
      ];
      return edits[(pick + amount) % edits.length] as Edit;
    };
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(40), fc.nat(10)), { maxLength: 25 }), (steps) => {
        let now = composed(1, 15);
        for (const [pick, amount] of steps) {
          if (now.items.length === 0) break;
          const frozen = JSON.stringify(now);
          const next = edit(now, kinds(now, pick, amount));
          expect(JSON.stringify(now)).toBe(frozen);
          const parsed = practiceSchema.safeParse(next);
          expect(parsed.success ? [] : parsed.error.issues).toEqual([]);
          expect(Object.keys(next.forms).toSorted()).toEqual(
            [...new Set(next.items.map((entry) => entry.formId))].toSorted(),
          );
          now = next;
        }
      }),
      { numRuns: 40, seed: 9 },
    );
  });

  it('keeps repetitions and breath length within their bounds', () => {
    const start = practice([item('mist-over-the-lake')]);
    const id = 'mist-over-the-lake-1';
    expect(edit(start, { kind: 'repetitions', itemId: id, steps: -50 }).items[0]?.repetitions).toBe(1);
    expect(edit(start, { kind: 'repetitions', itemId: id, steps: 500 }).items[0]?.repetitions).toBe(99);
    expect(edit(start, { kind: 'breath-length', itemId: id, steps: -99 }).items[0]?.stretch).toBe(0.5);
    expect(edit(start, { kind: 'breath-length', itemId: id, steps: 1 }).items[0]?.stretch).toBe(1.05);
    const circles = practice([item('storing-circles', { repetitions: 6 })]);
    expect(
      edit(circles, { kind: 'repetitions', itemId: 'storing-circles-1', steps: 1 }).items[0]?.repetitions,
    ).toBe(9);
  });

  it('lets a moved form join the section it lands in', () => {
    const start = practice([item('shaking'), item('mist-over-the-lake'), item('drawing-up-the-spring')]);
    const moved = edit(start, { kind: 'move', itemId: 'shaking-1', toIndex: 2 });
    expect(moved.items.map((entry) => entry.role)).toEqual(['nourish', 'nourish', 'nourish']);
    expect(edit(start, { kind: 'move', itemId: 'shaking-1', toIndex: -4 })).toBe(start);
  });

  it('refuses an item that is not there and a variant the form has not', () => {
    const start = practice([item('shaking')]);
    expect(() => edit(start, { kind: 'remove', itemId: 'nobody' })).toThrow(RangeError);
    const bare = { ...start, forms: { shaking: { ...form('shaking'), seated: undefined } } };
    expect(() => edit(bare, { kind: 'variant', itemId: 'shaking-1', variant: 'seated' })).toThrow(RangeError);
  });

  it('knows every pace kind by its row', () => {
    expect(paceKind('flowing').usualSec).toBe(12);
    expect(() => paceKind('nothing' as 'flowing')).toThrow(RangeError);
  });
});

describe('the bounds of a practice', () => {
  const endless = (count: number): Practice =>
    practice(
      Array.from({ length: count }, (_, index) =>
        item('shaking', { id: `s${index}`, repetitions: 99, familiarity: 'known' }),
      ),
    );

  it('are told by adding up, without laying anything out', () => {
    expect(beyondBounds(endless(1))).toBeUndefined();
    expect(beyondBounds(endless(200))).toMatch(/strokes long; a practice has at most 6000/);
    const long = practice([item('shaking', { repetitions: 99 })]);
    const slow = {
      ...long,
      forms: {
        shaking: { ...form('shaking'), cycle: [{ breath: 'free' as const, cue: 'x', seconds: 300 }] },
      },
    };
    expect(beyondBounds(slow)).toMatch(/about 8 hours; a practice lasts at most 6/);
  });

  it('reckon an item stroke by stroke, worked by hand', () => {
    const two: Form = {
      ...form('shaking'),
      sides: 'alternating',
      entry: [{ breath: 'free', cue: 'x', seconds: 4 }],
      cycle: [
        { breath: 'in', cue: 'x' },
        { breath: 'free', cue: 'x', seconds: 3 },
      ],
      exit: [{ breath: 'out', cue: 'x' }],
    };
    const laid = { formId: 'shaking', variant: 'full' as const, repetitions: 5, stretch: 1.5 };
    // Around: 4 s and a breath of 10 × 1.5; a cycle of 15 + 3 s, five times on two sides; a hold on each, and quiet once.
    expect(extentOf({ ...laid, stays: [{ sec: 6, on: 'last' }], quietSec: 20 }, two)).toEqual({
      strokes: 2 + 2 * 10 + 2,
      sec: 19 + 18 * 10 + 6 * 2 + 20,
    });
    expect(extentOf(laid, { ...two, sides: 'symmetric' })).toEqual({ strokes: 2 + 2 * 5, sec: 19 + 18 * 5 });
  });

  it('let through what is just within them', () => {
    const laid = (repetitions: number, seconds: number) => {
      const one = practice([item('shaking', { repetitions })]);
      const cycle = [{ breath: 'free' as const, cue: 'x', seconds }];
      return beyondBounds({
        ...one,
        forms: { shaking: { ...form('shaking'), entry: [], exit: [], cycle } },
        items: one.items.map((entry) => ({ ...entry, quietSec: 0, stays: undefined })),
      });
    };
    // Six hours are 21,600 s: 72 times five minutes.
    expect(laid(72, 300)).toBeUndefined();
    expect(laid(73, 300)).toMatch(/about 6 hours/);
  });

  it('are the same at the door, at the table and in the reckoning: refused, unchanged, thrown', () => {
    const parsed = practiceSchema.safeParse(endless(200));
    expect(parsed.error?.issues[0]).toMatchObject({ path: ['items'] });
    expect(() => compile(endless(200))).toThrow(RangeError);
    // One repetition more than there is room for changes nothing.
    const full = practice([
      ...endless(14).items,
      item('shaking', { id: 'last', repetitions: 30, familiarity: 'known' }),
    ]);
    expect(beyondBounds(full)).toBeUndefined();
    expect(edit(full, { kind: 'repetitions', itemId: 'last', steps: 60 })).toBe(full);
    expect(edit(full, { kind: 'repetitions', itemId: 'last', steps: -1 })).not.toBe(full);
  });

  it('leave room for ninety minutes of the quickest forms', () => {
    for (const id of ['loosen-shoulders', 'swing-arms-level', 'swing-and-knock']) {
      const one = compile(practice([item(id, { repetitions: 40 })])).totalMs;
      const count = Math.ceil((90 * 60_000) / one);
      const many = practice(
        Array.from({ length: count }, (_, index) => item(id, { id: `m${index}`, repetitions: 40 })),
      );
      expect(compile(many).totalMs).toBeGreaterThan(89 * 60_000);
      expect({ id, beyond: beyondBounds(many) }).toEqual({ id, beyond: undefined });
    }
  });
});
