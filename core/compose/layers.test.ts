import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS, type Customs } from '../customs';
import { asksOf, formsOfSet, REPERTOIRE } from '../forms';
import { CONDITION_IDS, openCautions, type ConditionId } from '../people';
import { patternOf, patternRefusal, wholePattern, type WholePattern } from '../patterns';
import { compile, formOf, layersOf, type OwnLayers, type Practice } from '../practice';
import { review } from '../review';
import { soundById, type Sound } from '../sounds';
import type { Asking } from './asking';
import { accountOf, compose, somethingElse } from '.';

function askingFor(
  brief: Partial<Brief>,
  conditions: readonly ConditionId[] = [],
  customs: Partial<Customs> = {},
  layers?: OwnLayers,
): Asking {
  return {
    brief: { ...PLAIN_BRIEF, minutes: 12, voice: 'aloud', breath: 'own', ...brief },
    repertoire: REPERTOIRE,
    customs: { ...DEFAULT_CUSTOMS, ...customs },
    people: { conditions },
    seed: 3,
    layers,
  };
}

function drafted(...asked: Parameters<typeof askingFor>): Practice {
  const result = compose(askingFor(...asked));
  if (!result.ok) throw new Error(`no draft for ${JSON.stringify(asked)}`);
  return result.practice;
}

describe('what a brief lays on a draft', () => {
  it.each([
    ['liver', 'sound-liver'],
    ['heart', 'sound-heart'],
    ['spleen', 'sound-spleen'],
    ['lung', 'sound-lung'],
    ['kidney', 'sound-kidney'],
  ] as const)('clears the %s by its own sound, unless sounds are off', (organ, form) => {
    for (const intent of ['clear', 'clear-then-nourish'] as const) {
      const theme = { kind: 'organ', organ } as const;
      const sounding = drafted({ theme, intent });
      // As a form of its own, or laid on the exhale of what traces its channel.
      const organOf = ({ sound }: Practice['items'][number]) =>
        sound === undefined || sound === 'none' ? undefined : soundById(sound.sound)?.organ;
      const made = sounding.items.find((item) => item.formId === form || organOf(item) === organ);
      expect(made?.role).toBe('clear');
      expect(drafted({ theme, intent, voice: 'none' }).items.map(({ formId }) => formId)).not.toContain(form);
    }
  });

  it('makes no sound at all where sounds are off, but one that is pinned', () => {
    const silent = drafted({ voice: 'none', intent: 'clear' });
    expect(silent.items.filter((item) => formOf(silent, item).soundOrgan)).toEqual([]);
    const pinned = drafted({ voice: 'none', intent: 'clear', pins: [{ formId: 'sound-heart' }] });
    expect(
      pinned.items.filter((item) => formOf(pinned, item).soundOrgan).map(({ formId }) => formId),
    ).toEqual(['sound-heart']);
  });

  it('voices every sound as the brief has it', () => {
    for (const voice of ['aloud', 'whispered', 'silent'] as const) {
      const practice = drafted({ voice, intent: 'clear' });
      const voices = practice.items.flatMap(
        (item) => layersOf(practice, item, formOf(practice, item)).sound?.voice ?? [],
      );
      expect(voices.length).toBeGreaterThan(0);
      expect(new Set(voices)).toEqual(new Set([voice]));
    }
  });

  it('lays the breath on what nourishes, where it fits, and nothing that does not fit', () => {
    const practice = drafted({ breath: 'lower-belly' });
    const breathed = practice.items.filter(({ breathing }) => breathing);
    expect(breathed.length).toBeGreaterThan(1);
    for (const item of breathed) {
      expect(['nourish', 'still', 'balance', 'gather']).toContain(item.role);
      expect(item.reasons).toContainEqual({ code: 'breathes', pattern: 'lower-belly' });
    }
    for (const item of practice.items)
      expect(layersOf(practice, item, formOf(practice, item)).unlaid).toEqual([]);
    const pattern = patternOf('lower-belly');
    for (const item of practice.items.filter(({ role, breathing }) => role === 'nourish' && !breathing)) {
      const { vigorous, impact, percussion } = asksOf(formOf(practice, item), item.variant);
      const stirs = vigorous || impact !== 'none' || percussion.length > 0;
      const refusal = pattern && patternRefusal(formOf(practice, item), item.variant, pattern);
      expect(stirs || refusal !== undefined).toBe(true);
    }
    for (const item of breathed) expect(asksOf(formOf(practice, item), item.variant).vigorous).toBe(false);
    expect(drafted({ breath: 'own' }).items.filter(({ breathing }) => breathing)).toEqual([]);
  });

  it('law: no breath is laid on anybody who should not breathe so', () => {
    for (const breath of ['stay-when-full', 'reverse-belly', 'two-sips-in', 'small-orbit'])
      for (const condition of CONDITION_IDS.filter((_, at) => at % 3 === 0).concat(
        'pregnancy',
        'panic',
        'epilepsy-psychosis',
      )) {
        const practice = drafted({ breath, intent: 'nourish', minutes: 10 }, [condition]);
        for (const item of practice.items.filter(({ breathing }) => breathing)) {
          const form = formOf(practice, item);
          const heavy = (done: typeof item) =>
            openCautions(form, done, [condition]).filter(({ weight }) => weight !== 'watch').length;
          const { breathing, ...plain } = item;
          void breathing;
          expect(heavy(item)).toBeLessThanOrEqual(heavy(plain));
        }
      }
  });
});

