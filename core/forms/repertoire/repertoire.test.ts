import {
  REPERTOIRE,
  ROLES,
  asksOf,
  cycleOf,
  formSchema,
  hasVariant,
  nameOf,
  organsOfForm,
  phasesOfForm,
  plainText,
  propOf,
  searchText,
  VARIANTS,
} from '..';
import { paceKind } from '../../breath';
import { channel } from '../../channels';
import { ANIMAL_SCHOOLS, ORGAN_IDS, PHASE_IDS, organ } from '../../phases';
import { SOUND_SCHOOLS } from '../../sounds';

const standard = { animalSchool: 'standard', soundSchool: 'standard' } as const;
const strokesOf = (id: string) => {
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) throw new RangeError(id);
  return form;
};

describe('a way without what its form is done with', () => {
  it('has a name of its own, and nothing said of the form speaks of it', () => {
    const without = REPERTOIRE.flatMap((form) =>
      VARIANTS.filter(
        (variant) =>
          hasVariant(form, variant) &&
          propOf(form, 'full') !== undefined &&
          propOf(form, variant) === undefined,
      ).map((variant) => ({ form, variant })),
    );
    expect(without.length).toBeGreaterThan(0);
    for (const { form, variant } of without) {
      const said = [
        nameOf(form, variant),
        ...form.images,
        ...form.mistakes.flatMap(({ mistake, mend }) => [mistake, mend]),
        ...cycleOf(form, variant).map(({ cue }) => cue),
      ].join(' ');
      expect({ id: form.id, variant, said: /\b(wall|staff|ball|partner|ring)\b/i.exec(said)?.[0] }).toEqual({
        id: form.id,
        variant,
        said: undefined,
      });
    }
  });
});

describe('cautions written on forms', () => {
  it('fit the hand that strikes, as the cue names it', () => {
    for (const form of REPERTOIRE.filter(({ family }) => family === 'percussion route')) {
      const cue = form.cycle.map((stroke) => stroke.cue).join(' ');
      const by = /fists/i.test(cue) ? /loose fists/ : /fingertips/i.test(cue) ? /fingertips/ : /hollow palm/;
      expect({ id: form.id, says: by.test(form.cautions.join(' ')) }).toEqual({ id: form.id, says: true });
    }
  });

  it('ask for open eyes wherever the imagination is led inward', () => {
    for (const form of REPERTOIRE.filter(({ asks }) => asks.inwardImagery))
      expect({ id: form.id, says: /eyes open/.test(form.cautions.join(' ')) }).toEqual({
        id: form.id,
        says: true,
      });
  });

  it('no hand washes both sides of the throat at once (common practice)', () => {
    for (const form of REPERTOIRE)
      for (const variant of ['full', 'smaller', 'seated'] as const)
        for (const stroke of cycleOf(form, variant))
          for (const { hands } of stroke.postures ?? [])
            expect({
              id: form.id,
              both: form.asks.rubs.includes('neck') && hands?.both?.near === 'nape',
            }).toEqual({ id: form.id, both: false });
  });
});

