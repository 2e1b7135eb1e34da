import { expose } from 'comlink';
import { goalsOf } from '@/core/body';
import type { FigureLooks } from '@/core/customs/looks';
import { breathTrack, trackSamples } from '@/core/formats/breathTrack';
import { tellingPosture } from '@/core/forms';
import type { Sheet } from '@/core/handout/sheet';
import { compile, type Practice } from '@/core/practice';
import { PALETTES } from '@/handout/drawing/inks';
import { paint } from '@/handout/drawing/canvas';
import { sheetDocx, type RowPicture } from '@/handout/docx';
import { lookLike } from '@/ui/figure/looks';
import { figureMarkup } from '@/ui/figure/markup';
import { VIEWS } from '@/ui/figure/view';

/** Told how far it is, 0 to 1; false where it is not wanted any more. */
type OnStep = (share: number) => boolean | Promise<boolean>;

/** Size of a row’s picture as it is shown, px, and how many times finer it is drawn. */
const [WIDE, TALL, FINE] = [62, 94, 4];

async function pictureOf(sheet: Sheet, row: Sheet['sections'][number]['rows'][number]): Promise<RowPicture> {
  const canvas = new OffscreenCanvas(WIDE * FINE, TALL * FINE);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('no canvas here');
  const scale = (TALL * FINE) / 452;
  const markup = figureMarkup(
    goalsOf(tellingPosture(row.form, row.variant)),
    VIEWS[row.form.view ?? 'front'],
    {
      line: 3.4,
      detail: 'fingers',
    },
  );
  paint(
    context,
    markup,
    { x: 150 * scale, y: 425 * scale, scale },
    PALETTES.day,
    PALETTES.day.phases[sheet.phase],
  );
  const png = await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer();
  return { png: new Uint8Array(png), width: WIDE, height: TALL };
}

const api = {
  /** A practice as tones, a sound file; nothing where it was not wanted any more. */
  track: async (practice: Practice, onStep: OnStep): Promise<Blob | undefined> => {
    const timeline = compile(practice);
    const seconds = trackSamples(timeline) / 22_050;
    const pieces: Blob[] = [];
    let held: Uint8Array<ArrayBuffer>[] = [];
    let count = 0;
    for (const piece of breathTrack(timeline)) {
      held.push(piece);
      count += 1;
      if (count % 60 !== 0) continue;
      // A minute at a time goes where the browser keeps large things: little is held here.
      pieces.push(new Blob(held));
      held = [];
      if (!(await onStep(Math.min(1, count / seconds)))) return undefined;
    }
    return new Blob([...pieces, ...held], { type: 'audio/wav' });
  },
  /** A cue sheet for a word processor; nothing where it was not wanted any more. */
  word: async (sheet: Sheet, looks: FigureLooks, onStep: OnStep): Promise<Blob | undefined> => {
    lookLike(looks);
    const rows = sheet.sections.flatMap((section) => section.rows);
    const pictures = new Map<string, RowPicture>();
    for (const [index, row] of rows.entries()) {
      pictures.set(row.id, await pictureOf(sheet, row));
      if (!(await onStep(index / rows.length))) return undefined;
    }
    return sheetDocx(sheet, pictures);
  },
};
export type HandoutWorker = typeof api;

expose(api);
