import {
  AlignmentType,
  BorderStyle,
  Document,
  Footer,
  HeadingLevel,
  ImageRun,
  Packer,
  PageNumber,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
} from 'docx';
import { clockOf } from '@/core/formats/clock';
import { doseLine } from '@/core/formats/sheetText';
import { AUDIENCE_WORDS } from '@/core/handout/audience';
import { careLine, type Sheet, type SheetRow } from '@/core/handout/sheet';
import { phaseName } from '@/core/phases';

/** A row’s picture as a PNG, and its size as it is shown, px. */
export interface RowPicture {
  readonly png: Uint8Array<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

/** Words of the page’s own faces where they are there, of common ones elsewhere; sizes in half points. */
const FONT = 'Georgia';
const quiet = '5c5348';
const HAIRLINE = { style: BorderStyle.SINGLE, size: 4, color: 'cfc4b0' } as const;
const NONE = { style: BorderStyle.NONE, size: 0, color: 'ffffff' } as const;
const BORDERS = { top: NONE, left: NONE, right: NONE, bottom: HAIRLINE } as const;

/** XML takes no control characters: nobody types them on purpose. */
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g;
const run = (
  text: string,
  over: Omit<ConstructorParameters<typeof TextRun>[0] & object, 'text'> = {},
): TextRun => new TextRun({ text: text.replace(CONTROL, ''), font: FONT, size: 20, ...over });
const paragraph = (children: readonly (TextRun | ImageRun)[]): Paragraph =>
  new Paragraph({ children: [...children], spacing: { after: 40 } });

const cell = (children: readonly Paragraph[], percent: number): TableCell =>
  new TableCell({
    children: children.length === 0 ? [new Paragraph({})] : [...children],
    borders: BORDERS,
    width: { size: percent, type: WidthType.PERCENTAGE },
    margins: { top: 60, bottom: 60, right: 80 },
  });

function toldOf(row: SheetRow): readonly Paragraph[] {
  const care = careLine(row);
  const cues = row.cues.flatMap(({ breath, sound, text }) => [
    run(`${breath} `, { italics: true, color: quiet }),
    ...(sound
      ? [run(`${[sound.written, sound.hanzi].filter(Boolean).join(' ')} `, { bold: true, size: 24 })]
      : []),
    run(`${text}  `),
  ]);
  return [
    ...(row.before.length > 0 ? [paragraph([run(row.before.join(' '), { italics: true })])] : []),
    ...(cues.length > 0 ? [paragraph(cues)] : []),
    ...row.extras.map((text) => paragraph([run(text, { italics: true })])),
    ...(row.after.length > 0 ? [paragraph([run(row.after.join(' '), { italics: true })])] : []),
    ...(care === '' ? [] : [paragraph([run(`Care: ${care}`, { size: 17, color: quiet })])]),
    ...(row.note === undefined ? [] : [paragraph([run(`For yourself: ${row.note}`, { size: 17 })])]),
  ];
}

function rowOf(row: SheetRow, picture: RowPicture | undefined): TableRow {
  const drawn = picture
    ? [
        paragraph([
          new ImageRun({
            type: 'png',
            data: picture.png,
            transformation: { width: picture.width, height: picture.height },
            altText: { name: row.name, title: row.name, description: `${row.pictured}.` },
          }),
        ]),
      ]
    : [];
  return new TableRow({
    // A form stands whole on one page.
    cantSplit: true,
    children: [
      cell([paragraph([run(clockOf(row.startMs))])], 9),
      cell(
        [
          paragraph([
            run(row.name, { bold: true, size: 23 }),
            ...(row.hanzi ? [run(`  ${row.hanzi}`, { color: quiet })] : []),
          ]),
          paragraph([run(doseLine(row), { size: 18, color: quiet })]),
        ],
        25,
      ),
      cell(drawn, 13),
      cell(toldOf(row), 53),
    ],
  });
}

/** A cue sheet for a word processor (Office Open XML): rows that do not split, pictures with their words. */
export function sheetDocx(sheet: Sheet, pictures: ReadonlyMap<string, RowPicture>): Promise<Blob> {
  const head = [
    new Paragraph({ heading: HeadingLevel.TITLE, children: [run(sheet.title, { italics: true, size: 44 })] }),
    paragraph([
      run(`${phaseName(sheet.phase).hanzi} ${[phaseName(sheet.phase).name, ...sheet.about].join(' · ')}`),
    ]),
    ...(sheet.chosen ? [paragraph([run(sheet.chosen)])] : []),
    ...(sheet.intention ? [paragraph([run(sheet.intention, { italics: true, size: 23 })])] : []),
    paragraph([run(sheet.tradition, { size: 18, color: quiet })]),
  ];
  const sections = sheet.sections.flatMap(({ name, lengthMs, rows }) => [
    new Paragraph({
      heading: HeadingLevel.HEADING_2,
      keepNext: true,
      children: [run(`${name} · ${clockOf(lengthMs)} min`, { size: 20, color: quiet, bold: true })],
    }),
    new Table({
      width: { size: 100, type: WidthType.PERCENTAGE },
      rows: rows.map((row) => rowOf(row, pictures.get(row.id))),
    }),
  ]);
  const foot = new Footer({
    children: [
      new Paragraph({
        alignment: AlignmentType.RIGHT,
        children: [
          run(`${sheet.title} · ${AUDIENCE_WORDS[sheet.audience]}  `, { size: 15, color: quiet }),
          new TextRun({
            children: [PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES],
            size: 15,
            font: FONT,
          }),
        ],
      }),
    ],
  });
  return Packer.toBlob(
    new Document({
      title: sheet.title,
      creator: 'Navuren',
      sections: [
        {
          properties: {
            page: {
              size: { width: 11906, height: 16838 },
              margin: { top: 800, bottom: 800, left: 800, right: 800 },
            },
          },
          footers: { default: foot },
          children: [...head, ...sections, paragraph([run(sheet.foot.join(' '), { size: 18 })])],
        },
      ],
    }),
  );
}
