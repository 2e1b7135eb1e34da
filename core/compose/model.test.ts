import fc from 'fast-check';
import { AIM_IDS, PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { DEFAULT_CUSTOMS, STRENGTH_IDS, type Customs } from '../customs';
import { asksOf, formsOfSet, organsOfForm, phasesOfForm, REPERTOIRE, stanceOf } from '../forms';
import { PHASE_IDS } from '../phases';
import { formOf, type Practice } from '../practice';
import { compose, composeSteps, gapOf, usedDeeply, type Asking, type Composed } from '.';

const asking = (over: Partial<Brief> = {}, more: Partial<Asking> = {}): Asking => ({
  brief: { ...PLAIN_BRIEF, ...over },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.3,
  ...more,
});
const made = (asked: Asking): Composed => {
  const result = compose(asked);
  if (!result.ok) throw new Error(`expected a practice of ${JSON.stringify(asked.brief.theme)}`);
  return result;
};
const heart = (practice: Practice) => practice.items.filter((item) => item.role === 'nourish' && !item.hinge);

describe('what a theme asks of a draft', () => {
  it('loosens every joint before a form uses it deeply (common practice)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Theme>(
          { kind: 'organ', organ: 'liver' },
          { kind: 'phase', phase: 'water' },
          { kind: 'aim', aim: 'back' },
          { kind: 'set', set: 'eight-brocades' },
        ),
        fc.constantFrom(20, 40),
        fc.integer({ min: 1, max: 50 }),
        (theme, minutes, seed) => {
          const { practice } = made(asking({ theme, minutes }, { seed }));
          const warm = new Set<string>();
          for (const item of practice.items) {
            const form = formOf(practice, item);
            if (['clear', 'nourish', 'still', 'balance'].includes(item.role) && !item.hinge)
              expect(usedDeeply(form, item.variant).filter((joint) => !warm.has(joint))).toEqual([]);
            for (const joint of form.loosens) warm.add(joint);
          }
        },
      ),
      { numRuns: 12, seed: 5 },
    );
  });

  it('walks all five phases where nothing is asked for', () => {
    const { practice } = made(asking({ theme: { kind: 'all-phases' }, minutes: 30 }));
    const served = new Set(
      practice.items
        .filter((item) => ['clear', 'nourish', 'still'].includes(item.role))
        .flatMap((item) => phasesOfForm(formOf(practice, item), DEFAULT_CUSTOMS)),
    );
    expect([...served].toSorted()).toEqual([...PHASE_IDS].toSorted());
  });

  it('does a set whole and in the order of the school, and nothing else at its heart', () => {
    for (const brocadeSchool of ['standard', 'verse'] as const) {
      const customs: Customs = { ...DEFAULT_CUSTOMS, brocadeSchool };
      const { practice } = made(
        asking({ theme: { kind: 'set', set: 'eight-brocades' }, minutes: 25 }, { customs }),
      );
      expect(heart(practice).map((item) => item.formId)).toEqual(formsOfSet('eight-brocades', customs));
    }
  });

  it('teaches a single form: shown, in parts, drilled, put right, whole', () => {
    const { practice, timeline } = made(
      asking({ theme: { kind: 'lesson', formId: 'animal-tiger-pounce' }, minutes: 20 }),
    );
    const lesson = practice.items.filter((item) => item.formId === 'animal-tiger-pounce');
    expect(lesson.map((item) => item.lesson)).toEqual(['show', 'parts', 'drill', 'mistakes', 'whole']);
    const said = timeline.events.filter((event) => event.kind === 'setup').map((event) => event.cue);
    const form = formOf(practice, lesson[0] ?? practice.items[0]!);
    for (const part of form.parts)
      expect(
        said.some((cue) =>
          cue.toLowerCase().startsWith((typeof part === 'string' ? part : part.part).toLowerCase()),
        ),
      ).toBe(true);
    for (const { mend } of form.mistakes) expect(said.some((cue) => cue.includes(mend))).toBe(true);
  });

  it('shakes hands and feet out before mistakes are gone into, once, and in a short lesson not (common practice)', () => {
    const steps = (formId: string, minutes: number) =>
      made(asking({ theme: { kind: 'lesson', formId }, minutes }))
        .practice.items.filter(({ role }) => role === 'nourish')
        .map((item) => item.lesson ?? `${item.formId} ${item.repetitions}`);
    expect(steps('brocade-sway', 20)).toEqual([
      'show',
      'parts',
      'drill',
      'shaking-limbs 1',
      'mistakes',
      'whole',
    ]);
    expect(steps('cloud-hands', 10)).toEqual(['show', 'drill', 'mistakes', 'whole']);
  });

  it('clears and nourishes several organs in turn, and never clears what has been nourished', () => {
    const theme: Theme = {
      kind: 'mix',
      parts: [
        { kind: 'organ', organ: 'lung' },
        { kind: 'organ', organ: 'kidney' },
      ],
    };
    const { practice } = made(asking({ theme, minutes: 30 }));
    const roles = practice.items.filter((item) => !item.hinge).map((item) => item.role);
    const turns = roles.filter(
      (role, index) => (role === 'clear' || role === 'nourish') && role !== roles[index - 1],
    );
    expect(turns).toEqual(['clear', 'nourish', 'clear', 'nourish']);
    const nourished = new Set<string>();
    for (const item of practice.items) {
      const organs = organsOfForm(formOf(practice, item), DEFAULT_CUSTOMS).filter(
        (organ) => organ === 'lung' || organ === 'kidney',
      );
      if (item.role === 'clear' && !item.hinge)
        expect(organs.filter((organ) => nourished.has(organ))).toEqual([]);
      if (item.role === 'nourish') for (const organ of organs) nourished.add(organ);
    }
  });

  it('reaches a channel and a point that are asked for by name', () => {
    const channel = made(asking({ theme: { kind: 'channel', channel: 'GB' } })).practice;
    expect(
      channel.items.filter((item) => formOf(channel, item).channels.some((one) => one.channel === 'GB'))
        .length,
    ).toBeGreaterThanOrEqual(3);
    const point = made(asking({ theme: { kind: 'point', point: 'KI1' } })).practice;
    expect(
      point.items.some((item) =>
        item.reasons.some((reason) => reason.code === 'reaches-point' && reason.point === 'KI1'),
      ),
    ).toBe(true);
  });

  it.each(AIM_IDS)('makes a practice for %s that serves an organ of the aim', (aim) => {
    const { practice } = made(asking({ theme: { kind: 'aim', aim }, intent: 'nourish' }));
    expect(practice.items.some((item) => item.reasons.some((reason) => reason.code === 'serves-organ'))).toBe(
      true,
    );
  });
});

