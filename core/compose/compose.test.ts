import fc from 'fast-check';
import { INTENTS, PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, ROLES, asksOf, organsOfForm, type Form } from '../forms';
import { CONDITION_IDS, cautionsOf } from '../people';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import { compile, formOf, type Practice, type Timeline } from '../practice';
import { alternatives, compose as composeTo, toleranceMs, type Asking } from '.';
import { evenly } from '../evenly.test.data';
import { rangeOfRole } from './shapes';

const brief = (over: Partial<Brief> = {}): Brief => ({ ...PLAIN_BRIEF, ...over });
const nobody = { conditions: [] } as const;
/** What is asked here holds of every draft: the first good one will do, and is there far sooner. */
const compose = (asking: Asking) => composeTo({ ...asking, enough: 0.5 });
const themes: readonly Theme[] = [
  ...PHASE_IDS.map((phase): Theme => ({ kind: 'phase', phase })),
  ...ORGAN_IDS.map((organ): Theme => ({ kind: 'organ', organ })),
];

/** Everything a composed practice owes, whatever was asked. */
function expectSound(practice: Practice, timeline: Timeline, asked: Brief): void {
  expect(Math.abs(timeline.totalMs - asked.minutes * 60_000)).toBeLessThanOrEqual(toleranceMs(asked.minutes));
  const order = practice.items.map((item) => ROLES.indexOf(item.role));
  expect(order).toEqual(order.toSorted((a, b) => a - b));
  for (const section of timeline.sections) {
    const share = section.lengthMs / timeline.totalMs;
    const { leastShare, mostShare } = rangeOfRole(asked, section.role);
    expect(share).toBeGreaterThanOrEqual(leastShare);
    expect(share).toBeLessThanOrEqual(mostShare);
  }
  const once = practice.items.filter((item) => !item.hinge).map((item) => item.formId);
  expect(new Set(once).size).toBe(once.length);
  expect(practice.items.at(-1)?.role).toBe('close');
  // In a few minutes the hands that close gather in too.
  if (asked.minutes > 5)
    expect(practice.items.findLast((item) => item.role !== 'close')?.role).toBe('gather');
  for (const item of practice.items) {
    expect(item.reasons.length).toBeGreaterThan(0);
    const form = formOf(practice, item);
    expect(item.repetitions).toBeGreaterThanOrEqual(Math.min(form.repetitions.least, item.repetitions));
    expect(item.repetitions).toBeLessThanOrEqual(form.repetitions.most);
    if (asked.posture === 'seated') expect(item.variant).toBe('seated');
  }
}

function expectEvenSides(timeline: Timeline): void {
  for (const span of timeline.items) {
    const strokes = timeline.events.filter(
      (event) => event.itemId === span.itemId && event.kind === 'stroke',
    );
    const left = strokes.filter((event) => event.side === 'left').length;
    expect(strokes.filter((event) => event.side === 'right')).toHaveLength(left);
    const ways = [...new Set(strokes.map((event) => event.way).filter((way) => way !== undefined))];
    const counts = ways.map((way) => strokes.filter((event) => event.way === way).length);
    expect(new Set(counts).size).toBeLessThanOrEqual(1);
  }
}

function expectClearBeforeNourish(practice: Practice): void {
  practice.items.forEach((item, index) => {
    if (item.role !== 'nourish') return;
    const organs = organsOfForm(formOf(practice, item), practice.customs);
    const later = practice.items.slice(index + 1).filter((other) => other.role === 'clear');
    for (const other of later)
      expect(
        organsOfForm(formOf(practice, other), practice.customs).some((organ) => organs.includes(organ)),
      ).toBe(false);
  });
}

