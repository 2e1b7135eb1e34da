import { writeCalendar, type Held } from '@/core/formats/calendar';
import type { Table } from '@/core/formats/table';
import type { HandoutId } from '@/core/handout/kinds';
import type { HandoutAsked } from '@/core/handout/asked';
import type { TermSheet } from '@/core/handout/termSheet';
import { termPdf } from './pdf/termPdf';
import { tableMade } from './tableMade';
import type { Made } from './practiceMakers';

/** A term ready to be handed out. */
export interface TermContent {
  readonly sheet: TermSheet;
  readonly held: readonly Held[];
  readonly coverage: Table;
  readonly weeks: Table;
  readonly zone: string;
  readonly writtenMs: number;
}

export type TermMaker = (content: TermContent, asked: HandoutAsked) => Made | Promise<Made>;

export const TERM_MAKERS: Readonly<Partial<Record<HandoutId, TermMaker>>> = {
  'term-sheet': ({ sheet }, { paper }) => termPdf(sheet, paper),
  calendar: ({ held, sheet, zone, writtenMs }) =>
    writeCalendar(held, { name: sheet.title, zone, writtenMs, audience: sheet.audience }),
  coverage: ({ coverage }, asked) => tableMade(coverage, asked),
  'term-table': ({ weeks }, asked) => tableMade(weeks, asked),
};
