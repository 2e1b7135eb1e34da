import { goalsOf } from '@/core/body';
import { tellingPosture } from '@/core/forms';
import { AUDIENCE_WORDS } from '@/core/handout/audience';
import type { HomeworkForm, HomeworkSheet } from '@/core/handout/homeworkSheet';
import { phaseName } from '@/core/phases';
import { beginAndEnd } from '@/ui/figure/beginAndEnd';
import { figureMarkup } from '@/ui/figure/markup';
import { pathsMarkup } from '@/ui/figure/paths';
import { VIEWS } from '@/ui/figure/view';
import { describePosture } from '@/ui/words/postures';
import { INK, Paper, PAPERS, type PaperId, type Structure } from './paper';
import type { SetText } from './type';

const FIGURE_PT = 132;
/** The whole reach of a figure as it is drawn, picture units: left, over the head, wide, tall. */
const FRAME = { left: 170, over: 425, wide: 340, tall: 452 } as const;
const LINE = 3;
const STATURE_M = 1.7;

/** One posture in its frame; `over` is drawn with it, the ways of the hands. */
function drawPosture(
  paper: Paper,
  into: Structure,
  picture: { readonly markup: string; readonly alt: string; readonly pigment: string },
  x: number,
  y: number,
): void {
  const scale = FIGURE_PT / FRAME.tall;
  paper.draw(
    picture.markup,
    { x: x + FRAME.left * scale, y: y + FRAME.over * scale, scale },
    { alt: picture.alt, pigment: picture.pigment, bbox: [x, y, FRAME.wide * scale, FIGURE_PT] },
    into,
  );
}

/** Beginning and end side by side, the ways of the hands on the first; one alone where it is stood. */
function drawForm(paper: Paper, into: Structure, form: HomeworkForm, y: number, pigment: string): void {
  const view = VIEWS[form.form.view ?? 'front'];
  const drawn = { line: LINE, detail: 'fingers' as const };
  const wide = FRAME.wide * (FIGURE_PT / FRAME.tall);
  const known = beginAndEnd(form.form, form.variant);
  const telling = tellingPosture(form.form, form.variant);
  if (!known || known.isStill) {
    const markup = figureMarkup(goalsOf(telling), view, drawn);
    drawPosture(
      paper,
      into,
      { markup, alt: `${describePosture(telling)}.`, pigment },
      paper.left + wide / 2,
      y,
    );
    return;
  }
  const ways = pathsMarkup(known.movement, view, STATURE_M, true);
  const begin = {
    markup: figureMarkup(known.begin, view, drawn) + ways,
    alt: `${form.name}: how it begins, and the way of the hands.`,
    pigment,
  };
  const end = {
    markup: figureMarkup(known.end, view, drawn),
    alt: `${form.name}: how it ends. Known by: ${describePosture(telling)}.`,
    pigment,
  };
  drawPosture(paper, into, begin, paper.left, y);
  drawPosture(paper, into, end, paper.left + wide, y);
}

const TEXT = 12.5;

function wordsOf(
  paper: Paper,
  form: HomeworkForm,
  width: number,
): readonly { readonly text: SetText; readonly tag: string }[] {
  const set = (runs: Parameters<Paper['set']>[0], tag = 'P') => ({ text: paper.set(runs, width), tag });
  return [
    set(
      [
        { text: form.name, face: 'serif-strong', size: 17 },
        ...(form.hanzi
          ? [{ text: `  ${form.hanzi}`, face: 'serif', size: 14, colour: INK.faded } as const]
          : []),
        ...(form.pinyin
          ? [{ text: `  ${form.pinyin}`, face: 'sans', size: 10.5, colour: INK.faded } as const]
          : []),
      ],
      'H2',
    ),
    set([{ text: form.dose, face: 'sans-strong', size: TEXT }]),
    ...form.words.map(({ breath, text }) =>
      set([
        ...(breath === 'free'
          ? []
          : [{ text: `${breath}  `, face: 'sans-italic', size: TEXT, colour: INK.faded } as const]),
        { text, face: 'sans', size: TEXT },
      ]),
    ),
    ...(form.mind.length === 0
      ? []
      : [set([{ text: `Mind: ${form.mind.join(' ')}`, face: 'sans', size: 10, colour: INK.faded }])]),
  ];
}

