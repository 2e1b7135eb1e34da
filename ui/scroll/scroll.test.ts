import fc from 'fast-check';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE, type Form } from '@/core/forms';
import { figuresOf, isDrawn, momentMarkup, scaleFor } from './figures';
import { footprints, groundPath, stayPath } from './ground';
import { layFigures, layNames, layWashes, levelOf, sectionsOf, type Standing } from './lay';
import { rowsOf, scrollMarkup, scrollWords, traces } from './markup';
import { nameWidth, stripOf, type StripItem } from './strip';

const item = (
  index: number,
  lengthMs: number,
  startMs: number,
  over: Partial<StripItem> = {},
): StripItem => ({
  key: `item-${index}`,
  formId: `form-${index}`,
  variant: 'full',
  name: `Form of number ${index}`,
  dose: `${index + 3} breaths`,
  role: 'nourish',
  startMs,
  lengthMs,
  breathMs: 10_000,
  ...over,
});

/** Forms one after another, of the lengths given. */
const row = (lengths: readonly number[], over: Partial<StripItem> = {}): readonly StripItem[] => {
  let at = 0;
  return lengths.map((length, index) => {
    const one = item(index, length, at, over);
    at += length;
    return one;
  });
};
const lengths = fc.array(fc.integer({ min: 4_000, max: 400_000 }), { minLength: 1, maxLength: 40 });
const wide = (items: readonly StripItem[], width: number) => {
  const total = items.reduce((sum, { lengthMs }) => sum + lengthMs, 0);
  return (ms: number): number => (ms / total) * width;
};

describe('names under the ground', () => {
  it('are never cut and never lie over each other, whatever the forms and the width', () => {
    fc.assert(
      fc.property(
        lengths,
        fc.integer({ min: 300, max: 1600 }),
        fc.integer({ min: 1, max: 3 }),
        (all, width, rows) => {
          const items = row(all);
          const laid = layNames(items, wide(items, width), { width, rows, widthOf: nameWidth });
          const spans = laid.map(({ key, x, row: on }) => {
            const own = items.find((one) => one.key === key);
            return { on, from: x, to: x + (own ? nameWidth(own) : 0) };
          });
          for (const [index, one] of spans.entries()) {
            expect(one.from).toBeGreaterThanOrEqual(0);
            expect(one.to).toBeLessThanOrEqual(width);
            for (const other of spans.slice(index + 1))
              expect(one.on !== other.on || one.to < other.from || other.to < one.from).toBe(true);
          }
        },
      ),
    );
  });

  it('stand under where their form begins, and the longest are named first where room is short', () => {
    const items = row([200_000, 10_000, 10_000, 300_000]);
    const x = wide(items, 240);
    const laid = layNames(items, x, { width: 240, rows: 1, widthOf: nameWidth });
    expect(laid.map(({ key }) => key)).toContain('item-3');
    expect(laid.map(({ key }) => key)).not.toContain('item-1');
    const roomy = layNames(items, wide(items, 2000), { width: 2000, rows: 3, widthOf: nameWidth });
    expect(roomy).toHaveLength(4);
    expect(roomy.find(({ key }) => key === 'item-0')?.x).toBe(2);
  });
});

describe('figures on one ground', () => {
  const slim = (_: StripItem, most: number): readonly Standing[] =>
    Array.from({ length: most }, (_one, index) => ({ half: 15, isFullest: index === most - 1 }));

  it('never tread on a figure of another form, and stand in the order they come', () => {
    fc.assert(
      fc.property(lengths, fc.integer({ min: 300, max: 3000 }), (all, width) => {
        const items = row(all);
        const laid = layFigures(items, wide(items, width), slim);
        expect(laid.length).toBeGreaterThan(0);
        for (const [index, one] of laid.entries()) {
          const next = laid[index + 1];
          if (!next) continue;
          expect(next.x).toBeGreaterThanOrEqual(one.x);
          if (next.key !== one.key) expect(next.x - one.x).toBeGreaterThanOrEqual(2 * 15 * 0.86 - 1e-9);
        }
      }),
    );
  });

  it('show more of a form the more room there is, four postures at the most', () => {
    const items = row([100_000]);
    const count = (width: number): number => layFigures(items, wide(items, width), slim).length;
    expect([40, 60, 90, 140, 900].map(count)).toEqual([1, 2, 3, 4, 4]);
  });

  it('leave out a form too short for one rather than crowd, the longer ones first', () => {
    const items = row([100_000, 2_000, 100_000]);
    const laid = layFigures(items, wide(items, 70), slim);
    expect(laid.map(({ key }) => key)).toEqual(['item-0', 'item-2']);
  });
});

describe('the breath from afar', () => {
  it('stands the higher the slower, and low where it is free', () => {
    expect(levelOf(undefined)).toBeLessThan(levelOf(4_000));
    expect(levelOf(5_000)).toBeLessThan(levelOf(12_000));
    expect(levelOf(60_000)).toBe(1);
  });

  it('has a grain as dense as its pace, and never a fence', () => {
    const items = row([120_000], { breathMs: 10_000 });
    const [slow] = layWashes(items, wide(items, 600));
    expect(slow?.grain).toHaveLength(12);
    const quick = layWashes(row([120_000], { breathMs: 5_000 }), wide(items, 600));
    expect(quick[0]?.grain).toHaveLength(24);
    const far = layWashes(row([120_000], { breathMs: 2_000 }), wide(items, 60));
    const grain = far[0]?.grain ?? [];
    for (const [index, at] of grain.entries())
      if (index > 0) expect(at - (grain[index - 1] ?? 0)).toBeGreaterThan(2.5);
    expect(layWashes(row([9_000], { breathMs: undefined }), wide(items, 60))[0]?.grain).toEqual([]);
  });
});