describe('the place and the people', () => {
  it('keeps to what a place allows', () => {
    const { practice } = made(
      asking({ place: ['little-room', 'no-floor', 'no-shoes'], theme: { kind: 'phase', phase: 'wood' } }),
    );
    for (const item of practice.items) {
      const form = formOf(practice, item);
      const asks = asksOf(form, item.variant);
      expect({
        id: form.id,
        steps: asks.stepping,
        fold: asks.fold === 'deep',
        firm: asks.impact === 'firm',
        bow: stanceOf(form, item.variant).start === 'bow',
      }).toEqual({ id: form.id, steps: false, fold: false, firm: false, bow: false });
    }
  });

  it('brings a group no more new forms than the customs allow', () => {
    const known = REPERTOIRE.filter((_, index) => index % 2 === 0).map((form) => form.id);
    for (const newFormsAtMost of [0, 2]) {
      const { practice } = made(
        asking({}, { customs: { ...DEFAULT_CUSTOMS, newFormsAtMost }, people: { conditions: [], known } }),
      );
      const fresh = practice.items.filter(
        (item) =>
          !known.includes(item.formId) &&
          !['arrive', 'gather', 'close'].includes(item.role) &&
          !item.formId.startsWith('loosen-') &&
          !item.hinge,
      );
      expect(fresh.length).toBeLessThanOrEqual(newFormsAtMost);
      for (const item of fresh) expect(item.familiarity).toBe('taught');
    }
  });

  it('goes away from the forms of the last classes where all is to be new', () => {
    const first = made(asking({})).practice;
    const ids = first.items.map((item) => item.formId);
    const again = made(asking({ again: 'all-new' }, { people: { conditions: [], recent: [ids] } })).practice;
    const main = again.items.filter(
      (item) => ['wake', 'clear', 'nourish', 'balance'].includes(item.role) && !item.hinge,
    );
    expect(main.filter((item) => ids.includes(item.formId)).length / main.length).toBeLessThan(0.7);
  });

  it.each<Theme>([
    { kind: 'organ', organ: 'lung' },
    { kind: 'all-phases' },
    {
      kind: 'mix',
      parts: [
        { kind: 'organ', organ: 'liver' },
        { kind: 'aim', aim: 'calm' },
        { kind: 'point', point: 'KI1' },
      ],
    },
    {
      kind: 'mix',
      parts: [
        { kind: 'organ', organ: 'lung' },
        { kind: 'organ', organ: 'kidney' },
        { kind: 'organ', organ: 'liver' },
      ],
    },
  ])(
    'takes few forms and does them properly, a minute each and more in a longer practice: %o (common practice)',
    (theme) => {
      for (const [minutes, leastSec] of [
        [20, 55],
        [30, 60],
        [60, 80],
      ] as const)
        for (const dayPart of ['morning', 'evening'] as const) {
          const { practice } = made(asking({ theme, minutes, dayPart, season: 'winter' }));
          const forms = practice.items.filter((item) => !item.hinge).length;
          expect({ minutes, dayPart, enough: (minutes * 60) / forms >= leastSec, forms }).toEqual({
            minutes,
            dayPart,
            enough: true,
            forms,
          });
        }
    },
  );

  it.each<Theme>([{ kind: 'organ', organ: 'lung' }, { kind: 'all-phases' }, { kind: 'aim', aim: 'sleep' }])(
    'fills no long practice with one form: none much over four minutes but what is still: %o',
    (theme) => {
      for (const minutes of [25, 40, 60]) {
        const { practice, timeline } = made(asking({ theme, minutes }, { enough: 0.01 }));
        timeline.items.forEach((span, index) => {
          if (practice.items[index]?.role !== 'still') expect(span.lengthMs).toBeLessThan(4.5 * 60_000);
        });
      }
    },
  );

  it('takes the pace of the log, so that what is drafted lasts what it lasts', () => {
    const pace = Object.fromEntries(REPERTOIRE.map((form) => [form.id, 1.2]));
    const plain = made(asking({}));
    const slow = made(asking({}, { people: { conditions: [], pace } }));
    expect(slow.practice.items.some((item) => item.stretch > 1.1)).toBe(true);
    // As much time, and fewer breaths in it, as each lasts longer.
    expect(slow.timeline.breaths).toBeLessThan(plain.timeline.breaths);
  });
});

