import {
  BROCADE_SCHOOLS,
  differencesOf,
  FORM_SETS,
  formsOfSet,
  hasVariant,
  organsOfForm,
  phasesOfForm,
  placesInSets,
  REPERTOIRE,
  ROLES,
  strokePostures,
  VARIANTS,
  cycleOf,
  type Form,
  type JointOrderId,
} from '..';
import { findMisses, solvePosture } from '../../body';
import { routeByChannel } from '../../channels';
import { ROUTE_REGIONS } from '../../channels/routeRegions';
import { cautionsOf, type ConditionId } from '../../people';
import { ANIMAL_SCHOOLS, ORGAN_IDS, PHASE_IDS } from '../../phases';
import { SOUND_ORGANS, SOUND_SCHOOLS } from '../../sounds';
import { sourceIds } from '../../sources';
import { againstBreath } from './breathing';
import { MERGED_FORMS, presentId } from '../model/merged';
import { SHIPPED_IDS } from '../repertoire/ids.test.data';
import { FAMILIES } from '../model/terms';
import { outOfTime } from '../model/timing';
import { repetitionSec } from '../../time';

const variants = REPERTOIRE.flatMap((form) =>
  VARIANTS.filter((variant) => hasVariant(form, variant)).map((variant) => ({ form, variant })),
);
const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) throw new RangeError(id);
  return form;
};
const schools = { animalSchool: 'standard', soundSchool: 'standard' } as const;
const customs = { ...schools, brocadeSchool: 'standard', jointOrder: 'bottom-up' } as const;

describe('how much there is to choose from', () => {
  it('is at least 150 forms, in every family', () => {
    expect(REPERTOIRE.length).toBeGreaterThanOrEqual(150);
    for (const family of FAMILIES)
      expect({ family, some: REPERTOIRE.some((form) => form.family === family) }).toEqual({
        family,
        some: true,
      });
  });

  it.each(ANIMAL_SCHOOLS.map((school) => school.id))(
    'gives each organ six forms that nourish and two that clear, in the animal school %s',
    (animalSchool) => {
      for (const organ of ORGAN_IDS) {
        const serving = REPERTOIRE.filter((form) =>
          organsOfForm(form, { ...schools, animalSchool }).includes(organ),
        );
        const nourish = serving.filter(
          (form) => form.roles.includes('nourish') && form.actions.includes('nourishes'),
        );
        const clear = serving.filter(
          (form) => form.roles.includes('clear') && form.actions.includes('clears'),
        );
        expect({ organ, enough: nourish.length >= 6 && clear.length >= 2 }).toEqual({ organ, enough: true });
      }
    },
  );

  it('gives each phase twelve forms with no leg lifted, deep fold, hold or raised arms', () => {
    for (const animalSchool of ANIMAL_SCHOOLS.map((school) => school.id))
      for (const phase of PHASE_IDS) {
        const easy = REPERTOIRE.filter(
          ({ asks, ...form }) =>
            phasesOfForm({ asks, ...form }, { ...schools, animalSchool }).includes(phase) &&
            asks.oneLegSec === 0 &&
            asks.fold !== 'deep' &&
            !asks.breathHold &&
            !asks.staticHold &&
            !asks.armsAboveShoulders,
        );
        expect({ phase, enough: easy.length >= 12 }).toEqual({ phase, enough: true });
      }
  });

  it('plays every role from a chair, in at least twenty forms of all roles together', () => {
    const seated = REPERTOIRE.filter((form) => hasVariant(form, 'seated'));
    expect(seated.length).toBeGreaterThanOrEqual(20);
    for (const role of ROLES)
      expect({ role, choice: seated.filter((form) => form.roles.includes(role)).length >= 3 }).toEqual({
        role,
        choice: true,
      });
  });

  it('covers every channel by something that stretches, traces, taps, presses or holds it', () => {
    const reached = new Set(
      REPERTOIRE.flatMap((form) =>
        form.channels.filter(({ how }) => how !== 'attend').map(({ channel }) => channel),
      ),
    );
    expect([...reached].sort()).toEqual([
      'BL',
      'CV',
      'GB',
      'GV',
      'HT',
      'KI',
      'LI',
      'LR',
      'LU',
      'PC',
      'SI',
      'SP',
      'ST',
      'TE',
    ]);
  });
});

