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

  it('is neither asked of a practice towards sleep nor of a few minutes', () => {
    const sleep = { theme: { kind: 'aim', aim: 'sleep' }, minutes: 20, dayPart: 'evening' } as const;
    expect(kindsOf(sleep, 'nourish', 'belly-breathing')).not.toContain('within');
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