const BOX_PT = 15;
const WEEK_PT = 24;

/** A box for each day, a row for each week. */
function drawTicks(paper: Paper, { weeks, how }: HomeworkSheet): void {
  if (weeks.length === 0) return;
  const columns = weeks.length > 6 ? 2 : 1;
  const rows = Math.ceil(weeks.length / columns);
  const heading = paper.set([{ text: 'Done', face: 'serif-strong', size: 15 }]);
  const told = paper.set([{ text: how, face: 'sans', size: TEXT }]);
  paper.room(heading.height + told.height + rows * WEEK_PT + 10);
  paper.y += 6;
  paper.put(heading, paper.left, paper.y, paper.root, 'H2');
  paper.y += heading.height;
  paper.put(told, paper.left, paper.y);
  paper.y += told.height + 6;
  const list = paper.struct('L');
  weeks.forEach(({ label, days }, index) => {
    const x = paper.left + Math.floor(index / rows) * (paper.width / 2);
    const y = paper.y + (index % rows) * WEEK_PT;
    const item = paper.struct('LI', list);
    paper.put(
      paper.set([{ text: label, face: 'sans', size: 10, colour: INK.faded }], 80),
      x,
      y,
      paper.struct('Lbl', item),
    );
    const body = paper.struct('LBody', item);
    days.forEach(({ letter }, day) => {
      const left = x + 64 + day * 26;
      paper.put(
        paper.set([{ text: letter, face: 'sans', size: 9, colour: INK.faded }], 12),
        left + 2,
        y + 1.5,
        body,
      );
      paper.box(left + 11.5, y - 1, BOX_PT * 0.82, BOX_PT * 0.82);
    });
  });
  paper.y += rows * WEEK_PT;
}

const everyText = ({ title, phase, chosen, intention, forms, foot }: HomeworkSheet): string =>
  JSON.stringify([
    title,
    phaseName(phase).hanzi,
    chosen,
    intention,
    foot,
    forms.map(({ name, hanzi, words, mind }) => [name, hanzi, words, mind]),
  ]);

/** A sheet to practise by at home: large figures of how each form begins and ends, few words, boxes to tick. */
export async function homeworkPdf(sheet: HomeworkSheet, paperId: PaperId): Promise<Buffer> {
  const { widthPt, heightPt } = PAPERS[paperId];
  const paper = await Paper.begin({
    title: sheet.title,
    size: [widthPt, heightPt],
    texts: everyText(sheet),
    foot: `${sheet.title} · ${AUDIENCE_WORDS[sheet.audience]}`,
    margin: 42,
  });
  const pigment = INK.phases[sheet.phase];
  paper.write([{ text: sheet.title, face: 'serif-italic', size: 27 }], 'H1', 2);
  paper.write([
    { text: `${phaseName(sheet.phase).hanzi} `, face: 'serif', size: TEXT + 2, colour: pigment },
    {
      text: [`${sheet.minutes} minutes`, sheet.how.replace(/\.$/, ''), sheet.chosen]
        .filter(Boolean)
        .join(' · '),
      face: 'sans',
      size: TEXT,
    },
  ]);
  if (sheet.intention) paper.write([{ text: sheet.intention, face: 'serif-italic', size: TEXT + 1 }], 'P', 2);
  paper.y += 4;
  paper.line(paper.left, paper.left + paper.width, paper.y, INK.ink, 1);
  const figuresWide = 2 * FRAME.wide * (FIGURE_PT / FRAME.tall) + 14;
  for (const form of sheet.forms) {
    const told = wordsOf(paper, form, paper.width - figuresWide);
    const tall = Math.max(FIGURE_PT, told.reduce((sum, { text }) => sum + text.height, 0) + 10) + 14;
    paper.room(tall);
    const section = paper.struct('Sect');
    let top = paper.y + 12;
    for (const { text, tag } of told) {
      paper.put(text, paper.left + figuresWide, top, section, tag);
      top += text.height + 1;
    }
    drawForm(paper, section, form, paper.y + 8, pigment);
    paper.y += tall;
    paper.line(paper.left, paper.left + paper.width, paper.y);
  }
  drawTicks(paper, sheet);
  paper.y += 8;
  paper.write([{ text: sheet.foot.join(' '), face: 'sans', size: 11 }]);
  return paper.end();
}
