import { REPERTOIRE, type Form } from '@/core/forms';
import { careAlong, careOf, careText, grouped } from './cautions';
import { cautionsOf } from '@/core/people';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(id);
  return found;
};

describe('care in words', () => {
  it('names the condition, and only those of the people here', () => {
    const said = careOf(form('brocade-hands-to-feet'), { variant: 'full' }, ['glaucoma']).map(careText);
    expect(said).toContain('With glaucoma, retinal trouble or recent eye surgery: head not below the heart.');
    expect(said.join(' ')).not.toMatch(/osteoporosis|blood pressure/);
    expect(careOf(form('arrive-wuji'), { variant: 'full' }, [])).toEqual([]);
  });

  it('says the same words once, with everyone they are for', () => {
    const lines = grouped(cautionsOf(form('brocade-hands-to-feet'), 'full'));
    expect(new Set(lines.map(({ say }) => say)).size).toBe(lines.length);
    expect(lines.find(({ say }) => say === 'Head not below the heart.')?.labels.length).toBeGreaterThan(2);
  });

  it('is printed once along a practice and pointed back to afterwards', () => {
    const lines = careOf(form('hanging-fold'), { variant: 'full' }, ['glaucoma']);
    const along = careAlong([lines, [], lines]);
    expect(along[0]?.fresh.length).toBe(lines.length);
    expect(along[0]?.again).toEqual([]);
    expect(along[1]).toEqual({ fresh: [], again: [] });
    expect(along[2]?.fresh).toEqual([]);
    expect(along[2]?.again).toEqual(along[0]?.fresh.map(({ number }) => number));
  });
});
