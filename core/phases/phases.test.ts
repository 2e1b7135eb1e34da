import { sourceIds } from '../sources';
import { SEASON_SOUND_ORGAN, SOUND_ORGANS, SOUND_SCHOOLS, soundOf, soundOrder } from '../sounds';
import {
  ANIMAL_SCHOOLS,
  CORRESPONDENCES,
  ORGANS,
  PHASE_IDS,
  VIRTUE_SCHOOLS,
  animalOf,
  childOf,
  controlledBy,
  controllerOf,
  correspondence,
  motherOf,
  organ,
  organsOf,
} from '.';

describe('the five phases', () => {
  it('generate and control one another in the classical order (Sù Wèn 5)', () => {
    expect(PHASE_IDS.map(childOf)).toEqual(['fire', 'earth', 'metal', 'water', 'wood']);
    expect(PHASE_IDS.map(controlledBy)).toEqual(['earth', 'metal', 'water', 'wood', 'fire']);
  });

  it('make cycles that close after five steps and undo each other', () => {
    for (const phase of PHASE_IDS) {
      expect(motherOf(childOf(phase))).toBe(phase);
      expect(controllerOf(controlledBy(phase))).toBe(phase);
      expect(childOf(childOf(phase))).toBe(controlledBy(phase));
      let walked = phase;
      for (let step = 0; step < 5; step += 1) walked = childOf(walked);
      expect(walked).toBe(phase);
    }
  });

  it('carry the textbook correspondences (spot checks, Sù Wèn 5)', () => {
    expect(correspondence('wood', 'tissue')).toBe('sinews');
    expect(correspondence('fire', 'taste')).toBe('bitter');
    expect(correspondence('earth', 'climate')).toBe('damp');
    expect(correspondence('metal', 'disturbing-emotion')).toBe('grief, sorrow');
    expect(correspondence('water', 'sense')).toBe('ears');
  });

  it('name no unknown source and no attribute twice', () => {
    const rows = [...CORRESPONDENCES, ...ANIMAL_SCHOOLS, ...VIRTUE_SCHOOLS, ...SOUND_SCHOOLS, ...ORGANS];
    for (const row of rows) expect(sourceIds).toContain(row.source);
    expect(new Set(CORRESPONDENCES.map((row) => row.id)).size).toBe(CORRESPONDENCES.length);
  });
});

describe('organs', () => {
  it('pair yin with yang within one phase, each way', () => {
    for (const row of ORGANS) {
      const other = organ(row.pair);
      expect(other.pair).toBe(row.id);
      expect(other.phase).toBe(row.phase);
      expect(other.polarity).not.toBe(row.polarity);
    }
  });

  it('give fire two pairs and every other phase one, yin organ first', () => {
    expect(organsOf('fire')).toHaveLength(4);
    for (const phase of PHASE_IDS) expect(organsOf(phase)[0]?.polarity).toBe('yin');
  });
});

describe('schools', () => {
  it('assign five different animals to the phases', () => {
    for (const school of ANIMAL_SCHOOLS)
      expect(new Set(PHASE_IDS.map((phase) => animalOf(phase, school.id))).size).toBe(5);
    expect(animalOf('water', 'standard')).toBe('deer');
    expect(animalOf('water', 'crane')).toBe('bear');
  });

  it('order the standard sounds by the generating cycle and the voiced ones from the Lung', () => {
    expect(
      soundOrder('standard')
        .slice(0, 5)
        .map((id) => organ(id).phase),
    ).toEqual([...PHASE_IDS]);
    expect(soundOrder('voiced')[0]).toBe('lung');
    for (const school of SOUND_SCHOOLS)
      expect([...school.order].sort()).toEqual(
        SOUND_ORGANS.filter((id) => soundOf(id, school.id) !== undefined).sort(),
      );
  });

  it('give each season the sound of its own phase', () => {
    for (const phase of PHASE_IDS) expect(organ(SEASON_SOUND_ORGAN[phase]).phase).toBe(phase);
  });
});
