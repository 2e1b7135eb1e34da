import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { create } from 'fontkit';
import { convert } from 'fontverter';
import { FACES, faceFiles, hanziFiles, type Face } from './fonts';

const packages = path.join(process.cwd(), 'node_modules');
const whole = (file: string): Buffer => readFileSync(path.join(packages, file));

/** The font a face comes from, whole, as its package ships it, at the weight it is set in. */
const FROM: Readonly<Record<Face, { readonly file: string; readonly weight?: number }>> = {
  serif: { file: '@fontsource-variable/alegreya/files/alegreya-latin-wght-normal.woff2', weight: 400 },
  'serif-italic': {
    file: '@fontsource-variable/alegreya/files/alegreya-latin-wght-italic.woff2',
    weight: 400,
  },
  'serif-strong': {
    file: '@fontsource-variable/alegreya/files/alegreya-latin-wght-normal.woff2',
    weight: 500,
  },
  sans: { file: '@fontsource/alegreya-sans/files/alegreya-sans-latin-400-normal.woff2' },
  'sans-italic': { file: '@fontsource/alegreya-sans/files/alegreya-sans-latin-400-italic.woff2' },
  'sans-strong': { file: '@fontsource/alegreya-sans/files/alegreya-sans-latin-700-normal.woff2' },
};

const LETTERS = 'Navuren: breathe in, hands rise 27';

describe('the faces of paper, cut ahead', () => {
  it.each(FACES)('%s is static TrueType, set as wide as the font it was cut from', async (face) => {
    const [latin] = faceFiles(face);
    const cut = create(latin?.bytes ?? Buffer.alloc(0));
    const { file, weight } = FROM[face];
    const from = create(await convert(whole(file), 'sfnt'));
    const original = weight === undefined ? from : from.getVariation({ wght: weight });
    expect(cut.directory.tables).toHaveProperty('glyf');
    expect(cut.directory.tables).not.toHaveProperty('fvar');
    for (const letter of new Set(LETTERS)) {
      const code = letter.codePointAt(0) ?? 0;
      const [here, there] = [cut.glyphForCodePoint(code), original.glyphForCodePoint(code)];
      expect(here.id).toBeGreaterThan(0);
      expect(Math.abs(here.advanceWidth - there.advanceWidth)).toBeLessThanOrEqual(1);
    }
  });

  it('has every letter of pinyin with its tone in every face', () => {
    const tones = 'āáǎàēéěèīíǐìōóǒòūúǔùǖǘǚǜĀÁǍÀĒÉĚÈŌÓǑÒ';
    for (const face of FACES)
      for (const letter of tones)
        expect([face, letter, faceFiles(face).some(({ has }) => has(letter.codePointAt(0) ?? 0))]).toEqual([
          face,
          letter,
          true,
        ]);
  });

  it('has the hanzi the screen has, and cuts others from the whole font when they are met', async () => {
    const folder = path.join(process.cwd(), 'ui/kit/fonts');
    const shown = readdirSync(folder)
      .filter((name) => name.endsWith('.woff2'))
      .flatMap((name) => create(readFileSync(path.join(folder, name))).characterSet)
      .filter((code) => /\p{Script=Han}/u.test(String.fromCodePoint(code)));
    const files = await hanziFiles('氣');
    expect(shown.length).toBeGreaterThan(300);
    expect(shown.filter((code) => !files.some(({ has }) => has(code)))).toEqual([]);
    expect(files.map(({ name }) => name)).not.toContain('hanzi-typed');
    const rare = '龘';
    const met = await hanziFiles(rare);
    expect(met.find(({ name }) => name === 'hanzi-typed')?.has(rare.codePointAt(0) ?? 0)).toBe(true);
    expect(await hanziFiles('only letters')).toEqual([]);
  });
});
