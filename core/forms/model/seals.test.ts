import { REPERTOIRE, sealRefusal, SEALS, SEAL_IDS, withSeal, type Form } from '..';

const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new Error(`no ${id}`);
  return form;
};

describe('hand seals', () => {
  it('are four, each with a shape of its own and words that are under 20 (common practice)', () => {
    expect(new Set(SEALS.map(({ shape }) => shape)).size).toBe(4);
    for (const { announce } of SEALS) expect(announce.split(' ').length).toBeLessThan(20);
  });

  it('are laid on what is still, and on nothing that moves, or whose hands are busy or spoken of', () => {
    expect(sealRefusal(formOf('arrive-wuji'), 'full', 'ring')).toBeUndefined();
    expect(sealRefusal(formOf('counting-the-breath'), 'full', 'thumb-held')).toBeUndefined();
    expect(sealRefusal(formOf('cloud-hands'), 'full', 'ring')).toBe('moves');
    // Hands on the low back, on the ribs, on the heart keep warm what they lie on.
    expect(sealRefusal(formOf('post-hands-behind'), 'full', 'ring')).toBe('hands-busy');
    expect(sealRefusal(formOf('flank-breathing'), 'full', 'sword')).toBe('hands-busy');
    // "Palms look outward" is not said of closed hands; a ring of two fingers leaves the palm to be seen.
    expect(sealRefusal(formOf('post-propping'), 'full', 'thumb-held')).toBe('hands-said');
    expect(sealRefusal(formOf('post-propping'), 'full', 'ring')).toBeUndefined();
  });

  it('fit at least a dozen forms each', () => {
    for (const id of SEAL_IDS) {
      const fit = REPERTOIRE.filter((form) => sealRefusal(form, 'full', id) === undefined);
      expect(fit.length).toBeGreaterThanOrEqual(12);
    }
  });

  it('change the hands and nothing else', () => {
    const posture = { sink: 12, hands: { both: { near: 'thigh' as const } } };
    expect(withSeal(posture, 'sword')).toEqual({
      sink: 12,
      hands: { both: { near: 'thigh', shape: 'sword fingers' } },
    });
    expect(withSeal({ sink: 9 }, 'ring').hands?.both).toEqual({ near: 'hanging', shape: 'ring fingers' });
    expect(withSeal({ hands: { left: { near: 'thigh' }, right: { near: 'knee' } } }, 'ring').hands).toEqual({
      left: { near: 'thigh', shape: 'ring fingers' },
      right: { near: 'knee', shape: 'ring fingers' },
    });
  });
});
