import { goalsOf } from '@/core/body';
import { tellingPosture } from '@/core/forms';
import { clockOf } from '@/core/formats/clock';
import { doseLine } from '@/core/formats/sheetText';
import { AUDIENCE_WORDS } from '@/core/handout/audience';
import { careLine, type Sheet, type SheetRow } from '@/core/handout/sheet';
import { phaseName } from '@/core/phases';
import { detailFor } from '@/ui/figure/detail';
import { figureMarkup } from '@/ui/figure/markup';
import { VIEWS } from '@/ui/figure/view';
import { INK, Paper, PAPERS, type PaperId, type Structure } from './paper';
import type { Run, SetText } from './type';

export const DENSITIES = ['one-page', 'full', 'large'] as const;
export type Density = (typeof DENSITIES)[number];

/** Sizes of a sheet, pt. */
interface Sizes {
  readonly text: number;
  readonly name: number;
  readonly small: number;
  /** Height of a figure’s frame; none where there is no room for one. */
  readonly figure: number;
  readonly nameColumn: number;
  readonly cues: 'all' | 'first' | 'none';
  readonly isSpare: boolean;
  readonly isOnePage?: boolean;
  readonly margin: number;
}

const FULL: Sizes = {
  text: 9.6,
  name: 11.4,
  small: 8.2,
  figure: 62,
  nameColumn: 176,
  cues: 'all',
  isSpare: false,
  margin: 40,
};
/** Read standing, the sheet on the floor. */
const LARGE: Sizes = {
  text: 18,
  name: 20,
  small: 18,
  figure: 104,
  nameColumn: 0,
  cues: 'all',
  isSpare: true,
  margin: 40,
};
/** On one page, as large as it can be: what to mind stands at the foot, and its numbers with the forms. */
const ONE_PAGE: readonly Sizes[] = [
  ...[12, 11, 10, 9, 8.4, 7.8, 7.2].map((text) => ({ text, cues: 'first' as const })),
  ...[8, 7, 6, 5, 4.4].map((text) => ({ text, cues: 'none' as const })),
].map(({ text, cues }): Sizes => ({
  text,
  name: text + 1,
  small: Math.min(7.2, text),
  figure: 0,
  nameColumn: 236,
  cues,
  isSpare: true,
  isOnePage: true,
  margin: 34,
}));

const quiet = INK.faded;

const nameRuns = (row: SheetRow, { name }: Sizes): readonly Run[] => [
  { text: row.name, face: 'serif-strong', size: name },
  ...(row.hanzi ? [{ text: ` ${row.hanzi}`, face: 'serif', size: name, colour: quiet } as const] : []),
];

/** How many words of a cue do on one page. */
const FEW_WORDS = 5;
const first = (text: string): string => {
  const words = text.split(' ');
  return words.length <= FEW_WORDS
    ? text
    : `${words
        .slice(0, FEW_WORDS)
        .join(' ')
        .replace(/[,;:]$/, '')} …`;
};

function cueRuns({ cues }: SheetRow, sizes: Sizes): readonly Run[] {
  const { text: size } = sizes;
  if (sizes.cues === 'none') return [];
  return cues.flatMap(({ breath, sound, text }, index): readonly Run[] => [
    { text: `${index > 0 ? '   ' : ''}${breath} `, face: 'sans-italic', size, colour: quiet },
    ...(sound
      ? [
          {
            text: `${[sound.written, sound.hanzi].filter(Boolean).join(' ')} `,
            face: 'serif-strong',
            size: size * 1.25,
          } as const,
        ]
      : []),
    { text: sizes.cues === 'first' ? first(text) : text, face: 'sans', size },
  ]);
}

/** The numbers of what is to be minded, which stands at the foot. */
function careNumbers({ care, careAgain }: SheetRow, { small: size }: Sizes): readonly Run[] {
  const numbers = [...care.map(({ number }) => number), ...careAgain].toSorted((a, b) => a - b);
  if (numbers.length === 0) return [];
  return [
    {
      text: `   care ${numbers.map((number) => `(${number})`).join('\u00a0')}`,
      face: 'sans',
      size,
      colour: quiet,
    },
  ];
}

