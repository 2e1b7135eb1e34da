import fc from 'fast-check';
import { AIMS } from '../brief/aims';
import { asksOf, REPERTOIRE, ROLES } from '../forms';
import { CONDITION_IDS, CONDITIONS, cautionsOf } from '../people';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import { readQuestion as readAgainst, rowOf, knownOf } from '.';
import { CONDITIONS_SAID } from './conditionWords';
import { ACTIONS, FACETS, JOINTS, NO_WISHES, POSTURES, seek, WITHOUT, variantFor, type Wishes } from './seek';

const schools = { animalSchool: 'standard', soundSchool: 'standard' } as const;
const rows = REPERTOIRE.map((form) => rowOf(form, schools, { breathsPerMin: 6, outToIn: 1.2 }));
const known = knownOf(rows);
const readQuestion = (question: string): Wishes => readAgainst(question, known);
const formOf = (id: string) => {
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) throw new RangeError(id);
  return form;
};

const wishesArbitrary = fc.record<Wishes>({
  action: fc.constantFrom(undefined, ...ACTIONS),
  organ: fc.constantFrom(undefined, undefined, ...ORGAN_IDS),
  phase: fc.constantFrom(undefined, undefined, ...PHASE_IDS),
  role: fc.constantFrom(undefined, undefined, ...ROLES),
  joint: fc.constantFrom(undefined, undefined, ...JOINTS),
  conditions: fc.constantFrom(undefined, undefined, ...CONDITION_IDS.map((id) => [id])),
  posture: fc.constantFrom(undefined, ...POSTURES),
  level: fc.constantFrom(undefined, 1 as const, 2 as const, 3 as const),
  minutes: fc.constantFrom(undefined, 1, 2, 4, 10),
  without: fc.subarray(WITHOUT.map((row) => row.id)),
  words: fc.constantFrom([], ['wave'], ['lu'], ['nothing-like-this']),
} as never);

