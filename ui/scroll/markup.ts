import type { Form } from '@/core/forms';
import { round } from '@/ui/score/brush';
import { ROLE_NAMES } from '@/ui/words/names';
import { figuresOf, momentMarkup, scaleFor, type DrawnFigure } from './figures';
import { footprints, groundPath, stayPath } from './ground';
import { layNames, layWashes, sectionsOf } from './lay';
import { nameWidth, type Strip, type StripItem } from './strip';

/** How a scroll is drawn. All lengths px. */
export interface ScrollSize {
  readonly width: number;
  /** A standing figure. */
  readonly figurePx: number;
  /** Rows of names under the ground; 0 for none. */
  readonly nameRows: number;
  readonly sections: boolean;
  readonly breath: boolean;
}

const SECTION_PX = 20;
const BREATH_PX = 26;
const NAME_PX = 30;
/** Room over a standing figure for raised arms, as a share of it. */
const OVERHEAD = 0.3;
const BELOW_PX = 12;

const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** Where the rows of a scroll lie. */
export function rowsOf({ figurePx, nameRows, sections, breath }: ScrollSize) {
  const breathTop = sections ? SECTION_PX : 2;
  const breathFloor = breathTop + (breath ? BREATH_PX : 0);
  const groundY = breathFloor + figurePx * (1 + OVERHEAD);
  const namesY = groundY + BELOW_PX + 8;
  return { breathTop, breathFloor, groundY, namesY, height: groundY + BELOW_PX + nameRows * NAME_PX };
}

/** One figure on its ground. */
export function standingMarkup(
  { form, variant, most, moment, x, isFullest }: DrawnFigure,
  groundY: number,
  figurePx: number,
): string {
  const markup = momentMarkup(form, variant, { most, moment, figurePx });
  const scale = scaleFor(figurePx).toFixed(4);
  return `<g transform="translate(${round(x)} ${round(groundY)}) scale(${scale})"${isFullest ? '' : ' class="fig-way"'}>${markup}</g>`;
}

/** Shadows of those who stay and steps of those who walk. */
export function traces(
  figures: readonly DrawnFigure[],
  items: readonly StripItem[],
  x: (ms: number) => number,
  groundY: number,
): { readonly stays: string; readonly steps: string } {
  let [stays, steps] = ['', ''];
  for (const { key, startMs, lengthMs } of items) {
    const own = figures.filter((figure) => figure.key === key);
    const end = x(startMs + lengthMs) - 3;
    const [first] = own;
    if (first?.isStill) stays += stayPath(first.x, end, groundY);
    if (first?.isWalked) steps += footprints(x(startMs) + 3, end, groundY);
  }
  return { stays, steps };
}

/**
 * A practice as a hand scroll, SVG markup: its people on one ground line, breath over them, names under them. In colours
 * of the page it stands on; names are escaped, all else is numbers.
 */
export function scrollMarkup(
  strip: Strip,
  formOf: (id: string) => Form | undefined,
  size: ScrollSize,
): { readonly markup: string; readonly height: number } {
  const { items, totalMs } = strip;
  const { width, figurePx, nameRows, sections, breath } = size;
  const x = (ms: number): number => 4 + (ms / Math.max(1, totalMs)) * (width - 8);
  const { breathTop, breathFloor, groundY, namesY, height } = rowsOf(size);
  const figures = figuresOf(items, formOf, x, figurePx);
  const { stays, steps } = traces(figures, items, x, groundY);
  let markup = '';
  for (const { role, startMs, endMs } of sectionsOf(items)) {
    const [from, to] = [x(startMs), x(endMs)];
    markup += `<path class="scroll-ground" d="${groundPath(from + 1.5, to - 1.5, groundY)}"/>`;
    const name = ROLE_NAMES[role];
    // So much a letter, px, and the space to the next name.
    if (sections && to - from > name.length * 7.5 + 4)
      markup += `<text class="scroll-section" x="${round(from + 2)}" y="13">${escaped(name)}</text>`;
  }
  if (breath)
    for (const { from, to, level, grain } of layWashes(items, x)) {
      const top = breathFloor - level * (breathFloor - breathTop - 4);
      markup += `<path class="scroll-wash" d="M${round(from + 0.5)} ${breathFloor}V${round(top + 2)}q0 -2 2 -2H${round(Math.max(from + 3, to - 2.5))}q2 0 2 2V${breathFloor}Z"/>`;
      if (grain.length > 0)
        markup += `<path class="scroll-grain" d="${grain.map((at) => `M${round(at)} ${breathFloor}V${round(top + 1.5)}`).join('')}"/>`;
    }
  markup += `<path class="scroll-stay" d="${stays}"/><path class="scroll-steps" d="${steps}"/>`;
  markup += figures.map((figure) => standingMarkup(figure, groundY, figurePx)).join('');
  if (nameRows > 0) {
    const byKey = new Map(items.map((item) => [item.key, item]));
    for (const { key, x: at, row } of layNames(items, x, { width, rows: nameRows, widthOf: nameWidth })) {
      const item = byKey.get(key);
      if (!item) continue;
      const y = namesY + row * NAME_PX;
      markup += `<text class="scroll-name" x="${round(at)}" y="${round(y)}">${escaped(item.name)}</text>`;
      if (item.dose)
        markup += `<text class="scroll-dose" x="${round(at)}" y="${round(y + 13)}">${escaped(item.dose)}</text>`;
    }
  }
  return { markup, height: Math.ceil(height) };
}

/** A scroll in words, for those who do not see it: its forms in their order. */
export const scrollWords = ({ items }: Strip): string =>
  `Scroll of ${items.length} forms: ${items.map(({ name }) => name).join(', ')}.`;
