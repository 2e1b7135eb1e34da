import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { draftedFor } from '@/core/formats/formats.test.data';
import { homeworkSheetOf } from '@/ui/homework/homeworkSheetOf';
import { stripOf } from '@/ui/scroll/strip';
import { sheetOf } from '@/ui/sheet/sheetOf';
import { cueSheetPdf } from './cueSheetPdf';
import { homeworkPdf } from './homeworkPdf';
import { posterPdf } from './posterPdf';
import { termPdf } from './termPdf';

const { practice, timeline } = draftedFor({ minutes: 20 });
const named = { ...practice, name: 'Lǜ’s “loft” 氣功' };
const sheet = sheetOf(named, { conditions: undefined, timeline });
const folder = mkdtempSync(path.join(tmpdir(), 'navuren-checked-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** What a program of the distribution says of a file, with how it ended. */
function told(program: string, ...args: readonly string[]) {
  const { status, stdout, stderr } = spawnSync(program, args, { encoding: 'utf8' });
  return { status, said: `${stdout}${stderr}` };
}

const KINDS = {
  'a cue sheet': () => cueSheetPdf(sheet, 'full', 'a4'),
  'a cue sheet of one page': () => cueSheetPdf(sheet, 'one-page', 'letter'),
  'a cue sheet in large print': () => cueSheetPdf(sheet, 'large', 'a4'),
  homework: () =>
    homeworkPdf(
      homeworkSheetOf(named, {
        audience: 'people',
        conditions: ['knee'],
        isForOne: true,
        prescribed: { daysAWeek: 5, first: '2026-12-01', weeks: 4 },
        chosen: undefined,
      }),
      'a4',
    ),
  'a poster': () => posterPdf(sheet, stripOf(named, timeline), (id) => named.forms[id], 'a3'),
  'a term': () =>
    termPdf(
      {
        title: named.name,
        audience: 'people',
        chosen: undefined,
        about: 'Thursdays',
        weeks: [
          {
            monday: '30 November',
            days: ['Thu 3 December'],
            phase: 'water',
            theme: 'Kidney',
            practice: 'Deep water',
            news: ['Cloud hands'],
            load: 'full',
          },
        ],
        foot: ['Stop on pain.'],
      },
      'a4',
    ),
} as const;

describe.each(Object.entries(KINDS))('%s, as other programs see it (qpdf; poppler)', (_, made) => {
  it('is sound, says its name in letters that can be copied, and brings every font it uses', async () => {
    const file = path.join(folder, 'one.pdf');
    writeFileSync(file, await made());
    const checked = told('qpdf', '--check', file);
    expect([checked.status, checked.said]).toEqual([
      0,
      expect.stringContaining('No syntax or stream encoding errors'),
    ]);
    expect(told('pdftotext', '-enc', 'UTF-8', file, '-').said.normalize('NFC')).toContain(named.name);
    const info = told('pdfinfo', file).said;
    expect(info).toMatch(/^Tagged: +yes$/m);
    expect(info).toMatch(/^JavaScript: +no$/m);
    const [, , ...fonts] = told('pdffonts', file).said.trimEnd().split('\n');
    expect(fonts.length).toBeGreaterThan(1);
    // The columns from the right: object, generation, unicode, subset, embedded.
    for (const font of fonts) expect(font.trim().split(/\s+/).slice(-5, -2)).toEqual(['yes', 'yes', 'yes']);
  });
});
