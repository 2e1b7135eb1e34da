import fc from 'fast-check';
import { briefSchema, PLAIN_BRIEF, type Brief, type Pin } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { edit, type Practice } from '../practice';
import { compose, type Asking, type Composed, type Impossible } from '.';
import { fitForm } from './candidates';
import { makeItFit } from './fit';
import { modelOf } from './model';
import { obstaclesOf } from './obstacles';

const asking = (pins: readonly Pin[], over: Partial<Brief> = {}, more: Partial<Asking> = {}): Asking => ({
  brief: { ...PLAIN_BRIEF, minutes: 30, pins: [...pins], ...over },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
  ...more,
});
const made = (asked: Asking): Composed => {
  const result = compose(asked);
  if (!result.ok) throw new Error(`expected a practice with ${JSON.stringify(asked.brief.pins)}`);
  return result;
};
const failed = (asked: Asking): Impossible => {
  const result = compose(asked);
  if (result.ok) throw new Error('expected no practice');
  return result;
};

/** The forms of an item's section, hinges aside, in order. */
const sectionOf = (practice: Practice, formId: string): readonly string[] => {
  const role = practice.items.find((item) => item.formId === formId)?.role;
  return practice.items.filter((item) => item.role === role && !item.hinge).map((item) => item.formId);
};

const usable = (form: Form): boolean =>
  typeof fitForm(form, 'standing', { conditions: [] }, DEFAULT_CUSTOMS) !== 'string';
const NOURISHING = REPERTOIRE.filter((form) => form.roles.includes('nourish') && usable(form));

describe('what a brief fixes of a form', () => {
  it('stands in the section and the place asked for, as often as asked', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NOURISHING),
        fc.constantFrom(1, 2, 3, 'last' as const),
        fc.integer({ min: 1, max: 3 }),
        (form, place, times) => {
          const repetitions = times * form.repetitions.multipleOf;
          const result = compose(asking([{ formId: form.id, role: 'nourish', place, repetitions }]));
          // A form can be too long for its section, or so deep that nothing loosens it: then it is said.
          if (!result.ok) {
            expect(result.obstacles.length + result.wishes.length).toBeGreaterThan(0);
            return;
          }
          const item = result.practice.items.find((one) => one.formId === form.id);
          expect(item).toMatchObject({ role: 'nourish', repetitions });
          expect(item?.reasons[0]).toEqual({ code: 'pinned', place, repetitions });
          const section = sectionOf(result.practice, form.id);
          expect(section.indexOf(form.id) + 1).toBe(place === 'last' ? section.length : place);
        },
      ),
      { numRuns: 15, seed: 11 },
    );
  }, 60_000);

  it('holds for several at once', () => {
    const [first, second, third] = ['ball-of-qi', 'wave-earth', 'skin-breathing'] as const;
    const { practice } = made(
      asking(
        [
          { formId: first, role: 'nourish', place: 2 },
          { formId: second, role: 'nourish', place: 1 },
          { formId: third, role: 'nourish', place: 'last' },
        ],
        { minutes: 45 },
      ),
    );
    const section = sectionOf(practice, first);
    expect(section.slice(0, 2)).toEqual([second, first]);
    expect(section.at(-1)).toBe(third);
  });

  it('is refused with its reason, never left out without a word', () => {
    const [form] = NOURISHING;
    if (!form) throw new Error('no form');
    expect(failed(asking([{ formId: form.id }], { without: [form.id] })).obstacles).toEqual([
      { code: 'pinned-but-cannot', formId: form.id, because: 'left-out' },
    ]);
    expect(failed(asking([{ formId: 'no-such-form' }])).obstacles).toEqual([
      { code: 'pinned-but-cannot', formId: 'no-such-form', because: 'unknown' },
    ]);
    expect(failed(asking([{ formId: form.id, role: 'still' }], { minutes: 6 })).obstacles).toEqual([
      { code: 'no-section-for-pin', formId: form.id, role: 'still' },
    ]);
  });

  it('names the pins where two cannot have the same place, and finds that freeing them helps', () => {
    const [one, other] = NOURISHING;
    if (!one || !other) throw new Error('too few forms');
    const both = [one, other].map(({ id }): Pin => ({ formId: id, role: 'nourish', place: 1 }));
    const { obstacles, wishes, helps } = failed(asking(both));
    expect(obstacles).toEqual([
      { code: 'same-place', formIds: expect.arrayContaining([one.id, other.id]), place: 1 },
    ]);
    expect(wishes).toEqual(['pins']);
    expect(helps).toEqual([expect.objectContaining({ code: 'free-pins', formIds: [one.id, other.id] })]);
  });

  it('is too far back where too few forms can stand before it', () => {
    const kept = new Set(NOURISHING.slice(0, 10).map((form) => form.id));
    const repertoire = REPERTOIRE.filter((form) => !form.roles.includes('nourish') || kept.has(form.id));
    const formId = NOURISHING[3]?.id ?? '';
    const asked = asking([{ formId, role: 'nourish', place: 12 }], {}, { repertoire });
    expect(failed(asked).obstacles).toEqual([{ code: 'no-room-for-place', formId, place: 12 }]);
  });

  it('is kept when a practice is made to fit', () => {
    const form = NOURISHING.find((one) => one.repetitions.multipleOf === 1 && one.repetitions.most >= 6);
    if (!form) throw new Error('no form');
    const { practice } = made(asking([{ formId: form.id, role: 'nourish', repetitions: 5 }]));
    const cut = practice.items.find((item) => item.role === 'nourish' && item.formId !== form.id);
    const shorter = cut ? edit(practice, { kind: 'remove', itemId: cut.id }) : practice;
    const fitted = makeItFit({ ...shorter, brief: { ...shorter.brief, minutes: 24 } });
    if (!fitted.ok) throw new Error('expected a fit');
    expect(fitted.practice.items.find((item) => item.formId === form.id)?.repetitions).toBe(5);
  });
});

describe('forms asked for, at the boundary', () => {
  it('may be ids alone, and no form twice', () => {
    const read = (pins: unknown) => briefSchema.safeParse({ ...PLAIN_BRIEF, pins });
    expect(read(['cloud-hands', { formId: 'shaking', place: 'last' }]).data?.pins).toEqual([
      { formId: 'cloud-hands' },
      { formId: 'shaking', place: 'last' },
    ]);
    for (const wrong of [
      ['cloud-hands', { formId: 'cloud-hands', place: 1 }],
      [{ formId: 'cloud-hands', place: 0 }],
      [{ formId: 'cloud-hands', repetitions: 2.5 }],
      [{ formId: 'cloud-hands', role: 'dance' }],
    ])
      expect(read(wrong).success).toBe(false);
  });

  it('are obstacles the model can be asked for without a search', () => {
    expect(obstaclesOf(modelOf(asking([{ formId: 'no-such-form' }])))).toHaveLength(1);
  });
});
