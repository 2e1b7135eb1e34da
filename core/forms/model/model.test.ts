import {
  REPERTOIRE,
  asksOf,
  cycleOf,
  existsInSchools,
  formSchema,
  hasVariant,
  organsOfForm,
  stanceOf,
  type Form,
} from '..';
import { defineForm } from '../writing/define';
import { exhale, freely, hold, inhale } from '../writing/strokes';

const form: Form = defineForm({
  id: 'a-test',
  name: 'A test',
  family: 'flowing pair',
  roles: ['nourish'],
  actions: ['nourishes'],
  pace: 'flowing',
  cycle: [inhale('Up.'), hold(2, 'Stay.'), exhale('Down.')],
  repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
  images: [],
  asks: { kneeBend: 'deep', oneLegSec: 5, armsAboveShoulders: true, breathHold: true, stepping: true },
  smaller: { change: 'Lower.', asks: { kneeBend: 'slight', armsAboveShoulders: false } },
  seated: {
    change: 'From the chair.',
    cycle: [inhale('In.'), exhale('Out.')],
    asks: { breathHold: false },
  },
});

describe('a form and its variants', () => {
  it('is written out in full by defineForm and accepted by the schema', () => {
    expect(formSchema.safeParse(form).success).toBe(true);
    expect(Object.isFrozen(form)).toBe(true);
    expect(freely(4, 'Shake.')).toEqual({ breath: 'free', cue: 'Shake.', seconds: 4 });
  });

  it('lays a variant’s relief over what the form asks', () => {
    expect(asksOf(form, 'full')).toMatchObject({ kneeBend: 'deep', armsAboveShoulders: true });
    expect(asksOf(form, 'smaller')).toMatchObject({
      kneeBend: 'slight',
      armsAboveShoulders: false,
      breathHold: true,
    });
    expect(asksOf(form, 'seated')).toMatchObject({
      kneeBend: 'none',
      oneLegSec: 0,
      stepping: false,
      breathHold: false,
      armsAboveShoulders: true,
    });
  });

  it('keeps its own strokes where a variant has none', () => {
    expect(cycleOf(form, 'smaller')).toBe(form.cycle);
    expect(cycleOf(form, 'seated').map((stroke) => stroke.cue)).toEqual(['In.', 'Out.']);
  });

  it('sits on a chair from beginning to end when seated', () => {
    expect(stanceOf(form, 'seated')).toEqual({ start: 'chair', end: 'chair' });
    expect(stanceOf(form, 'full')).toEqual({ start: 'shoulder width', end: 'shoulder width' });
  });

  it('has the full way always and the others where they are written', () => {
    const bare = { ...form, smaller: undefined, seated: undefined } as Form;
    expect([hasVariant(bare, 'full'), hasVariant(bare, 'smaller'), hasVariant(bare, 'seated')]).toEqual([
      true,
      false,
      false,
    ]);
  });

  it('is refused with an unknown field, a bad id or an empty cycle', () => {
    for (const change of [
      { colour: 'red' },
      { id: 'Not An Id' },
      { cycle: [] },
      { repetitions: { least: 0, usual: 1, most: 2, multipleOf: 1 } },
      { points: ['XX9'] },
    ])
      expect(formSchema.safeParse({ ...form, ...change }).success).toBe(false);
  });
});

describe('forms and schools', () => {
  it('give an animal the organs of its phase', () => {
    const bear = REPERTOIRE.find((candidate) => candidate.animal === 'bear') as Form;
    expect(organsOfForm(bear, { animalSchool: 'standard', soundSchool: 'standard' })).toEqual([
      'spleen',
      'stomach',
    ]);
    expect(organsOfForm(bear, { animalSchool: 'crane', soundSchool: 'standard' })).toEqual([
      'kidney',
      'bladder',
    ]);
  });

  it('read the crane of one school as the bird of the other', () => {
    const bird = REPERTOIRE.find((candidate) => candidate.animal === 'bird') as Form;
    expect(organsOfForm(bird, { animalSchool: 'standard', soundSchool: 'standard' })).toContain('lung');
    expect(organsOfForm(bird, { animalSchool: 'crane', soundSchool: 'standard' })).toContain('heart');
  });

  it('drop only the sounds a school does not have', () => {
    const missing = REPERTOIRE.filter(
      (candidate) => !existsInSchools(candidate, { animalSchool: 'standard', soundSchool: 'older' }),
    );
    expect(missing.map((candidate) => candidate.id)).toEqual(['sound-triple-burner']);
    expect(
      REPERTOIRE.every((candidate) =>
        existsInSchools(candidate, { animalSchool: 'crane', soundSchool: 'voiced' }),
      ),
    ).toBe(true);
  });
});