/** The paragraphs beside a form’s name, in their order. */
function paragraphs(row: SheetRow, sizes: Sizes): readonly (readonly Run[])[] {
  const said = (lines: readonly string[]): readonly (readonly Run[])[] =>
    lines.length === 0 || sizes.isSpare
      ? []
      : [[{ text: lines.join(' '), face: 'serif-italic', size: sizes.text + 0.8 }]];
  const small = (text: string): readonly Run[] => [{ text, face: 'sans', size: sizes.small, colour: quiet }];
  const care = careLine(row);
  return [
    ...said(row.before),
    [...cueRuns(row, sizes), ...(sizes.isOnePage ? careNumbers(row, sizes) : [])],
    ...(sizes.cues === 'all'
      ? row.extras.map((text): readonly Run[] => [{ text, face: 'sans-italic', size: sizes.text }])
      : []),
    ...said(row.after),
    ...(care === '' || sizes.isOnePage ? [] : [small(`Care: ${care}`)]),
    ...(row.note === undefined ? [] : [small(`For yourself: ${row.note}`)]),
  ].filter((runs) => runs.length > 0);
}

const TIME_PT = 34;

interface LaidRow {
  readonly name: SetText;
  readonly dose: SetText;
  readonly time: SetText;
  readonly told: readonly SetText[];
  readonly height: number;
}

function layRow(paper: Paper, row: SheetRow, sizes: Sizes): LaidRow {
  const isBeside = sizes.nameColumn > 0;
  const timeWide = sizes.nameColumn > 0 ? TIME_PT : 62;
  const figureWide = sizes.figure * 0.66;
  const nameWide = isBeside
    ? sizes.nameColumn - (sizes.figure > 0 ? figureWide + 4 : 6)
    : paper.width - timeWide - figureWide - 8;
  const toldWide = isBeside ? paper.width - timeWide - sizes.nameColumn - 8 : nameWide;
  const under = {
    text: doseLine(row),
    face: 'sans',
    size: Math.max(sizes.small, sizes.text - 1),
    colour: quiet,
  } as const;
  const name = paper.set(
    sizes.isOnePage ? [...nameRuns(row, sizes), { ...under, text: `  ${under.text}` }] : nameRuns(row, sizes),
    nameWide,
  );
  const dose = paper.set(sizes.isOnePage ? [] : [under], nameWide);
  const time = paper.set([{ text: clockOf(row.startMs), face: 'sans', size: sizes.text }], timeWide);
  const told = paragraphs(row, sizes).map((runs) => paper.set(runs, toldWide));
  const toldHeight = told.reduce((sum, { height }) => sum + height, 0);
  const head = name.height + dose.height;
  const height = isBeside
    ? Math.max(head, toldHeight, sizes.figure) + 5
    : Math.max(head + toldHeight, sizes.figure) + 10;
  return { name, dose, time, told, height };
}

function drawRow(
  paper: Paper,
  table: Structure,
  row: SheetRow,
  laid: LaidRow,
  sizes: Sizes,
  pigment: string,
): void {
  const isBeside = sizes.nameColumn > 0;
  const timeWide = isBeside ? TIME_PT : 62;
  const line = paper.struct('TR', table);
  const [x, y] = [paper.left + timeWide, paper.y + 2];
  paper.put(laid.time, paper.left, y, paper.struct('TD', line));
  const cell = paper.struct('TH', line);
  paper.put(laid.name, x, y, cell);
  paper.put(laid.dose, x, y + laid.name.height, cell);
  if (sizes.figure > 0)
    drawFigure(
      paper,
      cell,
      row,
      {
        x: isBeside
          ? x + sizes.nameColumn - sizes.figure * 0.66
          : paper.left + paper.width - sizes.figure * 0.66,
        y,
      },
      sizes.figure,
      pigment,
    );
  const told = paper.struct('TD', line);
  let top = isBeside ? y : y + laid.name.height + laid.dose.height;
  for (const text of laid.told) {
    paper.put(text, isBeside ? x + sizes.nameColumn + 8 : x, top, told);
    top += text.height;
  }
  paper.y += laid.height;
  paper.line(paper.left, paper.left + paper.width, paper.y);
}

/** The posture that tells a form, in a frame so high. */
function drawFigure(
  paper: Paper,
  into: Structure,
  row: SheetRow,
  at: { x: number; y: number },
  height: number,
  pigment: string,
): void {
  const scale = height / 452;
  const markup = figureMarkup(
    goalsOf(tellingPosture(row.form, row.variant)),
    VIEWS[row.form.view ?? 'front'],
    {
      line: Math.max(2.6, 1.1 / scale / 1.6),
      detail: detailFor(height * 1.9),
    },
  );
  paper.draw(
    markup,
    { x: at.x + 150 * scale, y: at.y + 425 * scale, scale },
    { alt: `${row.pictured}.`, pigment, bbox: [at.x, at.y, 300 * scale, height] },
    into,
  );
}

