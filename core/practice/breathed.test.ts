import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import {
  asksAsDone,
  asksOf,
  hasVariant,
  REPERTOIRE,
  SPOKEN_PASSAGE,
  VARIANTS,
  type Form,
  type VariantId,
} from '../forms';
import { CONDITION_IDS, longestExhaleFor, openCautions, type ConditionId } from '../people';
import { compile, edit, type Item, type Practice, type Timeline } from '.';

const form = (id: string): Form => {
  const found = [...REPERTOIRE, SPOKEN_PASSAGE].find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};
const itemOf = (formId: string, over: Partial<Item> = {}): Item => ({
  id: `${formId}-1`,
  formId,
  variant: 'full',
  role: 'nourish',
  repetitions: 2,
  stretch: 1,
  firstSide: 'left',
  familiarity: 'known',
  omitHolds: false,
  exhaleByMouth: false,
  hinge: false,
  reasons: [],
  ...over,
});
const practiceOf = (
  items: readonly Item[],
  { breathsPerMin = 5, ...customs }: Partial<Practice['customs']> & { breathsPerMin?: number } = {},
): Practice => ({
  name: 'Breathed',
  brief: { ...PLAIN_BRIEF, breathsPerMin },
  customs: {
    outToIn: 1.2,
    animalSchool: DEFAULT_CUSTOMS.animalSchool,
    virtueSchool: DEFAULT_CUSTOMS.virtueSchool,
    soundSchool: DEFAULT_CUSTOMS.soundSchool,
    ...customs,
  },
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map(({ formId }) => [formId, form(formId)])),
});
const ways: readonly { readonly id: string; readonly variant: VariantId }[] = REPERTOIRE.flatMap((one) =>
  VARIANTS.filter((variant) => hasVariant(one, variant)).map((variant) => ({ id: one.id, variant })),
);

/** Whole breaths of a timeline, from one inhale to the next, stays apart, s. */
function breathsOf(timeline: Timeline): readonly number[] {
  const breaths: number[] = [];
  for (const { breath, lengthMs } of timeline.events) {
    if (breath === 'in') breaths.push(lengthMs / 1000);
    const last = breaths.length - 1;
    if (breath === 'out' && last >= 0) breaths[last] = (breaths[last] ?? 0) + lengthMs / 1000;
  }
  return breaths;
}

