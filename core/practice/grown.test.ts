import fc from 'fast-check';
import { saidSec } from '../time';
import { PLAIN_BRIEF } from '../brief';
import { REPERTOIRE, type Form } from '../forms';
import {
  clipOf,
  compile,
  edit,
  formOf,
  LAYERS,
  practiceSchema,
  type Edit,
  type Item,
  type Practice,
} from '.';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};
const item = (formId: string, over: Partial<Item> = {}): Item => ({
  id: `${formId}-1`,
  formId,
  variant: 'full',
  role: form(formId).roles[0] ?? 'nourish',
  repetitions: 4,
  stretch: 1,
  firstSide: 'left',
  familiarity: 'known',
  omitHolds: false,
  exhaleByMouth: false,
  hinge: false,
  reasons: [],
  ...over,
});
const practice = (...items: readonly Item[]): Practice => ({
  name: 'Grown',
  brief: PLAIN_BRIEF,
  customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map((one) => [one.formId, form(one.formId)])),
});
const MIST = 'mist-over-the-lake';
const lengthOf = (over: Partial<Item>): number => compile(practice(item(MIST, over))).totalMs;

describe('an item’s own words and time', () => {
  it('are said in place of the form’s, on the stroke they are written for, with the side filled in', () => {
    const bow = practice(
      item('brocade-draw-the-bow', { cues: { 'cycle-0': 'Look far to the {side}', setup: 'The bow' } }),
    );
    const events = compile(bow).events;
    const said = events.filter((event) => event.cue.startsWith('Look far'));
    expect(new Set(said.map((event) => event.cue))).toEqual(
      new Set(['Look far to the left', 'Look far to the right']),
    );
    expect(events.find((event) => event.kind === 'setup')?.cue).toBe('The bow');
  });

  it('take the time they take: quiet and a held end to the second, an image as long as it is spoken', () => {
    const plain = lengthOf({});
    expect(lengthOf({ quietSec: 20 }) - plain).toBe(20_000);
    expect(lengthOf({ stays: [{ sec: 35, on: 'last' }] }) - plain).toBe(35_000);
    const image = 'Mist rises from still water at first light';
    expect(lengthOf({ image }) - plain).toBe(Math.round(saidSec(image) * 1000));
  });

  it('hold the last posture with the breath left free', () => {
    const held = compile(practice(item(MIST, { stays: [{ sec: 30, on: 'last' }] }))).events.find(
      (event) => event.lengthMs === 30_000,
    );
    expect(held).toMatchObject({ kind: 'stroke', breath: 'free' });
    expect(held?.stroke?.postures).toEqual(form(MIST).cycle.at(-1)?.postures?.slice(-1));
  });

  it('build a form up in layers: one announcement each, the breath free until it is added', () => {
    const { events } = compile(practice(item(MIST, { layers: [...LAYERS] })));
    expect(events.filter((event) => event.kind === 'setup').map((event) => event.cue)).toEqual([
      form(MIST).name,
      'Legs only, hands at rest.',
      'Now the hands with the legs.',
      'Now on the breath.',
      'Now the mind goes with it.',
    ]);
    const breaths = (repetition: number) =>
      new Set(
        events
          .filter((event) => event.kind === 'stroke' && event.repetition === repetition)
          .map((event) => event.breath),
      );
    expect(breaths(1)).toEqual(new Set(['free']));
    expect(breaths(2)).toEqual(new Set(['free']));
    expect(breaths(3)).toEqual(new Set(['in', 'out']));
  });

  it('teach in steps: the parts each with a run of their own, the mistakes each with its mend', () => {
    const pounce = 'animal-tiger-pounce';
    const one = form(pounce);
    const parts = compile(practice(item(pounce, { lesson: 'parts', repetitions: 1 })));
    const strokes = (timeline: typeof parts) =>
      timeline.events.filter((event) => event.kind === 'stroke' && event.repetition > 0).length;
    const whole = compile(practice(item(pounce, { lesson: 'whole', repetitions: 1 })));
    expect(strokes(parts)).toBe(strokes(whole) * one.parts.length);
    const mistakes = compile(practice(item(pounce, { lesson: 'mistakes', repetitions: 1 })));
    for (const { mend } of one.mistakes)
      expect(mistakes.events.some((event) => event.cue.includes(mend))).toBe(true);
  });
});