function drawHead(paper: Paper, sheet: Sheet, sizes: Sizes): void {
  const { text } = sizes;
  paper.write([{ text: sheet.title, face: 'serif-italic', size: text * 2 }], 'H1', 2);
  paper.write(
    [
      {
        text: `${phaseName(sheet.phase).hanzi} `,
        face: 'serif',
        size: text + 1,
        colour: INK.phases[sheet.phase],
      },
      { text: [phaseName(sheet.phase).name, ...sheet.about].join(' · '), face: 'sans', size: text },
    ],
    'P',
    1,
  );
  if (sheet.chosen) paper.write([{ text: sheet.chosen, face: 'sans', size: text }], 'P', 1);
  if (sheet.intention) paper.write([{ text: sheet.intention, face: 'serif-italic', size: text + 1 }], 'P', 1);
  if (!sizes.isSpare)
    paper.write([{ text: sheet.tradition, face: 'sans', size: sizes.small, colour: quiet }], 'P', 2);
  paper.y += 3;
  paper.line(paper.left, paper.left + paper.width, paper.y, INK.ink, 1);
}

function drawSections(paper: Paper, sheet: Sheet, sizes: Sizes): void {
  const pigment = INK.phases[sheet.phase];
  for (const section of sheet.sections) {
    const heading = paper.set([
      {
        text: `${section.name} · ${clockOf(section.lengthMs)} min`,
        face: 'sans-strong',
        size: Math.max(sizes.small, sizes.text - 1),
        colour: quiet,
      },
    ]);
    const rows = section.rows.map((row) => layRow(paper, row, sizes));
    // A heading stands with its first form: never alone at the foot of a page.
    paper.room(heading.height + 6 + (rows[0]?.height ?? 0));
    paper.y += 3;
    paper.put(heading, paper.left, paper.y, paper.root, 'H2');
    paper.y += heading.height;
    paper.line(paper.left, paper.left + paper.width, paper.y, INK.faded);
    const table = paper.struct('Table');
    section.rows.forEach((row, index) => {
      const laid = rows[index];
      if (!laid) return;
      paper.room(laid.height);
      drawRow(paper, table, row, laid, sizes, pigment);
    });
  }
}

function drawFoot(paper: Paper, sheet: Sheet, sizes: Sizes): void {
  const size = Math.max(sizes.small, Math.min(sizes.text, 18));
  paper.y += 6;
  const minded = sheet.sections.flatMap(({ rows }) => rows.flatMap(({ care }) => care));
  if (sizes.isOnePage && minded.length > 0) {
    const words = minded.map(({ number, text }) => `(${number}) ${text}`).join(' ');
    paper.write([{ text: `Care: ${words}`, face: 'sans', size: sizes.small, colour: quiet }], 'P', 3);
  }
  const text = paper.set([{ text: sheet.foot.join(' '), face: 'sans', size }]);
  paper.room(text.height);
  paper.put(text, paper.left, paper.y);
  paper.y += text.height;
}

const everyText = (sheet: Sheet): string =>
  JSON.stringify([
    sheet.title,
    phaseName(sheet.phase).hanzi,
    sheet.chosen,
    sheet.intention,
    sheet.foot,
    sheet.sections.map(({ rows }) =>
      rows.map(({ name, hanzi, before, cues, extras, after, care, note }) => [
        name,
        hanzi,
        before,
        cues,
        extras,
        after,
        care,
        note,
      ]),
    ),
  ]);

async function written(sheet: Sheet, sizes: Sizes, paperId: PaperId): Promise<Paper> {
  const { widthPt, heightPt } = PAPERS[paperId];
  const paper = await Paper.begin({
    title: sheet.title,
    size: [widthPt, heightPt],
    texts: everyText(sheet),
    foot: `${sheet.title} · ${AUDIENCE_WORDS[sheet.audience]}`,
    margin: sizes.margin,
  });
  drawHead(paper, sheet, sizes);
  drawSections(paper, sheet, sizes);
  drawFoot(paper, sheet, sizes);
  return paper;
}

/** The teacher's sheet on paper: in full with figures, large enough to be read standing, or all on one page. */
export async function cueSheetPdf(sheet: Sheet, density: Density, paperId: PaperId): Promise<Buffer> {
  if (density !== 'one-page') return (await written(sheet, density === 'full' ? FULL : LARGE, paperId)).end();
  let paper: Paper | undefined;
  for (const sizes of ONE_PAGE) {
    paper = await written(sheet, sizes, paperId);
    if (paper.pages === 1) break;
  }
  if (!paper) throw new RangeError('no size to write in');
  return paper.end();
}
