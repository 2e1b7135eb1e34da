import type { ThemePart } from '../brief';
import { AIM_IDS } from '../brief';
import { CHANNEL_IDS } from '../channels';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { ANIMAL_SCHOOLS, animalOf, ORGAN_IDS, ORGANS, PHASE_IDS } from '../phases';
import {
  isNeverFor,
  KNOWN_THEMES,
  knownList,
  knownThemesOf,
  KNOWN_FOR_AIMS,
  KNOWN_FOR_ORGANS,
  rankFor,
  type Rank,
} from '.';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};
const rank = (id: string, part: ThemePart, schools = DEFAULT_CUSTOMS): Rank | undefined =>
  rankFor(form(id), part, schools);
const named = (part: ThemePart): readonly string[] =>
  REPERTOIRE.filter((one) => rankFor(one, part, DEFAULT_CUSTOMS) === 'named').map(({ id }) => id);

describe('what a teacher names first', () => {
  it('speaks of forms there are, each in one place, with its source', () => {
    const rows = [...Object.values(KNOWN_FOR_ORGANS), ...Object.values(KNOWN_FOR_AIMS)];
    for (const row of rows) {
      const never = 'never' in row ? (row.never as readonly string[]) : [];
      const all = [...row.named, ...row.accepted, ...never];
      for (const id of all) expect(form(id).id).toBe(id);
      expect(new Set(all).size).toBe(all.length);
      expect(row.source).toBeDefined();
    }
  });

  // Facts of the trade: the old names of the brocades say their organ (from memory; common practice otherwise).
  it.each<[string, ThemePart]>([
    ['brocade-draw-the-bow', { kind: 'organ', organ: 'lung' }],
    ['brocade-hands-to-feet', { kind: 'organ', organ: 'kidney' }],
    ['brocade-sway', { kind: 'organ', organ: 'heart' }],
    ['brocade-clench-fists', { kind: 'organ', organ: 'liver' }],
    ['brocade-part-heaven-and-earth', { kind: 'organ', organ: 'spleen' }],
    ['brocade-part-heaven-and-earth', { kind: 'organ', organ: 'stomach' }],
    ['brocade-hold-up-the-sky', { kind: 'organ', organ: 'triple-burner' }],
    ['warming-the-kidneys', { kind: 'point', point: 'BL23' }],
    ['rolling-the-soles', { kind: 'point', point: 'KI1' }],
    ['rubbing-three-miles', { kind: 'point', point: 'ST36' }],
    ['inner-gate-kneaded', { kind: 'point', point: 'PC6' }],
    ['great-surge-kneaded', { kind: 'point', point: 'LR3' }],
    ['foot-edge-stroked', { kind: 'point', point: 'SP3' }],
    ['small-orbit', { kind: 'channel', channel: 'GV' }],
    ['small-orbit', { kind: 'channel', channel: 'CV' }],
    ['rolling-the-soles', { kind: 'aim', aim: 'sleep' }],
    ['shaking', { kind: 'aim', aim: 'energy' }],
    ['belly-rubbing', { kind: 'aim', aim: 'digestion' }],
    ['spinal-wave', { kind: 'aim', aim: 'back' }],
  ])('%s is named for %o', (id, part) => {
    expect(rank(id, part)).toBe('named');
  });

  it('names each sound for its organ and for no other', () => {
    for (const one of REPERTOIRE.filter(({ soundOrgan }) => soundOrgan !== undefined))
      expect(
        ORGAN_IDS.filter((organ) => rankFor(one, { kind: 'organ', organ }, DEFAULT_CUSTOMS) === 'named'),
      ).toEqual([one.soundOrgan]);
  });

  it('names each tracing for the pair it traces, and each animal for its phase, by the school', () => {
    for (const { id, pair } of ORGANS) {
      const traced = REPERTOIRE.filter(({ family }) => family === 'channel tracing').filter(
        (one) => rankFor(one, { kind: 'organ', organ: id }, DEFAULT_CUSTOMS) === 'named',
      );
      expect(traced).toHaveLength(1);
      expect(rankFor(traced[0] ?? form('shaking'), { kind: 'organ', organ: pair }, DEFAULT_CUSTOMS)).toBe(
        'named',
      );
    }
    for (const { id: animalSchool } of ANIMAL_SCHOOLS)
      for (const phase of PHASE_IDS) {
        const animal = animalOf(phase, animalSchool) === 'crane' ? 'bird' : animalOf(phase, animalSchool);
        expect(rank(`animal-${animal}`, { kind: 'phase', phase }, { ...DEFAULT_CUSTOMS, animalSchool })).toBe(
          'named',
        );
      }
    expect(rank('animal-tiger', { kind: 'organ', organ: 'liver' })).toBe('named');
    expect(rank('animal-tiger', { kind: 'organ', organ: 'lung' })).toBeUndefined();
  });

  it('has something for every organ, phase, channel and aim, and no form that is named for everything', () => {
    const parts: readonly ThemePart[] = [
      ...ORGAN_IDS.map((organ): ThemePart => ({ kind: 'organ', organ })),
      ...PHASE_IDS.map((phase): ThemePart => ({ kind: 'phase', phase })),
      ...CHANNEL_IDS.map((channel): ThemePart => ({ kind: 'channel', channel })),
      ...AIM_IDS.map((aim): ThemePart => ({ kind: 'aim', aim })),
    ];
    for (const part of parts) expect({ part, some: named(part).length > 0 }).toEqual({ part, some: true });
    for (const one of REPERTOIRE) {
      const organs = ORGAN_IDS.filter(
        (organ) => rankFor(one, { kind: 'organ', organ }, DEFAULT_CUSTOMS) === 'named',
      );
      expect({ id: one.id, few: organs.length <= 2 }).toEqual({ id: one.id, few: true });
    }
  });

  it('names one pass over the whole body for all five phases, and first for no channel or point of its many', () => {
    expect(rank('tap-whole-body-pass', { kind: 'all-phases' })).toBe('named');
    expect(rank('tap-whole-body-pass', { kind: 'channel', channel: 'LU' })).toBe('accepted');
    expect(rank('tap-whole-body-pass', { kind: 'point', point: 'ST36' })).toBe('accepted');
    // All channels of the arms in one pass are what is done for each of them.
    expect(rank('tap-arms', { kind: 'channel', channel: 'LU' })).toBe('named');
    expect(rank('tap-legs', { kind: 'point', point: 'ST36' })).toBe('named');
    // What is one phase’s own is not named first for all five, save as a piece of a round; nor does one stay with one pair.
    expect(rank('brocade-clench-fists', { kind: 'all-phases' })).toBe('accepted');
    expect(rank('trace-kidney-bladder', { kind: 'all-phases' })).toBe('touches');
    // A hand that traces a channel goes over its points.
    expect(rank('trace-kidney-bladder', { kind: 'point', point: 'KI3' })).toBe('accepted');
    expect(rank('phase-water-well', { kind: 'all-phases' })).toBe('named');
  });

  it('names what goes along a channel first, and accepts what knocks at one place of it', () => {
    const kidney: ThemePart = { kind: 'channel', channel: 'KI' };
    expect(rank('trace-kidney-bladder', kidney)).toBe('named');
    expect(rank('tap-legs-inside', kidney)).toBe('named');
    expect(rank('breastbone-sigh', kidney)).toBe('accepted');
    expect(rank('knee-hollow', { kind: 'channel', channel: 'BL' })).toBe('accepted');
    // To a point of its place it comes all the same.
    expect(rank('knee-hollow', { kind: 'point', point: 'BL40' })).toBe('named');
  });

  it('lets one’s own form stand for the organ one names first, and touches what is merely served', () => {
    const own = { ...form('cloud-hands'), id: 'own-tide', organs: ['kidney' as const, 'lung' as const] };
    expect(rankFor(own, { kind: 'organ', organ: 'kidney' }, DEFAULT_CUSTOMS)).toBe('accepted');
    expect(rankFor(own, { kind: 'organ', organ: 'lung' }, DEFAULT_CUSTOMS)).toBe('touches');
    expect(rankFor(own, { kind: 'organ', organ: 'heart' }, DEFAULT_CUSTOMS)).toBeUndefined();
    expect(rank('cloud-hands', { kind: 'set', set: 'six-sounds' })).toBeUndefined();
  });

  it('says what has no place: nothing that wakes, for sleep', () => {
    const sleep: readonly ThemePart[] = [{ kind: 'aim', aim: 'sleep' }];
    for (const id of ['shaking', 'bouncing', 'heel-drops', 'tap-kidneys'])
      expect(isNeverFor(form(id), sleep)).toBe(true);
    expect(isNeverFor(form('belly-breathing'), sleep)).toBe(false);
    expect(isNeverFor(form('shaking'), [{ kind: 'aim', aim: 'energy' }])).toBe(false);
  });

  it('is read as a page, theme by theme, and form by form', () => {
    const lung = knownList(REPERTOIRE, { kind: 'organ', organ: 'lung' }, DEFAULT_CUSTOMS);
    expect(lung.named.map(({ id }) => id)).toContain('brocade-draw-the-bow');
    expect(lung.named.filter((one) => lung.accepted.includes(one))).toEqual([]);
    expect(lung.never).toEqual([]);
    expect(
      knownList(REPERTOIRE, { kind: 'aim', aim: 'sleep' }, DEFAULT_CUSTOMS).never.map(({ id }) => id),
    ).toContain('shaking');
    expect(KNOWN_THEMES.flatMap(({ parts }) => parts)).toHaveLength(
      12 + 5 + AIM_IDS.length + CHANNEL_IDS.length,
    );
    const bow = knownThemesOf(form('brocade-draw-the-bow'), DEFAULT_CUSTOMS);
    expect(bow.named).toContainEqual({ kind: 'organ', organ: 'lung' });
    expect(bow.accepted).toContainEqual({ kind: 'organ', organ: 'liver' });
  });
});
