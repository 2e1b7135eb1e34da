import { readFileSync } from 'node:fs';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { REPERTOIRE } from '@/core/forms';
import { compile, practiceSchema, type Practice } from '@/core/practice';
import { clockText } from '@/ui/kit/time';
import { CueSheet } from './CueSheet';
import { sheetOf } from './sheetOf';

const { documentVersion: _version, ...data } = JSON.parse(
  readFileSync('core/documents/practice/golden/v3-stays.json', 'utf8'),
) as Readonly<Record<string, unknown>>;
const practice: Practice = practiceSchema.parse(data);
const sheet = (
  over: Partial<Practice> = {},
  conditions?: Parameters<typeof sheetOf>[1]['conditions'],
): string =>
  renderToStaticMarkup(
    createElement(CueSheet, { sheet: sheetOf({ ...practice, ...over }, { conditions }), scroll: null }),
  )
    .replaceAll('&#x27;', '’')
    .replaceAll('&amp;', '&');
/** Markup as one reads it. */
const read = (markup: string): string => markup.replaceAll(/<[^>]*>/g, ' ').replaceAll(/\s+/g, ' ');

describe('the cue sheet', () => {
  const text = read(sheet());
  const timeline = compile(practice);

  it('has every form in order, each with its time, its number and its cues once through', () => {
    let from = 0;
    for (const item of practice.items) {
      const form = practice.forms[item.formId];
      const at = text.indexOf(form?.name ?? '?', from);
      expect({ form: form?.name, isThere: at >= from }).toEqual({ form: form?.name, isThere: true });
      from = at;
    }
    for (const span of timeline.items) expect(text).toContain(clockText(span.lengthMs));
    const [first] = timeline.events.filter(({ part }) => part === 'cycle');
    expect(text).toContain(first?.cue ?? '?');
  });

  it('writes each round out once, however often it is done', () => {
    for (const item of practice.items) {
      const cues = timeline.events.filter(
        ({ itemId, part, repetition, pass, isStay }) =>
          !isStay && itemId === item.id && part === 'cycle' && repetition === 1 && pass === 0,
      );
      for (const { cue } of cues) expect(text).toContain(cue);
    }
    const more = read(sheet({ items: practice.items.map((item) => ({ ...item, repetitions: 9 })) }));
    const count = (of: string): number => of.split(' in ').length;
    expect(count(more)).toBe(count(text));
  });

  it('says at its head, once, what is to be brought', () => {
    const [item] = practice.items;
    const withThings = ['staff-lifted', 'staff-turned', 'wall-back'].map((id) => {
      const form = REPERTOIRE.find((one) => one.id === id);
      if (!form || !item) throw new Error(`no form ${id}`);
      return { form, item: { ...item, id, formId: id, variant: 'full' as const } };
    });
    const { about } = sheetOf(
      {
        ...practice,
        items: [...practice.items, ...withThings.map((one) => one.item)],
        forms: { ...practice.forms, ...Object.fromEntries(withThings.map(({ form }) => [form.id, form])) },
      },
      { conditions: undefined },
    );
    expect(about.filter((one) => one.startsWith('needs'))).toEqual([
      'needs a staff as long as from the floor to the ribs',
      'needs a wall',
    ]);
    expect(sheetOf(practice, { conditions: undefined }).about.join()).not.toContain('needs');
  });

  it('says when to stop, and that it does not replace licensed care', () => {
    expect(text).toContain('Stop on pain, dizziness');
    expect(text).toContain('This sheet does not replace licensed care.');
  });

  it('minds high blood pressure where it is there, or where nothing is known of anybody', () => {
    const words = 'let the exhale be long and easy, and never hold the breath';
    expect(text).toContain(words);
    expect(read(sheet({}, ['high-blood-pressure']))).toContain(words);
    expect(read(sheet({}, ['low-back']))).not.toContain(words);
  });

  it('prints each care once and points back to it', () => {
    const twice = [...practice.items, ...practice.items.map((item) => ({ ...item, id: `${item.id}-again` }))];
    const again = read(sheet({ items: twice }));
    expect(again).toContain('as above.');
    const numbers = [...again.matchAll(/\((\d+)\) [A-Z]/g)].map(([, number]) => Number(number));
    expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
  });

  it('tells what a leader must know beside the cues', () => {
    const [one, ...rest] = practice.items;
    if (!one) throw new Error('expected an item');
    const told = read(
      sheet({ items: [{ ...one, image: 'A sail filling.', stays: [{ sec: 12, on: 'last' }] }, ...rest] }),
    );
    expect(told).toContain('Image: A sail filling.');
    expect(told).toContain('The end held for 12 s.');
  });

  it('describes every figure for those who do not see it', () => {
    const pictured = sheet().match(/<svg[^>]*aria-label="[^"]+"/g) ?? [];
    expect(pictured.length).toBeGreaterThanOrEqual(practice.items.length);
  });
});
