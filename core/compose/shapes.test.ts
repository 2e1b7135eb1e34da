import { AIM_IDS, PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { customsSchema, DEFAULT_CUSTOMS, type OwnShapes } from '../customs';
import { REPERTOIRE, ROLES, type Role } from '../forms';
import { mostFormsFor } from '../measures';
import { compile, type Practice } from '../practice';
import { review } from '../review';
import { compose } from './compose';
import { planSections } from './plan';
import { shapeOf, SHAPES, type Shape } from './shapes';

const rolesOf = (over: Partial<Brief>) => planSections({ ...PLAIN_BRIEF, ...over }).map(({ role }) => role);
function made(over: Partial<Brief>, seed = 1): Practice {
  const result = compose({
    brief: { ...PLAIN_BRIEF, ...over },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed,
    enough: 0.02,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.obstacles));
  return result.practice;
}
const heartOf = ({ items }: Practice) => items.filter(({ role, hinge }) => role === 'nourish' && !hinge);

describe('the shapes of a class (common practice)', () => {
  const shapes: readonly Shape[] = Object.values(SHAPES);
  it.each(shapes.map((shape) => [shape.name, shape] as const))('%s: arrives, loosens, closes', (_, shape) => {
    for (const role of ['arrive', 'loosen', 'nourish', 'close'] as const)
      expect(shape.sections[role]).toBeDefined();
    const shares = ROLES.map((role) => shape.sections[role]?.share ?? 0);
    for (const share of shares) expect(share).toBeGreaterThanOrEqual(0);
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeGreaterThan(0.8);
  });

  it.each<readonly [Partial<Brief>, string]>([
    [{ theme: { kind: 'organ', organ: 'lung' } }, 'usual'],
    [{ theme: { kind: 'aim', aim: 'sleep' } }, 'sleep'],
    [{ theme: { kind: 'set', set: 'six-sounds' } }, 'sounds'],
    [{ theme: { kind: 'set', set: 'five-animals' } }, 'set'],
    [{ theme: { kind: 'all-phases' } }, 'phases'],
    [{ theme: { kind: 'lesson', formId: 'brocade-sway' } }, 'lesson'],
    [{ theme: { kind: 'aim', aim: 'sleep' }, minutes: 3 }, 'short'],
  ])('%j has the shape %s', (over, id) => expect(shapeOf({ ...PLAIN_BRIEF, ...over }).id).toBe(id));

  it('wakes nobody who is to sleep, and clears nothing beside a set in twenty minutes', () => {
    expect(rolesOf({ theme: { kind: 'aim', aim: 'sleep' }, minutes: 45 })).not.toContain('wake');
    expect(rolesOf({ theme: { kind: 'set', set: 'eight-brocades' }, minutes: 20 })).toEqual([
      'arrive', 'loosen', 'nourish', 'gather', 'close',
    ]); // prettier-ignore
  });
});

describe('what wakes and lifts (common practice: shaking is named first for both)', () => {
  it.each(['energy', 'mood'] as const)(
    '%s is woken also where the intent only feeds, in ten minutes',
    (aim) => {
      const theme: Theme = { kind: 'aim', aim };
      expect(rolesOf({ theme, minutes: 10, intent: 'nourish' })).toContain('wake');
      // Beside them the intent decides, and who is to be calmed is not woken.
      expect(
        rolesOf({ theme: { kind: 'aim', aim: 'breath' }, minutes: 10, intent: 'nourish' }),
      ).not.toContain('wake');
      expect(rolesOf({ theme, minutes: 10, intent: 'calm' })).not.toContain('wake');
      const woken = [1, 2, 3, 4, 5].map((seed) =>
        made({ theme, minutes: 10, intent: 'nourish', dayPart: 'morning' }, seed).items.find(
          ({ role }) => role === 'wake',
        ),
      );
      expect(woken.filter((item) => item?.formId === 'shaking').length).toBeGreaterThanOrEqual(2);
      expect(woken.every((item) => item !== undefined)).toBe(true);
    },
  );

  it('what a body cannot be woken with is done without, in ten minutes as in twenty', () => {
    for (const aim of ['energy', 'mood'] as const)
      for (const posture of ['standing', 'seated'] as const)
        for (const condition of ['pregnancy', 'heart', 'bone-metastases', 'recent-surgery'] as const) {
          const result = compose({
            brief: { ...PLAIN_BRIEF, theme: { kind: 'aim', aim }, minutes: 10, intent: 'nourish', posture },
            repertoire: REPERTOIRE,
            customs: DEFAULT_CUSTOMS,
            people: { conditions: [condition] },
            seed: 1,
            enough: 0.02,
          });
          expect([aim, posture, condition, result.ok]).toEqual([aim, posture, condition, true]);
        }
  });
});

describe('from two minutes to two hours', () => {
  const THEMES: readonly Theme[] = [
    { kind: 'organ', organ: 'kidney' },
    ...AIM_IDS.map((aim): Theme => ({ kind: 'aim', aim })),
  ];
  it.each(THEMES)(
    'two minutes hold at most five forms, the last with the hands at the belly: %j',
    (theme) => {
      const practice = made({ theme, minutes: 2, intent: 'nourish' });
      expect(practice.items.length).toBeLessThanOrEqual(mostFormsFor(2));
      expect(practice.items.at(-1)?.role).toBe('close');
    },
  );
  it('two hours are made of longer forms, not of ever more', () => {
    const practice = made({
      theme: { kind: 'organ', organ: 'lung' },
      minutes: 120,
      intent: 'clear-then-nourish',
    });
    const forms = practice.items.filter(({ hinge, role }) => !hinge && role !== 'loosen').length + 1;
    expect(forms).toBeLessThanOrEqual(mostFormsFor(120));
  });
});

describe('all five phases', () => {
  const theme: Theme = { kind: 'all-phases' };
  // Sù Wèn 5 (from memory): wood, fire, earth, metal, water.
  const GENERATING = ['wood', 'fire', 'earth', 'metal', 'water'];
  it.each([5, 12, 25])('are five pieces in the generating order, as often each, in %d minutes', (minutes) => {
    const practice = made({ theme, minutes, intent: 'nourish' });
    const heart = heartOf(practice);
    expect(heart.map(({ formId }) => GENERATING.find((phase) => formId.includes(phase)))).toEqual(GENERATING);
    // What has two sides is counted on each; where five minutes leave no even number, it is counted alike.
    const inAll = heart.map(({ formId, repetitions }) =>
      minutes > 5 && practice.forms[formId]?.sides !== 'symmetric' ? 2 * repetitions : repetitions,
    );
    expect(new Set(inAll).size).toBe(1);
    // No piece takes more than about twice another’s time.
    const lengths = compile(practice)
      .items.filter(({ itemId }) => heart.some(({ id }) => id === itemId))
      .map(({ lengthMs }) => lengthMs);
    expect(Math.max(...lengths) / Math.min(...lengths)).toBeLessThanOrEqual(minutes > 5 ? 1.5 : 2);
  });
  it('are cleared by five sounds first where there is time, the next draft by another round', () => {
    const over = { theme, minutes: 25, intent: 'clear-then-nourish', voice: 'aloud' } as const;
    const [one, other] = [made(over, 1), made(over, 2)];
    const sounds = one.items.filter(({ formId, role }) => role === 'clear' && formId.startsWith('sound-'));
    expect(sounds.map(({ formId }) => formId)).toEqual([
      'sound-liver', 'sound-heart', 'sound-spleen', 'sound-lung', 'sound-kidney',
    ]); // prettier-ignore
    expect(heartOf(one).map(({ formId }) => formId)).not.toEqual(heartOf(other).map(({ formId }) => formId));
  });
  it('are gone through one after another by the smile in two minutes, each for a breath', () => {
    for (const posture of ['standing', 'seated'] as const)
      expect(
        heartOf(made({ theme, minutes: 2, intent: 'nourish', posture })).map(({ formId }) => formId),
      ).toEqual(['smile-five-organs']);
  });
});

describe('one’s own shape of a class', () => {
  const brief: Brief = { ...PLAIN_BRIEF, minutes: 20 };
  const own = {
    usual: {
      arrive: { percent: 14, fromMinutes: 0 },
      wake: { percent: 0, fromMinutes: 10 },
      still: { percent: 30, fromMinutes: 5 },
    },
  } as const;
  const shareOf = (role: Role, shapes: OwnShapes): number =>
    (planSections(brief, shapes).find((section) => section.role === role)?.targetMs ?? 0) /
    (brief.minutes * 60_000);

  it('has its own sections, and the others as usual against them', () => {
    expect(shareOf('wake', own)).toBe(0);
    // By hand: 14 + 21 + 14 + 38 + 30 + 7 + 6 + 5 = 135 parts.
    expect(shareOf('arrive', own)).toBeCloseTo(14 / 135, 6);
    expect(shareOf('still', own)).toBeCloseTo(30 / 135, 6);
    expect(shareOf('nourish', own)).toBeCloseTo(38 / 135, 6);
    expect(shareOf('arrive', {})).toBeLessThan(0.08);
  });

  it('stands for its own family of themes only, and from its own minutes on', () => {
    const roles = (over: Partial<Brief>) =>
      planSections({ ...brief, ...over }, own).map((section) => section.role);
    expect(roles({ theme: { kind: 'aim', aim: 'energy' } })).toContain('wake');
    expect(roles({ minutes: 8 })).toContain('still');
    expect(planSections({ ...brief, minutes: 8 }).map(({ role }) => role)).not.toContain('still');
    // Whatever the intent has no room for in a short class.
    const wakes = { usual: { wake: { percent: 10, fromMinutes: 5 } } } as const;
    const fed: Brief = { ...brief, minutes: 10, intent: 'nourish' };
    expect(planSections(fed).map(({ role }) => role)).not.toContain('wake');
    expect(planSections(fed, wakes).map(({ role }) => role)).toContain('wake');
  });

  it('is what is drafted: on time, with nothing to wake and a long stillness', () => {
    const result = compose({
      brief,
      repertoire: REPERTOIRE,
      customs: { ...DEFAULT_CUSTOMS, shapes: own },
      people: { conditions: [] },
      seed: 1,
      enough: 0.02,
    });
    if (!result.ok) throw new Error('expected a practice in one’s own shape');
    const { practice, timeline } = result;
    expect(practice.items.some(({ role }) => role === 'wake')).toBe(false);
    const still = timeline.sections.find(({ role }) => role === 'still');
    expect((still?.lengthMs ?? 0) / timeline.totalMs).toBeGreaterThan(0.13);
    expect(timeline.totalMs / 60_000).toBeCloseTo(20, 0);
    // And the margin does not call a section too long that one has so oneself.
    const notes = review(practice, timeline, { ...DEFAULT_CUSTOMS, shapes: own }, { conditions: [] });
    expect(notes.filter(({ rule }) => rule === 'section-range')).toEqual([]);
  });

  it('never leaves out arriving, the heart or the close, and keeps within a class', () => {
    const shapes = (percent: number, fromMinutes = 0) => ({
      ...DEFAULT_CUSTOMS,
      shapes: { usual: { close: { percent, fromMinutes } } },
    });
    expect(customsSchema.safeParse(shapes(10)).success).toBe(true);
    for (const wrong of [shapes(0), shapes(91), shapes(2.5), shapes(10, 121), shapes(-1)])
      expect(customsSchema.safeParse(wrong).success).toBe(false);
  });
});
