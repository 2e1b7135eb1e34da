import fc from 'fast-check';
import { readBriefQuery, writeBriefQuery } from '.';
import { INTENTS, type BriefWishes, type Theme } from '../brief';
import { ORGAN_IDS, PHASE_IDS } from '../phases';

const asQuery = (text: string): Record<string, string | string[]> => {
  const query: Record<string, string | string[]> = {};
  for (const key of new Set(new URLSearchParams(text).keys())) {
    const values = new URLSearchParams(text).getAll(key);
    query[key] = values.length === 1 ? (values[0] as string) : values;
  }
  return query;
};

describe('a brief in an address', () => {
  it('comes back as it was said, whatever was said', () => {
    const wishes = fc.record<BriefWishes>(
      {
        theme: fc.oneof(
          fc.constantFrom(...PHASE_IDS).map((phase) => ({ kind: 'phase' as const, phase })),
          fc.constantFrom(...ORGAN_IDS).map((organ) => ({ kind: 'organ' as const, organ })),
        ),
        intent: fc.constantFrom(...INTENTS),
        minutes: fc.integer({ min: 5, max: 60 }),
        posture: fc.constantFrom('standing' as const, 'seated' as const),
        season: fc.constantFrom('spring' as const, 'earth-turn' as const),
        breathsPerMin: fc.constantFrom(3, 4.5, 9),
        voice: fc.constantFrom('none' as const, 'whispered' as const),
        breath: fc.constantFrom('own', 'out-longer'),
        groupId: fc.constantFrom('a', 'bell loft & choir?'),
        without: fc.uniqueArray(fc.constantFrom('shaking', 'cloud-hands', 'tap-legs'), { minLength: 1 }),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(wishes, (said) => expect(readBriefQuery(asQuery(writeBriefQuery(said)))).toEqual(said)),
      { seed: 12 },
    );
  });

  it('leaves out what is not understood and keeps the rest', () => {
    expect(
      readBriefQuery({
        theme: 'organ.gizzard',
        minutes: '9000',
        posture: 'seated',
        intent: '<b>',
        breathsPerMin: 'x',
      }),
    ).toEqual({ posture: 'seated' });
    expect(readBriefQuery({ minutes: ['12', '13'] })).toEqual({ minutes: 12 });
  });
});

describe('a theme of any kind in an address', () => {
  const themes: readonly Theme[] = [
    { kind: 'season', season: 'earth-turn' },
    { kind: 'channel', channel: 'GB' },
    { kind: 'point', point: 'EX-HN3' },
    { kind: 'hour', organ: 'lung' },
    { kind: 'aim', aim: 'sleep' },
    { kind: 'set', set: 'eight-brocades' },
    { kind: 'lesson', formId: 'animal-tiger-pounce' },
    { kind: 'all-phases' },
    {
      kind: 'mix',
      parts: [{ kind: 'organ', organ: 'lung' }, { kind: 'aim', aim: 'calm' }, { kind: 'all-phases' }],
    },
  ];

  it.each(themes)('comes back as it was: %o', (theme) => {
    const wishes = {
      theme,
      pins: [
        { formId: 'cloud-hands' },
        { formId: 'shaking', role: 'wake' as const, place: 'last' as const, repetitions: 12 },
        { formId: 'crane', place: 3 },
      ],
      place: ['no-shoes' as const],
      atHand: 'ball' as const,
    };
    expect(readBriefQuery(asQuery(writeBriefQuery(wishes)))).toEqual(wishes);
  });

  it('is left out where it makes no sense, and takes no other wish with it', () => {
    for (const theme of [
      'mix.',
      'organ.spoon',
      'constructor',
      '__proto__.x',
      'organ.lung~',
      'phase.wood~phase.fire~phase.earth~phase.metal~phase.water',
    ])
      expect(readBriefQuery({ theme, minutes: '12' })).toEqual({ minutes: 12 });
  });
});
