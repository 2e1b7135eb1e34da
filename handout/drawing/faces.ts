import { readFileSync } from 'node:fs';
import path from 'node:path';
import subsetFont from 'subset-font';

const PACKAGES = path.join(process.cwd(), 'node_modules');
const serif = (part: string): string =>
  `@fontsource-variable/alegreya/files/alegreya-${part}-wght-normal.woff2`;
const sans = (part: string): string =>
  `@fontsource/alegreya-sans/files/alegreya-sans-${part}-400-normal.woff2`;
const LATIN = /[\u0020-\u00ff\u2010-\u2044]/gu;
const EXTENDED = /[\u0100-\u024f\u1e00-\u1eff]/gu;

/** Families of what stands alone; pinyin has files of its own. */
const FAMILIES = [
  { name: 'Navuren Serif', file: serif('latin'), weight: 400, letters: LATIN, range: 'U+20-FF,U+2010-2044' },
  {
    name: 'Navuren Serif',
    file: serif('latin-ext'),
    weight: 400,
    letters: EXTENDED,
    range: 'U+100-24F,U+1E00-1EFF',
  },
  {
    name: 'Navuren Sans',
    file: sans('latin'),
    weight: undefined,
    letters: LATIN,
    range: 'U+20-FF,U+2010-2044',
  },
  {
    name: 'Navuren Sans',
    file: sans('latin-ext'),
    weight: undefined,
    letters: EXTENDED,
    range: 'U+100-24F,U+1E00-1EFF',
  },
  {
    name: 'Hanzi',
    file: '@fontsource/noto-serif-tc/files/noto-serif-tc-chinese-traditional-400-normal.woff2',
    weight: undefined,
    letters: /\p{Script=Han}/gu,
    range: 'U+2E80-9FFF,U+20000-323AF',
  },
] as const;

/**
 * The letters of a text, cut out of the fonts that ship as rules of a style sheet that carries them: what it stands in looks the same
 * everywhere.
 */
export async function facesOf(text: string): Promise<string> {
  if (text === '') return '';
  const faces = await Promise.all(
    FAMILIES.map(async ({ name, file, weight, letters: wanted, range }) => {
      const letters = [...new Set(text.match(wanted) ?? [])].join('');
      if (letters === '') return '';
      const cut = await subsetFont(readFileSync(path.join(PACKAGES, file)), letters, {
        targetFormat: 'woff2',
        ...(weight === undefined ? {} : { variationAxes: { wght: weight } }),
      });
      return `@font-face{font-family:"${name}";src:url(data:font/woff2;base64,${cut.toString('base64')});unicode-range:${range}}`;
    }),
  );
  return faces.join('');
}
