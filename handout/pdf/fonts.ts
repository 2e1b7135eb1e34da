import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { create } from 'fontkit';
import subsetFont from 'subset-font';

/** Faces of the page, as on the screen. */
export const FACES = ['serif', 'serif-italic', 'serif-strong', 'sans', 'sans-italic', 'sans-strong'] as const;
export type Face = (typeof FACES)[number];

/** One font file, static, and what it can show. */
export interface FontFile {
  readonly name: string;
  readonly bytes: Buffer;
  readonly has: (codePoint: number) => boolean;
}

const packages = path.join(process.cwd(), 'node_modules');
const own = path.join(process.cwd(), 'ui/kit/fonts');

const serif = (style: 'normal' | 'italic', part: string): string =>
  path.join(packages, `@fontsource-variable/alegreya/files/alegreya-${part}-wght-${style}.woff2`);
const sans = (weight: number, style: 'normal' | 'italic', part: string): string =>
  path.join(packages, `@fontsource/alegreya-sans/files/alegreya-sans-${part}-${weight}-${style}.woff2`);

const SOURCES: Readonly<Record<Face, { readonly file: (part: string) => string; readonly weight?: number }>> =
  {
    serif: { file: (part) => serif('normal', part), weight: 400 },
    'serif-italic': { file: (part) => serif('italic', part), weight: 400 },
    'serif-strong': { file: (part) => serif('normal', part), weight: 500 },
    sans: { file: (part) => sans(400, 'normal', part) },
    'sans-italic': { file: (part) => sans(400, 'italic', part) },
    'sans-strong': { file: (part) => sans(700, 'normal', part) },
  };

/** Everything that Latin letters need here: Latin-1, Latin Extended-A and -B for the tones, punctuation, signs. */
const LETTERS = [
  [0x20, 0x7e],
  [0xa0, 0x24f],
  [0x1e00, 0x1eff],
  [0x2010, 0x2044],
  [0x2190, 0x2193],
  [0x2212, 0x2265],
]
  .flatMap(([from = 0, to = 0]) =>
    Array.from({ length: to - from + 1 }, (_, index) => String.fromCodePoint(from + index)),
  )
  .join('');

const WHOLE_HANZI = '@fontsource/noto-serif-tc/files/noto-serif-tc-chinese-traditional-400-normal.woff2';

async function cut(name: string, file: string, text: string, weight?: number): Promise<FontFile> {
  // Static and TrueType: a variable font would be set in its lightest weight, and woff2 cannot be embedded.
  const bytes = await subsetFont(readFileSync(file), text, {
    targetFormat: 'truetype',
    ...(weight === undefined ? {} : { variationAxes: { wght: weight } }),
  });
  const font = create(bytes);
  return { name, bytes, has: (codePoint) => font.hasGlyphForCodePoint(codePoint) };
}

const kept = new Map<string, Promise<readonly FontFile[]>>();

function once(key: string, make: () => Promise<readonly FontFile[]>): Promise<readonly FontFile[]> {
  const there = kept.get(key);
  if (there) return there;
  const made = make();
  kept.set(key, made);
  return made;
}

/** The files of a face, Latin first; cut once and kept. */
export const faceFiles = (face: Face): Promise<readonly FontFile[]> =>
  once(face, () => {
    const { file, weight } = SOURCES[face];
    return Promise.all(
      ['latin', 'latin-ext'].map((part) => cut(`${face}-${part}`, file(part), LETTERS, weight)),
    );
  });

const isHan = (character: string): boolean => /\p{Script=Han}/u.test(character);

/** The hanzi of the application, cut ahead; and what else a text has, cut from the whole font when it is met. */
export async function hanziFiles(text: string): Promise<readonly FontFile[]> {
  const wanted = [...new Set([...text].filter(isHan))];
  if (wanted.length === 0) return [];
  const shipped = await once('hanzi', async () => {
    const files = readdirSync(own).filter((name) => name.endsWith('.woff2'));
    return Promise.all(
      files.map((name) => {
        const file = path.join(own, name);
        const all = create(readFileSync(file)).characterSet.map((code) => String.fromCodePoint(code));
        return cut(name.replace('.woff2', ''), file, all.join(''));
      }),
    );
  });
  const left = wanted.filter((character) => !shipped.some((file) => file.has(character.codePointAt(0) ?? 0)));
  return left.length === 0 ? shipped : [...shipped, ...(await typedHanzi(left))];
}

/** What somebody typed that the application itself has not, from the whole font. */
const typedHanzi = async (characters: readonly string[]): Promise<readonly FontFile[]> => [
  await cut('hanzi-typed', path.join(packages, WHOLE_HANZI), characters.join('')),
];
