import { goalsOf } from '@/core/body';
import { channel, pointsOn, type ChannelId } from '@/core/channels';
import { restIn, tellForm, tellingPosture, type Form } from '@/core/forms';
import type { PhaseId } from '@/core/phases';
import { figureMarkup } from '@/ui/figure/markup';
import { overlayMarkup, phaseOfChannel } from '@/ui/figure/overlay';
import { VIEWS, type NamedView } from '@/ui/figure/view';
import { scrollMarkup, scrollWords } from '@/ui/scroll/markup';
import type { Strip } from '@/ui/scroll/strip';
import { describePosture } from '@/ui/words/postures';
import { PALETTES, type Light } from './inks';
import { svgOf } from './svg';

/** How a picture is wished: its light, and how wide it is shown, px. */
export interface PictureWish {
  readonly light: Light;
  readonly widthPx: number;
}

const pigmentOf = (phase: PhaseId | undefined, light: Light): string =>
  phase ? PALETTES[light].phases[phase] : PALETTES[light].ink;

/** A frame about the middle of the feet: the whole reach of a figure, picture units. */
const FRAME = [-190, -440, 380, 480] as const;

/** The posture a form is known by. */
export function figurePicture(
  form: Form,
  phase: PhaseId | undefined,
  { light, widthPx }: PictureWish,
): Promise<string> {
  const posture = tellingPosture(form, 'full');
  return svgOf({
    markup: figureMarkup(goalsOf(posture), VIEWS[form.view ?? 'front'], { line: 2.6 }),
    viewBox: FRAME,
    alt: `${form.name}: ${describePosture(posture)}.`,
    light,
    pigment: pigmentOf(phase, light),
    widthPx,
  });
}

/** A form is told in so many postures at most. */
const MOST = 5;
/** Distance from one figure to the next, picture units. */
const STEP = 330;

/** A form's postures in their order on one ground, the way into it in pale ink; its name under it. */
export function formPicture(
  form: Form,
  phase: PhaseId | undefined,
  { light, widthPx }: PictureWish,
): Promise<string> {
  const { moments } = tellForm(form, 'full', MOST);
  const view = VIEWS[form.view ?? 'front'];
  const figures = moments.map(
    ({ goals, isFullest }, index) =>
      `<g transform="translate(${index * STEP} 0)"${isFullest ? '' : ' class="fig-way"'}>${figureMarkup(goals, view, { line: 2.6 })}</g>`,
  );
  const [left, wide] = [-STEP / 2 - 20, moments.length * STEP + 40];
  const name = [form.name, form.hanzi]
    .filter(Boolean)
    .join('  ')
    .replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);
  return svgOf({
    markup: `${figures.join('')}<text class="scroll-section" style="font-size:34px" x="${left + 24}" y="74">${name}</text>`,
    viewBox: [left, -440, wide, 540],
    alt: `${form.name} in ${moments.length} postures: ${describePosture(tellingPosture(form, 'full'))}.`,
    light,
    pigment: pigmentOf(phase, light),
    widthPx,
  });
}

/** A channel with its points on somebody standing. */
export function channelPicture(
  id: ChannelId,
  view: NamedView,
  { light, widthPx }: PictureWish,
): Promise<string> {
  const markup = figureMarkup(goalsOf(restIn('shoulder width')), VIEWS[view], {
    line: 2.4,
    over: (skeleton, camera) =>
      overlayMarkup(skeleton, camera, { channels: [id], points: pointsOn(id).map(({ code }) => code) }),
  });
  return svgOf({
    markup,
    viewBox: [-130, -380, 260, 410],
    alt: `${channel(id).name} channel, ${id}, with its points, seen from the ${view}.`,
    light,
    pigment: pigmentOf(phaseOfChannel(id), light),
    widthPx,
  });
}

/** A practice as its scroll, as wide as it is wished. */
export function scrollPicture(
  strip: Strip,
  formOf: (id: string) => Form | undefined,
  phase: PhaseId,
  { light, widthPx }: PictureWish,
): Promise<string> {
  const width = Math.max(600, Math.min(2400, widthPx));
  const size = { width, figurePx: 110, nameRows: 3, sections: true, breath: true };
  const { markup, height } = scrollMarkup(strip, formOf, size);
  return svgOf({
    markup,
    viewBox: [-8, -4, width + 16, height + 8],
    alt: scrollWords(strip),
    light,
    pigment: pigmentOf(phase, light),
    widthPx,
  });
}