describe('what is shipped', () => {
  it('keeps every id it has ever had', () => {
    const ids = REPERTOIRE.map((form) => form.id);
    // Where two were one, the old id leads to the other, and its name is still understood.
    expect(SHIPPED_IDS.filter((id) => !ids.includes(presentId(id)))).toEqual([]);
    expect(Object.keys(MERGED_FORMS).filter((id) => ids.includes(id))).toEqual([]);
    // A new form joins the list, so that it is never lost again.
    const listed: readonly string[] = SHIPPED_IDS;
    expect(ids.filter((id) => !listed.includes(id))).toEqual([]);
  });

  it('names a known source on every form', () => {
    for (const form of REPERTOIRE) expect(sourceIds).toContain(form.source);
  });

  it('teaches every form of the third level in parts, and offers a smaller or seated variant of each', () => {
    for (const form of REPERTOIRE) {
      if (form.level === 3) expect([form.id, form.parts.length >= 2]).toEqual([form.id, true]);
      for (const part of form.parts)
        expect([form.id, typeof part === 'object' && part.watch !== '']).toEqual([form.id, true]);
      expect([form.id, form.smaller !== undefined || form.seated !== undefined]).toEqual([form.id, true]);
    }
  });
});

describe('every posture of every stroke', () => {
  it('can be reached and is balanced, not only the last', () => {
    for (const { form, variant } of variants)
      for (const stroke of [...form.entry, ...cycleOf(form, variant), ...form.exit])
        for (const posture of strokePostures(stroke, variant)) {
          const misses = findMisses(solvePosture(posture)).map((miss) => miss.code);
          expect({ id: form.id, variant, cue: stroke.cue, misses }).toEqual({
            id: form.id,
            variant,
            cue: stroke.cue,
            misses: [],
          });
        }
  });
});

describe('the breath', () => {
  it('comes in with the rise and goes out with the sinking, or the form says why not (common practice)', () => {
    for (const { form, variant } of variants) {
      if (form.exceptions?.breath !== undefined) continue;
      expect({ id: form.id, variant, against: againstBreath(form, variant) }).toEqual({
        id: form.id,
        variant,
        against: [],
      });
    }
  });

  it('is told where it goes the other way', () => {
    const form = formOf('brocade-hands-to-feet');
    const turned = {
      ...form,
      cycle: form.cycle.map((stroke) => ({
        ...stroke,
        breath: stroke.breath === 'in' ? ('out' as const) : ('in' as const),
      })),
    };
    expect(againstBreath(turned, 'full').map((one) => one.code)).toEqual([
      'in-while-sinking',
      'out-while-rising',
    ]);
  });
});

describe('times (common practice)', () => {
  const ORDINARY = { breathsPerMin: 5, outToIn: 1 };

  it('of a repetition lie within the range of its kind, or the form says why not', () => {
    for (const { form, variant } of variants) {
      if (form.exceptions?.time !== undefined) continue;
      expect({ id: form.id, variant, out: outOfTime(form, variant) }).toEqual({
        id: form.id,
        variant,
        out: undefined,
      });
    }
  });

  it('stand near what was measured for known kinds', () => {
    // Usual times (common practice): a two-breath fold 21 s, a both-arms tracing round 37 s, both legs tapped 14 s.
    expect(repetitionSec(formOf('brocade-hands-to-feet'), 'full', ORDINARY)).toBeCloseTo(20, 0);
    expect(repetitionSec(formOf('tap-legs'), 'full', ORDINARY)).toBe(14);
    expect(Math.abs(repetitionSec(formOf('tap-arms'), 'full', ORDINARY) / 2 - 7.5)).toBeLessThanOrEqual(0.5);
    const arms = repetitionSec(formOf('trace-lung-large-intestine'), 'full', ORDINARY);
    expect(arms).toBeGreaterThan(20);
    expect(arms).toBeLessThanOrEqual(37);
    const frolics = REPERTOIRE.filter((form) => form.animal !== undefined).map((form) =>
      repetitionSec(form, 'full', ORDINARY),
    );
    expect(Math.min(...frolics)).toBeGreaterThanOrEqual(18);
    expect(Math.max(...frolics)).toBeLessThanOrEqual(77);
  });

  it('are told where they do not', () => {
    const form = formOf('rise-and-sink');
    expect(
      outOfTime({ ...form, cycle: Array.from({ length: 6 }, () => form.cycle).flat() }, 'full')?.sec,
    ).toBeCloseTo(72, 0);
  });
});

