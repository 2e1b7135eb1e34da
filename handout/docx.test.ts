import { strFromU8, unzipSync } from 'fflate';
import { draftedFor } from '@/core/formats/formats.test.data';
import { sheetOf } from '@/ui/sheet/sheetOf';
import { sheetDocx, type RowPicture } from './docx';

const { practice, timeline } = draftedFor();
const sheet = sheetOf({ ...practice, name: 'Tea & <loft> \u0007 氣' }, { conditions: undefined, timeline });
const rows = sheet.sections.flatMap((section) => section.rows);
/** One grey pixel. */
const png = new Uint8Array(
  Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGOYCQAAdwB3PqNQ2AAAAABJRU5ErkJggg==',
    'base64',
  ),
);
const pictures = new Map(rows.map(({ id }): [string, RowPicture] => [id, { png, width: 62, height: 94 }]));

describe('a sheet for a word processor', () => {
  it('has every form in a row that does not split, with its picture and its words', async () => {
    const blob = await sheetDocx(sheet, pictures);
    const files = unzipSync(new Uint8Array(await blob.arrayBuffer()));
    const xml = strFromU8(files['word/document.xml'] ?? new Uint8Array());
    const plain = xml
      .replaceAll(/<[^>]*>/g, '')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&apos;', "'")
      .replaceAll('&quot;', '"')
      .replaceAll('&amp;', '&');
    expect(plain).toContain('Tea & <loft>  氣');
    for (const { name, cues } of rows) {
      expect(plain).toContain(name);
      for (const { text } of cues) expect(plain).toContain(text);
    }
    expect(xml.match(/<w:cantSplit/g)).toHaveLength(rows.length);
    const described = [...xml.matchAll(/<wp:docPr [^>]*descr="([^"]+)"/g)].map(([, words]) => words);
    expect(described).toHaveLength(rows.length);
    for (const line of sheet.foot) expect(plain).toContain(line);
    // Tags are closed as they were opened.
    const open: string[] = [];
    for (const [, closes, tag, empty] of xml.matchAll(/<(\/?)([\w:]+)[^>]*?(\/?)>/g)) {
      if (closes) expect(open.pop()).toBe(tag);
      else if (!empty) open.push(tag ?? '');
    }
    expect(open).toEqual([]);
  });
});
