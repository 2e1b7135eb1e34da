import { AUDIENCE_WORDS } from '@/core/handout/audience';
import { facesOf } from './faces';
import { PALETTES, inksOf, type Ink, type Light, type Palette } from './inks';

/** A picture by itself: what it shows, in which light, how large. */
export interface PictureAsked {
  readonly markup: string;
  /** Left, top, width and height of the drawing, its own units. */
  readonly viewBox: readonly [number, number, number, number];
  readonly alt: string;
  readonly light: Light;
  /** Colour of the theme. */
  readonly pigment: string;
  /** How wide it is shown, px. */
  readonly widthPx: number;
}

const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

function ruleOf(name: string, ink: Ink): string {
  const rules = [
    `fill:${ink.fill ?? 'none'}`,
    ink.fillOpacity === undefined ? '' : `fill-opacity:${ink.fillOpacity}`,
    ink.stroke === undefined ? '' : `stroke:${ink.stroke}`,
    ink.strokeOpacity === undefined ? '' : `stroke-opacity:${ink.strokeOpacity}`,
    ink.strokeWidth === undefined ? '' : `stroke-width:${ink.strokeWidth}`,
    ink.dash === undefined ? '' : `stroke-dasharray:${ink.dash.join(' ')}`,
    ink.round ? 'stroke-linecap:round;stroke-linejoin:round' : '',
    ink.font
      ? `font-family:${ink.font.family === 'serif' ? 'Navuren Serif,Hanzi,serif' : 'Navuren Sans,Hanzi,sans-serif'};font-weight:${ink.font.strong ? 500 : 400};font-size:${ink.font.px}px;paint-order:stroke`
      : '',
  ];
  return `.${name}{${rules.filter(Boolean).join(';')}}`;
}

const VARIABLES = (palette: Palette): Readonly<Record<string, string>> => ({
  paper: palette.paper,
  leaf: palette.leaf,
  ink: palette.ink,
  faded: palette.faded,
  hairline: palette.hairline,
  ...palette.phases,
});

/** A picture as an SVG file that needs nothing round it: its colours, its letters and its words are within. */
export async function svgOf({
  markup,
  viewBox,
  alt,
  light,
  pigment,
  widthPx,
}: PictureAsked): Promise<string> {
  const palette = PALETTES[light];
  const [left, top, wide, tall] = viewBox;
  const variables = VARIABLES(palette);
  const drawn = markup.replace(/var\(--([a-z]+)\)/g, (whole, name: string) => variables[name] ?? whole);
  const used = new Set(
    [...drawn.matchAll(/class="([^"]*)"/g)].flatMap(([, names]) => (names ?? '').split(' ')),
  );
  // The pigment is the colour of the whole picture; a channel brings its own.
  const rules = Object.entries(inksOf(palette, 'currentColor'))
    .filter(([name]) => used.has(name))
    .map(([name, ink]) => ruleOf(name, ink));
  const said = [...drawn.matchAll(/<text[^>]*>([^<]*)/g)].map(([, text]) => text ?? '').join('');
  const style = `${await facesOf(said)}${rules.join('')}.fig-way{opacity:.42}.fig-far{opacity:.28}.fig-ghost{opacity:.22}text{font-family:Navuren Serif,Hanzi,serif}`;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox.join(' ')}" width="${widthPx}" height="${Math.round((widthPx * tall) / wide)}" role="img" color="${pigment}">`,
    `<title>${escaped(alt)}</title>`,
    // A picture is of a form or a practice, never of anybody.
    `<desc>${AUDIENCE_WORDS.people}</desc>`,
    `<style>${style}</style>`,
    `<rect x="${left}" y="${top}" width="${wide}" height="${tall}" fill="${palette.leaf}"/>`,
    drawn,
    '</svg>',
    '',
  ].join('\n');
}
