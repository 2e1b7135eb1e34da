import { PLAIN_BRIEF, type Theme } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { NOTHING_OWN, REPERTOIRE } from '@/core/forms';
import { practiceSchema, type Edit, type Practice } from '@/core/practice';
import { hingeFor } from './hinge';
import { nameFor } from './names';
import { readAnswer, readClip, readKept } from './reading';
import { createComposeStore } from './store';

function drafted(
  theme: Theme = { kind: 'organ', organ: 'lung' },
  over: Partial<Practice['brief']> = {},
): Practice {
  const brief = { ...PLAIN_BRIEF, theme, minutes: 15, ...over };
  const result = compose(brief, REPERTOIRE, DEFAULT_CUSTOMS, { conditions: [] }, 1, 0.5);
  if (!result.ok) throw new Error('the practice of these tests could not be composed');
  return result.practice;
}
const practice = drafted();
const first = practice.items[0] as Practice['items'][number];
const last = practice.items.at(-1) as Practice['items'][number];

describe('the practice being written', () => {
  const changes: readonly Edit[] = [
    { kind: 'repetitions', itemId: first.id, steps: 1 },
    { kind: 'remove', itemId: last.id },
    { kind: 'rename', name: 'Morning at the sorting office' },
    { kind: 'move', itemId: first.id, toIndex: 2 },
    { kind: 'lock', itemIds: [first.id], locked: true },
  ];

  it('goes back through every state it had, and forth again to the last', () => {
    const store = createComposeStore(practice, {});
    const states = [practice];
    for (const change of changes) {
      store.getState().change(change);
      states.push(store.getState().practice as Practice);
    }
    expect(new Set(states).size).toBe(changes.length + 1);
    const { undo, redo } = store.temporal.getState();
    for (const state of states.toReversed().slice(1)) {
      undo();
      expect(store.getState().practice).toBe(state);
    }
    for (const state of states.slice(1)) {
      redo();
      expect(store.getState().practice).toBe(state);
    }
  });

  it('undoes a redraft together with the wish that led to it', () => {
    const store = createComposeStore(practice, {});
    const other = drafted({ kind: 'organ', organ: 'liver' });
    store.getState().replace(other, { minutes: 15, theme: { kind: 'organ', organ: 'liver' } });
    expect(store.getState().practice).toBe(other);
    store.temporal.getState().undo();
    expect(store.getState().practice).toBe(practice);
    expect(store.getState().wishes).toEqual({});
  });

  it('keeps no step for what did not happen', () => {
    const store = createComposeStore(practice, {});
    store.getState().replace(practice, store.getState().wishes);
    expect(store.temporal.getState().pastStates).toHaveLength(0);
    const empty = createComposeStore(undefined, {});
    empty.getState().change({ kind: 'rename', name: 'Nothing' });
    expect(empty.getState().practice).toBeUndefined();
    expect(empty.temporal.getState().pastStates).toHaveLength(0);
  });
});

describe('what comes from outside the page', () => {
  const clip = { items: [first], forms: { [first.formId]: practice.forms[first.formId] } };

  it('is taken where it is what it should be', () => {
    expect(readClip(JSON.stringify(clip))).toEqual(clip);
    const kept = { baseVersion: 3, practice };
    expect(readKept(JSON.stringify(kept))).toEqual({
      baseVersion: 3,
      practice: practiceSchema.parse(practice),
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
    const found = hingeFor(practice, DEFAULT_CUSTOMS, NOTHING_OWN, []);
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
      expect(hingeFor(used, DEFAULT_CUSTOMS, NOTHING_OWN, [])?.form.id).toBe(form.id);
    }
  });

  it('sits where the group sits', () => {
    const seated = drafted({ kind: 'organ', organ: 'heart' }, { posture: 'seated' });
    expect(hingeFor(seated, DEFAULT_CUSTOMS, NOTHING_OWN, [])?.variant).toBe('seated');
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