describe('compose', () => {
  it.each(themes)(
    'serves %o standing and seated, from 5 to 90 minutes, at 3 to 9 breaths a minute',
    (theme) => {
      for (const posture of ['standing', 'seated'] as const)
        for (const [minutes, breathsPerMin] of [
          [5, 9],
          [12, 3],
          [60, 6],
          [90, 5],
        ] as const) {
          const asked = brief({ theme, posture, minutes, breathsPerMin });
          const result = compose({
            brief: asked,
            repertoire: REPERTOIRE,
            customs: DEFAULT_CUSTOMS,
            people: nobody,
            seed: 1,
          });
          expect({ theme, posture, minutes, breathsPerMin, ok: result.ok }).toEqual({
            theme,
            posture,
            minutes,
            breathsPerMin,
            ok: true,
          });
          if (!result.ok) continue;
          expectSound(result.practice, result.timeline, asked);
          expectEvenSides(result.timeline);
          expectClearBeforeNourish(result.practice);
        }
    },
  );

  it('keeps its promises for whatever brief and people come', () => {
    fc.assert(
      fc.property(
        fc.record({
          minutes: fc.integer({ min: 5, max: 60 }),
          theme: fc.constantFrom(...themes),
          posture: fc.constantFrom('standing' as const, 'seated' as const),
          breathsPerMin: evenly(3, 9),
          intent: fc.constantFrom(...INTENTS),
          familiarity: fc.constantFrom('known' as const, 'taught' as const),
          dayPart: fc.constantFrom('morning' as const, 'evening' as const),
        }),
        fc.subarray([...CONDITION_IDS], { maxLength: 4 }),
        fc.integer({ min: 0, max: 4294967295 }),
        (over, conditions, seed) => {
          const asked = brief(over);
          const result = compose({
            brief: asked,
            repertoire: REPERTOIRE,
            customs: DEFAULT_CUSTOMS,
            people: { conditions },
            seed,
          });
          if (!result.ok) {
            expect(result.obstacles.length).toBeGreaterThan(0);
            return;
          }
          expectSound(result.practice, result.timeline, asked);
          expectEvenSides(result.timeline);
          for (const item of result.practice.items) {
            const cautions = cautionsOf(formOf(result.practice, item), item.variant, conditions);
            expect(
              cautions.filter(
                (caution) => caution.weight === 'avoid' || caution.remedy === 'gentler-variant',
              ),
            ).toEqual([]);
            if (cautions.some((caution) => caution.remedy === 'omit-holds'))
              expect(item.omitHolds).toBe(true);
            if (cautions.some((caution) => caution.remedy === 'exhale-by-mouth'))
              expect(item.exhaleByMouth).toBe(true);
          }
        },
      ),
      { numRuns: 50, seed: 20 },
    );
  });

  it('is the same for the same seed and differs for others', () => {
    const draft = (seed: number) =>
      JSON.stringify(
        compose({ brief: brief(), repertoire: REPERTOIRE, customs: DEFAULT_CUSTOMS, people: nobody, seed }),
      );
    expect(draft(5)).toBe(draft(5));
    expect(new Set([1, 2, 3, 4, 5, 6].map(draft)).size).toBeGreaterThan(1);
  });

  it('puts forms of the theme into the heart of the practice', () => {
    for (const theme of themes) {
      const result = compose({
        brief: brief({ theme }),
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: nobody,
        seed: 3,
      });
      if (!result.ok) throw new Error('expected a practice');
      const heart = result.practice.items.filter((item) => item.role === 'nourish');
      const serving = heart.filter((item) =>
        item.reasons.some((reason) => ['serves-organ', 'serves-pair', 'serves-phase'].includes(reason.code)),
      );
      expect(serving.length * 2).toBeGreaterThanOrEqual(heart.length);
    }
  });

  it('respects the animal school: the tiger serves the Liver in one and the Lung in the other', () => {
    const tigerFor = (organ: 'liver' | 'lung', animalSchool: 'standard' | 'crane') => {
      const customs = { ...DEFAULT_CUSTOMS, animalSchool };
      const only = REPERTOIRE.filter((form) => form.animal === 'tiger' || !form.roles.includes('nourish'));
      const result = compose({
        brief: brief({ theme: { kind: 'organ', organ }, minutes: 8 }),
        repertoire: only,
        customs,
        people: nobody,
        seed: 1,
      });
      return (
        result.ok &&
        result.practice.items.some(
          (item) =>
            item.formId === 'animal-tiger' && item.reasons.some((reason) => reason.code === 'serves-organ'),
        )
      );
    };
    expect([tigerFor('liver', 'standard'), tigerFor('lung', 'standard'), tigerFor('lung', 'crane')]).toEqual([
      true,
      false,
      true,
    ]);
  });

  it('leaves out a sound that the chosen school does not have', () => {
    const customs = { ...DEFAULT_CUSTOMS, soundSchool: 'older' as const };
    const result = compose({
      brief: brief({ theme: { kind: 'organ', organ: 'triple-burner' }, minutes: 40 }),
      repertoire: REPERTOIRE,
      customs,
      people: nobody,
      seed: 1,
    });
    expect(result.ok && result.practice.items.some((item) => item.formId === 'sound-triple-burner')).toBe(
      false,
    );
  });
});