describe('pins, keeping and proof', () => {
  it('has in it what must be in, and keeps what is kept as it was', () => {
    const ids = ['animal-tiger', 'cloud-hands'];
    const { practice } = made(asking({ pins: ids.map((formId) => ({ formId })) }));
    for (const id of ids) expect(practice.items.filter((item) => item.formId === id)).toHaveLength(1);
    const items = practice.items.filter((item) => ['loosen', 'clear'].includes(item.role) && !item.hinge);
    const next = made(
      asking({ theme: { kind: 'organ', organ: 'liver' } }, { kept: { items, forms: practice.forms } }),
    );
    for (const item of items) {
      const { stretch, ...kept } = { ...item, kept: true };
      void stretch;
      expect(next.practice.items.find((one) => one.id === item.id)).toMatchObject(kept);
    }
    const order = items.map((item) => next.practice.items.findIndex((one) => one.id === item.id));
    expect(order).toEqual(order.toSorted((a, b) => a - b));
  });

  it('gets no worse on the way, ends proved for a plain brief, and its value is what the model says', () => {
    let value = -Infinity;
    const asked = asking({ theme: { kind: 'organ', organ: 'kidney' } }, { enough: 0 });
    const steps = composeSteps(asked);
    let step = steps.next();
    while (!step.done) {
      if (step.value) {
        expect(step.value.proof.value).toBeGreaterThanOrEqual(value);
        value = step.value.proof.value;
      }
      step = steps.next();
    }
    if (!step.value.ok) throw new Error('expected a practice');
    expect(step.value.proof.proved).toBe(true);
    expect(gapOf(step.value.proof)).toBe(0);
    // Nothing worth more is found by asking for a draft without one of its own forms.
    const { practice } = step.value;
    for (const id of practice.items.filter((item) => item.role === 'nourish').map((item) => item.formId)) {
      const other = compose({ ...asked, brief: { ...asked.brief, without: [id] } });
      if (other.ok) expect(other.proof.value).toBeLessThanOrEqual(step.value.proof.value + 1e-6);
    }
  }, 60_000);

  it('follows the strengths of the customs: with variety off the last class has no weight', () => {
    const ids = made(asking({})).practice.items.map((item) => item.formId);
    const strengths = {
      ...Object.fromEntries(STRENGTH_IDS.map((id) => [id, 'usual'])),
      variety: 'off',
    } as Customs['strengths'];
    const again = made(
      asking({}, { customs: { ...DEFAULT_CUSTOMS, strengths }, people: { conditions: [], recent: [ids] } }),
    );
    expect(again.practice.items.map((item) => item.formId)).toEqual(ids);
  });
});