describe('the pace asked for is the pace breathed', () => {
  /** Common practice: near the pace where it flows, up to 1.6 of it in inner work and sounds; heels go free. */
  const bounds = ({ pace }: Form): readonly [number, number] =>
    pace === 'inner' || pace === 'sound' ? [1, 1.6] : [0.7, 1.3];

  it.each([3, 4, 5, 6, 7, 9])(
    'law: in every form, as long or short as it may be made, at %d a minute',
    (pace) => {
      for (const { id, variant } of ways) {
        if (form(id).pace === 'heel') continue;
        const [least, most] = bounds(form(id));
        for (const stretch of [0.5, 1, 1.15, 2])
          for (const firstFactor of [undefined, 1.8, 3]) {
            const item = itemOf(id, {
              variant,
              stretch,
              ...(firstFactor === undefined ? {} : { firstFactor }),
            });
            const breaths = breathsOf(compile(practiceOf([item], { breathsPerMin: pace })));
            for (const sec of breaths.slice(0, -1)) {
              expect({ id, variant, ok: sec / (60 / pace) >= least - 0.01 }).toEqual({
                id,
                variant,
                ok: true,
              });
              expect({ id, variant, ok: sec / (60 / pace) <= most + 0.01 }).toEqual({
                id,
                variant,
                ok: true,
              });
            }
          }
      }
    },
  );

  it('law: nobody is asked for an exhale over nine seconds, and some for none over six', () => {
    const asked: readonly { readonly conditions: readonly ConditionId[]; readonly most: number }[] = [
      { conditions: [], most: 9 },
      ...CONDITION_IDS.map((id) => ({ conditions: [id], most: id === 'asthma' || id === 'panic' ? 6 : 9 })),
    ];
    for (const { conditions, most } of asked) {
      expect(longestExhaleFor(conditions, 'known')).toBe(most);
      expect(longestExhaleFor(conditions, 'taught')).toBe(6);
    }
    for (const { id, variant } of ways)
      for (const breathsPerMin of [3, 4.5, 6])
        for (const outToIn of [1.2, 3])
          for (const longestExhaleSec of [undefined, 6]) {
            const item = itemOf(id, { variant, stretch: 2, stays: [{ breaths: 2, on: 'each' }] });
            const { events } = compile(practiceOf([item], { breathsPerMin, outToIn, longestExhaleSec }));
            const longest = Math.max(
              0,
              ...events.filter(({ breath }) => breath === 'out').map((one) => one.lengthMs),
            );
            expect({ id, variant, ok: longest <= (longestExhaleSec ?? 9) * 1000 + 1 }).toEqual({
              id,
              variant,
              ok: true,
            });
          }
  });

  it('a turn goes out on one stroke and comes home on the next', () => {
    for (const one of REPERTOIRE)
      for (const cycle of [one.cycle, one.smaller?.cycle ?? [], one.seated?.cycle ?? []])
        for (const { breath, cue } of cycle)
          if (breath === 'out')
            expect({ id: one.id, packed: /; (?:return|come back)\./.test(cue) }).toEqual({
              id: one.id,
              packed: false,
            });
    // Two breaths or more (common practice).
    for (const id of [
      'brocade-draw-the-bow',
      'brocade-look-back',
      'brocade-hands-to-feet',
      'animal-deer',
      'animal-monkey',
    ])
      expect(form(id).cycle.filter(({ breath }) => breath === 'out')).toHaveLength(2);
  });

  it('is shown on a natural breath where the first time is too slow to be led', () => {
    const { events } = compile(
      practiceOf([itemOf('mist-over-the-lake', { familiarity: 'taught', repetitions: 2 })]),
    );
    const strokes = events.filter(({ kind }) => kind === 'stroke');
    expect(strokes.map(({ breath, repetition }) => `${repetition} ${breath}`)).toEqual([
      '1 free',
      '1 free',
      '2 in',
      '2 out',
    ]);
    // 1.8 times 12 s.
    expect((strokes[0]?.lengthMs ?? 0) + (strokes[1]?.lengthMs ?? 0)).toBeCloseTo(21_600, -1);
  });
});

