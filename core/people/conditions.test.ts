import { CONDITIONS, CONDITION_IDS, cautionsOf, openCautions } from '.';
import { REPERTOIRE, type Form } from '../forms';
import { sourceIds } from '../sources';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
const weights = (
  id: string,
  condition: (typeof CONDITION_IDS)[number],
  variant: 'full' | 'smaller' | 'seated' = 'full',
) => cautionsOf(form(id), variant, [condition]).map((caution) => caution.weight);

describe('cautions (common practice)', () => {
  it('have unique ids, sources and something to say', () => {
    expect(new Set(CONDITION_IDS).size).toBe(CONDITIONS.length);
    for (const row of CONDITIONS) {
      expect(sourceIds).toContain(row.source);
      expect(row.rules.length).toBeGreaterThan(0);
    }
  });

  it('keep the head above the heart with high blood pressure and glaucoma', () => {
    expect(weights('brocade-hands-to-feet', 'high-blood-pressure')).toContain('avoid');
    expect(weights('brocade-hands-to-feet', 'glaucoma')).toContain('avoid');
    expect(weights('brocade-hands-to-feet', 'glaucoma', 'smaller')).not.toContain('avoid');
  });

  it('leave out holds and let the exhale go by the mouth with high blood pressure', () => {
    const remedies = cautionsOf(form('brocade-hold-up-the-sky'), 'full', ['high-blood-pressure']).map(
      (caution) => caution.remedy,
    );
    expect(remedies).toContain('omit-holds');
    expect(remedies).toContain('exhale-by-mouth');
  });

  it('allow no knocking on the belly in pregnancy, over a device, or with bleeding risk', () => {
    expect(weights('swing-and-knock', 'pregnancy')).toContain('avoid');
    expect(weights('tap-arms', 'pacemaker')).toContain('avoid');
    expect(weights('tap-legs', 'bleeding')).toContain('change');
    expect(weights('tap-arms', 'pacemaker', 'smaller')).not.toContain('avoid');
  });

  it('keep knees shallow, shoulders low and both feet down where asked', () => {
    expect(weights('brocade-draw-the-bow', 'knee')).toContain('change');
    expect(weights('animal-bird', 'shoulder')).toContain('change');
    expect(weights('animal-bird', 'balance')).toContain('avoid');
    expect(weights('animal-bird', 'balance', 'smaller')).not.toContain('avoid');
  });

  it('keep inward imagery away with psychosis or epilepsy', () => {
    expect(weights('small-orbit', 'epilepsy-psychosis')).toContain('avoid');
  });

  it('no longer stand once their remedy is in the practice', () => {
    const sky = form('brocade-hold-up-the-sky');
    const open = (omitHolds: boolean, exhaleByMouth: boolean) =>
      openCautions(sky, { variant: 'full', omitHolds, exhaleByMouth }, ['high-blood-pressure']).filter(
        (caution) => caution.weight !== 'watch',
      ).length;
    expect([open(false, false), open(true, false), open(true, true)]).toEqual([2, 1, 0]);
  });

  it('speak for every condition when none is named, and for none when the list is empty', () => {
    expect(cautionsOf(form('brocade-hands-to-feet'), 'full').length).toBeGreaterThan(4);
    expect(cautionsOf(form('brocade-hands-to-feet'), 'full', [])).toEqual([]);
  });
});