describe('routes', () => {
  const routed = REPERTOIRE.filter((form) => form.route !== undefined);

  it('of hands run with the flow of every channel they tap or trace', () => {
    expect(routed.length).toBeGreaterThan(12);
    for (const form of routed) {
      const worked = form.channels.filter(({ how }) => how !== 'attend').map(({ channel }) => channel);
      const against = routeByChannel(form.route ?? []).filter(
        ({ channel, runs }) => runs !== 'with' && worked.includes(channel),
      );
      expect({ id: form.id, against }).toEqual({ id: form.id, against: [] });
    }
  });

  it('touch the channels the form declares', () => {
    for (const form of routed.filter(
      ({ family }) => family === 'percussion route' || family === 'channel tracing',
    )) {
      const stops = (form.route ?? []).flatMap((stop): readonly string[] =>
        stop in ROUTE_REGIONS ? ROUTE_REGIONS[stop as keyof typeof ROUTE_REGIONS] : [stop],
      );
      const legs = new Set(stops.map((code) => code.replace(/\d+$/, '')));
      for (const { channel, how } of form.channels) {
        if (how !== 'tap' && how !== 'trace') continue;
        expect({ id: form.id, channel, touched: legs.has(channel) }).toEqual({
          id: form.id,
          channel,
          touched: true,
        });
      }
    }
  });
});

/** What a written caution speaks of, and the conditions that must then be found from what the form asks. */
const WRITTEN: readonly (readonly [words: RegExp, conditions: readonly ConditionId[]])[] = [
  [/rise slowly/i, ['low-blood-pressure']],
  [/pacemaker|a device/i, ['pacemaker', 'bleeding', 'lymphoedema']],
  [/varicose|clots/i, ['bleeding']],
  [/pregnan/i, ['pregnancy']],
  [/brittle bones/i, ['osteoporosis']],
  [/chair (?:or wall )?within reach|hand on a chair/i, ['balance']],
  [/full circle|dizziness/i, ['neck']],
  [/unsettled mind/i, ['epilepsy-psychosis']],
  [/sore knees/i, ['knee']],
  [/sore disc/i, ['low-back']],
  [/surgery of the belly/i, ['recent-surgery']],
];

describe('cautions', () => {
  it('written on a form are also found from what it asks', () => {
    let checked = 0;
    for (const form of REPERTOIRE)
      for (const caution of form.cautions)
        for (const [words, conditions] of WRITTEN) {
          if (!words.test(caution)) continue;
          checked += 1;
          const found = cautionsOf(form, 'full').map((row) => row.condition);
          expect({ id: form.id, caution, found: conditions.some((id) => found.includes(id)) }).toEqual({
            id: form.id,
            caution,
            found: true,
          });
        }
    expect(checked).toBeGreaterThan(30);
  });

  it('about a chair are written wherever a form stands on one leg', () => {
    for (const form of REPERTOIRE.filter(({ asks }) => asks.oneLegSec > 2))
      expect([form.id, form.cautions.some((caution) => /chair|wall/i.test(caution))]).toEqual([
        form.id,
        true,
      ]);
  });

  it('about rising are written wherever the head comes below the heart', () => {
    for (const form of REPERTOIRE.filter(({ asks }) => asks.headBelowHeart))
      expect([form.id, form.cautions.some((caution) => /rise slowly/i.test(caution))]).toEqual([
        form.id,
        true,
      ]);
  });

  it('about stillness: every percussion is followed by a pause to feel (common practice)', () => {
    for (const form of REPERTOIRE.filter(({ asks }) => asks.percussion.length > 0))
      expect([form.id, form.settleSec >= 8]).toEqual([form.id, true]);
  });
});

