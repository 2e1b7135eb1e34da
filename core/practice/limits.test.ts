import { readFileSync } from 'node:fs';
import { practiceSchema } from '.';
import { itemSchema, practiceCustomsSchema } from './model';

/** Every bound of a practice at its threshold: the last value that is let through, the first that is not. */
const { documentVersion: _version, ...practice } = JSON.parse(
  readFileSync('core/documents/practice/golden/v3-stays.json', 'utf8'),
) as Readonly<Record<string, unknown>> & {
  readonly items: readonly Readonly<Record<string, unknown>>[];
  readonly brief: object;
};
const item = practice.items[0] ?? {};
const letters = (count: number): string => 'a'.repeat(count);
const many = <Value>(count: number, of: (index: number) => Value): readonly Value[] =>
  Array.from({ length: count }, (_, index) => of(index));

// prettier-ignore
const ITEM_BOUNDS: readonly (readonly [field: string, within: readonly unknown[], beyond: readonly unknown[]])[] = [
  ['id', ['a', letters(64), 'A-z-0'], ['', letters(65), 'a b', 'a/b', 'ä']],
  ['formId', [letters(60)], [letters(61)]],
  ['repetitions', [1, 99], [0, 100, 1.5]],
  ['stretch', [0.5, 2], [0.49, 2.01]],
  ['logPace', [0.5, 2], [0.49, 2.01]],
  ['quietSec', [0, 300], [-1, 301]],
  ['stays', [[{ sec: 1, on: 'last' }], [{ sec: 600, stroke: 0, on: 'each' }], [{ breaths: 1, stroke: 23, on: 'each' }, { breaths: 36, on: 'last' }], many(8, () => ({ sec: 5, on: 'last' }))], [[], [{ sec: 0, on: 'last' }], [{ sec: 601, on: 'last' }], [{ breaths: 0, on: 'last' }], [{ breaths: 37, on: 'last' }], [{ breaths: 1.5, on: 'last' }], [{ sec: 5, breaths: 3, on: 'last' }], [{ on: 'last' }], [{ sec: 5, on: 'first' }], [{ sec: 5, stroke: 24, on: 'last' }], many(9, () => ({ sec: 5, on: 'last' }))]],
  ['talkSec', [0, 300], [-1, 301]],
  ['firstFactor', [1, 3], [0.9, 3.1]],
  ['sideOrder', ['in-turn', 'one-then-other'], ['as-it-comes']],
  ['otherRepetitions', [1, 99], [0, 100, 1.5]],
  ['forSec', [3, 1800], [2, 1801]],
  ['station', [true, false], ['yes']],
  ['passage', ['x', letters(6000)], ['', '  ', letters(6001)]],
  ['layers', [[], ['legs', 'hands', 'breath', 'mind']], [['legs', 'hands', 'breath', 'mind', 'legs'], ['arms']]],
  ['image', ['x', letters(240)], ['', '  ', letters(241)]],
  ['cues', [{ setup: 'x' }, { 'cycle-0': letters(240) }, { 'entry-99': 'x' }, { 'exit-1': 'x' }], [{ 'cycle-100': 'x' }, { 'cycle-': 'x' }, { middle: 'x' }, { setup: '' }, { setup: letters(241) }]],
  ['reasons', [[], many(16, () => ({ code: 'opens' }))], [many(17, () => ({ code: 'opens' })), [{ code: 'no-such-reason' }]]],
  ['variant', ['full', 'smaller', 'seated'], ['lying']],
  ['firstSide', ['left', 'right'], ['both']],
];

describe('the bounds of an item', () => {
  it('let the item itself through, and no field they do not know', () => {
    expect(itemSchema.safeParse(item).success).toBe(true);
    expect(itemSchema.safeParse({ ...item, locked: true }).success).toBe(false);
  });

  it.each(ITEM_BOUNDS)('%s', (field, within, beyond) => {
    for (const value of within)
      expect({ value, ok: itemSchema.safeParse({ ...item, [field]: value }).success }).toEqual({
        value,
        ok: true,
      });
    for (const value of beyond)
      expect({ value, ok: itemSchema.safeParse({ ...item, [field]: value }).success }).toEqual({
        value,
        ok: false,
      });
  });
});