describe('seeking a form', () => {
  it('finds everything when nothing is wished', () => {
    expect(seek(rows, NO_WISHES).rows).toHaveLength(REPERTOIRE.length);
  });

  it('counts for every value what choosing it would find (checked by choosing it)', () => {
    fc.assert(
      fc.property(wishesArbitrary, (wishes) => {
        const { counts, withoutCounts } = seek(rows, wishes);
        for (const facet of FACETS)
          for (const [value, count] of counts[facet])
            expect({ facet, value, count }).toEqual({
              facet,
              value,
              count: seek(rows, { ...wishes, [facet]: value }).rows.length,
            });
        for (const { id } of WITHOUT)
          expect(withoutCounts.get(id) ?? 0).toBe(
            seek(rows, { ...wishes, without: [...new Set([...wishes.without, id])] }).rows.length,
          );
      }),
      { numRuns: 40, seed: 4 },
    );
  });

  it('never finds more with one wish more', () => {
    fc.assert(
      fc.property(wishesArbitrary, fc.constantFrom(...ORGAN_IDS), (wishes, organ) => {
        const { organ: _organ, ...rest } = wishes;
        expect(seek(rows, { ...rest, organ }).rows.length).toBeLessThanOrEqual(seek(rows, rest).rows.length);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('finds only forms with a way that keeps what is left out and the minutes', () => {
    fc.assert(
      fc.property(wishesArbitrary, (wishes) => {
        const { rows: asMeant, smaller } = seek(rows, wishes);
        for (const row of [...asMeant, ...smaller]) {
          const way = variantFor(row, wishes);
          expect(way).toBeDefined();
          if (!way) continue;
          const asks = asksOf(formOf(row.id), way.variant);
          for (const { id, asks: asked } of WITHOUT)
            if (wishes.without.includes(id)) expect(asked(asks)).toBe(false);
          for (const id of wishes.conditions ?? [])
            for (const caution of cautionsOf(formOf(row.id), way.variant, [id])) {
              expect(caution.weight).not.toBe('avoid');
              expect(caution.remedy).not.toBe('gentler-variant');
            }
          if (wishes.minutes !== undefined) expect(way.leastSec).toBeLessThanOrEqual(wishes.minutes * 60);
          if (wishes.posture !== undefined)
            expect(way.variant === 'seated').toBe(wishes.posture === 'seated');
        }
      }),
      { numRuns: 60, seed: 6 },
    );
  });
});

describe('a question in words', () => {
  it('is read as a practitioner asks it', () => {
    const wishes = readQuestion(
      'What nourishes the Kidney, seated, without raising the arms, in four minutes?',
    );
    expect(wishes).toEqual({
      action: 'nourishes',
      organ: 'kidney',
      posture: 'seated',
      minutes: 4,
      without: ['raised-arms'],
      words: [],
    });
    const found = seek(rows, wishes).rows;
    expect(found.length).toBeGreaterThan(5);
    for (const row of found) {
      expect(row.organs).toContain('kidney');
      expect(asksOf(formOf(row.id), 'seated').armsAboveShoulders).toBe(false);
    }
  });

  it.each([
    ['clears the lungs by the mouth', { action: 'clears', organ: 'lung', words: ['by', 'mouth'] }],
    ['forms for the large intestine', { organ: 'large-intestine' }],
    ['calm, no steps, no knocking', { action: 'calms', without: ['knocking', 'steps'] }],
    ['wood phase, both feet down, 2 min', { phase: 'wood', without: ['one-leg'], minutes: 2 }],
    ['KI channel without holds', { channel: 'KI', without: ['holds'] }],
    ['KI3', { points: ['KI3'] }],
    ['yún shǒu', { words: ['yun', 'shou'] }],
    ['animal', { words: ['animal'] }],
    ['something to close', { role: 'close' }],
    ['easy on the knees', { without: ['deep-knees'] }],
    ['liver sound', { words: ['liver', 'sound'] }],
  ])('“%s”', (question, meant) => {
    expect(readQuestion(question)).toEqual({ without: [], words: [], ...meant });
  });

  it.each([
    ['reaches SP6', { points: ['SP6'] }],
    ['reaches SP 6', { points: ['SP6'] }],
    ['三阴交', { points: ['SP6'] }],
    ['三陰交', { points: ['SP6'] }],
    ['Sānyīnjiāo', { points: ['SP6'] }],
    ['something that touches yong quan', { points: ['KI1'] }],
    ['stretches the Liver channel', { channel: 'LR', how: 'stretch' }],
    ['stretch LR', { channel: 'LR', how: 'stretch' }],
    ['tapping the gall bladder meridian, seated', { channel: 'GB', how: 'tap', posture: 'seated' }],
    ['the governing vessel', { channel: 'GV' }],
    ['triple heater channel', { channel: 'TE' }],
    ['bad knees', { conditions: ['knee'] }],
    [
      'a student with bad knees and high blood pressure',
      { conditions: ['high-blood-pressure', 'knee'], words: ['student'] },
    ],
    ['low blood pressure', { conditions: ['low-blood-pressure'] }],
    ['heart disease', { conditions: ['heart'] }],
    ['clears the heart', { action: 'clears', organ: 'heart' }],
    ['slipped disc', { conditions: ['low-back'] }],
    ['six months pregnant', { conditions: ['pregnancy'], words: ['six', 'months'] }],
    ['stiff shoulders', { joint: 'shoulders' }],
    ['loosens the hips', { joint: 'hips' }],
    ['shoulder width', { words: ['shoulder', 'width'] }],
    ['something for insomnia', { aim: 'sleep' }],
    ['for tired people', { aim: 'energy' }],
    ['a stiff back', { aim: 'back' }],
    ['something against anger', { aim: 'mood', words: ['against'] }],
    ['level 3', { level: 3 }],
    ['nothing difficult', { level: 1 }],
    ['for beginners, hips', { level: 1, joint: 'hips' }],
  ] as const)('as one asks a colleague: “%s”', (question, meant) => {
    const wishes = readQuestion(question);
    expect(wishes).toEqual({ without: [], words: [], ...meant });
    // Asked so, there is always something to show.
    const { rows: asMeant, smaller } = seek(rows, wishes);
    expect(asMeant.length + smaller.length).toBeGreaterThan(0);
  });

  it('answers with forms that do it', () => {
    const found = (question: string) => seek(rows, readQuestion(question)).rows;
    for (const row of found('reaches SP6')) expect([...row.named, ...row.reached]).toContain('SP6');
    for (const row of found('stretches the Liver channel'))
      expect(formOf(row.id).channels).toContainEqual({ channel: 'LR', how: 'stretch' });
    for (const row of found('bad knees'))
      expect(['none', 'slight']).toContain(asksOf(formOf(row.id), 'full').kneeBend);
    for (const row of found('stiff shoulders')) expect(formOf(row.id).loosens).toContain('shoulders');
    const sleep = found('something for insomnia');
    expect(sleep.length).toBeGreaterThan(10);
    expect(sleep.length).toBeLessThan(rows.length / 2);
    for (const row of sleep) expect(formOf(row.id).polarity).not.toBe('yang');
    expect(sleep.slice(0, 8).filter((row) => row.actions.includes('calms')).length).toBeGreaterThan(6);
  });

  it('reads every condition by its own label, and knows them all', () => {
    expect(CONDITIONS_SAID.map(({ id }) => id).toSorted()).toEqual([...CONDITION_IDS].toSorted());
    for (const { id, label } of CONDITIONS) {
      expect(CONDITIONS_SAID.find((row) => row.id === id)?.label).toBe(label);
      expect({ label, read: readQuestion(label).conditions }).toEqual({ label, read: [id] });
      const { rows: asMeant, smaller } = seek(rows, readQuestion(label));
      expect({ id, some: asMeant.length + smaller.length > 5 }).toEqual({ id, some: true });
    }
  });

  it('reads every aim by its own label (calm is something a form does)', () => {
    for (const { id, label } of AIMS)
      if (id !== 'calm') expect({ label, aim: readQuestion(`for ${label}`).aim }).toEqual({ label, aim: id });
  });

  it('says which word it did not understand, and asks for the rest', () => {
    const { rows: found, notUnderstood } = seek(rows, readQuestion('blorp for stiff shoulders'));
    expect(notUnderstood).toEqual(['blorp']);
    expect(found).toEqual(seek(rows, readQuestion('stiff shoulders')).rows);
    expect(seek(rows, readQuestion('cloud hands')).notUnderstood).toEqual([]);
  });

  it('finds each form first, or among the first, by its own name', () => {
    for (const form of REPERTOIRE) {
      const { rows: asMeant } = seek(rows, readQuestion(form.name));
      expect({ name: form.name, found: asMeant.some((row) => row.id === form.id) }).toEqual({
        name: form.name,
        found: true,
      });
    }
  });

  it('leaves out by the form as it is, and shows a smaller variant apart', () => {
    const all = seek(rows, NO_WISHES);
    for (const { id } of WITHOUT) {
      // Every facet leaves something out: the count says how many forms do not ask it in their full way.
      const count = all.withoutCounts.get(id) ?? 0;
      const byHand = REPERTOIRE.filter(
        (form) => !WITHOUT.find((row) => row.id === id)?.asks(asksOf(form, 'full')),
      );
      expect({ id, count }).toEqual({ id, count: byHand.length });
      expect({ id, less: count < rows.length }).toEqual({ id, less: true });
      const { rows: asMeant, smaller } = seek(rows, { ...NO_WISHES, without: [id] });
      expect(asMeant).toHaveLength(count);
      for (const row of smaller)
        expect(variantFor(row, { ...NO_WISHES, without: [id] })?.variant).not.toBe('full');
    }
  });

  it('finds names with and without tones, points by code, pinyin and sense', () => {
    const found = (question: string) => seek(rows, readQuestion(question)).rows.map((row) => row.id);
    expect(found('yun shou')).toContain('cloud-hands');
    expect(found('雲手')).toContain('cloud-hands');
    expect(found('Yún Shǒu')).toEqual(found('yun shou'));
    expect(found('KI1')).toContain('sole-gate-breathing');
    expect(found('percussion flanks')).toContain('tap-flanks');
    expect(found('one leg')).toContain('crane-stands');
    expect(readQuestion('one leg').words).toEqual(['one', 'leg']);
    expect(readQuestion('a good one for sleep').words).toEqual([]);
    expect(found('bubbling')).toContain('arrive-wuji');
  });

  it('holds any text without harm', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        expect(seek(rows, readQuestion(text)).rows.length).toBeLessThanOrEqual(rows.length);
      }),
      { numRuns: 200, seed: 7 },
    );
  });
});