describe('the time of an item', () => {
  const msOf = (item: Item): number => compile(practiceOf([item])).totalMs;

  it('of a single gesture is its breath and a word, not a lesson (common practice)', () => {
    const once = itemOf('sky-gathering', { repetitions: 1, familiarity: 'taught' });
    // A word of 2 s, a breath of 12 s, 2 s to settle.
    expect(msOf(once)).toBe(16_000);
    expect(msOf({ ...once, talkSec: 20 })).toBe(34_000);
    expect(msOf({ ...once, repetitions: 2 })).toBeGreaterThan(40_000);
  });

  it('of a leg channel traced is its real breaths: 15–24 s at five a minute (common practice)', () => {
    const twice = msOf(itemOf('trace-kidney-bladder', { repetitions: 3 }));
    const onceLess = msOf(itemOf('trace-kidney-bladder', { repetitions: 2 }));
    expect((twice - onceLess) / 1000).toBeGreaterThanOrEqual(15);
    expect((twice - onceLess) / 1000).toBeLessThanOrEqual(24);
  });

  it('after a sound is a quiet breath, after knocking a moment to feel', () => {
    const last = (id: string) => compile(practiceOf([itemOf(id)])).events.at(-1)?.cue;
    expect(last('sound-lung')).toBe('A quiet breath, by the nose.');
    expect(last('tap-chest')).toBe('Stand still and feel.');
    expect(last('mist-over-the-lake')).toBe('Let it settle.');
  });

  it('of a station of a tapping round is 7–13 s (common practice)', () => {
    // The whole body in one pass is no station.
    for (const one of REPERTOIRE.filter(
      ({ family, exceptions }) => family === 'percussion route' && exceptions?.time === undefined,
    )) {
      const sides = one.sides === 'symmetric' ? 1 : 2;
      const sec = msOf(itemOf(one.id, { repetitions: 1, station: true })) / 1000;
      // Both legs take 15 s, an arm 8; what is breathed lasts its whole breath.
      const more = one.id === 'tap-legs' ? 5 : one.cycle.some(({ breath }) => breath === 'in') ? 2 : 0;
      expect(sec).toBeGreaterThanOrEqual(7);
      expect(sec).toBeLessThanOrEqual(sides * 13 + more);
    }
  });

  it('that goes on for sixty seconds is sixty seconds, whatever one tap takes', () => {
    for (const forSec of [10, 60, 61, 200])
      for (const id of ['tap-chest', 'shaking', 'tap-arms', 'loosen-knees']) {
        const { events } = compile(practiceOf([itemOf(id, { forSec, familiarity: 'taught' })]));
        const done = events
          .filter(({ part }) => part === 'cycle')
          .reduce((sum, one) => sum + one.lengthMs, 0);
        expect(Math.abs(done - forSec * 1000)).toBeLessThan(30);
      }
    // A form that follows the breath goes by its count.
    expect(msOf(itemOf('mist-over-the-lake', { forSec: 60 }))).toBe(msOf(itemOf('mist-over-the-lake')));
  });

  it('has talk and the slowness of its first repetition as two settings', () => {
    const plain = itemOf('shaking', { repetitions: 2 });
    expect(msOf({ ...plain, talkSec: 65 }) - msOf({ ...plain, talkSec: 5 })).toBe(60_000);
    expect(msOf({ ...plain, firstFactor: 2 }) - msOf({ ...plain, firstFactor: 1 })).toBe(15_000);
  });

  it('goes through its sides in turn or one by one, another number on the second where that is wanted', () => {
    const sidesOf = (over: Partial<Item>): string =>
      compile(practiceOf([itemOf('loosen-waist', over)]))
        .events.filter(({ breath }) => breath === 'out')
        .map(({ side }) => side?.charAt(0))
        .join('');
    expect(sidesOf({})).toBe('lrlr');
    expect(sidesOf({ sideOrder: 'one-then-other' })).toBe('llrr');
    expect(sidesOf({ otherRepetitions: 4 })).toBe('lrlrrr');
    expect(sidesOf({ otherRepetitions: 1, sideOrder: 'one-then-other', firstSide: 'right' })).toBe('rrl');
    const { events } = compile(practiceOf([itemOf('loosen-waist', { otherRepetitions: 4 })]));
    expect(events.filter(({ side }) => side === 'left').every(({ repetitions }) => repetitions === 2)).toBe(
      true,
    );
    expect(events.filter(({ side }) => side === 'right').every(({ repetitions }) => repetitions === 4)).toBe(
      true,
    );
    expect(sidesOf({}).length * 2).toBe(
      compile(practiceOf([itemOf('pushing-waves', { sideOrder: 'in-turn' })])).events.filter(
        ({ part }) => part === 'cycle',
      ).length,
    );
  });

  it('of what is said is as long as it takes to say, sentence by sentence, or as long as is set', () => {
    const passage = 'Good morning. Today we go down to the water, and rest there! Ready?';
    const said = compile(practiceOf([itemOf('spoken-passage', { passage })]));
    const sentences = said.events.filter(({ kind }) => kind === 'stroke');
    expect(sentences.map(({ cue }) => cue)).toEqual([
      'Good morning.',
      'Today we go down to the water, and rest there!',
      'Ready?',
    ]);
    expect(sentences.every(({ breath }) => breath === 'free')).toBe(true);
    const long = compile(practiceOf([itemOf('spoken-passage', { passage, forSec: 180 })]));
    const ms = long.events
      .filter(({ kind }) => kind === 'stroke')
      .reduce((sum, one) => sum + one.lengthMs, 0);
    expect(Math.abs(ms - 180_000)).toBeLessThan(5);
  });

  it('comes once more as another round, the same way or turned round, the other side first', () => {
    const practice = practiceOf([itemOf('tap-chest'), itemOf('tap-arms'), itemOf('loosen-waist')]);
    const ids = practice.items.slice(0, 2).map(({ id }) => id);
    const formsOf = (order: 'same' | 'reversed') =>
      edit(practice, { kind: 'another-round', itemIds: ids, order }).items.map(
        ({ formId, firstSide }) => `${formId} ${firstSide}`,
      );
    expect(formsOf('same')).toEqual([
      'tap-chest left',
      'tap-arms left',
      'tap-chest right',
      'tap-arms right',
      'loosen-waist left',
    ]);
    expect(formsOf('reversed')).toEqual([
      'tap-chest left',
      'tap-arms left',
      'tap-arms right',
      'tap-chest right',
      'loosen-waist left',
    ]);
  });
});