describe('layers as choices', () => {
  const lung: Partial<Brief> = { theme: { kind: 'organ', organ: 'lung' }, intent: 'clear', minutes: 15 };
  const soundsOf = (practice: Practice) =>
    practice.items.flatMap((item) => {
      const { sound } = layersOf(practice, item, formOf(practice, item));
      return sound ? [{ formId: item.formId, role: item.role, written: sound.sound.written }] : [];
    });

  it('lays the organ’s sound on another form of the organ where its own is left out', () => {
    const practice = drafted({ ...lung, without: ['sound-lung'] });
    const sounds = soundsOf(practice);
    expect(sounds.map(({ written }) => written)).toEqual(['sī']);
    expect(sounds[0]?.role).toBe('clear');
    expect(sounds[0]?.formId).not.toBe('sound-lung');
    expect(practice.items.find(({ formId }) => formId === sounds[0]?.formId)?.reasons).toContainEqual({
      code: 'sounds',
      organ: 'lung',
    });
  });

  it('never makes the sound of one organ in two forms', () => {
    for (const organ of ['liver', 'heart', 'spleen', 'lung', 'kidney'] as const) {
      const practice = drafted({ ...lung, theme: { kind: 'organ', organ }, minutes: 30 });
      const sounds = soundsOf(practice).map(({ written }) => written);
      expect(sounds.length).toBeGreaterThan(0);
      expect(new Set(sounds).size).toBe(sounds.length);
    }
  });

  it('weighs both by strengths of their own, told of each form', () => {
    const asking = askingFor({ ...lung, intent: 'clear-then-nourish', breath: 'lower-belly' });
    const result = compose(asking);
    if (!result.ok) throw new Error('expected a draft');
    const account = accountOf(asking, result.practice);
    const pointsOf = (itemId: string, strength: string): number =>
      account.find((row) => row.itemId === itemId)?.contributions.find((row) => row.strength === strength)
        ?.points ?? 0;
    for (const item of result.practice.items.filter(({ hinge }) => !hinge)) {
      expect(pointsOf(item.id, 'breaths')).toBe(item.breathing ? 0.5 : 0);
      expect(pointsOf(item.id, 'sounds') > 0).toBe(item.formId === 'sound-lung');
    }
  });

  it('offers another breath and the sound on the breath in the place of what lies there', () => {
    const asking = askingFor({ ...lung, intent: 'clear-then-nourish', breath: 'lower-belly', minutes: 20 });
    const result = compose(asking);
    if (!result.ok) throw new Error('expected a draft');
    const { practice, timeline } = result;
    const breathed = practice.items.find(({ breathing }) => breathing);
    if (!breathed) throw new Error('expected a breath laid on something');
    const others = somethingElse(asking, practice, timeline, breathed.id);
    const [plain, ...more] = others.filter(({ isLayers }) => isLayers);
    expect(more).toEqual([]);
    expect(plain?.item.breathing).toBeUndefined();
    // The half point of the breath; its time may weigh a little beside.
    expect(plain?.points).toBeLessThan(0);
    expect(plain?.changeMs).toBe(
      plain ? compile(plain.practice).totalMs - compile(practice).totalMs : undefined,
    );
    // In the place of the sound's own form the others carry the sound, where it fits them.
    const sounding = practice.items.find(({ formId }) => formId === 'sound-lung');
    const instead = somethingElse(asking, practice, timeline, sounding?.id ?? '');
    const carrying = instead.filter(({ item }) => typeof item.sound === 'object');
    expect(carrying.length).toBeGreaterThan(0);
    for (const { item } of carrying) expect(item.sound).toMatchObject({ sound: 'lung-standard' });
  });

  it('chooses own breaths and sounds like those that are shipped, and the practice holds them', () => {
    const plain = patternOf('lower-belly');
    const sound = soundById('lung-standard');
    if (!plain || !sound) throw new Error('expected both');
    const breath: WholePattern = { ...wholePattern(plain), id: 'own-sea', name: 'Sea breath', outToIn: 1.6 };
    const sea: Sound = { ...sound, id: 'own-sea-sound', written: 'shaa', hanzi: undefined };
    const layers = { patterns: { [breath.id]: breath }, sounds: { [sea.id]: sea } };
    const asked = { ...lung, intent: 'clear-then-nourish' as const, breath: 'own-sea' };
    const practice = drafted(asked, [], { soundsOf: { lung: 'own-sea-sound' } }, layers);
    expect(practice.items.some(({ breathing }) => breathing?.pattern === 'own-sea')).toBe(true);
    expect(soundsOf(practice).map(({ written }) => written)).toEqual(['shaa']);
    expect(practice.patterns).toEqual({ 'own-sea': breath });
    expect(practice.sounds).toEqual({ 'own-sea-sound': sea });
    // What one does not have any more is as if it had never been named.
    const without = drafted({ ...asked, breath: 'own' }, [], { soundsOf: { lung: 'own-sea-sound' } });
    expect(soundsOf(without).map(({ written }) => written)).toEqual(['sī']);
    expect(without.sounds).toBeUndefined();
  });
});

