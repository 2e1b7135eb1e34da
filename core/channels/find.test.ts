import fc from 'fast-check';
import { cunCm, findPoints, MEASURE_IDS, measure, plain, point, POINTS, SEARCH_WORDS } from '.';
import { PHASE_IDS } from '../phases';

describe('the search of points', () => {
  it('never fails, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        for (const row of findPoints(text)) expect(point(row.code)).toBe(row);
      }),
      { numRuns: 200 },
    );
  });

  it('finds no more when a word is added', () => {
    const words = ['source', 'lung', 'kidney', 'water', 'back', 'forearm', 'mother', 'sea', 'chest', 'foot'];
    fc.assert(
      fc.property(fc.constantFrom(...words), fc.constantFrom(...words), (first, second) => {
        const less = findPoints(`${first} ${second}`).map((row) => row.code);
        const more = new Set(findPoints(first).map((row) => row.code));
        for (const code of less) expect(more).toContain(code);
      }),
    );
  });

  it('answers each of its own words', () => {
    for (const word of SEARCH_WORDS)
      expect({ word, found: findPoints(word).length > 0 }).toEqual({ word, found: true });
  });

  it('finds twelve points of each phase and more, one on every channel', () => {
    for (const phase of PHASE_IDS) {
      const channels = new Set(findPoints(`${phase} point`).map((row) => row.channel));
      expect(channels.size).toBeGreaterThanOrEqual(12);
    }
  });

  it('finds by the part of the body and by what practice uses a point for', () => {
    expect(findPoints('forearm pericardium').map((row) => row.code)).toContain('PC6');
    expect(findPoints('sleep').map((row) => row.code)).toContain('HT7');
    expect(findPoints('foot kidney').every((row) => row.channel === 'KI')).toBe(true);
  });

  it('finds the energy centres by the points that mark them, in each school', () => {
    for (const text of ['dantian', 'lower dāntián', 'Dantian lower']) {
      const found = findPoints(text).map((row) => row.code);
      for (const code of ['CV4', 'CV5', 'CV6'] as const) expect(found).toContain(code);
    }
    expect(findPoints('upper dantian').map((row) => row.code)).toContain('EX-HN3');
    expect(findPoints('jade pillow').map((row) => row.code)).toEqual(expect.arrayContaining(['BL9', 'GV17']));
  });

  it('puts the exact code before its longer ones', () => {
    const found = findPoints('LU1').map((row) => row.code);
    expect(found[0]).toBe('LU1');
    expect(found).toEqual(expect.arrayContaining(['LU10', 'LU11']));
  });

  it('reads pinyin without its marks, spaces and hyphens', () => {
    expect(plain('Zú Sān-lǐ')).toBe('zusanli');
    expect(plain('Fù’āi')).toBe('fuai');
    expect(findPoints('zu san li')[0]?.code).toBe('ST36');
  });
});

describe('a search as one asks a colleague', () => {
  const found = (text: string) => findPoints(text).map((row) => row.code);

  it('reads a code with a space, pinyin, and hanzi in either script', () => {
    for (const text of ['SP 6', 'sp6', 'Sp 6?', '三陰交', '三阴交', 'san yin jiao', 'Sānyīnjiāo'])
      expect({ text, first: found(text)[0] }).toEqual({ text, first: 'SP6' });
    // A simplified character alone finds as the traditional one does.
    expect(found('阴')).toEqual(found('陰'));
    expect(found('太冲')[0]).toBe('LR3');
  });

  // The places are those of the WHO standard of 2008, written from memory.
  it.each([
    ['3 cun above the ankle', ['SP6', 'GB39', 'BL59']],
    ['3 cun above the inner ankle', ['SP6']],
    ['three cùn above the lateral malleolus', ['GB39', 'BL59']],
    ['four fingers above the inner ankle', ['SP6']],
    ['2 cun above the wrist', ['PC6', 'TE5']],
    ['3 cun below the knee', ['ST36']],
    ['4 cun above the navel', ['CV12', 'ST21', 'KI19']],
    ['1.5 cun beside the spine', ['BL23', 'BL13']],
    ['half a cun to the side of the midline', ['KI16']],
  ])('“%s”', (text, expected) => {
    const places = found(text);
    expect(places).toEqual(expect.arrayContaining(expected));
    expect(places.length).toBeLessThan(30);
  });

  it('a place no point lies at finds none, and does not fall back on words', () => {
    expect(found('11 cun above the navel')).toEqual([]);
  });

  it('small words ask nothing', () => {
    expect(found('a point for sleep')).toEqual(expect.arrayContaining(['HT7']));
    expect(found('which points are for the head?').length).toBeGreaterThan(0);
  });
});

describe('the cùn of a person', () => {
  it('grows with stature in every segment', () => {
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 210 }), fc.constantFrom(...MEASURE_IDS), (statureCm, id) => {
        const one = cunCm({ statureCm, segmentsCm: {} }, id).cm;
        const other = cunCm({ statureCm: statureCm + 5, segmentsCm: {} }, id).cm;
        expect(other).toBeGreaterThan(one);
        expect(one * measure(id).cun).toBeCloseTo(measure(id).share * statureCm, 6);
      }),
    );
  });

  it('of a measured segment is the segment divided by its cùn, whatever else is known', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 60 }), fc.constantFrom(...MEASURE_IDS), (cm, id) => {
        const own = cunCm({ statureCm: 181, segmentsCm: { [id]: cm } }, id);
        expect(own).toEqual({ cm: cm / measure(id).cun, by: 'measured' });
      }),
    );
  });

  it('is about a thumb’s breadth on an ordinary person: 1.4 to 3.2 cm (common practice)', () => {
    for (const id of MEASURE_IDS) {
      const { cm } = cunCm({ segmentsCm: {} }, id);
      expect({ id, thumb: cm > 1.3 && cm < 3.2 }).toEqual({ id, thumb: true });
    }
  });
});

test('every point says where it lies and what it is for, without a slip of the pen', () => {
  for (const row of POINTS) {
    expect(row.where).not.toMatch(/undefined|NaN|, ,|^,|\s{2}/);
    expect(row.use).not.toMatch(/cure|heal|treat|disease/i);
  }
});
