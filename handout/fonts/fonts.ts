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

/** Static TrueType files, cut ahead by `npm run hanzi`. */
const CUT = path.join(process.cwd(), 'handout/fonts/faces');
const WHOLE_HANZI = path.join(
  process.cwd(),
  'node_modules/@fontsource/noto-serif-tc/files/noto-serif-tc-chinese-traditional-400-normal.woff2',
);

function fontFile(name: string, bytes: Buffer): FontFile {
  const font = create(bytes);
  return { name, bytes, has: (codePoint) => font.hasGlyphForCodePoint(codePoint) };
}

const kept = new Map<string, readonly FontFile[]>();

/** Files that were cut ahead, read once and kept. */
function shipped(key: string, names: () => readonly string[]): readonly FontFile[] {
  const there = kept.get(key);
  if (there) return there;
  const read = names().map((name) => fontFile(name, readFileSync(path.join(CUT, `${name}.ttf`))));
  kept.set(key, read);
  return read;
}

/** The files of a face, Latin first. */
export const faceFiles = (face: Face): readonly FontFile[] =>
  shipped(face, () => ['latin', 'latin-ext'].map((part) => `${face}-${part}`));

const isHan = (character: string): boolean => /\p{Script=Han}/u.test(character);

/** The hanzi of the application; and what else a text has, cut from the whole font when it is met. */
export async function hanziFiles(text: string): Promise<readonly FontFile[]> {
  const wanted = [...new Set([...text].filter(isHan))];
  if (wanted.length === 0) return [];
  const own = shipped('hanzi', () =>
    readdirSync(CUT)
      .filter((name) => name.startsWith('hanzi-'))
      .map((name) => name.replace('.ttf', '')),
  );
  const left = wanted.filter((character) => !own.some((file) => file.has(character.codePointAt(0) ?? 0)));
  return left.length === 0 ? own : [...own, ...(await typedHanzi(left))];
}

/** What somebody typed that the application itself has not. */
const typedHanzi = async (characters: readonly string[]): Promise<readonly FontFile[]> => [
  fontFile(
    'hanzi-typed',
    await subsetFont(readFileSync(WHOLE_HANZI), characters.join(''), { targetFormat: 'truetype' }),
  ),
];