describe('a round', () => {
  /** How often each form of a set is done in all: what is counted on each side is done twice as often. */
  const countsOf = (practice: Practice, set: string): readonly number[] =>
    formsOfSet(set, DEFAULT_CUSTOMS).flatMap((id) => {
      const item = practice.items.find(({ formId }) => formId === id);
      if (!item) return [];
      return formOf(practice, item).sides === 'symmetric' ? item.repetitions : 2 * item.repetitions;
    });

  it.each([
    ['six-sounds', 12],
    ['six-sounds', 20],
    ['six-sounds', 37],
    ['five-animals', 25],
    ['phase-round', 18],
    ['leaning-round', 16],
    ['six-tracings', 26],
    ['gentle-brocades', 24],
  ])('of %s in %d minutes is done evenly, opened and closed', (set, minutes) => {
    const practice = drafted({ theme: { kind: 'set', set }, minutes, intent: 'nourish' });
    const counts = countsOf(practice, set);
    expect(counts).toHaveLength(formsOfSet(set, DEFAULT_CUSTOMS).length);
    expect(new Set(counts).size).toBe(1);
    expect(practice.items[0]?.role).toBe('arrive');
    expect(practice.items.at(-1)?.role).toBe('close');
    expect(practice.items.some(({ role }) => role === 'gather')).toBe(true);
    expect(Math.abs(compile(practice).totalMs / 60_000 - minutes)).toBeLessThanOrEqual(
      Math.max(minutes / 100, 1 / 6),
    );
  });

  // Six, three a side, and seven for the heels in twenty minutes: as it is taught (common practice).
  it.each([
    [12, 4],
    [20, 6],
    [30, 8],
  ])(
    'of the eight brocades in %d minutes is even in all, and the heels are raised seven times',
    (minutes, times) => {
      const set = 'eight-brocades';
      const practice = drafted({ theme: { kind: 'set', set }, minutes, intent: 'nourish' });
      const heels = formsOfSet(set, DEFAULT_CUSTOMS).indexOf('heel-drops');
      const counts = countsOf(practice, set);
      expect(counts).toHaveLength(8);
      expect(counts[heels]).toBe(7);
      expect(new Set(counts.filter((_, index) => index !== heels))).toEqual(new Set([times]));
    },
  );

  it('of sounds goes by the order of the school, with a quiet breath after each, and the margin has nothing to say of it', () => {
    for (const soundSchool of ['standard', 'voiced'] as const) {
      const customs = { ...DEFAULT_CUSTOMS, soundSchool };
      const practice = drafted({ theme: { kind: 'set', set: 'six-sounds' }, minutes: 22 }, [], {
        soundSchool,
      });
      const round = practice.items.filter((item) => formOf(practice, item).soundOrgan);
      expect(round.map(({ formId }) => formId)).toEqual(formsOfSet('six-sounds', customs));
      for (const { events } of [compile(practice)])
        for (const { id } of round)
          expect(events.some(({ itemId, kind }) => itemId === id && kind === 'settle')).toBe(true);
      const notes = review(practice, compile(practice), customs, { conditions: [] });
      expect(notes.filter(({ rule }) => rule === 'sound-round' || rule === 'sound-school')).toEqual([]);
    }
  });

  it('goes as often as the customs say, where there is time for it', () => {
    const often = (soundDose: number, minutes: number): number | undefined =>
      countsOf(
        drafted({ theme: { kind: 'set', set: 'six-sounds' }, minutes }, [], { soundDose }),
        'six-sounds',
      )[0];
    expect(often(3, 16)).toBe(3);
    expect(often(6, 16)).toBe(6);
    expect(often(9, 24)).toBeGreaterThanOrEqual(8);
  });
});