describe('sets', () => {
  it('name only forms there are, each once in an order', () => {
    for (const set of FORM_SETS)
      for (const order of set.orders) {
        const ids = order.places.flat();
        expect({
          set: set.id,
          strange: ids.filter((id) => !REPERTOIRE.some((form) => form.id === id)),
        }).toEqual({ set: set.id, strange: [] });
        expect(new Set(ids).size).toBe(ids.length);
        expect(sourceIds).toContain(order.source);
      }
  });

  it('say which brocade is the sixth in each school', () => {
    const sixth = (brocadeSchool: (typeof BROCADE_SCHOOLS)[number]['id']) =>
      formsOfSet('eight-brocades', { ...customs, brocadeSchool })[5];
    expect(sixth('standard')).toBe('brocade-hands-to-feet');
    expect(sixth('verse')).toBe('heel-drops');
    expect(BROCADE_SCHOOLS.every((school) => new Set(school.order).size === 8)).toBe(true);
  });

  it('hold two forms of each animal in the order of either school', () => {
    for (const { id } of ANIMAL_SCHOOLS) {
      const order = formsOfSet('five-animals', { ...customs, animalSchool: id });
      expect(order).toHaveLength(10);
    }
    expect(formsOfSet('five-animals', customs)[0]).toBe('animal-tiger');
    expect(formsOfSet('five-animals', { ...customs, animalSchool: 'crane' })[0]).toBe('animal-deer');
  });

  it('follow each sound school, which may have no sound for an organ', () => {
    for (const { id, order } of SOUND_SCHOOLS)
      expect(formsOfSet('six-sounds', { ...customs, soundSchool: id })).toEqual(
        order.map((organ) => `sound-${organ}`),
      );
    for (const organ of SOUND_ORGANS) expect(REPERTOIRE.some((form) => form.soundOrgan === organ)).toBe(true);
  });

  it('go through the joints up, down, or after shaking', () => {
    const joints = (jointOrder: JointOrderId) => formsOfSet('joints', { ...customs, jointOrder });
    expect(joints('bottom-up')[0]).toBe('loosen-feet-rocking');
    expect(joints('top-down')[0]).toMatch(/neck/);
    expect(joints('shake-first')[0]).toBe('shaking');
    expect(joints('shake-first').slice(2)).toEqual(joints('bottom-up'));
  });

  it('tell a form its place in the user’s order and in the others', () => {
    const places = placesInSets('brocade-hands-to-feet', customs);
    expect(places.map((place) => [place.school, place.number, place.of, place.chosen])).toEqual([
      ['standard', 6, 8, true],
      ['verse', 8, 8, false],
    ]);
    expect(placesInSets('cloud-hands', customs)).toEqual([]);
    expect(() => formsOfSet('nine-brocades', customs)).toThrow(/unknown set/);
  });
});

describe('differences between schools', () => {
  it('stand side by side for animals, sounds, numbers and contested manners', () => {
    const points = (id: string) => differencesOf(formOf(id)).map((row) => row.point);
    expect(points('animal-tiger')).toContain('phase of the animal');
    expect(points('sound-heart')).toContain('sound of the organ');
    expect(points('brocade-hands-to-feet')).toContain('place among the eight brocades');
    expect(points('brocade-draw-the-bow')).toContain('knees in a wide stance');
    expect(points('tap-arms')).toContain('tapping the arm');
    expect(points('loosen-ankles')).not.toContain('breath of a twist');
  });

  it('always name at least two positions, each with a source', () => {
    for (const form of REPERTOIRE)
      for (const { positions } of differencesOf(form)) {
        expect(positions.length).toBeGreaterThan(1);
        for (const position of positions) expect(sourceIds).toContain(position.source);
      }
  });
});
