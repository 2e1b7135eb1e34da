import { LONGEST_EXHALE_SEC } from '../breath';
import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { asksAsDone, REPERTOIRE, type Form } from '../forms';
import { cautionsOf, openCautions, type ConditionId } from '../people';
import { breathLevelAt, compile, edit, startLevels, type Item, type Practice } from '../practice';
import { sourceKind } from '../sources';
import {
  blankPattern,
  breathAsksOf,
  isLaidOn,
  patternDraftSchema,
  patternFrom,
  PATTERN_REFUSALS,
  patternOf,
  patternRefusal,
  PATTERNS,
  patternSchema,
  type WholePattern,
  wholePattern,
} from '.';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};
const pattern = (id: string): WholePattern => {
  const found = patternOf(id);
  if (!found) throw new RangeError(`no pattern ${id}`);
  return wholePattern(found);
};
const itemOf = (formId: string, over: Partial<Item> = {}): Item => ({
  id: `${formId}-1`,
  formId,
  variant: 'full',
  role: 'nourish',
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
const practiceOf = (items: readonly Item[], over: Partial<Practice> = {}): Practice => ({
  name: 'Patterns',
  brief: { ...PLAIN_BRIEF, breathsPerMin: 5 },
  customs: {
    outToIn: 1,
    animalSchool: DEFAULT_CUSTOMS.animalSchool,
    virtueSchool: DEFAULT_CUSTOMS.virtueSchool,
    soundSchool: DEFAULT_CUSTOMS.soundSchool,
  },
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map(({ formId }) => [formId, form(formId)])),
  ...over,
});
const laid = (id: string, formId = 'mist-over-the-lake', over: Partial<Item> = {}) =>
  compile(practiceOf([itemOf(formId, { breathing: { pattern: id }, ...over })]));
/** The strokes of a repetition: what the breath does, and its seconds. */
const strokesOf = (timeline: ReturnType<typeof laid>, repetition: number): string =>
  timeline.events
    .filter((event) => event.repetition === repetition)
    .map(({ breath, lengthMs }) => `${breath} ${(lengthMs / 1000).toFixed(1)}`)
    .join(', ');

describe('the table of breath patterns (common practice)', () => {
  it('has at least eighteen, each whole and named once', () => {
    expect(PATTERNS.length).toBeGreaterThanOrEqual(18);
    expect(new Set(PATTERNS.map(({ id }) => id)).size).toBe(PATTERNS.length);
    expect(new Set(PATTERNS.map(({ name }) => name)).size).toBe(PATTERNS.length);
    for (const row of PATTERNS) {
      expect(patternSchema.safeParse(row).success).toBe(true);
      expect(['common-practice', 'from-memory']).toContain(sourceKind(row.source));
    }
  });

  it('keeps stays short: a fifth to three fifths of the inhale, but for four even parts', () => {
    for (const { id, stayFull, stayEmpty } of PATTERNS)
      for (const stay of [stayFull, stayEmpty])
        if (stay > 0 && id !== 'four-even-parts') {
          expect(stay).toBeGreaterThanOrEqual(0.2);
          expect(stay).toBeLessThanOrEqual(0.6);
        }
  });

  it('has the ratios and the counts that are usual', () => {
    expect(pattern('out-longer').outToIn).toBe(1.5);
    expect(pattern('out-twice-as-long').outToIn).toBe(2);
    expect(pattern('four-even-parts')).toMatchObject({ outToIn: 1, stayFull: 1, stayEmpty: 1 });
    // The first of the six gates counts from one to ten; old breath out three times.
    expect(pattern('counting').usualBreaths).toBe(10);
    expect(pattern('counting').announce).toMatch(/one to ten/);
    expect(pattern('old-out-new-in')).toMatchObject({ usualBreaths: 3, outRoute: 'mouth', inRoute: 'nose' });
  });

  it('never says to hold the breath', () => {
    for (const { announce, teach, does, mind } of PATTERNS)
      for (const words of [announce, does, mind, ...teach])
        expect(words).not.toMatch(/\bhold (?:your|the) breath\b/i);
    for (const id of ['stay-when-full', 'stay-when-empty'])
      expect(pattern(id).announce).toMatch(/you may .*or breathe on/);
  });

  it('nourishes by the nose, and breathes in by the nose always', () => {
    for (const { inRoute, outRoute, suits } of PATTERNS) {
      expect(inRoute).toBe('nose');
      if (suits.actions.includes('nourishes')) expect(outRoute).toBe('nose');
    }
  });
});

describe('a pattern laid on a form, worked by hand', () => {
  // Five a minute are 12 s, in and out evenly where nothing is said; the first repetition takes a tenth longer.
  it.each([
    ['even', 'in 6.0, out 6.0'],
    ['out-longer', 'in 4.8, out 7.2'],
    ['out-twice-as-long', 'in 4.0, out 8.0'],
    // Two fifths of 6 s, three tenths of 6 s.
    ['stay-when-full', 'in 6.0, hold 2.4, out 6.0'],
    ['stay-when-empty', 'in 6.0, out 6.0, hold 1.8'],
    ['four-even-parts', 'in 6.0, hold 6.0, out 6.0, hold 6.0'],
    ['natural', 'free 6.0, free 6.0'],
    // 12 s times 1.1.
    ['palm-gates', 'in 6.6, out 6.6'],
  ])('%s', (id, strokes) => {
    expect(strokesOf(laid(id), 2)).toBe(strokes);
  });

  it('is laid on all repetitions, the first or the last', () => {
    expect([1, 2, 3].map((one) => isLaidOn(undefined, one, 3))).toEqual([true, true, true]);
    expect([1, 2, 3].map((one) => isLaidOn({ end: 'first', count: 2 }, one, 3))).toEqual([true, true, false]);
    expect([1, 2, 3].map((one) => isLaidOn({ end: 'last', count: 1 }, one, 3))).toEqual([false, false, true]);
    const { events } = compile(
      practiceOf([
        itemOf('mist-over-the-lake', {
          breathing: { pattern: 'stay-when-full', on: { end: 'last', count: 1 } },
        }),
      ]),
    );
    expect(events.filter(({ breath }) => breath === 'hold').map(({ repetition }) => repetition)).toEqual([3]);
  });

  it('leaves its stays out where stays are left out', () => {
    for (const id of ['stay-when-full', 'stay-when-empty', 'four-even-parts']) {
      const { events } = laid(id, 'mist-over-the-lake', { omitHolds: true });
      expect(events.filter(({ cue }) => /stay|rest a moment/i.test(cue))).toEqual([]);
      expect(laid(id).events.some(({ cue }) => cue === pattern(id).announce)).toBe(true);
    }
    expect(strokesOf(laid('stay-when-full', 'mist-over-the-lake', { omitHolds: true }), 2)).toBe(
      'in 6.0, out 6.0',
    );
  });

  it('stays in the posture the breath has reached', () => {
    const { events } = laid('stay-when-full');
    const stay = events.find(({ breath }) => breath === 'hold');
    expect(stay?.stroke?.postures).toEqual(events[(stay?.index ?? 0) - 1]?.stroke?.postures?.slice(-1));
    expect(stay?.cue).toBe('Stay a moment, or breathe on.');
  });

  it('is announced once, then carried by the line', () => {
    const items = ['mist-over-the-lake', 'open-and-close', 'push-and-draw'].map((id) =>
      itemOf(id, { breathing: { pattern: 'out-longer' } }),
    );
    const said = (practice: Practice) =>
      compile(practice).events.filter(({ cue }) => cue === pattern('out-longer').announce).length;
    expect(said(practiceOf(items))).toBe(1);
    expect(said(practiceOf(items.map((item, at) => (at === 1 ? itemOf(item.formId) : item))))).toBe(1);
  });

  it('draws its true shape: plateaus, stairs of sips, a dropping sigh, an even stream', () => {
    const levelsIn = (id: string, breath: 'in' | 'out' | 'hold', parts: readonly number[]) => {
      const timeline = laid(id, 'open-and-close');
      const levels = startLevels(timeline);
      const event = timeline.events.find((one) => one.breath === breath && one.repetition === 2);
      if (!event) throw new RangeError(`no ${breath} in ${id}`);
      return parts.map((part) =>
        breathLevelAt(timeline, levels, event.index, event.startMs + part * event.lengthMs),
      );
    };
    expect(levelsIn('stay-when-full', 'hold', [0, 0.5, 1])).toEqual([1, 1, 1]);
    // Half full after the first of two sips, and a landing before the second.
    const [landing = 0, second = 0, full = 0] = levelsIn('two-sips-in', 'in', [0.4, 0.5, 1]);
    expect(landing).toBeCloseTo(0.5, 9);
    expect(second).toBeCloseTo(0.5, 9);
    expect(full).toBeCloseTo(1, 9);
    expect(levelsIn('three-sips-in', 'in', [1 / 3])[0]).toBeCloseTo(1 / 3, 9);
    const half = (id: string): number => levelsIn(id, 'out', [0.5])[0] ?? 0;
    expect(half('pursed-lips')).toBeCloseTo(0.5, 9);
    expect(half('sighing-out')).toBeLessThan(0.25);
  });

  it('law: no exhale is longer than its limit, whatever is laid on what', () => {
    for (const { id } of PATTERNS)
      for (const one of REPERTOIRE)
        for (const longestExhaleSec of [undefined, LONGEST_EXHALE_SEC.short]) {
          const item = itemOf(one.id, { breathing: { pattern: id }, stretch: 1.3 });
          const customs = { ...practiceOf([]).customs, longestExhaleSec };
          const brief = { ...PLAIN_BRIEF, breathsPerMin: 3.5 };
          const { events } = compile(practiceOf([item], { customs, brief }));
          const longest = Math.max(
            0,
            ...events.filter(({ breath }) => breath === 'out').map(({ lengthMs }) => lengthMs),
          );
          expect(longest).toBeLessThanOrEqual((longestExhaleSec ?? LONGEST_EXHALE_SEC.anyone) * 1000 + 1);
        }
  });
});

describe('what does not fit', () => {
  it.each([
    ['shaking', 'out-longer', 'no-breath'],
    ['brocade-hold-up-the-sky', 'stay-when-full', 'own-stay'],
    ['mist-over-the-lake', 'fine-even-long-deep', 'not-still'],
    ['sound-liver', 'humming-out', 'own-sound'],
    ['deep-water-breathing', 'into-the-sides', 'own-attention'],
    ['hanging-fold', 'stay-when-full', 'fold-full'],
    ['arrive-cleansing-breaths', 'lower-belly', 'cue-fixes-breath'],
  ] as const)('%s takes no %s: %s', (formId, id, why) => {
    expect(patternRefusal(form(formId), 'full', pattern(id))).toBe(why);
    const timeline = laid(id, formId);
    expect(timeline.unlaid).toEqual([{ itemId: `${formId}-1`, layer: 'breathing', id, why }]);
    // And the form is done as it is.
    const bare = compile(practiceOf([itemOf(formId)]));
    expect(timeline.totalMs).toBe(bare.totalMs);
  });

  it.each([
    ['Exhale by the mouth, slowly.', 'lower-belly', 'in-mouth-out'],
    ['Let it out with a hum.', 'out-longer', 'humming-out'],
    ['Exhale buzzing.', 'lower-belly', 'buzzing-out'],
    ['Out through pursed lips.', 'nose-in-mouth-out', 'pursed-lips'],
    ['Take two sips of air.', 'even', 'two-sips-in'],
    ['Rest empty.', 'lower-belly', 'stay-when-empty'],
    ['Stay a moment when full.', 'even', 'stay-when-full'],
  ])('nor what one’s own words say otherwise: “%s” on %s', (cue, against, agreeing) => {
    const done = (id: string) =>
      compile(
        practiceOf([itemOf('mist-over-the-lake', { breathing: { pattern: id }, cues: { 'cycle-1': cue } })]),
      ).unlaid.map(({ why }) => why);
    expect(done(against)).toEqual(['cue-fixes-breath']);
    expect(done(agreeing === 'in-mouth-out' ? 'nose-in-mouth-out' : agreeing)).toEqual([]);
  });

  it('and takes no word for breath that speaks of something else', () => {
    const done = compile(
      practiceOf([
        itemOf('mist-over-the-lake', {
          breathing: { pattern: 'lower-belly' },
          cues: { 'cycle-0': 'Listen to the hum of the street; the whole body rests.' },
        }),
      ]),
    );
    expect(done.unlaid).toEqual([]);
  });

  it('has a case for every reason, and leaves most forms free to be breathed in most ways', () => {
    const pairs = REPERTOIRE.flatMap((one) => PATTERNS.map((row) => patternRefusal(one, 'full', row)));
    for (const why of PATTERN_REFUSALS) expect(pairs).toContain(why);
    const breathed = REPERTOIRE.filter(({ cycle }) => cycle.some(({ breath }) => breath === 'in'));
    const free = breathed.flatMap((one) =>
      PATTERNS.filter((row) => patternRefusal(one, 'full', row) === undefined),
    );
    expect(free.length / (breathed.length * PATTERNS.length)).toBeGreaterThan(0.7);
  });
});

describe('a pattern of one’s own', () => {
  it('asks what its shape asks, whether it says so or not', () => {
    const own = (over: Partial<WholePattern>): WholePattern => ({ ...blankPattern('own-one'), ...over });
    expect(breathAsksOf(own({ sips: 3 })).asks).toEqual(['staged']);
    expect(breathAsksOf(own({ out: 'throat', asks: ['staged'] })).asks).toEqual(['staged', 'throat']);
    expect(breathAsksOf(own({ attention: 'pelvic floor' })).asks).toEqual(['pelvic-floor']);
    expect(breathAsksOf(own({ attention: 'orbit' })).inwardImagery).toBe(true);
    expect(breathAsksOf(own({}))).toEqual({ asks: [], inwardImagery: false });
    const held = { 'own-one': own({ stayFull: 0.4 }) };
    const done = { variant: 'full' as const, breathing: { pattern: 'own-one' } };
    expect(asksAsDone(form('mist-over-the-lake'), done, held).breathHold).toBe(true);
    expect(asksAsDone(form('mist-over-the-lake'), { ...done, omitHolds: true }, held).breathHold).toBe(false);
  });

  it('is kept whole or told what is wrong with it', () => {
    const [row] = PATTERNS;
    if (!row) throw new Error('expected a pattern');
    const own = { ...patternFrom(row, 'own-one'), isNatural: true };
    expect(patternSchema.safeParse(own).success).toBe(true);
    for (const wrong of [
      { ...own, stayFull: 0.2 },
      { ...own, sips: 4 },
      { ...own, does: ' ' },
      { ...own, outToIn: 9 },
      { ...own, teach: ['one', 'two'] },
      { ...own, mistakes: [] },
      { ...own, more: true },
    ])
      expect(patternSchema.safeParse(wrong).success).toBe(false);
    // A draft may be half-written, but not of another shape.
    expect(patternDraftSchema.safeParse({ ...own, does: '', leastSec: 0 }).success).toBe(true);
    expect(patternDraftSchema.safeParse({ ...own, teach: ['one', 'two'] }).success).toBe(false);
    expect(blankPattern('own-one')).toMatchObject({ does: '', isNatural: false });
    expect(patternSchema.safeParse(blankPattern('own-one')).success).toBe(false);
  });
});

describe('who should not', () => {
  const NO_STAYS: readonly ConditionId[] = [
    'high-blood-pressure',
    'heart',
    'glaucoma',
    'pregnancy',
    'panic',
    'epilepsy-psychosis',
    'asthma',
    'recent-surgery',
    'stroke',
  ];

  it.each(NO_STAYS)('stays with %s: said, and gone once stays are left out', (condition) => {
    const one = form('mist-over-the-lake');
    for (const id of ['stay-when-full', 'stay-when-empty', 'four-even-parts']) {
      const item = itemOf(one.id, { breathing: { pattern: id } });
      const speaks = (done: Item) =>
        openCautions(one, done, [condition]).filter(({ remedy }) => remedy === 'omit-holds').length;
      expect(speaks(item)).toBe(1);
      expect(speaks({ ...item, omitHolds: true })).toBe(0);
      expect(speaks(itemOf(one.id))).toBe(0);
    }
  });

  it.each([
    ['reverse-belly', 'high-blood-pressure'],
    ['reverse-belly', 'pregnancy'],
    ['reverse-belly', 'recent-surgery'],
    ['reverse-belly', 'menses-childbirth'],
    ['pelvic-floor', 'pregnancy'],
    ['two-sips-in', 'low-blood-pressure'],
    ['three-sips-in', 'panic'],
    ['two-sips-in', 'epilepsy-psychosis'],
  ] as const)('breathes %s with %s: the plain breath instead', (id, condition) => {
    const one = form('mist-over-the-lake');
    const asks = asksAsDone(one, { variant: 'full', breathing: { pattern: id } });
    expect(cautionsOf(one, 'full', [condition], asks).map(({ remedy }) => remedy)).toContain('plain-breath');
    expect(cautionsOf(one, 'full', [condition]).map(({ remedy }) => remedy)).not.toContain('plain-breath');
  });

  it('leads the attention inward with an unsettled mind', () => {
    for (const id of ['small-orbit', 'through-the-skin', 'palm-gates'])
      expect(
        asksAsDone(form('mist-over-the-lake'), { variant: 'full', breathing: { pattern: id } }).inwardImagery,
      ).toBe(true);
  });
});

describe('a pattern of one’s own', () => {
  const own: WholePattern = { ...pattern('even'), id: 'own-well', name: 'as from a well', stayEmpty: 0.5 };

  it('goes with the practice that carries it, and leaves with the last item that does', () => {
    const bare = practiceOf([itemOf('mist-over-the-lake'), itemOf('open-and-close')]);
    const ids = bare.items.map(({ id }) => id);
    const with1 = edit(bare, { kind: 'breathing', itemIds: ids, breathing: { pattern: own.id }, own });
    expect(with1.patterns).toEqual({ [own.id]: own });
    expect(strokesOf(compile(with1), 2)).toContain('in 6.0, out 6.0, hold 3.0');
    const one = edit(with1, { kind: 'breathing', itemIds: ids.slice(0, 1), breathing: undefined });
    expect(one.patterns).toBeDefined();
    expect(edit(one, { kind: 'breathing', itemIds: ids, breathing: undefined })).toEqual(bare);
  });
});
