// What a font file can show, and which hanzi a text needs.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const { convert } = createRequire(import.meta.url)('fontverter');

/** The hanzi in a text, each once. */
export const hanziIn = (text) => new Set([...text].filter((character) => /\p{Script=Han}/u.test(character)));

/** The code points a font file maps to a glyph: its `cmap` table, formats 4 and 12 (OpenType specification). */
export async function charactersOf(file) {
  const font = await convert(readFileSync(file), 'sfnt');
  const found = new Set();
  const tables = font.readUInt16BE(4);
  for (let table = 0; table < tables; table += 1) {
    const at = 12 + table * 16;
    if (font.toString('latin1', at, at + 4) !== 'cmap') continue;
    const cmap = font.readUInt32BE(at + 8);
    for (let index = 0; index < font.readUInt16BE(cmap + 2); index += 1)
      read(font, cmap + font.readUInt32BE(cmap + 4 + index * 8 + 4), found);
  }
  return found;
}

function read(font, at, found) {
  const format = font.readUInt16BE(at);
  if (format === 12)
    for (let group = 0; group < font.readUInt32BE(at + 12); group += 1) {
      const row = at + 16 + group * 12;
      for (let code = font.readUInt32BE(row); code <= font.readUInt32BE(row + 4); code += 1) found.add(code);
    }
  if (format !== 4) return;
  const segments = font.readUInt16BE(at + 6) / 2;
  const column = (which, segment) => at + 14 + which * segments * 2 + segment * 2 + (which > 0 ? 2 : 0);
  for (let segment = 0; segment < segments; segment += 1) {
    const [end, start, delta] = [0, 1, 2].map((which) => font.readUInt16BE(column(which, segment)));
    const rangeAt = column(3, segment);
    const range = font.readUInt16BE(rangeAt);
    for (let code = start; code <= end && code !== 0xffff; code += 1) {
      const glyph =
        range === 0 ? (code + delta) & 0xffff : font.readUInt16BE(rangeAt + range + (code - start) * 2);
      if (glyph !== 0) found.add(code);
    }
  }
}
