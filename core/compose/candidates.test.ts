import { PLAIN_BRIEF, type Brief } from '../brief';
import { REPERTOIRE, asksOf, cycleOf, type Form } from '../forms';
import { CONDITION_IDS, cautionsOf, openCautions, type ConditionId } from '../people';
import { fitForm, meritOf } from '.';

const schools = { animalSchool: 'standard', soundSchool: 'standard' } as const;
const form = (id: string): Form => {
  const found = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
const brief = (over: Partial<Brief>): Brief => ({ ...PLAIN_BRIEF, ...over });

describe('fitting a form to posture and people', () => {
  it('takes the full way for people without conditions, and the seated one in a chair', () => {
    expect(fitForm(form('brocade-draw-the-bow'), 'standing', { conditions: [] }, schools)).toMatchObject({
      variant: 'full',
      omitHolds: false,
    });
    expect(fitForm(form('brocade-draw-the-bow'), 'seated', { conditions: [] }, schools)).toMatchObject({
      variant: 'seated',
    });
  });

  it('takes the smaller variant for knees, and leaves out what has none', () => {
    expect(
      fitForm(form('brocade-draw-the-bow'), 'standing', { conditions: ['knee'] }, schools),
    ).toMatchObject({
      variant: 'smaller',
    });
    const only = { ...form('brocade-draw-the-bow'), smaller: undefined } as Form;
    expect(fitForm(only, 'standing', { conditions: ['knee'] }, schools)).toBe('caution');
  });

  it('keeps forms done from a chair for those who sit', () => {
    for (const one of REPERTOIRE.filter((candidate) => candidate.stance.start === 'chair')) {
      expect(fitForm(one, 'standing', { conditions: [] }, schools)).toBe('no-such-variant');
      expect(fitForm(one, 'seated', { conditions: [] }, schools)).toMatchObject({ variant: 'seated' });
    }
  });

  it('says why a form cannot be used', () => {
    expect(
      fitForm({ ...form('shaking'), seated: undefined } as Form, 'seated', { conditions: [] }, schools),
    ).toBe('no-such-variant');
    expect(
      fitForm(
        form('sound-triple-burner'),
        'standing',
        { conditions: [] },
        { ...schools, soundSchool: 'older' },
      ),
    ).toBe('school');
    expect(fitForm(form('small-orbit'), 'standing', { conditions: ['epilepsy-psychosis'] }, schools)).toBe(
      'caution',
    );
  });

  it('lets nothing through that a condition would still change, for any form, posture and single condition', () => {
    for (const one of REPERTOIRE)
      for (const posture of ['standing', 'seated'] as const)
        for (const condition of CONDITION_IDS) {
          const fitting = fitForm(one, posture, { conditions: [condition] }, schools);
          if (typeof fitting === 'string') continue;
          const open = openCautions(one, { ...fitting, breathing: undefined }, [condition]).filter(
            ({ weight }) => weight !== 'watch',
          );
          expect({ form: one.id, posture, condition, open }).toEqual({
            form: one.id,
            posture,
            condition,
            open: [],
          });
        }
  });

  it('never speaks of the floor of the pelvis in pregnancy, nor of sips of breath with low blood pressure (common practice)', () => {
    const said = (id: string, condition: ConditionId): string => {
      const fitting = fitForm(form(id), 'standing', { conditions: [condition] }, schools);
      if (typeof fitting === 'string') return fitting;
      return cycleOf(form(id), fitting.variant)
        .map(({ cue }) => cue)
        .join(' ');
    };
    for (const id of ['animal-monkey', 'animal-monkey-hides'])
      expect(said(id, 'pregnancy')).not.toMatch(/floor|belly and/i);
    for (const id of ['staged-breath-lift', 'walk-two-sips'])
      expect(said(id, 'low-blood-pressure')).not.toMatch(/sip/i);
  });

  it('never lets through what a condition says to avoid, for any form, posture and single condition', () => {
    for (const candidate of REPERTOIRE)
      for (const posture of ['standing', 'seated'] as const)
        for (const condition of CONDITION_IDS) {
          const fitting = fitForm(candidate, posture, { conditions: [condition] }, schools);
          if (typeof fitting === 'string') continue;
          const avoided = cautionsOf(candidate, fitting.variant, [condition]).filter(
            (caution) => caution.weight === 'avoid',
          );
          expect({ form: candidate.id, condition, avoided }).toEqual({
            form: candidate.id,
            condition,
            avoided: [],
          });
        }
  });

  it('leaves enough to choose from for every single condition: each role keeps a form, standing and seated', () => {
    for (const condition of CONDITION_IDS)
      for (const posture of ['standing', 'seated'] as const) {
        const usable = REPERTOIRE.filter(
          (candidate) =>
            typeof fitForm(candidate, posture, { conditions: [condition] }, schools) !== 'string',
        );
        for (const role of [
          'arrive',
          'loosen',
          'wake',
          'clear',
          'nourish',
          'still',
          'balance',
          'gather',
          'close',
        ] as const)
          expect({
            condition,
            posture,
            role,
            some: usable.some((entry) => entry.roles.includes(role)),
          }).toEqual({ condition, posture, role, some: true });
      }
  });

  it('keeps arms low for shoulders', () => {
    for (const candidate of REPERTOIRE) {
      const fitting = fitForm(candidate, 'standing', { conditions: ['shoulder'] }, schools);
      if (typeof fitting !== 'string')
        expect(asksOf(candidate, fitting.variant).armsAboveShoulders).toBe(false);
    }
  });
});

describe('the merit of a form', () => {
  const fit = (id: string, over: Partial<Brief>, role: 'nourish' | 'clear' = 'nourish') =>
    meritOf(form(id), role, brief(over), schools).fit;
  const codes = (id: string, over: Partial<Brief>, role: 'nourish' | 'clear' = 'nourish') =>
    meritOf(form(id), role, brief(over), schools).reasons.map((reason) => reason.code);

  it('puts the organ before its pair, the pair before the phase’s mother, and the mother before strangers', () => {
    const theme = { kind: 'organ', organ: 'kidney' } as const;
    expect(fit('drawing-up-the-spring', { theme })).toBeGreaterThan(fit('mist-over-the-lake', { theme }));
    expect(fit('mist-over-the-lake', { theme })).toBeGreaterThan(
      fit('opening-the-chest', { theme, season: 'winter' }),
    );
    expect(codes('drawing-up-the-spring', { theme })).toContain('serves-organ');
    expect(codes('mist-over-the-lake', { theme })).toContain('mother');
  });

  it('draws on the child phase only to clear (Nàn Jīng 69)', () => {
    const theme = { kind: 'organ', organ: 'lung' } as const;
    expect(codes('trace-kidney-bladder', { theme, intent: 'clear' }, 'clear')).toContain('child');
    expect(codes('drawing-up-the-spring', { theme, intent: 'nourish' })).not.toContain('child');
    expect(codes('belly-harvest', { theme, intent: 'nourish' })).toContain('mother');
    expect(codes('belly-harvest', { theme, intent: 'clear' })).not.toContain('mother');
  });

  it('leans to yang in the morning and to yin in the evening', () => {
    const yin = (dayPart: Brief['dayPart']) =>
      fit('deep-water-breathing', { dayPart, theme: { kind: 'organ', organ: 'kidney' } });
    expect(yin('evening')).toBeGreaterThan(yin('morning'));
    const yang = (dayPart: Brief['dayPart']) =>
      fit('brocade-clench-fists', { dayPart, theme: { kind: 'organ', organ: 'liver' } });
    expect(yang('morning')).toBeGreaterThan(yang('evening'));
  });

  it('leans a little to the season and says so, but never says it twice', () => {
    const theme = { kind: 'organ', organ: 'heart' } as const;
    expect(fit('drawing-up-the-spring', { theme, season: 'winter' })).toBeGreaterThan(
      fit('drawing-up-the-spring', { theme, season: 'summer' }),
    );
    expect(codes('drawing-up-the-spring', { theme, season: 'winter' })).toContain('season');
    expect(codes('opening-the-chest', { theme, season: 'summer' })).not.toContain('season');
  });

  it('keeps hard forms back when forms are taught as we go', () => {
    const theme = { kind: 'phase', phase: 'fire' } as const;
    const cost = (familiarity: Brief['familiarity']) =>
      fit('opening-the-chest', { theme, familiarity }) - fit('brocade-sway', { theme, familiarity });
    expect(cost('taught')).toBeGreaterThan(cost('known'));
  });

  it('gives every form a reason in every role it can play', () => {
    for (const candidate of REPERTOIRE)
      for (const role of candidate.roles)
        expect(meritOf(candidate, role, brief({}), schools).reasons.length).toBeGreaterThan(0);
  });
});
