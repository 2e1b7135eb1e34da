import { asksOf, cycleOf, hasVariant, REPERTOIRE, VARIANTS, type Form } from '..';
import { saidIn, spokenFaults } from './spoken';

const ways = REPERTOIRE.flatMap((form) =>
  VARIANTS.filter((variant) => hasVariant(form, variant)).map((variant) => ({ form, variant })),
);
const cues = (form: Form, variant: 'full' | 'smaller' | 'seated') =>
  cycleOf(form, variant)
    .map(({ cue }) => cue)
    .join(' / ');

/** Of a chair's own nature: legs carry nothing. Everything else that differs is another doing. */
const OF_THE_CHAIR = ['kneeBend', 'oneLegSec', 'stepping', 'staticHold', 'heelsUp', 'unsteady'];
/** A measure of degree that no cue speaks of. */
const OF_DEGREE = ['armsUpSec'];

describe('what is spoken', () => {
  it('is what is asked, in every way of every form', () => {
    const faults = ways.flatMap(({ form, variant }) =>
      spokenFaults(form, variant).map((fault) => ({ form: form.id, variant, ...fault })),
    );
    expect(faults).toEqual([]);
  });

  it('differs wherever a gentler way differs: one that changes the doing has words of its own', () => {
    const silent = ways.flatMap(({ form, variant }) => {
      if (variant === 'full' || cues(form, variant) !== cues(form, 'full')) return [];
      const [full, gentle] = [asksOf(form, 'full'), asksOf(form, variant)];
      const changed = (Object.keys(full) as (keyof typeof full)[]).filter(
        (name) =>
          JSON.stringify(full[name]) !== JSON.stringify(gentle[name]) &&
          !OF_DEGREE.includes(name) &&
          !(variant === 'seated' && OF_THE_CHAIR.includes(name)),
      );
      const same = /^(?:The same|It is done)\b/.test(form[variant]?.change ?? '');
      return changed.length > 0 || !same ? [{ form: form.id, variant, changed }] : [];
    });
    expect(silent).toEqual([]);
  });

  it('is heard where it is wrong: the forbidden word in a gentler way is a fault', () => {
    const chest = REPERTOIRE.find(({ id }) => id === 'tap-chest') as Form;
    const wrong: Form = {
      ...chest,
      smaller: { ...chest.smaller, change: 'Smooth.', cycle: [...chest.cycle] },
    };
    expect(spokenFaults(wrong, 'smaller').map(({ id }) => id)).toContain('knocks');
    const fold = REPERTOIRE.find(({ id }) => id === 'hanging-fold') as Form;
    const onChair: Form = { ...fold, seated: { ...fold.seated, change: 'Fold.', cycle: [...fold.cycle] } };
    expect(spokenFaults(onChair, 'seated').map(({ id }) => id)).toContain('stands');
  });

  it('announces a gentler way by its own name where the full one is named for what it leaves out', () => {
    expect(saidIn(REPERTOIRE.find(({ id }) => id === 'tap-chest') as Form, 'smaller')[0]).toBe(
      'Smoothing chest and collarbones',
    );
  });
});
