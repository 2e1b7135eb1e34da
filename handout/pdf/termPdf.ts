import { AUDIENCE_WORDS } from '@/core/handout/audience';
import type { TermSheet, TermSheetWeek } from '@/core/handout/termSheet';
import { phaseName } from '@/core/phases';
import { INK, Paper, PAPERS, type PaperId } from './paper';
import type { Run } from './type';

/** Sizes that are tried until a term fits its page, pt. */
const SIZES = [12, 11, 10, 9, 8, 7, 6, 5.2] as const;
/** Columns as shares of the width. */
const COLUMNS = [
  { name: 'when', share: 0.2, of: ({ days }: TermSheetWeek) => days.join(', ') },
  { name: 'for', share: 0.3, of: ({ theme }: TermSheetWeek) => theme },
  { name: 'practice', share: 0.24, of: ({ practice }: TermSheetWeek) => practice },
  { name: 'new', share: 0.18, of: ({ news }: TermSheetWeek) => news.join(', ') },
  { name: 'load', share: 0.08, of: ({ load }: TermSheetWeek) => load },
] as const;

async function written(sheet: TermSheet, paperId: PaperId, size: number): Promise<Paper> {
  const { widthPt, heightPt } = PAPERS[paperId];
  const paper = await Paper.begin({
    title: sheet.title,
    size: [widthPt, heightPt],
    texts: JSON.stringify([sheet, sheet.weeks.map(({ phase }) => phase && phaseName(phase).hanzi)]),
    foot: `${sheet.title} · ${AUDIENCE_WORDS[sheet.audience]}`,
    margin: 42,
  });
  paper.write([{ text: sheet.title, face: 'serif-italic', size: 26 }], 'H1', 2);
  paper.write(
    [{ text: [sheet.about, sheet.chosen].filter(Boolean).join(' · '), face: 'sans', size: 11 }],
    'P',
    4,
  );
  const table = paper.struct('Table');
  const row = (cells: readonly (readonly Run[])[], tag: 'TH' | 'TD'): void => {
    const line = paper.struct('TR', table);
    const set = cells.map((runs, index) => paper.set(runs, paper.width * (COLUMNS[index]?.share ?? 0) - 8));
    const tall = Math.max(...set.map(({ height }) => height)) + size * 0.5;
    paper.room(tall);
    let x = paper.left;
    set.forEach((text, index) => {
      paper.put(text, x, paper.y + size * 0.2, paper.struct(index === 0 ? 'TH' : tag, line));
      x += paper.width * (COLUMNS[index]?.share ?? 0);
    });
    paper.y += tall;
    paper.line(paper.left, paper.left + paper.width, paper.y, tag === 'TH' ? INK.ink : INK.hairline);
  };
  row(
    COLUMNS.map(({ name }) => [{ text: name, face: 'sans', size: Math.min(9, size), colour: INK.faded }]),
    'TH',
  );
  for (const week of sheet.weeks)
    row(
      COLUMNS.map(({ name, of }): readonly Run[] => [
        ...(name === 'for' && week.phase
          ? [
              {
                text: `${phaseName(week.phase).hanzi} `,
                face: 'serif',
                size,
                colour: INK.phases[week.phase],
              } as const,
            ]
          : []),
        {
          text: of(week),
          face: name === 'for' ? 'serif-strong' : 'sans',
          size: name === 'for' ? size : size * 0.92,
        },
      ]),
      'TD',
    );
  paper.y += 6;
  paper.write([{ text: sheet.foot.join(' '), face: 'sans', size: Math.min(10, size) }]);
  return paper;
}

/** A term’s plan on one page, as large as it can be. */
export async function termPdf(sheet: TermSheet, paperId: PaperId): Promise<Buffer> {
  let paper: Paper | undefined;
  for (const size of SIZES) {
    paper = await written(sheet, paperId, size);
    if (paper.pages === 1) break;
  }
  if (!paper) throw new RangeError('no size to write in');
  return paper.end();
}