describe('the ground', () => {
  it('is broken where a section ends', () => {
    const items = [
      item(0, 10, 0, { role: 'arrive' }),
      item(1, 20, 10),
      item(2, 5, 30),
      item(3, 5, 35, { role: 'close' }),
    ];
    expect(sectionsOf(items)).toEqual([
      { role: 'arrive', startMs: 0, endMs: 10 },
      { role: 'nourish', startMs: 10, endMs: 35 },
      { role: 'close', startMs: 35, endMs: 40 },
    ]);
    expect(groundPath(0, 2, 100)).toBe('');
    expect(groundPath(0, 200, 100)).toMatch(/^M[-\d. L]+Z$/);
  });

  it('keeps the shadow of one who stays to the end of the stay, and steps as far as they go', () => {
    expect(stayPath(10, 14, 50)).toBe('');
    expect(stayPath(10, 210, 50)).toContain('L210 51');
    expect(footprints(0, 130, 50).match(/M/g)).toHaveLength(10);
    expect(footprints(0, 5, 50)).toBe('');
  });
});

describe('a practice as a scroll', () => {
  const made = compose({
    brief: { ...PLAIN_BRIEF, minutes: 25 },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 3,
    enough: 0.02,
  });
  if (!made.ok) throw new Error('the practice of the test could not be composed');
  const { practice, timeline } = made;
  const strip = stripOf(practice, timeline);
  const formOf = (id: string): Form | undefined => practice.forms[id];

  it('holds every form for as long as it lasts, with its dose', () => {
    expect(strip.items).toHaveLength(practice.items.length);
    const last = strip.items.at(-1);
    expect((last?.startMs ?? 0) + (last?.lengthMs ?? 0)).toBe(timeline.totalMs);
    for (const { dose, breathMs } of strip.items) {
      expect(dose).not.toBe('');
      // Led breath is somewhere between quick and the slowest that is led.
      if (breathMs !== undefined) expect(breathMs > 2_000 && breathMs < 30_000).toBe(true);
    }
    expect(strip.items.some(({ breathMs }) => breathMs === undefined)).toBe(true);
    expect(strip.items.some(({ dose }) => /^\d+ breaths$/.test(dose))).toBe(true);
  });

  it('shows fewer people where there is less room, at least one of them at any width', () => {
    const count = (width: number): number =>
      figuresOf(strip.items, formOf, (ms) => (ms / timeline.totalMs) * width, 72).length;
    expect(count(1240)).toBeGreaterThan(count(390));
    expect(count(390)).toBeGreaterThan(4);
    expect(count(120)).toBeGreaterThanOrEqual(1);
    for (const figure of figuresOf(strip.items, formOf, (ms) => (ms / timeline.totalMs) * 1240, 72))
      expect(figure.moment).toBeLessThan(figure.most);
  });

  it('draws a figure once and keeps it', () => {
    const [one] = figuresOf(strip.items, formOf, (ms) => (ms / timeline.totalMs) * 1240, 61);
    if (!one) throw new Error('no figure');
    const what = { most: one.most, moment: one.moment, figurePx: 61 };
    expect(isDrawn(one.form, one.variant, what)).toBe(false);
    const markup = momentMarkup(one.form, one.variant, what);
    expect(markup).not.toMatch(/NaN|undefined/);
    expect(isDrawn(one.form, one.variant, what)).toBe(true);
    expect(momentMarkup(one.form, one.variant, what)).toBe(markup);
    expect(momentMarkup(one.form, one.variant, { ...what, moment: 9 })).toBe('');
    expect(scaleFor(344)).toBeCloseTo(1, 6);
  });

  it('is markup of its people, breath and names, with names escaped', () => {
    const size = { width: 900, figurePx: 60, nameRows: 2, sections: true, breath: true };
    const { markup, height } = scrollMarkup(strip, formOf, size);
    expect(height).toBe(Math.ceil(rowsOf(size).height));
    expect(markup).toContain('scroll-name');
    expect(markup).toContain('scroll-wash');
    expect(markup.match(/class="scroll-ground"/g)).toHaveLength(timeline.sections.length);
    const bare = scrollMarkup(strip, formOf, { ...size, nameRows: 0, sections: false, breath: false });
    expect(bare.markup).not.toMatch(/<text|scroll-wash/);
    expect(bare.height).toBeLessThan(height - 60);
    const odd = { ...strip, items: strip.items.map((one) => ({ ...one, name: '<b> & "x"' })) };
    expect(scrollMarkup(odd, formOf, size).markup).not.toContain('<b>');
    expect(scrollWords(strip)).toContain(strip.items[0]?.name ?? '?');
  });

  it('gives those who stay a shadow and those who walk their steps', () => {
    const standing = REPERTOIRE.find(({ id }) => id === 'hold-embrace-chest');
    const walking = REPERTOIRE.find(({ id }) => id === 'pushing-waves');
    const items = row([120_000, 120_000]).map((one, index) => ({
      ...one,
      formId: index === 0 ? 'hold-embrace-chest' : 'pushing-waves',
    }));
    const of = (id: string): Form | undefined => (id === 'hold-embrace-chest' ? standing : walking);
    const x = wide(items, 500);
    const drawn = figuresOf(items, of, x, 60);
    expect(drawn.filter(({ key }) => key === 'item-0')).toHaveLength(1);
    const { stays, steps } = traces(drawn, items, x, 100);
    expect(stays.match(/M/g)).toHaveLength(1);
    expect(steps.match(/M/g)?.length).toBeGreaterThan(10);
  });
});