describe('a posture stayed in', () => {
  const staysIn = (item: Item) => compile(practiceOf([item])).events.filter(({ isStay }) => isStay);

  it('is held on each side, in the last repetition or in each, after the stroke it names', () => {
    const item = itemOf('brocade-draw-the-bow', { stays: [{ stroke: 1, sec: 20, on: 'last' }] });
    expect(
      staysIn(item).map(({ side, repetition, lengthMs, strokeIndex }) => [
        side,
        repetition,
        lengthMs,
        strokeIndex,
      ]),
    ).toEqual([
      ['left', 2, 20_000, 1],
      ['right', 2, 20_000, 1],
    ]);
    expect(staysIn({ ...item, stays: [{ stroke: 1, sec: 20, on: 'each' }] })).toHaveLength(4);
    // The body stays where the stroke left it, and on its own side.
    const { events } = compile(practiceOf([item]));
    for (const stay of staysIn(item)) {
      const before = events[stay.index - 1];
      expect(stay.stroke?.postures).toEqual(before?.stroke?.postures?.slice(-1));
      expect(stay.second).toBe(before?.second);
    }
  });

  it('lasts so many breaths at the pace, each counted', () => {
    const item = itemOf('mist-over-the-lake', { repetitions: 1, stays: [{ breaths: 3, on: 'last' }] });
    expect(
      staysIn(item)
        .map(({ breath }) => breath)
        .join(' '),
    ).toBe('in out in out in out');
    const one = compile(practiceOf([{ ...item, stays: undefined }]));
    const three = compile(practiceOf([item]));
    expect(three.breaths - one.breaths).toBe(3);
    expect(three.totalMs - one.totalMs).toBeCloseTo(36_000, -1);
  });

  it('counts as what the form asks, and draws the same cautions', () => {
    const bow = form('brocade-draw-the-bow');
    const low = { variant: 'full', stays: [{ stroke: 1, sec: 40, on: 'last' }] } as const;
    expect(asksOf(bow, 'full').staticHold).toBe(false);
    expect(asksAsDone(bow, low).staticHold).toBe(true);
    expect(asksAsDone(bow, { variant: 'full' })).toEqual(asksOf(bow, 'full'));
    const crane = form('crane-stands');
    // Half a minute on one leg, and what the form itself asks.
    expect(
      asksAsDone(crane, { variant: 'full', stays: [{ stroke: 0, sec: 30, on: 'last' }] }).oneLegSec,
    ).toBe(asksOf(crane, 'full').oneLegSec + 30);
    // Hands held over the head for five breaths: a minute and what the form itself asks.
    const sky = form('brocade-hold-up-the-sky');
    const up = asksAsDone(sky, { variant: 'full', stays: [{ stroke: 0, breaths: 5, on: 'last' }] });
    expect(up.armsUpSec).toBe(asksOf(sky, 'full').armsUpSec + 60);
    const cautioned = (stays: Item['stays']) =>
      openCautions(bow, itemOf('brocade-draw-the-bow', { stays }), ['heart']).map(({ code }) => code);
    expect(cautioned(undefined)).not.toContain('no-long-holding-effort');
    expect(cautioned([...low.stays])).toContain('no-long-holding-effort');
  });
});
