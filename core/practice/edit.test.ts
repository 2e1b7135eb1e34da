import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import type { Form } from '../forms';
import { blankForm } from '../forms/own/drafting';
import { clipOf, edit, type Edit, type NewItem } from './edit';
import type { Item, Practice } from './model';

/** Forms with steps of one and of two repetitions, one with a seated variant. */
const forms: Readonly<Record<string, Form>> = {
  a: { ...blankForm('a', 'A'), repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 } },
  b: { ...blankForm('b', 'B'), repetitions: { least: 2, usual: 4, most: 8, multipleOf: 2 } },
  c: {
    ...blankForm('c', 'C'),
    seated: { change: 'From the chair.', asks: {}, cycle: blankForm('c', 'C').cycle },
  },
  d: blankForm('d', 'D'),
};
const item = (id: string, formId: string, role: Item['role'], over: Partial<Item> = {}): Item => ({
  id,
  formId,
  variant: 'full',
  role,
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
const { outToIn, animalSchool, virtueSchool, soundSchool } = DEFAULT_CUSTOMS;
const practice: Practice = {
  name: 'Four forms',
  brief: PLAIN_BRIEF,
  customs: { outToIn, animalSchool, virtueSchool, soundSchool },
  seed: 1,
  items: [
    item('one', 'a', 'loosen'),
    item('two', 'b', 'clear'),
    item('three', 'c', 'nourish'),
    item('four', 'd', 'nourish'),
  ],
  forms: { a: forms.a as Form, b: forms.b as Form, c: forms.c as Form, d: forms.d as Form },
};
const by = (...changes: readonly Edit[]): Practice => changes.reduce(edit, practice);
const ids = ({ items }: Practice): string => items.map(({ id }) => id).join(' ');
const the = (id: string, of: Practice): Item => {
  const found = of.items.find((one) => one.id === id);
  if (!found) throw new Error(`no item ${id}`);
  return found;
};
const added = (formId: string, over: Partial<NewItem> = {}): NewItem => ({
  form: {
    ...blankForm(formId, formId.toUpperCase()),
    repetitions: { least: 1, usual: 5, most: 9, multipleOf: 1 },
  },
  role: 'balance',
  variant: 'full',
  firstSide: 'right',
  familiarity: 'taught',
  omitHolds: true,
  exhaleByMouth: false,
  reasons: [{ code: 'chosen-by-hand' }],
  ...over,
});

describe('edits of one item, worked by hand', () => {
  it.each<[string, Edit, string, Partial<Item>]>([
    ['one repetition more', { kind: 'repetitions', itemId: 'one', steps: 1 }, 'one', { repetitions: 5 }],
    ['two steps of two fewer', { kind: 'repetitions', itemId: 'two', steps: -1 }, 'two', { repetitions: 2 }],
    ['no fewer than one step', { kind: 'repetitions', itemId: 'two', steps: -9 }, 'two', { repetitions: 2 }],
    ['no fewer than one', { kind: 'repetitions', itemId: 'one', steps: -9 }, 'one', { repetitions: 1 }],
    ['no more than 99', { kind: 'repetitions', itemId: 'one', steps: 200 }, 'one', { repetitions: 99 }],
    ['99 and no further', { kind: 'repetitions', itemId: 'one', steps: 95 }, 'one', { repetitions: 99 }],
    ['98', { kind: 'repetitions', itemId: 'one', steps: 94 }, 'one', { repetitions: 98 }],
    [
      'a breath longer by a twentieth',
      { kind: 'breath-length', itemId: 'one', steps: 1 },
      'one',
      { stretch: 1.05 },
    ],
    [
      'three twentieths shorter',
      { kind: 'breath-length', itemId: 'one', steps: -3 },
      'one',
      { stretch: 0.85 },
    ],
    [
      'half as long and no shorter',
      { kind: 'breath-length', itemId: 'one', steps: -11 },
      'one',
      { stretch: 0.5 },
    ],
    ['just over half', { kind: 'breath-length', itemId: 'one', steps: -9 }, 'one', { stretch: 0.55 }],
    [
      'twice as long and no longer',
      { kind: 'breath-length', itemId: 'one', steps: 21 },
      'one',
      { stretch: 2 },
    ],
    ['just under twice', { kind: 'breath-length', itemId: 'one', steps: 19 }, 'one', { stretch: 1.95 }],
    [
      'another way of it',
      { kind: 'variant', itemId: 'three', variant: 'seated' },
      'three',
      { variant: 'seated' },
    ],
    [
      'the other side first',
      { kind: 'first-side', itemId: 'one', side: 'right' },
      'one',
      { firstSide: 'right' },
    ],
    [
      'taught',
      { kind: 'familiarity', itemId: 'one', familiarity: 'taught' },
      'one',
      { familiarity: 'taught' },
    ],
    ['kept', { kind: 'keep', itemIds: ['one'], kept: true }, 'one', { kept: true }],
    [
      'five minutes of quiet and no more',
      { kind: 'quiet', itemId: 'one', quietSec: 301 },
      'one',
      { quietSec: 300 },
    ],
    ['just five minutes', { kind: 'quiet', itemId: 'one', quietSec: 299 }, 'one', { quietSec: 299 }],
    [
      'ten minutes held and no more',
      { kind: 'stays', itemId: 'one', stays: [{ sec: 601, on: 'last' }] },
      'one',
      { stays: [{ sec: 600, on: 'last' }] },
    ],
    [
      'half a minute held',
      { kind: 'stays', itemId: 'one', stays: [{ sec: 30, on: 'last' }] },
      'one',
      { stays: [{ sec: 30, on: 'last' }] },
    ],
    [
      'built up',
      { kind: 'layers', itemId: 'one', layers: ['legs', 'hands'] },
      'one',
      { layers: ['legs', 'hands'] },
    ],
    ['an image, trimmed', { kind: 'image', itemId: 'one', image: ' A lamp. ' }, 'one', { image: 'A lamp.' }],
    [
      'own words',
      { kind: 'cue', itemId: 'one', key: 'cycle-0', cue: ' Up. ' },
      'one',
      { cues: { 'cycle-0': 'Up.' } },
    ],
    ['without its stays', { kind: 'holds', itemId: 'one', omit: true }, 'one', { omitHolds: true }],
    ['out by the mouth', { kind: 'exhale', itemId: 'one', byMouth: true }, 'one', { exhaleByMouth: true }],
  ])('%s', (_, change, id, expected) => {
    const next = by(change);
    expect(the(id, next)).toEqual({ ...the(id, practice), ...expected });
    // Nothing else is touched, and the practice that was given neither.
    for (const other of practice.items.filter((one) => one.id !== id))
      expect(the(other.id, next)).toBe(other);
    expect(next.forms).toBe(practice.forms);
    expect(ids(practice)).toBe('one two three four');
  });

  it.each<[string, readonly Edit[]]>([
    [
      'let go',
      [
        { kind: 'keep', itemIds: ['one'], kept: true },
        { kind: 'keep', itemIds: ['one'], kept: false },
      ],
    ],
    [
      'no quiet',
      [
        { kind: 'quiet', itemId: 'one', quietSec: 9 },
        { kind: 'quiet', itemId: 'one', quietSec: -1 },
      ],
    ],
    [
      'no hold',
      [
        { kind: 'stays', itemId: 'one', stays: [{ sec: 9, on: 'last' }] },
        { kind: 'stays', itemId: 'one', stays: [{ sec: 0, on: 'last' }] },
      ],
    ],
    [
      'no layers',
      [
        { kind: 'layers', itemId: 'one', layers: ['legs'] },
        { kind: 'layers', itemId: 'one', layers: [] },
      ],
    ],
    [
      'no image',
      [
        { kind: 'image', itemId: 'one', image: 'A lamp.' },
        { kind: 'image', itemId: 'one', image: '  ' },
      ],
    ],
    [
      'no own words',
      [
        { kind: 'cue', itemId: 'one', key: 'setup', cue: 'Come.' },
        { kind: 'cue', itemId: 'one', key: 'setup', cue: ' ' },
      ],
    ],
  ])('%s leaves no field behind', (_, changes) => {
    expect(Object.keys(the('one', by(...changes)))).toEqual(Object.keys(the('one', practice)));
  });

  it('keep the own words of other strokes', () => {
    const next = by(
      { kind: 'cue', itemId: 'one', key: 'setup', cue: 'Come.' },
      { kind: 'cue', itemId: 'one', key: 'cycle-1', cue: 'Down.' },
      { kind: 'cue', itemId: 'one', key: 'setup', cue: '' },
    );
    expect(the('one', next).cues).toEqual({ 'cycle-1': 'Down.' });
  });

  it('refuse what is not there', () => {
    expect(() => by({ kind: 'remove', itemId: 'nine' })).toThrow('practice holds no item "nine"');
    expect(() => by({ kind: 'variant', itemId: 'one', variant: 'seated' })).toThrow(
      'form "a" has no seated variant',
    );
    const clip = { items: [item('x', 'unknown', 'clear')], forms: {} };
    expect(() => by({ kind: 'insert', at: 0, clip })).toThrow('the clip holds no form "unknown"');
  });
});

describe('edits of the order, worked by hand', () => {
  it.each<[string, Edit, string]>([
    ['down by two', { kind: 'move', itemId: 'one', toIndex: 2 }, 'two three one four'],
    ['up to the top', { kind: 'move', itemId: 'four', toIndex: 0 }, 'four one two three'],
    ['past the end', { kind: 'move', itemId: 'one', toIndex: 99 }, 'two three four one'],
    ['before the beginning', { kind: 'move', itemId: 'two', toIndex: -5 }, 'two one three four'],
    ['out', { kind: 'remove', itemId: 'two' }, 'one three four'],
    ['several out', { kind: 'remove-many', itemIds: ['one', 'four'] }, 'two three'],
    [
      'several together, in their order',
      { kind: 'move-many', itemIds: ['four', 'one'], toIndex: 2 },
      'two one four three',
    ],
    [
      'several to the top',
      { kind: 'move-many', itemIds: ['three', 'four'], toIndex: 0 },
      'three four one two',
    ],
    ['none', { kind: 'move-many', itemIds: ['nine'], toIndex: 0 }, 'one two three four'],
    [
      'two changed over, the others where they were',
      { kind: 'order', itemIds: ['four', 'one'] },
      'four two three one',
    ],
    ['another added at its place', { kind: 'add', at: 1, item: added('e') }, 'one e-5 two three four'],
    ['added past the end', { kind: 'add', at: 99, item: added('e') }, 'one two three four e-5'],
    ['another in its place', { kind: 'swap', itemId: 'two', item: added('e') }, 'one e-5 three four'],
    [
      'the first again after the last of them',
      { kind: 'bookend', itemIds: ['one', 'three'] },
      'one two three a-5 four',
    ],
    [
      'a hinge where clearing meets nourishing',
      { kind: 'hinges', hinge: added('h') },
      'one two h-5 three four',
    ],
  ])('%s', (_, change, order) => {
    expect(ids(by(change))).toBe(order);
  });

  it('an item joins the section it lands in, and keeps its own beside its like', () => {
    expect(the('one', by({ kind: 'move', itemId: 'one', toIndex: 3 })).role).toBe('nourish');
    expect(the('four', by({ kind: 'move', itemId: 'four', toIndex: 0 })).role).toBe('loosen');
    // Between clear and nourish it stays with the nourishing.
    expect(the('four', by({ kind: 'move', itemId: 'four', toIndex: 2 })).role).toBe('nourish');
    expect(by({ kind: 'move', itemId: 'one', toIndex: 0 })).toBe(practice);
  });

  it('forms come with the items that need them and go with the last', () => {
    expect(Object.keys(by({ kind: 'remove', itemId: 'two' }).forms)).toEqual(['a', 'c', 'd']);
    expect(Object.keys(by({ kind: 'add', at: 0, item: added('e') }).forms)).toEqual([
      'a',
      'b',
      'c',
      'd',
      'e',
    ]);
    const twice = by(
      { kind: 'insert', at: 1, clip: clipOf(practice, ['one']) },
      { kind: 'remove', itemId: 'one' },
    );
    expect(Object.keys(twice.forms)).toContain('a');
  });

  it('what is added is done as told, its usual times, the form as the practice holds it', () => {
    expect(
      the('e-5', by({ kind: 'add', at: 0, item: added('e', { quietSec: 8, logPace: 1.2, stretch: 1.2 }) })),
    ).toEqual(
      item('e-5', 'e', 'balance', {
        repetitions: 5,
        firstSide: 'right',
        familiarity: 'taught',
        omitHolds: true,
        reasons: [{ code: 'chosen-by-hand' }],
        quietSec: 8,
        logPace: 1.2,
        stretch: 1.2,
      }),
    );
    const known = by({ kind: 'add', at: 0, item: added('a', { variant: 'seated' }) });
    expect(the('a-5', known)).toMatchObject({ repetitions: 3, variant: 'full' });
    expect(known.forms.a).toBe(forms.a);
  });

  it('what is copied gets ids of its own and is not kept', () => {
    const kept = by({ kind: 'keep', itemIds: ['one', 'two'], kept: true });
    const next = edit(kept, { kind: 'insert', at: 2, clip: clipOf(kept, ['one', 'two']) });
    expect(ids(next)).toBe('one two a-5 b-6 three four');
    expect([the('a-5', next).kept, the('one', next).kept]).toEqual([undefined, true]);
  });

  it('a hinge stands once, unannounced, and not where one is already', () => {
    const hinged = by({ kind: 'hinges', hinge: added('h') });
    expect(the('h-5', hinged)).toMatchObject({ hinge: true, repetitions: 1, role: 'clear' });
    expect(ids(edit(hinged, { kind: 'hinges', hinge: added('h') }))).toBe('one two h-5 three four');
  });
});

describe('edits of the whole, worked by hand', () => {
  it('name, schools, and notes waved aside and back', () => {
    expect(by({ kind: 'rename', name: 'Other' }).name).toBe('Other');
    const customs = { ...practice.customs, outToIn: 2 };
    expect(by({ kind: 'schools', customs }).customs).toBe(customs);
    const waved = by(
      { kind: 'wave', note: 'talk', reason: ' mine ' },
      { kind: 'wave', note: 'shares', reason: '' },
      { kind: 'wave', note: 'talk', reason: 'again' },
    );
    expect(waved.waved).toEqual([
      { note: 'shares', reason: '' },
      { note: 'talk', reason: 'again' },
    ]);
    expect(edit(waved, { kind: 'unwave', note: 'talk' }).waved).toEqual([{ note: 'shares', reason: '' }]);
  });

  it('forms as they are now: only those it holds, and a way that is gone is done in full', () => {
    const seated = by({ kind: 'variant', itemId: 'three', variant: 'seated' });
    const { seated: _gone, ...rest } = forms.c as Form;
    const now: Form = { ...rest, name: 'C now' };
    const next = edit(seated, { kind: 'take-forms', forms: [now, blankForm('z', 'Z')] });
    expect(next.forms.c).toBe(now);
    expect(Object.keys(next.forms)).toEqual(['a', 'b', 'c', 'd']);
    expect(the('three', next).variant).toBe('full');
    expect(edit(seated, { kind: 'take-forms', forms: [blankForm('z', 'Z')] })).toBe(seated);
  });

  it('what would be more than a practice can hold changes nothing', () => {
    const long = by({ kind: 'stays', itemId: 'one', stays: [{ sec: 600, on: 'last' }] });
    const clip = clipOf(long, ['one']);
    let full = long;
    for (let count = 0; count < 60; count += 1) full = edit(full, { kind: 'insert', at: 0, clip });
    expect(edit(full, { kind: 'insert', at: 0, clip })).toBe(full);
    expect(edit(full, { kind: 'rename', name: 'Still mine' }).name).toBe('Still mine');
  });
});