describe('edits of several items', () => {
  const three = practice(item('shaking'), item(MIST), item('cloud-hands', { role: 'balance' }));
  const ids = (one: Practice) => one.items.map((entry) => entry.formId);

  it('copy within and between practices, each copy with an id and a lock of its own', () => {
    const clip = clipOf(edit(three, { kind: 'keep', itemIds: [`${MIST}-1`], kept: true }), [
      `${MIST}-1`,
      'shaking-1',
    ]);
    expect(clip.items.map((entry) => entry.formId)).toEqual(['shaking', MIST]);
    const other = edit(practice(item('cloud-hands')), { kind: 'insert', at: 1, clip });
    expect(ids(other)).toEqual(['cloud-hands', 'shaking', MIST]);
    expect(other.items.every((entry) => !entry.kept)).toBe(true);
    expect(new Set(other.items.map((entry) => entry.id)).size).toBe(3);
    expect(practiceSchema.safeParse(other).success).toBe(true);
  });

  it('keep a form as the practice already holds it when a clip brings another version', () => {
    const clip = clipOf({ ...three, forms: { ...three.forms, [MIST]: { ...form(MIST), name: 'Changed' } } }, [
      `${MIST}-1`,
    ]);
    const after = edit(three, { kind: 'insert', at: 0, clip });
    expect(formOf(after, after.items[0] ?? item(MIST)).name).toBe(form(MIST).name);
  });

  it('bookend: the first comes back after the last', () => {
    expect(ids(edit(three, { kind: 'bookend', itemIds: ['shaking-1', `${MIST}-1`] }))).toEqual([
      'shaking',
      MIST,
      'shaking',
      'cloud-hands',
    ]);
  });

  it('put a hinge only where clearing and nourishing meet, and only once', () => {
    const meet = practice(
      item('sound-lung', { role: 'clear' }),
      item(MIST, { role: 'nourish' }),
      item('cloud-hands', { role: 'balance' }),
    );
    const hinge: Edit = {
      kind: 'hinges',
      hinge: {
        form: form('draw-up-press-down'),
        role: 'clear',
        variant: 'full',
        omitHolds: false,
        exhaleByMouth: false,
        familiarity: 'known',
        firstSide: 'left',
        reasons: [{ code: 'hinge' }],
      },
    };
    const once = edit(meet, hinge);
    expect(ids(once)).toEqual(['sound-lung', 'draw-up-press-down', MIST, 'cloud-hands']);
    expect(ids(edit(once, hinge))).toEqual(ids(once));
  });

  it('reorder only those named, in the places they have', () => {
    const after = edit(three, { kind: 'order', itemIds: ['cloud-hands-1', 'shaking-1'] });
    expect(ids(after)).toEqual(['cloud-hands', MIST, 'shaking']);
  });

  it('never make a practice its own schema refuses, whatever is done in whatever order', () => {
    const kinds = (now: Practice, pick: number, amount: number): Edit => {
      const some = now.items.filter((_, index) => (index + pick) % 3 !== 0).map((entry) => entry.id);
      const itemId = now.items[pick % now.items.length]?.id ?? '';
      const edits: readonly Edit[] = [
        { kind: 'keep', itemIds: some, kept: amount % 2 === 0 },
        { kind: 'quiet', itemId, quietSec: amount * 40 - 50 },
        { kind: 'stays', itemId, stays: [{ sec: amount * 90 - 100, on: 'last' }] },
        { kind: 'layers', itemId, layers: LAYERS.slice(0, amount % 5) },
        { kind: 'image', itemId, image: amount % 3 === 0 ? '  ' : `image ${amount}` },
        { kind: 'cue', itemId, key: 'cycle-0', cue: amount % 2 === 0 ? '' : `cue ${amount}` },
        { kind: 'insert', at: amount, clip: clipOf(now, some) },
        { kind: 'move-many', itemIds: some, toIndex: amount },
        { kind: 'bookend', itemIds: some },
        { kind: 'order', itemIds: some.toReversed() },
        { kind: 'exhale', itemId, byMouth: true },
        { kind: 'holds', itemId, omit: true },
        { kind: 'wave', note: `rule/${amount}`, reason: ' because ' },
        { kind: 'unwave', note: 'rule/1' },
        { kind: 'remove-many', itemIds: amount === 9 ? some : [] },
      ];
      return edits[(pick + amount) % edits.length] as Edit;
    };
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(40), fc.nat(10)), { maxLength: 14 }), (steps) => {
        let now = three;
        for (const [pick, amount] of steps) {
          if (now.items.length === 0 || now.items.length > 90) break;
          now = edit(now, kinds(now, pick, amount));
          const parsed = practiceSchema.safeParse(now);
          expect(parsed.success ? [] : parsed.error.issues).toEqual([]);
          expect(compile(now).items).toHaveLength(now.items.length);
        }
      }),
      { numRuns: 60, seed: 12 },
    );
  });
});
