import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Role } from '../forms';
import { modelOf } from './model';

const modelFor = (brief: Partial<Brief>) =>
  modelOf({
    brief: { ...PLAIN_BRIEF, ...brief },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
  });
const KIDNEY = { theme: { kind: 'organ', organ: 'kidney' }, minutes: 20 } as const;

/** What a form at its place counts towards, by kind, with the gains of each further one. */
function countsOf(brief: Partial<Brief>, role: Role, formId: string) {
  const model = modelFor(brief);
  const at = model.plan.findIndex((section) => section.role === role);
  const index = (model.meanings[at] ?? []).findIndex(({ form }) => form.id === formId);
  const counts = model.problem.sections[at]?.candidates[index]?.counts;
  if (!counts) throw new RangeError(`${formId} is no candidate to ${role}`);
  return counts.map((counter) => ({
    counter,
    kind: model.counters[counter]?.kind,
    gains: model.problem.counters[counter]?.gains,
  }));
}
const kindsOf = (...of: Parameters<typeof countsOf>) => countsOf(...of).map(({ kind }) => kind);

describe('what the heart is made of (common practice)', () => {
  it('is something moved through: a brocade counts, a massage and a breath led within do not', () => {
    expect(kindsOf(KIDNEY, 'nourish', 'brocade-hands-to-feet')).toContain('moved');
    expect(kindsOf(KIDNEY, 'nourish', 'warming-the-kidneys')).not.toContain('moved');
    expect(kindsOf(KIDNEY, 'nourish', 'deep-water-breathing')).not.toContain('moved');
  });

  it('is worth it once, wherever it is: beside the heart nothing of it is counted', () => {
    const [moved] = countsOf(KIDNEY, 'nourish', 'brocade-hands-to-feet').filter(
      ({ kind }) => kind === 'moved',
    );
    expect(moved?.gains?.length).toBe(2);
    expect(moved?.gains?.[0]).toBeGreaterThan(0);
    expect(moved?.gains?.[1]).toBe(0);
    expect(kindsOf(KIDNEY, 'balance', 'rise-and-sink')).not.toContain('moved');
  });

  it('leads the attention to two places, and a third costs', () => {
    const [within] = countsOf(KIDNEY, 'nourish', 'deep-water-breathing').filter(
      ({ kind }) => kind === 'within',
    );
    expect(within?.gains?.map(Math.sign)).toEqual([0, 0, -1]);
  });

  it('leads it to one more every quarter of an hour towards sleep, and nothing is moved through', () => {
    const sleep = { theme: { kind: 'aim', aim: 'sleep' }, dayPart: 'evening' } as const;
    const free = (minutes: number) =>
      countsOf({ ...sleep, minutes }, 'nourish', 'belly-breathing')
        .find(({ kind }) => kind === 'within')
        ?.gains?.filter((gain) => gain === 0).length;
    expect([8, 14, 15, 30, 45].map(free)).toEqual([2, 2, 3, 4, 5]);
    expect(kindsOf({ ...sleep, minutes: 20 }, 'nourish', 'rise-and-sink')).not.toContain('moved');
  });

  it('is not asked of a few minutes', () => {
    expect(kindsOf({ ...KIDNEY, minutes: 5 }, 'nourish', 'brocade-hands-to-feet')).not.toContain('moved');
  });
});

describe('the same in another dress (common practice)', () => {
  const digestion = { theme: { kind: 'aim', aim: 'digestion' }, minutes: 20 } as const;
  const dress = (role: Role, formId: string) =>
    countsOf(digestion, role, formId).filter(({ kind }) => kind === 'twins');

  it('is counted together in the heart and where one gathers: the belly rubbed, and circled', () => {
    const [rubbed] = dress('nourish', 'belly-rubbing');
    const [circled] = dress('gather', 'belly-circles-counted');
    expect(rubbed?.counter).toBe(circled?.counter);
    expect(rubbed?.gains?.[0]).toBe(0);
    expect(rubbed?.gains?.[1]).toBeLessThan(-2);
  });

  it('is not counted with what gathers otherwise', () => {
    expect(dress('gather', 'three-sinks')).toEqual([]);
  });

  it('is one animal: three birds in a class of the Lung are counted together, those of the set are not', () => {
    const lung = { theme: { kind: 'organ', organ: 'lung' }, minutes: 25 } as const;
    const birds = (role: Role, formId: string, brief: Partial<Brief> = lung) =>
      countsOf(brief, role, formId).filter(({ kind, gains }) => kind === 'again' && (gains?.[1] ?? 0) > -3);
    const [flying] = birds('nourish', 'animal-bird-fly');
    expect(flying?.gains?.map(Math.sign)).toEqual([0, -1]);
    for (const [role, id] of [
      ['nourish', 'animal-crane-washes'],
      ['nourish', 'silk-crane'],
      ['balance', 'animal-bird-one-leg'],
    ] as const)
      expect(birds(role, id).map(({ counter }) => counter)).toContain(flying?.counter);
    const animals = { theme: { kind: 'set', set: 'five-animals' }, minutes: 30 } as const;
    expect(birds('nourish', 'animal-bird-fly', animals)).toEqual([]);
  });

  it('feeds once at least with what is named first for the theme; a set does by itself', () => {
    expect(kindsOf(KIDNEY, 'nourish', 'brocade-hands-to-feet')).toContain('named');
    expect(kindsOf(KIDNEY, 'nourish', 'life-gate-breathing')).not.toContain('named');
    expect(kindsOf(KIDNEY, 'clear', 'trace-kidney-bladder')).not.toContain('named');
    const [named] = countsOf(KIDNEY, 'nourish', 'brocade-hands-to-feet').filter(
      ({ kind }) => kind === 'named',
    );
    expect(named?.gains?.map(Math.sign)).toEqual([1, 0]);
    const brocades = { theme: { kind: 'set', set: 'eight-brocades' }, minutes: 20 } as const;
    expect(kindsOf(brocades, 'nourish', 'brocade-hands-to-feet')).not.toContain('named');
  });
});