describe('the repertoire', () => {
  it('is read by its own schema, form by form, with stable and unique ids', () => {
    for (const form of REPERTOIRE)
      expect({ id: form.id, parsed: formSchema.safeParse(form).success }).toEqual({
        id: form.id,
        parsed: true,
      });
    expect(new Set(REPERTOIRE.map((form) => form.id)).size).toBe(REPERTOIRE.length);
    expect(new Set(REPERTOIRE.map((form) => form.name)).size).toBe(REPERTOIRE.length);
  });

  it('holds at least forty forms and plays every role, standing and seated', () => {
    expect(REPERTOIRE.length).toBeGreaterThanOrEqual(40);
    for (const role of ROLES) {
      const forms = REPERTOIRE.filter((form) => form.roles.includes(role));
      expect(forms.length).toBeGreaterThan(0);
      expect(forms.some((form) => hasVariant(form, 'seated'))).toBe(true);
    }
  });

  it('covers what the first slice promises', () => {
    const count = (family: string) => REPERTOIRE.filter((form) => form.family === family).length;
    expect(REPERTOIRE.filter((form) => form.roles.includes('arrive')).length).toBeGreaterThanOrEqual(2);
    expect(count('joint loosening')).toBeGreaterThanOrEqual(6);
    expect(count('channel tracing')).toBeGreaterThanOrEqual(5);
    expect(count('percussion route')).toBeGreaterThanOrEqual(2);
    expect(REPERTOIRE.filter((form) => form.roles.includes('still')).length).toBeGreaterThanOrEqual(2);
    expect(REPERTOIRE.filter((form) => form.hinge).length).toBeGreaterThanOrEqual(1);
    for (const phase of PHASE_IDS) {
      const nourishing = REPERTOIRE.filter(
        (form) => form.roles.includes('nourish') && phasesOfForm(form, standard).includes(phase),
      );
      expect(nourishing.some((form) => form.family === 'flowing pair')).toBe(true);
      expect(nourishing.some((form) => form.family === 'brocade' || form.family === 'animal')).toBe(true);
      expect(REPERTOIRE.some((form) => form.family === 'healing sound' && form.phases.includes(phase))).toBe(
        true,
      );
    }
  });

  it('nourishes and clears each of the twelve organs', () => {
    for (const id of ORGAN_IDS) {
      const serving = REPERTOIRE.filter((form) => organsOfForm(form, standard).includes(id));
      expect({ id, nourish: serving.some((form) => form.roles.includes('nourish')) }).toEqual({
        id,
        nourish: true,
      });
      expect({ id, clear: serving.some((form) => form.roles.includes('clear')) }).toEqual({
        id,
        clear: true,
      });
    }
  });

  it('keeps the breath convention: every inhale is answered by an exhale, in every variant', () => {
    for (const form of REPERTOIRE)
      for (const variant of ['full', 'smaller', 'seated'] as const) {
        if (!hasVariant(form, variant)) continue;
        const breaths = cycleOf(form, variant)
          .map((stroke) => stroke.breath)
          .filter((breath) => breath === 'in' || breath === 'out');
        expect({ id: form.id, variant, even: breaths.filter((b) => b === 'in').length * 2 }).toEqual({
          id: form.id,
          variant,
          even: breaths.length,
        });
        breaths.slice(1).forEach((breath, index) => expect(breath).not.toBe(breaths[index]));
      }
  });

  it('gives every free or held stroke a time of its own and leaves breathed ones to the pace', () => {
    for (const form of REPERTOIRE)
      for (const stroke of [
        ...form.entry,
        ...form.cycle,
        ...form.exit,
        ...(form.smaller?.cycle ?? []),
        ...(form.seated?.cycle ?? []),
      ])
        expect({ id: form.id, cue: stroke.cue, timed: stroke.seconds !== undefined }).toEqual({
          id: form.id,
          cue: stroke.cue,
          timed: stroke.breath === 'free' || stroke.breath === 'hold',
        });
  });

  it('says a side or a way in every variant of a form that has sides', () => {
    for (const form of REPERTOIRE) {
      const sided = form.sides !== 'symmetric';
      for (const variant of ['full', 'seated'] as const) {
        if (!hasVariant(form, variant)) continue;
        const text = cycleOf(form, variant)
          .map((stroke) => stroke.cue)
          .join(' ');
        const token = form.sides === 'both-ways' ? /\{way\}/ : /\{[Ss]ide\}|\{[Oo]ther\}/;
        // Where a gentler variant is symmetric in itself it may do without.
        if (sided && variant === 'full')
          expect({ id: form.id, told: token.test(text) }).toEqual({ id: form.id, told: true });
        if (!sided)
          expect({ id: form.id, told: /\{(side|other|way)\}/i.test(text) }).toEqual({
            id: form.id,
            told: false,
          });
      }
    }
  });

  it('says what to mind wherever the breath is held, the head hangs low or the heels land hard', () => {
    const unsaid = REPERTOIRE.flatMap((form) =>
      VARIANTS.filter((variant) => hasVariant(form, variant))
        .filter((variant) => {
          const { breathHold, headBelowHeart, impact } = asksOf(form, variant);
          if (!breathHold && !headBelowHeart && impact !== 'firm') return false;
          const cues = cycleOf(form, variant).map(({ cue }) => cue);
          return (
            form.cautions.length === 0 && !cues.some((cue) => /gently|soft|slow|easy|only as/i.test(cue))
          );
        })
        .map((variant) => `${form.id} ${variant}`),
    );
    expect(unsaid).toEqual([]);
  });

  it('keeps cues short enough to be spoken within a slow breath (common practice: under 14 words)', () => {
    for (const form of REPERTOIRE)
      for (const stroke of [...form.cycle, ...(form.seated?.cycle ?? [])])
        expect(stroke.cue.split(' ').length).toBeLessThan(14);
  });

  it('traces each yin–yang pair along both of its channels', () => {
    for (const form of REPERTOIRE.filter((candidate) => candidate.family === 'channel tracing')) {
      const organs = form.channels.map((reach) => channel(reach.channel).organ);
      expect(organs.every((id) => id !== undefined && form.organs.includes(id))).toBe(true);
      expect(organ(form.organs[0] ?? 'lung').pair).toBe(form.organs[1]);
    }
  });

  it('asks for no step, one leg or low stance from a chair', () => {
    for (const form of REPERTOIRE.filter((candidate) => candidate.seated)) {
      const asks = asksOf(form, 'seated');
      expect([asks.oneLegSec, asks.stepping, asks.kneeBend, asks.headBelowHeart]).toEqual([
        0,
        false,
        'none',
        false,
      ]);
    }
  });

  it('offers smaller and seated variants that never ask more than the full one', () => {
    for (const form of REPERTOIRE)
      for (const variant of ['smaller', 'seated'] as const) {
        const asks = asksOf(form, variant);
        expect(asks.armsAboveShoulders && !form.asks.armsAboveShoulders).toBe(false);
        expect(asks.breathHold && !form.asks.breathHold).toBe(false);
        expect(asks.oneLegSec).toBeLessThanOrEqual(form.asks.oneLegSec);
      }
  });

  it('lets animal forms follow the school', () => {
    for (const school of ANIMAL_SCHOOLS) {
      const schools = { animalSchool: school.id, soundSchool: 'standard' } as const;
      for (const form of REPERTOIRE.filter((candidate) => candidate.animal))
        expect(phasesOfForm(form, schools)).toHaveLength(1);
    }
    expect(phasesOfForm(strokesOf('animal-tiger'), standard)).toEqual(['wood']);
    expect(
      phasesOfForm(strokesOf('animal-tiger'), { animalSchool: 'crane', soundSchool: 'standard' }),
    ).toEqual(['metal']);
  });

  it('carries an image, a usual mistake with its mend, and both gentler variants, on every form', () => {
    for (const form of REPERTOIRE)
      expect([
        form.id,
        form.images.length > 0,
        form.mistakes.length > 0,
        !!form.smaller || !!form.seated,
      ]).toEqual([form.id, true, true, true]);
  });

  it('teaches hard forms in parts', () => {
    for (const form of REPERTOIRE.filter((candidate) => candidate.level === 3))
      expect(form.parts.length).toBeGreaterThan(1);
  });

  it('uses pace kinds whose usual breath lies in its own range (common practice)', () => {
    for (const form of REPERTOIRE) {
      const kind = paceKind(form.pace);
      expect(kind.usualSec).toBeGreaterThanOrEqual(kind.leastSec);
      expect(kind.usualSec).toBeLessThanOrEqual(kind.mostSec);
    }
    expect(SOUND_SCHOOLS.length).toBe(3);
  });

  it('is found by pinyin without tones, by channel and by what it does', () => {
    const find = (words: string) =>
      REPERTOIRE.filter((form) =>
        plainText(words)
          .split(' ')
          .every((word) => searchText(form).includes(word)),
      ).map((form) => form.id);
    expect(find('wu ji')).toContain('arrive-wuji');
    expect(find('trace LU')).toContain('trace-lung-large-intestine');
    expect(find('雲手')).toEqual(['cloud-hands']);
    expect(find('nourishes kidney')).toContain('drawing-up-the-spring');
  });
});
