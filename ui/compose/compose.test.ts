import { PLAIN_BRIEF, type Theme } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { NOTHING_OWN, REPERTOIRE } from '@/core/forms';
import { practiceSchema, type Practice } from '@/core/practice';
import { hingeFor } from './hinge';
import { nameFor } from './names';
import { readAnswer, readClip, readKept } from './reading';

function drafted(
  theme: Theme = { kind: 'organ', organ: 'lung' },
  over: Partial<Practice['brief']> = {},
): Practice {
  const brief = { ...PLAIN_BRIEF, theme, minutes: 15, ...over };
  const result = compose({
    brief,
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!result.ok) throw new Error('the practice of these tests could not be composed');
  return result.practice;
}
const practice = drafted();
const first = practice.items[0] as Practice['items'][number];
const last = practice.items.at(-1) as Practice['items'][number];

describe('what comes from outside the page', () => {
  const clip = { items: [first], forms: { [first.formId]: practice.forms[first.formId] } };

  it('is taken where it is what it should be', () => {
    expect(readClip(JSON.stringify(clip))).toEqual(clip);
    const read = practiceSchema.parse(practice);
    const unsaved = { baseVersion: 3, sent: { saveId: 's', document: practice }, latest: practice };
    expect(readKept(JSON.stringify({ ...unsaved, keptAtMs: 5 }))).toEqual({
      unsaved: { baseVersion: 3, sent: { saveId: 's', document: read }, latest: read },
      keptAtMs: 5,
    });
    // As it was kept once: taken for an older state of which nothing was heard, with this to be saved on top.
    expect(readKept(JSON.stringify({ baseVersion: 3, saveId: 's', practice }))).toEqual({
      unsaved: { baseVersion: 3, sent: { saveId: 's', document: read }, latest: read },
      keptAtMs: 0,
    });
    expect(readAnswer({ version: 4, more: true })).toMatchObject({ version: 4 });
  });

  it('is nothing where it is not: no form to an item, too many, another shape', () => {
    expect(readClip(JSON.stringify({ ...clip, forms: {} }))).toBeUndefined();
    expect(
      readClip(JSON.stringify({ ...clip, items: Array.from({ length: 201 }, () => first) })),
    ).toBeUndefined();
    expect(readClip(JSON.stringify({ items: [{ ...first, repetitions: -1 }], forms: {} }))).toBeUndefined();
    expect(readKept(JSON.stringify({ baseVersion: '3', practice }))).toBeUndefined();
    expect(() => readAnswer({ version: 'four' })).toThrow();
    expect(() => readClip('not even that')).toThrow(SyntaxError);
  });
});

describe('a hinge', () => {
  it('is one the group can do, the one in use before any other', () => {
    const found = hingeFor(practice, DEFAULT_CUSTOMS, NOTHING_OWN, { conditions: [] });
    expect(found?.form.hinge).toBe(true);
    expect(found?.reasons[0]).toEqual({ code: 'hinge' });
    const hinges = REPERTOIRE.filter((form) => form.hinge);
    expect(hinges.length).toBeGreaterThan(1);
    for (const form of hinges) {
      const used: Practice = {
        ...practice,
        items: [
          ...practice.items.filter((item) => !item.hinge),
          { ...last, id: 'the-hinge', formId: form.id, hinge: true },
        ],
        forms: { ...practice.forms, [form.id]: form },
      };
      expect(hingeFor(used, DEFAULT_CUSTOMS, NOTHING_OWN, { conditions: [] })?.form.id).toBe(form.id);
    }
  });

  it('sits where the group sits', () => {
    const seated = drafted({ kind: 'organ', organ: 'heart' }, { posture: 'seated' });
    expect(hingeFor(seated, DEFAULT_CUSTOMS, NOTHING_OWN, { conditions: [] })?.variant).toBe('seated');
  });
});

describe('a practice nobody has named', () => {
  it.each<[Theme, string]>([
    [{ kind: 'organ', organ: 'lung' }, 'Lung, 15 minutes'],
    [{ kind: 'aim', aim: 'sleep' }, 'Sleep, 15 minutes'],
    [{ kind: 'phase', phase: 'wood' }, 'Wood, 15 minutes'],
  ])('is called by its theme and its minutes: %o', (theme, name) => {
    expect(nameFor({ ...practice, brief: { ...practice.brief, theme } })).toBe(name);
  });

  it('has a name that fits where names go, however much it is about', () => {
    const parts = [
      'lung',
      'liver',
      'heart',
      'spleen',
      'kidney',
      'stomach',
      'gallbladder',
      'bladder',
    ] as const;
    const theme: Theme = { kind: 'mix', parts: parts.map((organ) => ({ kind: 'organ', organ })) };
    expect(nameFor({ ...practice, brief: { ...practice.brief, theme } }).length).toBeLessThanOrEqual(120);
  });
});
