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
    expect(CONDITIONS.map(({ id }) => id)).toEqual([...CONDITION_IDS]);
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

/** A caution that has to fire: condition, form, the way done, at least this weight (common practice). */
// prettier-ignore
const MUST_FIRE = [
  ['balance', 'heel-sink', 'full', 'change'], ['balance', 'heel-drops', 'full', 'change'], ['balance', 'animal-monkey', 'full', 'change'], ['balance', 'animal-bear-sway', 'full', 'change'], ['balance', 'pushing-waves', 'full', 'change'],
  ['osteoporosis', 'tap-legs-front', 'full', 'avoid'], ['osteoporosis', 'figure-eight-hang', 'full', 'avoid'], ['osteoporosis', 'tap-flanks', 'full', 'avoid'], ['osteoporosis', 'tap-chest', 'full', 'avoid'], ['osteoporosis', 'brocade-look-back', 'full', 'change'], ['osteoporosis', 'brocade-sway', 'full', 'avoid'],
  ['vertigo', 'hanging-fold', 'full', 'avoid'], ['vertigo', 'brocade-hands-to-feet', 'full', 'avoid'], ['vertigo', 'tap-head', 'full', 'change'], ['vertigo', 'face-tapping', 'full', 'change'],
  ['pregnancy', 'tap-legs', 'full', 'avoid'], ['pregnancy', 'tap-legs-inside', 'full', 'avoid'], ['pregnancy', 'belly-rubbing', 'full', 'avoid'], ['pregnancy', 'warming-the-kidneys', 'full', 'change'], ['pregnancy', 'wake-round-rubbing', 'full', 'change'], ['pregnancy', 'heel-drops', 'full', 'avoid'], ['pregnancy', 'shaking', 'full', 'avoid'], ['pregnancy', 'bouncing', 'full', 'avoid'], ['pregnancy', 'hanging-fold', 'full', 'avoid'],
  ['recent-surgery', 'belly-rubbing', 'full', 'avoid'], ['recent-surgery', 'shaking', 'full', 'avoid'], ['recent-surgery', 'hold-horse', 'full', 'avoid'], ['recent-surgery', 'hanging-fold', 'full', 'avoid'],
  ['glaucoma', 'shaking', 'full', 'avoid'], ['glaucoma', 'heel-drops', 'full', 'avoid'], ['glaucoma', 'face-tapping', 'full', 'avoid'], ['glaucoma', 'resting-the-eyes', 'full', 'avoid'], ['glaucoma', 'face-washing', 'full', 'avoid'],
  ['knee', 'loosen-knees', 'full', 'change'], ['knee', 'crane-stands', 'full', 'change'],
  ['heart', 'hanging-fold', 'full', 'avoid'], ['heart', 'hold-embrace-overhead', 'full', 'change'], ['heart', 'hold-embrace-chest', 'full', 'change'],
  ['lymphoedema', 'tap-legs', 'full', 'change'], ['lymphoedema', 'tap-legs-back', 'full', 'change'],
  ['neck', 'loosen-neck-turtle', 'full', 'change'], ['neck', 'neck-washing', 'full', 'watch'],
  ['new-hip', 'loosen-leg-pendulum', 'full', 'change'], ['new-hip', 'loosen-hips', 'full', 'change'], ['new-hip', 'crane-stands', 'full', 'avoid'], ['new-hip', 'hold-horse', 'full', 'avoid'],
  ['low-back', 'figure-eight-hang', 'full', 'avoid'], ['low-back', 'brocade-sway', 'full', 'avoid'], ['low-back', 'wheel', 'full', 'change'], ['low-back', 'trace-kidney-bladder', 'full', 'change'],
  ['high-blood-pressure', 'trace-kidney-bladder', 'full', 'avoid'], ['glaucoma', 'trace-liver-gallbladder', 'full', 'avoid'], ['high-blood-pressure', 'tap-legs', 'full', 'avoid'],
  ['acute-illness', 'shaking', 'full', 'avoid'], ['acute-illness', 'arrive-wuji', 'full', 'watch'],
] as const;
/** And one that has no business there: a post on straight or soft knees is no low stance. */
// prettier-ignore
const MUST_NOT_AVOID = [
  ['high-blood-pressure', 'hold-embrace-chest', 'full'], ['high-blood-pressure', 'hold-embrace-belly', 'full'], ['high-blood-pressure', 'hold-floating', 'full'], ['high-blood-pressure', 'hold-three-circles', 'full'], ['heart', 'hold-embrace-chest', 'full'],
] as const;
const ORDER = ['watch', 'change', 'avoid'];

describe('cautions a teacher would expect', () => {
  it.each(MUST_FIRE)('with %s, %s (%s) is at least “%s”', (condition, id, variant, weight) => {
    const heaviest = Math.max(-1, ...weights(id, condition, variant).map((one) => ORDER.indexOf(one)));
    expect(heaviest).toBeGreaterThanOrEqual(ORDER.indexOf(weight));
  });

  it.each(MUST_NOT_AVOID)('with %s, %s (%s) is not refused', (condition, id, variant) => {
    expect(weights(id, condition, variant)).not.toContain('avoid');
  });

  it('treat a post alike whether its knees are straight or soft', () => {
    for (const condition of ['high-blood-pressure', 'heart'] as const) {
      const post = form('hold-embrace-chest');
      const said = (kneeBend: 'none' | 'slight') =>
        cautionsOf({ ...post, asks: { ...post.asks, kneeBend } }, 'full', [condition]).map(
          ({ code: said }) => said,
        );
      expect(said('none')).toEqual(said('slight'));
    }
  });

  it('see an end-range back bend and a press at BL60 and BL67', () => {
    const bent = {
      ...form('opening-the-chest'),
      asks: { ...form('opening-the-chest').asks, backBend: 'full' as const },
    };
    expect(cautionsOf(bent, 'full', ['low-back']).map(({ weight }) => weight)).toContain('avoid');
    expect(cautionsOf(bent, 'full', ['osteoporosis']).map(({ weight }) => weight)).toContain('avoid');
    for (const code of ['BL60', 'BL67'] as const) {
      const pressed = { ...form('pressing-the-palm-centre'), points: [code] };
      expect(cautionsOf(pressed, 'full', ['pregnancy']).map(({ code: said }) => said)).toContain(
        'no-press-at-pregnancy-points',
      );
    }
  });
});
