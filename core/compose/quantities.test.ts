import { PLAIN_BRIEF } from '../brief';
import type { Form } from '../forms';
import { defineForm } from '../forms/writing/define';
import { exhale, freely, inhale } from '../forms/writing/strokes';
import { compile, type Item, type Practice } from '../practice';
import { quantitiesOf } from './quantities';

const breathed: Form = defineForm({
  id: 'breathed',
  name: 'Breathed',
  family: 'flowing pair',
  roles: ['nourish'],
  actions: ['moves'],
  pace: 'flowing',
  setupSec: { known: 4, taught: 10 },
  settleSec: 2,
  entry: [],
  cycle: [inhale('Rise.'), exhale('Sink.')],
  exit: [],
  repetitions: { least: 1, usual: 2, most: 9, multipleOf: 1 },
  images: [],
});
const free: Form = { ...breathed, id: 'free', cycle: [freely(10, 'Sway.')] };
const item = (id: string, over: Partial<Item>): Item => ({
  id,
  formId: 'breathed',
  variant: 'full',
  role: 'nourish',
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
const practice: Practice = {
  name: 'By hand',
  seed: 1,
  // Six breaths a minute, out as long as in: a flowing breath is 10 s, the first of a form a tenth slower.
  brief: { ...PLAIN_BRIEF, breathsPerMin: 6 },
  customs: {
    outToIn: 1,
    animalSchool: 'standard',
    virtueSchool: 'classical',
    soundSchool: 'standard',
    wordsPerMin: 120,
  },
  items: [
    item('a', { formId: 'free', role: 'loosen', repetitions: 1 }),
    item('b', {}),
    item('c', { stretch: 0.8 }),
  ],
  forms: { breathed, free },
};

describe('what a practice comes to', () => {
  const timeline = compile(practice);
  const { sections, breaths, effort, totalMs } = quantitiesOf(practice, timeline);

  it('gives every section its time, and all of the time to sections', () => {
    // Loosen: 4 s of talk, 11 s swayed, 2 s settling. Nourish: twice the talk and settling, 11 + 3 × 10 s, 8.8 + 3 × 8 s.
    const by = new Map(sections.map(({ role, ms }) => [role, ms / 1000]));
    expect(by.get('loosen')).toBeCloseTo(17, 3);
    expect(by.get('nourish')).toBeCloseTo(2 * 6 + 41 + 32.8, 3);
    expect(by.get('close')).toBe(0);
    expect(sections.reduce((sum, { ms }) => sum + ms, 0)).toBeCloseTo(totalMs, 6);
  });

  it('tells how quickly one breathes while the breath is led, and nothing where it is free', () => {
    expect(breaths.map(({ perMin }) => perMin && Math.round(perMin * 1000) / 1000)).toEqual([
      undefined,
      // Four breaths in 41 s, and in 32.8 s.
      5.854,
      7.317,
    ]);
  });

  it('tells the effort of every form, end to end', () => {
    expect(effort.map(({ itemId }) => itemId)).toEqual(['a', 'b', 'c']);
    for (const [at, span] of effort.entries())
      expect(span.startMs + span.lengthMs).toBeCloseTo(effort[at + 1]?.startMs ?? totalMs, 6);
  });
});
