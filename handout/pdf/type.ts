import type { Face } from '../fonts/fonts';

/** Letters of one face, size and colour. */
export interface Run {
  readonly text: string;
  readonly face: Face;
  readonly size: number;
  readonly colour?: string;
}

/** The fonts of a document, registered: which file a letter of a face is in, and how wide a text is written, pt. */
export interface Fonts {
  readonly fileOf: (face: Face, codePoint: number) => string | undefined;
  readonly widthOf: (file: string, size: number, text: string) => number;
}

/** A stretch of one file, on its place in a line. */
export interface Piece {
  readonly file: string;
  readonly size: number;
  readonly colour: string;
  readonly text: string;
  readonly x: number;
}

export interface SetLine {
  readonly pieces: readonly Piece[];
  readonly height: number;
  /** From the top of the line to the foot of its letters. */
  readonly ascent: number;
}

/** A paragraph set in lines. */
export interface SetText {
  readonly lines: readonly SetLine[];
  readonly height: number;
  /** All of it as it is read. */
  readonly text: string;
}

const LEADING = 1.24;
const ASCENT = 0.92;

/** What no font here has, in letters they have; a letter loses its mark rather than the whole. */
const INSTEAD: Readonly<Record<string, string>> = {
  '→': '–',
  '≤': '<',
  '≥': '>',
  '☐': '',
  '✓': '',
  '\t': ' ',
};

interface Letter {
  readonly character: string;
  readonly file: string;
}

function lettersOf(run: Run, fonts: Fonts): readonly Letter[] {
  const found: Letter[] = [];
  const put = (character: string): boolean => {
    const file = fonts.fileOf(run.face, character.codePointAt(0) ?? 0);
    if (file !== undefined) found.push({ character, file });
    return file !== undefined;
  };
  for (const character of run.text.normalize('NFC')) {
    if (put(character)) continue;
    const instead = INSTEAD[character];
    if (instead !== undefined) [...instead].forEach(put);
    else if (!put(character.normalize('NFD').charAt(0))) put('?');
  }
  return found;
}

/** Letters that stand together: a line is broken between words, and anywhere among hanzi. */
interface Word {
  readonly letters: readonly Letter[];
  readonly run: Run;
  readonly width: number;
  readonly isSpace: boolean;
}

const isHan = (character: string): boolean => /\p{Script=Han}/u.test(character);

function widthOf(letters: readonly Letter[], size: number, fonts: Fonts): number {
  let [width, from] = [0, 0];
  for (let to = 1; to <= letters.length; to += 1) {
    if (to < letters.length && letters[to]?.file === letters[from]?.file) continue;
    const file = letters[from]?.file ?? '';
    width += fonts.widthOf(
      file,
      size,
      letters
        .slice(from, to)
        .map(({ character }) => character)
        .join(''),
    );
    from = to;
  }
  return width;
}

function wordsOf(runs: readonly Run[], fonts: Fonts): readonly Word[] {
  const words: Word[] = [];
  for (const run of runs) {
    let letters: Letter[] = [];
    const end = (isSpace: boolean): void => {
      if (letters.length > 0) words.push({ letters, run, isSpace, width: widthOf(letters, run.size, fonts) });
      letters = [];
    };
    for (const letter of lettersOf(run, fonts)) {
      const isSpace = letter.character === ' ' || letter.character === '\n';
      const before = letters[letters.length - 1]?.character;
      if (before !== undefined && ((before === ' ') !== isSpace || isHan(letter.character)))
        end(before === ' ');
      letters.push(isSpace ? { ...letter, character: ' ' } : letter);
    }
    end(letters[0]?.character === ' ');
  }
  return words;
}

function lineOf(words: readonly Word[], fonts: Fonts): SetLine {
  const pieces: Piece[] = [];
  let x = 0;
  for (const { letters, run } of words)
    for (const { character, file } of letters) {
      const last = pieces[pieces.length - 1];
      const { size, colour = '#221e19' } = run;
      if (last?.file === file && last.size === size && last.colour === colour)
        pieces[pieces.length - 1] = { ...last, text: last.text + character };
      else {
        if (last) x = last.x + fonts.widthOf(last.file, last.size, last.text);
        pieces.push({ file, size, colour, text: character, x });
      }
    }
  const size = Math.max(...words.map(({ run }) => run.size));
  return { pieces, height: size * LEADING, ascent: size * ASCENT };
}

/** Sets runs in lines no wider than `width`, pt; a word that is wider alone stands alone. */
export function setText(runs: readonly Run[], width: number, fonts: Fonts): SetText {
  const lines: SetLine[] = [];
  let [line, wide] = [[] as Word[], 0];
  const end = (): void => {
    while (line.at(-1)?.isSpace) line.pop();
    if (line.length > 0) lines.push(lineOf(line, fonts));
    [line, wide] = [[], 0];
  };
  for (const word of wordsOf(runs, fonts)) {
    if (wide + word.width > width && line.length > 0 && !word.isSpace) end();
    if (line.length === 0 && word.isSpace) continue;
    line.push(word);
    wide += word.width;
  }
  end();
  return {
    lines,
    height: lines.reduce((sum, { height }) => sum + height, 0),
    text: runs.map(({ text }) => text).join(''),
  };
}
