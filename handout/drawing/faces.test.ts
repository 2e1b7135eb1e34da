import { create } from 'fontkit';
import { facesOf, rangeOf } from './faces';

describe('the letters that what stands alone carries', () => {
  it('are told as CSS tells them, stretches for what follows (worked by hand)', () => {
    expect(rangeOf([...'ABCX'])).toBe('U+41-43,U+58');
    expect(rangeOf([...' 肺'])).toBe('U+20,U+80BA');
    expect(rangeOf([])).toBe('');
  });

  it('are there, each in one file of its family, and nothing that was not asked for', async () => {
    const rules = await facesOf('Lǜ 肺 out');
    const found = [
      ...rules.matchAll(
        /font-family:"([^"]+)";src:url\(data:font\/woff;base64,([^)]+)\);unicode-range:([^}]+)}/g,
      ),
    ];
    const has = (family: string, letter: string): boolean =>
      found.some(
        ([, name, data = '']) =>
          name === family &&
          create(Buffer.from(data, 'base64')).hasGlyphForCodePoint(letter.codePointAt(0) ?? 0),
      );
    for (const letter of 'Lǜout') {
      expect([letter, has('Navuren Serif', letter)]).toEqual([letter, true]);
      expect([letter, has('Navuren Sans', letter)]).toEqual([letter, true]);
    }
    expect(has('Hanzi', '肺')).toBe(true);
    expect(has('Navuren Serif', 'z')).toBe(false);
    const ranges = found.filter(([, name]) => name === 'Navuren Serif').map(([, , , range]) => range);
    expect(ranges).toHaveLength(new Set(ranges).size);
    expect(await facesOf('')).toBe('');
  });
});
