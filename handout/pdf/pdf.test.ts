import { getDocument, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { draftedFor } from '@/core/formats/formats.test.data';
import type { TermSheet } from '@/core/handout/termSheet';
import { stripOf } from '@/ui/scroll/strip';
import { sheetOf } from '@/ui/sheet/sheetOf';
import { homeworkSheetOf } from '@/ui/homework/homeworkSheetOf';
import { cueSheetPdf } from './cueSheetPdf';
import { homeworkPdf } from './homeworkPdf';
import { posterPdf, stretches } from './posterPdf';
import { termPdf } from './termPdf';

const { practice, timeline } = draftedFor({ minutes: 30 });
const named = { ...practice, name: 'Lǜ’s “loft” 氣功 龘' };
const sheet = sheetOf(named, { conditions: undefined, timeline });
const homework = homeworkSheetOf(named, {
  audience: 'people',
  conditions: ['knee'],
  isForOne: true,
  prescribed: { daysAWeek: 5, first: '2026-12-01', weeks: 4 },
  chosen: undefined,
});

/** Read by a package that is not ours. */
const read = (bytes: Uint8Array): Promise<PDFDocumentProxy> =>
  getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 }).promise;

async function textOf(document: PDFDocumentProxy, page: number): Promise<string> {
  const { items } = await (await document.getPage(page)).getTextContent();
  return items
    .map((item) => ('str' in item ? `${item.str}${item.hasEOL ? '\n' : ''}` : ''))
    .join('')
    .normalize('NFC');
}

async function pagesOf(document: PDFDocumentProxy): Promise<readonly string[]> {
  const pages: string[] = [];
  for (let page = 1; page <= document.numPages; page += 1) pages.push(await textOf(document, page));
  return pages;
}

interface Node {
  readonly role?: string;
  readonly alt?: string;
  readonly children?: readonly Node[];
}

/** Every mark of the structure of a document, in order. */
async function structureOf(document: PDFDocumentProxy): Promise<readonly Node[]> {
  const found: Node[] = [];
  const walk = (node: Node): void => {
    if (node.role) found.push(node);
    node.children?.forEach(walk);
  };
  for (let page = 1; page <= document.numPages; page += 1) {
    const tree: unknown = await (await document.getPage(page)).getStructTree();
    if (tree) walk(tree as Node);
  }
  return found;
}

const tight = (text: string): string => text.replaceAll(/\s+/g, '');

describe('a cue sheet on paper', () => {
  it('says every form with its cues in real letters, tones and hanzi and what was typed', async () => {
    const document = await read(await cueSheetPdf(sheet, 'full', 'a4'));
    const text = tight((await pagesOf(document)).join(''));
    expect(text).toContain(tight(named.name));
    for (const { name, hanzi, cues } of sheet.sections.flatMap(({ rows }) => rows)) {
      expect(text).toContain(tight(name));
      if (hanzi) expect(text).toContain(hanzi);
      for (const cue of cues) expect(text).toContain(tight(cue.text));
    }
    for (const line of sheet.foot) expect(text).toContain(tight(line));
    expect(text).toContain(tight('To be handed on: nothing private is in it.'));
  });

  it('is tagged: rows, headings, and a figure with its words for every form', async () => {
    const document = await read(await cueSheetPdf(sheet, 'full', 'letter'));
    const marks = await structureOf(document);
    const rows = sheet.sections.flatMap((section) => section.rows);
    expect(marks.filter(({ role }) => role === 'TR').length).toBeGreaterThanOrEqual(rows.length);
    expect(marks.filter(({ role }) => role === 'H2')).toHaveLength(sheet.sections.length);
    const alts = marks.filter(({ role }) => role === 'Figure').map(({ alt }) => alt);
    expect(alts).toEqual(rows.map(({ pictured }) => `${pictured}.`));
    const metadata = await document.getMetadata();
    expect(metadata.info).toMatchObject({ Title: named.name, Language: 'en-GB' });
    const { view } = await document.getPage(1);
    expect([view[2], view[3]]).toEqual([612, 792]);
  });

  it('keeps each form whole on a page, and no heading alone at the foot of one', async () => {
    const pages = (await pagesOf(await read(await cueSheetPdf(sheet, 'large', 'a4')))).map(tight);
    expect(pages.length).toBeGreaterThan(3);
    for (const { name, rows } of sheet.sections) {
      const [first] = rows;
      const onPage = pages.findIndex(
        (page) => page.includes(tight(`${name}·`)) && page.includes(tight(first?.name ?? '')),
      );
      expect({ name, onPage: onPage >= 0 }).toEqual({ name, onPage: true });
    }
    for (const { name, cues, care } of sheet.sections.flatMap(({ rows }) => rows)) {
      const parts = [name, ...cues.map(({ text }) => text), ...care.map(({ text }) => text)].map(tight);
      expect({ name, isWhole: pages.some((page) => parts.every((part) => page.includes(part))) }).toEqual({
        name,
        isWhole: true,
      });
    }
  });

  it('is one page where one is asked for, an hour too, with every form and every caution', async () => {
    const hour = draftedFor({ minutes: 60 });
    const long = sheetOf(hour.practice, { conditions: undefined, timeline: hour.timeline });
    const pages = await pagesOf(await read(await cueSheetPdf(long, 'one-page', 'a4')));
    expect(pages).toHaveLength(1);
    const text = tight(pages[0] ?? '');
    for (const { name, care } of long.sections.flatMap(({ rows }) => rows)) {
      expect(text).toContain(tight(name));
      for (const { text: told } of care) expect(text).toContain(tight(told));
    }
  });
});

