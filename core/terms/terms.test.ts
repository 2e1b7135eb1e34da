import { readFileSync } from 'node:fs';
import { sourceTitle } from '../sources';
import { TERMS, type Term } from './terms';

describe('the words that are explained', () => {
  it('are each one, say something, and say where it is from', () => {
    expect(new Set(TERMS.map(({ id }) => id)).size).toBe(TERMS.length);
    expect(new Set(TERMS.map(({ word }) => word.toLowerCase())).size).toBe(TERMS.length);
    for (const { says, source } of TERMS as readonly Term[]) {
      expect(says.length).toBeGreaterThan(40);
      expect(says.endsWith('.')).toBe(true);
      if (source !== 'ours') expect(sourceTitle(source)).not.toBe('');
    }
  });

  it('explain the words a newcomer meets in Compose', () => {
    const known = TERMS.flatMap((term: Term) => [term.word, ...(term.also ?? [])]);
    for (const word of [
      'score',
      'hinge',
      'bookend',
      'lanes',
      'block',
      'station',
      'lock',
      'must',
      'cùn',
      'Triple Burner',
    ])
      expect(known).toContain(word);
  });

  it('have hanzi that ship with the application', () => {
    const faces = readFileSync('ui/kit/fonts/hanzi.css', 'utf8');
    const ranges = [...faces.matchAll(/U\+([0-9A-F]+)(?:-([0-9A-F]+))?/gi)].map(([, from = '', to]) => [
      parseInt(from, 16),
      parseInt(to ?? from, 16),
    ]);
    const missing = [...new Set(TERMS.flatMap((term: Term) => [...(term.hanzi ?? '')]))].filter((sign) => {
      const code = sign.codePointAt(0) ?? 0;
      return !ranges.some(([from = 0, to = 0]) => code >= from && code <= to);
    });
    expect(missing).toEqual([]);
  });
});