describe('the bounds of what a practice is written by', () => {
  const customs = {
    outToIn: 1,
    animalSchool: 'standard',
    virtueSchool: 'classical',
    soundSchool: 'standard',
  };

  it.each([
    ['outToIn', [0.5, 3], [0.49, 3.01]],
    ['wordsPerMin', [80, 240], [79, 241]],
    ['longestExhaleSec', [3, 9], [2.9, 9.1]],
    ['animalSchool', ['standard'], ['no-such-school']],
  ] as const)('%s', (field, within, beyond) => {
    for (const value of within)
      expect(practiceCustomsSchema.safeParse({ ...customs, [field]: value }).success).toBe(true);
    for (const value of beyond)
      expect(practiceCustomsSchema.safeParse({ ...customs, [field]: value }).success).toBe(false);
  });
});

describe('the bounds of a practice as a document', () => {
  const parses = (over: object): boolean => practiceSchema.safeParse({ ...practice, ...over }).success;

  it.each([
    ['name', ['x', letters(120)], ['', '  ', letters(121)]],
    ['seed', [0, 4_294_967_295], [-1, 4_294_967_296, 0.5]],
    [
      'waved',
      [
        [],
        many(400, (index) => ({ note: `n${index}`, reason: '' })),
        [{ note: letters(200), reason: letters(240) }],
      ],
      [
        many(401, (index) => ({ note: `n${index}`, reason: '' })),
        [{ note: '', reason: '' }],
        [{ note: letters(201), reason: '' }],
        [{ note: 'n', reason: letters(241) }],
      ],
    ],
  ])('%s', (field, within, beyond) => {
    for (const value of within) expect(parses({ [field]: value })).toBe(true);
    for (const value of beyond) expect(parses({ [field]: value })).toBe(false);
  });

  it('at most two hundred items, each with an id of its own and a form that is there', () => {
    const short = { ...item, repetitions: 1 };
    const items = (count: number) => many(count, (index) => ({ ...short, id: `i${index}` }));
    expect(parses({ items: items(200) })).toBe(true);
    expect(parses({ items: items(201) })).toBe(false);
    expect(parses({ items: [...items(2), { ...short, id: 'i0' }] })).toBe(false);
    expect(parses({ items: [{ ...short, formId: 'not-here' }] })).toBe(false);
  });

  it('a brief of minutes, pace, pins and what is left out within theirs', () => {
    const brief = (over: object): boolean => parses({ brief: { ...practice.brief, ...over } });
    const pin = (over: object): boolean => brief({ pins: [{ formId: 'shaking', ...over }] });
    expect([brief({ breathsPerMin: 3 }), brief({ breathsPerMin: 9 })]).toEqual([true, true]);
    expect([brief({ breathsPerMin: 2.9 }), brief({ breathsPerMin: 9.1 })]).toEqual([false, false]);
    expect([pin({ place: 1 }), pin({ place: 12 }), pin({ place: 'last' })]).toEqual([true, true, true]);
    expect([pin({ place: 0 }), pin({ place: 13 }), pin({ place: 1.5 })]).toEqual([false, false, false]);
    expect([pin({ repetitions: 1 }), pin({ repetitions: 99 })]).toEqual([true, true]);
    expect([pin({ repetitions: 0 }), pin({ repetitions: 100 })]).toEqual([false, false]);
    const pins = (count: number) => brief({ pins: many(count, (index) => ({ formId: `form-${index}` })) });
    expect([pins(20), pins(21)]).toEqual([true, false]);
    expect(brief({ pins: [{ formId: 'shaking' }, { formId: 'shaking' }] })).toBe(false);
    const without = (count: number) => brief({ without: many(count, (index) => `form-${index}`) });
    expect([without(200), without(201)]).toEqual([true, false]);
  });
});
