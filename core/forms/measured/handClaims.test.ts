import { REPERTOIRE, hasVariant, pointsOf, reachOf, VARIANTS, type Form } from '..';
import { POINTS } from '../../channels';
import { measureUntouched, nearestGaps, ON_POINT_CM, pointsByHand, THREE_BUILDS } from './handClaims';
import { isOnArm } from './reach';

const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new Error(`no ${id}`);
  return form;
};

describe('what hands are said to come to', () => {
  it('lies within a hand’s breadth of a hand on three bodies, or is not said of that way', () => {
    // Measured again for every fourth form; the table is written for all of them.
    for (const form of REPERTOIRE.filter((_, index) => index % 4 === 0))
      for (const variant of VARIANTS.filter((one) => hasVariant(form, one))) {
        const missed = measureUntouched(form, variant).map(({ code }) => code);
        for (const code of missed)
          expect({ id: form.id, variant, code, way: reachOf(form, code, variant) ?? 'channel' }).toEqual({
            id: form.id,
            variant,
            code,
            way: 'channel',
          });
      }
  });

  it('is true of every point a full way names', () => {
    for (const form of REPERTOIRE)
      expect({ id: form.id, points: pointsOf(form, 'full') }).toEqual({ id: form.id, points: form.points });
  });

  it('goes for a way that does not reach so far: whoever taps the thighs alone does not come to the shins', () => {
    const tapping = formOf('tap-legs-front');
    expect(reachOf(tapping, 'ST36')).toBe('named');
    expect(reachOf(tapping, 'ST36', 'smaller')).toBe('channel');
    expect(pointsOf(tapping, 'smaller')).toEqual(['ST31']);
    expect(pointsOf(formOf('close-hands-to-belly'), 'full')).toContain('CV6');
    // What is attended to is reached from wherever the hands are.
    expect(reachOf(formOf('wall-back'), 'GV4', 'smaller')).toBe('named');
  });

  it('is measured on bodies a head apart, and a point just beyond the fingers is told by how far', () => {
    expect(THREE_BUILDS.map(({ statureM }) => statureM)).toEqual([1.52, 1.7, 1.88]);
    const gap = nearestGaps(formOf('warming-the-kidneys'), 'full', ['BL23', 'KI1']);
    expect(gap.get('BL23')).toBeLessThan(ON_POINT_CM);
    // Soles carry what stands on them: the floor counts as touch there.
    expect(gap.get('KI1')).toBeLessThan(ON_POINT_CM);
    expect(nearestGaps(formOf('tap-head'), 'full', ['ST36']).get('ST36')).toBeGreaterThan(25);
  });

  it('leaves a hand its own arm, and no more than its arm (WHO 2008, where the channels leave the arm)', () => {
    for (const code of ['LU1', 'LU2', 'LI16', 'LI20', 'HT1', 'SI10', 'SI19', 'PC1', 'TE15', 'TE23'] as const)
      expect({ code, arm: isOnArm(code) }).toEqual({ code, arm: false });
    for (const code of ['LU3', 'LU11', 'LI15', 'HT2', 'SI9', 'PC2', 'TE14'] as const)
      expect({ code, arm: isOnArm(code) }).toEqual({ code, arm: true });
    // 9 and 15, 8 and 9, 8 and 14.
    expect(POINTS.filter(({ code }) => isOnArm(code))).toHaveLength(9 + 15 + 8 + 9 + 8 + 14);
  });

  it('asks nothing of forms that only attend', () => {
    expect(pointsByHand(formOf('hold-embrace-belly'))).not.toContain('CV6');
    expect(pointsByHand(formOf('tap-legs-front'))).toContain('ST36');
  });
});