describe('homework on paper', () => {
  it('shows beginning and end of each form, says the dose and when to stop, and names no condition', async () => {
    const document = await read(await homeworkPdf(homework, 'a4'));
    const text = tight((await pagesOf(document)).join(''));
    for (const { name, dose, mind } of homework.forms) {
      expect(text).toContain(tight(name));
      expect(text).toContain(tight(dose));
      for (const line of mind) expect(text).toContain(tight(line));
    }
    expect(text).toContain(tight('5 days a week for 4 weeks, from 1 Dec 2026'));
    expect(text).toContain(tight('Stop on pain, dizziness'));
    expect(text).not.toMatch(/knee\s?trouble/i);
    const marks = await structureOf(document);
    expect(marks.filter(({ role }) => role === 'LI')).toHaveLength(4);
    const figures = marks.filter(({ role }) => role === 'Figure');
    expect(figures.length).toBeGreaterThan(homework.forms.length);
    for (const { alt } of figures) expect(alt).toMatch(/\w/);
  });
});

describe('a poster', () => {
  it('is one page that names every form and says when to stop', async () => {
    const strip = stripOf(named, timeline);
    for (const paper of ['a3', 'a2', 'strip'] as const) {
      const document = await read(await posterPdf(sheet, strip, (id) => named.forms[id], paper));
      expect(document.numPages).toBe(1);
      const text = tight(await textOf(document, 1));
      const missing = strip.items.filter(({ name }) => !text.includes(tight(name))).map(({ name }) => name);
      expect({ paper, missing }).toEqual({ paper, missing: [] });
      expect(text).toContain(tight('Stop on pain'));
      for (const { care } of sheet.sections.flatMap(({ rows }) => rows))
        for (const line of care) expect(text).toContain(tight(line.text));
    }
  });

  it('parts a practice into stretches that lose no form', () => {
    const strip = stripOf(named, timeline);
    for (const count of [1, 2, 3, 5])
      expect(stretches(strip, count).flatMap(({ items }) => items.map(({ key }) => key))).toEqual(
        strip.items.map(({ key }) => key),
      );
  });
});

describe('a term on paper', () => {
  it('is one page, of a year too', async () => {
    const weeks = Array.from({ length: 53 }, (_, week) => ({
      monday: `week ${week}`,
      days: [`Thu ${week}`],
      phase: 'water' as const,
      theme: `Kidney ${week}`,
      practice: `Practice of a long name ${week}`,
      news: ['Cloud hands', 'Pushing waves'],
      load: 'full',
    }));
    const term: TermSheet = {
      title: 'A year',
      audience: 'people',
      chosen: undefined,
      about: '',
      weeks,
      foot: ['Stop on pain.'],
    };
    const document = await read(await termPdf(term, 'a4'));
    expect(document.numPages).toBe(1);
    const text = tight(await textOf(document, 1));
    for (const { theme, practice: called } of weeks) {
      expect(text).toContain(tight(theme));
      expect(text).toContain(tight(called));
    }
  });
});
