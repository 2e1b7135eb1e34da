import type { HandoutId } from '@/core/handout/kinds';
import type { HandoutAsked } from '@/core/handout/asked';
import type { Sheet } from '@/core/handout/sheet';
import type { HomeworkSheet } from '@/core/handout/homeworkSheet';
import type { Held } from '@/core/formats/calendar';
import { writeCalendar } from '@/core/formats/calendar';
import { writeCaptions, writeChapters } from '@/core/formats/captions';
import { writeTrackCues } from '@/core/formats/breathTrack';
import { orderRows } from '@/core/formats/orderFile';
import { writePracticeFile } from '@/core/formats/practiceFile';
import { writeScriptMarkdown, writeScriptText } from '@/core/formats/scriptText';
import { writeSheetMarkdown, writeSheetText } from '@/core/formats/sheetText';
import { themePhase } from '@/core/brief';
import type { Practice, Timeline } from '@/core/practice';
import { scriptOf } from '@/core/script';
import { stripOf } from '@/ui/scroll/strip';
import { tableMade } from './tableMade';
import { scrollPicture } from './drawing/pictures';
import { movingPage } from './moving/movingPage';
import { cueSheetPdf } from './pdf/cueSheetPdf';
import { homeworkPdf } from './pdf/homeworkPdf';
import { posterPdf } from './pdf/posterPdf';

/** A practice ready to be handed out: nothing that is not for this audience is in it. */
export interface PracticeContent {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly sheet: Sheet;
  readonly homework: HomeworkSheet;
  /** When it is held, for a calendar. */
  readonly held: readonly Held[];
  readonly zone: string;
  readonly writtenMs: number;
}

export type Made = string | Uint8Array;
export type PracticeMaker = (content: PracticeContent, asked: HandoutAsked) => Made | Promise<Made>;

const captionsAsked = ({ practice, sheet }: PracticeContent, { language }: HandoutAsked) => ({
  title: practice.name,
  audience: sheet.audience,
  language,
});

const said = ({ practice, timeline }: PracticeContent) =>
  practice.story ? scriptOf(practice, timeline, practice.story) : [];

/** The forms of a practice where each begins. */
const chapters = ({ sheet }: PracticeContent) =>
  sheet.sections.flatMap(({ rows }) =>
    rows.map(({ name, startMs, lengthMs }) => ({ name, startMs, lengthMs })),
  );

/** What writes each kind; one that is made in the browser has none here. */
export const PRACTICE_MAKERS: Readonly<Partial<Record<HandoutId, PracticeMaker>>> = {
  sheet: ({ sheet }, { density, paper }) => cueSheetPdf(sheet, density, paper),
  'homework-sheet': ({ homework }, { paper }) => homeworkPdf(homework, paper),
  poster: ({ sheet, practice, timeline }, { poster }) =>
    posterPdf(sheet, stripOf(practice, timeline), (id) => practice.forms[id], poster),
  moving: ({ homework, practice, timeline }, { turn }) => movingPage(homework, practice, timeline, turn),
  'sound-cues': (content) =>
    writeTrackCues(content.practice.name, 'breath.wav', content.sheet.audience, chapters(content)),
  captions: (content, asked) =>
    writeCaptions(said(content), content.timeline.events, content.timeline.totalMs, {
      ...captionsAsked(content, asked),
      breaths: asked.breaths,
    }),
  chapters: (content, asked) => writeChapters(chapters(content), captionsAsked(content, asked)),
  calendar: ({ held, zone, writtenMs, sheet }) =>
    writeCalendar(held, { name: sheet.title, zone, writtenMs, audience: sheet.audience }),
  text: ({ sheet }) => writeSheetText(sheet),
  markdown: ({ sheet }) => writeSheetMarkdown(sheet),
  script: (content) =>
    writeScriptText(content.sheet.title, said(content), content.sheet.foot, content.sheet.audience),
  'script-markdown': (content) =>
    writeScriptMarkdown(
      content.sheet.title,
      said(content),
      chapters(content),
      content.sheet.foot,
      content.sheet.audience,
    ),
  scroll: ({ practice, timeline }, { light, width }) =>
    scrollPicture(stripOf(practice, timeline), (id) => practice.forms[id], themePhase(practice.brief.theme), {
      light,
      widthPx: width,
    }),
  order: ({ practice }, asked) =>
    tableMade(
      { columns: ['section', 'form', 'times'], rows: orderRows(practice, (id) => practice.forms[id]) },
      asked,
    ),
  file: ({ practice, sheet }) => writePracticeFile(practice, sheet.audience),
};
