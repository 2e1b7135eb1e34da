import fc from 'fast-check';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import { REPERTOIRE } from './repertoire';
import { ROLES } from './roles';
import {
  ACTIONS,
  FACETS,
  NO_WISHES,
  POSTURES,
  readQuestion,
  seek,
  WITHOUT,
  wayFor,
  type Wishes,
} from './seek';
import { asksOf } from './variants';
import { rowOf } from './rows';

const schools = { animalSchool: 'standard', soundSchool: 'standard' } as const;
const rows = REPERTOIRE.map((form) => rowOf(form, schools, { breathsPerMin: 6, outToIn: 1.2 }));
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
        for (const row of seek(rows, wishes).rows) {
          const way = wayFor(row, wishes);
          expect(way).toBeDefined();
          if (!way) continue;
          const asks = asksOf(formOf(row.id), way.variant);
          for (const { id, asks: asked } of WITHOUT)
            if (wishes.without.includes(id)) expect(asked(asks)).toBe(false);
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
    ['KI3', { words: ['ki3'] }],
    ['yún shǒu', { words: ['yun', 'shou'] }],
    ['animal', { words: ['animal'] }],
    ['something to close', { role: 'close' }],
    ['easy on the knees', { without: ['deep-knees'] }],
    ['liver sound', { words: ['liver', 'sound'] }],
  ])('“%s”', (question, meant) => {
    expect(readQuestion(question)).toEqual({ without: [], words: [], ...meant });
  });

  it('finds names with and without tones, points by code, pinyin and sense', () => {
    const found = (question: string) => seek(rows, readQuestion(question)).rows.map((row) => row.id);
    expect(found('yun shou')).toContain('cloud-hands');
    expect(found('雲手')).toContain('cloud-hands');
    expect(found('Yún Shǒu')).toEqual(found('yun shou'));
    expect(found('KI1')).toContain('sole-gate-breathing');
    expect(found('percussion flanks')).toContain('tap-flanks');
    expect(found('one leg')).toContain('crane-stands');
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