describe('an impossible brief', () => {
  const three: readonly Form[] = REPERTOIRE.filter((form) =>
    ['arrive-wuji', 'mist-over-the-lake', 'close-hands-to-belly'].includes(form.id),
  );

  it('says that sixty minutes cannot come from three forms, section by section', () => {
    const result = compose({
      brief: brief({ minutes: 60 }),
      repertoire: three,
      customs: DEFAULT_CUSTOMS,
      people: nobody,
      seed: 1,
    });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.obstacles.map((obstacle) => obstacle.code)).toContain('empty-section');
  });

  it('says that a few forms do not fill an hour, and offers minutes that were tried and work', () => {
    const few = REPERTOIRE.filter((form) =>
      [
        'arrive-wuji',
        'loosen-neck',
        'shaking',
        'tap-arms',
        'mist-over-the-lake',
        'hold-embrace-belly',
        'cloud-hands',
        'three-centre-wash',
        'close-hands-to-belly',
      ].includes(form.id),
    );
    const asked = brief({ minutes: 60 });
    const result = compose({
      brief: asked,
      repertoire: few,
      customs: DEFAULT_CUSTOMS,
      people: nobody,
      seed: 1,
    });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.obstacles[0]).toMatchObject({ code: 'too-few-forms', allowed: few.length });
    const help = result.helps.find((candidate) => candidate.code === 'other-minutes');
    expect(help).toBeDefined();
    if (help?.code === 'other-minutes')
      expect(
        compose({
          brief: { ...asked, minutes: help.minutes },
          repertoire: few,
          customs: DEFAULT_CUSTOMS,
          people: nobody,
          seed: 1,
        }).ok,
      ).toBe(true);
  });

  it.each([
    ['joints', 20],
    ['silk-chart', 18],
    ['six-sounds', 10],
  ] as const)('says for a set that fills its minutes from how many on it can be taught: %s', (set, from) => {
    const at = (minutes: number) =>
      compose({
        brief: brief({ theme: { kind: 'set', set }, familiarity: 'taught', minutes }),
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: nobody,
        seed: 1,
        enough: 0.05,
      });
    const tooShort = at(from - 2);
    expect(tooShort.ok || tooShort.obstacles).toEqual([{ code: 'too-short', leastMin: from }]);
    expect(at(from).ok).toBe(true);
  });

  it('names the wish to leave forms out when that is in the way, and that allowing them helps', () => {
    const without = REPERTOIRE.filter((form) => form.roles.includes('close')).map((form) => form.id);
    const result = compose({
      brief: brief({ without }),
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: nobody,
      seed: 1,
    });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.obstacles).toContainEqual({ code: 'empty-section', role: 'close', because: 'left-out' });
    expect(result.helps).toContainEqual(
      expect.objectContaining({ code: 'allow-left-out', count: without.length }),
    );
    expect(result.wishes).toEqual(['without']);
  });

  it('names the caution when what the group must avoid leaves no form', () => {
    const risky = REPERTOIRE.filter((form) => form.roles[0] !== 'wake' || form.id === 'swing-and-knock').map(
      (form) =>
        form.id === 'swing-and-knock'
          ? { ...form, smaller: undefined }
          : { ...form, roles: form.roles.filter((role) => role !== 'wake') },
    ) as Form[];
    const usable = risky.filter((form) => form.roles.length > 0);
    const result = compose({
      brief: brief(),
      repertoire: usable,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: ['pregnancy'] },
      seed: 1,
    });
    expect(result.ok).toBe(false);
    if (!result.ok)
      expect(result.obstacles).toContainEqual({ code: 'empty-section', role: 'wake', because: 'caution' });
  });
});

describe('alternatives', () => {
  it('are of the same role, allowed, and not in the practice yet', () => {
    const result = compose({
      brief: brief(),
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: ['shoulder'] },
      seed: 1,
    });
    if (!result.ok) throw new Error('expected a practice');
    const found = alternatives(result.practice, 'nourish', REPERTOIRE, DEFAULT_CUSTOMS, {
      conditions: ['shoulder'],
    });
    const present = new Set(result.practice.items.map((item) => item.formId));
    expect(found.length).toBeGreaterThan(3);
    for (const { form, fitting } of found) {
      expect(form.roles).toContain('nourish');
      expect(present.has(form.id)).toBe(false);
      expect(asksOf(form, fitting.variant).armsAboveShoulders).toBe(false);
    }
  });

  it('compiles to the length it says', () => {
    const result = compose({
      brief: brief(),
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: nobody,
      seed: 1,
    });
    if (result.ok) expect(compile(result.practice).totalMs).toBe(result.timeline.totalMs);
  });
});
