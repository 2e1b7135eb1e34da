import type { Form } from '@/core/forms';
import { AUDIENCE_WORDS } from '@/core/handout/audience';
import type { Sheet } from '@/core/handout/sheet';
import { phaseName } from '@/core/phases';
import { rowsOf, scrollMarkup, scrollWords, type ScrollSize } from '@/ui/scroll/markup';
import { layNames } from '@/ui/scroll/lay';
import { nameWidth, type Strip, type StripItem } from '@/ui/scroll/strip';
import { INK, Paper, PAPERS } from './paper';

/** Papers a poster is made for: two sheets lying, or one strip as long as the practice. */
export const POSTERS = ['a3', 'a2', 'strip'] as const;
export type PosterId = (typeof POSTERS)[number];

const MARGIN = 40;
/** A strip has so much paper for a minute, pt, and is so tall. */
const STRIP_MINUTE_PT = 74;
const STRIP_PT = 420;
/** Longest page there may be (PDF 1.7, annex C), pt. */
const LONGEST_PT = 14_400;

/** The practice in so many stretches, each beginning with a form, as even as its forms allow. */
export function stretches({ items, totalMs }: Strip, rows: number): readonly Strip[] {
  const found: StripItem[][] = Array.from({ length: rows }, () => []);
  for (const item of items) {
    const middle = (item.startMs + item.lengthMs / 2) / Math.max(1, totalMs);
    found[Math.min(rows - 1, Math.floor(middle * rows))]?.push(item);
  }
  return found.flatMap((row) => {
    const [first, last] = [row[0], row[row.length - 1]];
    if (!first || !last) return [];
    return [
      {
        totalMs: last.startMs + last.lengthMs - first.startMs,
        items: row.map((item) => ({ ...item, startMs: item.startMs - first.startMs })),
      },
    ];
  });
}

/** A form has so much room on a poster, px of the scroll: then no two tread on each other. */
const FORM_PX = 128;
const FIGURE_PX = 150;

/** Every name stands under its form: as many rows of them as that takes. */
const MOST_NAME_ROWS = 6;

function nameRowsFor({ items, totalMs }: Strip, width: number): number {
  const x = (ms: number): number => 4 + (ms / Math.max(1, totalMs)) * (width - 8);
  for (let rows = 2; rows < MOST_NAME_ROWS; rows += 1)
    if (layNames(items, x, { width, rows, widthOf: nameWidth }).length === items.length) return rows;
  return MOST_NAME_ROWS;
}

function sizeFor(rows: readonly Strip[], width: number): ScrollSize {
  const nameRows = Math.max(...rows.map((row) => nameRowsFor(row, width)));
  return { width, figurePx: FIGURE_PX, nameRows, sections: true, breath: true };
}

const widthFor = (rows: readonly Strip[]): number =>
  Math.max(900, Math.max(...rows.map(({ items }) => items.length)) * FORM_PX);

function head(paper: Paper, sheet: Sheet, size: number): void {
  paper.write([{ text: sheet.title, face: 'serif-italic', size: size * 2.4 }], 'H1', 2);
  paper.write(
    [
      {
        text: `${phaseName(sheet.phase).hanzi} `,
        face: 'serif',
        size: size * 1.2,
        colour: INK.phases[sheet.phase],
      },
      {
        text: [phaseName(sheet.phase).name, ...sheet.about, sheet.chosen].filter(Boolean).join(' · '),
        face: 'sans',
        size,
      },
    ],
    'P',
    2,
  );
  if (sheet.intention) paper.write([{ text: sheet.intention, face: 'serif-italic', size: size * 1.15 }]);
}

/** What to mind, by the form where it first comes. */
const careWords = ({ sections }: Sheet): string =>
  sections
    .flatMap(({ rows }) => rows)
    .flatMap(({ name, care }) =>
      care.length === 0 ? [] : [`${name}: ${care.map(({ text }) => text).join(' ')}`],
    )
    .join(' ');

/** How many rows let the figures be largest on a paper, and how large: px of the scroll in pt. */
function bestRows(
  strip: Strip,
  wide: number,
  tall: number,
): { readonly rows: readonly Strip[]; readonly scale: number; readonly size: ScrollSize } {
  const tries = [1, 2, 3, 4, 5, 6].map((count) => {
    const rows = stretches(strip, count);
    const size = sizeFor(rows, widthFor(rows));
    const high = rowsOf(size).height + 18;
    return { rows, size, scale: Math.min(wide / size.width, tall / (high * rows.length), 1.6) };
  });
  return tries.reduce((best, one) => (one.scale > best.scale ? one : best));
}

/**
 * A whole practice as a hand scroll to be hung up: its people on the ground, breath over them, names and doses under them;
 * when to stop at its foot.
 */
export async function posterPdf(
  sheet: Sheet,
  strip: Strip,
  formOf: (id: string) => Form | undefined,
  poster: PosterId,
): Promise<Buffer> {
  const wide =
    poster === 'strip'
      ? Math.min(LONGEST_PT, Math.max(900, (strip.totalMs / 60_000) * STRIP_MINUTE_PT))
      : PAPERS[poster].heightPt;
  const tall = poster === 'strip' ? STRIP_PT : PAPERS[poster].widthPt;
  const text = poster === 'a2' ? 17 : 12;
  const paper = await Paper.begin({
    title: sheet.title,
    size: [wide, tall],
    texts: JSON.stringify([
      sheet.title,
      sheet.chosen,
      sheet.intention,
      careWords(sheet),
      strip.items.map(({ name }) => name),
      phaseName(sheet.phase).hanzi,
    ]),
    foot: `${sheet.title} · ${AUDIENCE_WORDS[sheet.audience]}`,
    margin: MARGIN,
  });
  head(paper, sheet, text);
  const minded = careWords(sheet);
  const care = paper.set(
    minded === '' ? [] : [{ text: `Care. ${minded}`, face: 'sans', size: text * 0.58, colour: INK.faded }],
  );
  const foot = paper.set([{ text: sheet.foot.join(' '), face: 'sans', size: text * 0.85 }]);
  const room = paper.bottom - paper.y - foot.height - care.height - 16;
  const one =
    poster === 'strip'
      ? { rows: [strip], size: sizeFor([strip], Math.max(widthFor([strip]), wide)), scale: 1 }
      : bestRows(strip, paper.width, room);
  const scale =
    poster === 'strip' ? Math.min(paper.width / one.size.width, room / rowsOf(one.size).height) : one.scale;
  const each = room / one.rows.length;
  one.rows.forEach((row, index) => {
    const size = { ...one.size, width: paper.width / scale };
    const { markup, height } = scrollMarkup(row, formOf, size);
    const y = paper.y + index * each + Math.max(0, (each - height * scale) / 2);
    paper.draw(
      markup,
      { x: paper.left, y, scale },
      {
        alt: scrollWords(row),
        pigment: INK.phases[sheet.phase],
        bbox: [paper.left, y, paper.width, height * scale],
      },
    );
  });
  paper.put(care, paper.left, paper.bottom - foot.height - care.height - 2);
  paper.put(foot, paper.left, paper.bottom - foot.height);
  return paper.end();
}
