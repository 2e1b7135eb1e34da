import type { PhaseId } from '@/core/phases';

/** A light a picture is drawn for: by day on paper, or by lamplight on dark ground. */
export const LIGHTS = ['day', 'lamp'] as const;
export type Light = (typeof LIGHTS)[number];

/** Colours by their place in the look; the same as on the screen (app/globals.css), for what has no style sheet. */
export interface Palette {
  readonly paper: string;
  readonly leaf: string;
  readonly ink: string;
  readonly faded: string;
  readonly hairline: string;
  readonly brush: string;
  readonly cloth: string;
  readonly wash: string;
  readonly skin: string;
  readonly shoe: string;
  readonly hair: string;
  readonly grey: string;
  readonly pin: string;
  readonly phases: Readonly<Record<PhaseId, string>>;
}

export const PALETTES: Readonly<Record<Light, Palette>> = {
  day: {
    paper: '#f5efe3',
    leaf: '#fbf8f1',
    ink: '#221e19',
    faded: '#5c5348',
    hairline: '#cfc4b0',
    brush: '#221e19',
    cloth: '#f4ecda',
    wash: '#dccfb5',
    skin: '#fdf8ee',
    shoe: '#453d35',
    hair: '#2a2520',
    grey: '#a39a8b',
    pin: '#a8853f',
    phases: { wood: '#2f6b4f', fire: '#a5341f', earth: '#8a5a12', metal: '#5b6670', water: '#274a78' },
  },
  lamp: {
    paper: '#17181b',
    leaf: '#1f2125',
    ink: '#ece4d4',
    faded: '#a99f8e',
    hairline: '#3a3b3f',
    brush: '#d9cfbd',
    cloth: '#46433e',
    wash: '#37342f',
    skin: '#6d6459',
    shoe: '#1b1a19',
    hair: '#141313',
    grey: '#8b8478',
    pin: '#d9b968',
    phases: { wood: '#7fbf9d', fire: '#e58a72', earth: '#d9ae62', metal: '#b3bec8', water: '#8fb3e3' },
  },
};

/** How a shape of a class is drawn. */
export interface Ink {
  readonly fill?: string;
  readonly fillOpacity?: number;
  readonly stroke?: string;
  readonly strokeOpacity?: number;
  readonly strokeWidth?: number;
  readonly dash?: readonly [number, number];
  readonly round?: boolean;
  /** Text: the family and size, px. */
  readonly font?: { readonly family: 'serif' | 'sans'; readonly px: number; readonly strong?: boolean };
}

/** The inks of everything the figure, the scroll and the channels are drawn with, by class. */
export function inksOf(palette: Palette, pigment: string): Readonly<Record<string, Ink>> {
  const { ink, faded, leaf, paper } = palette;
  return {
    'fig-ink': { fill: palette.brush },
    'fig-cloth': { fill: palette.cloth },
    'fig-wash': { fill: palette.wash },
    'fig-skin': { fill: palette.skin },
    'fig-shoe': { fill: palette.shoe },
    'fig-dark': { fill: palette.shoe },
    'fig-hair': { fill: palette.hair },
    'fig-grey': { fill: palette.grey },
    'fig-wheel': { stroke: palette.brush },
    'fig-pin': { fill: palette.pin },
    'fig-wood': { fill: leaf },
    'fig-wall': { fill: ink, fillOpacity: 0.09, stroke: faded, strokeWidth: 1 },
    'fig-shadow': { fill: ink },
    'fig-sash': { fill: pigment },
    'fig-path': { stroke: faded, strokeWidth: 3, dash: [1, 5], round: true },
    'fig-path-head': { stroke: faded, strokeWidth: 3, round: true },
    'fig-channel': { stroke: pigment, round: true },
    'fig-point': { fill: pigment, stroke: leaf },
    'fig-ring': { stroke: ink },
    'fig-measure': { stroke: ink, round: true },
    'fig-cun': { fill: ink, font: { family: 'sans', px: 14, strong: true } },
    'scroll-ground': { fill: faded },
    'scroll-section': { fill: ink, font: { family: 'serif', px: 14, strong: true } },
    'scroll-wash': { fill: pigment, fillOpacity: 0.2 },
    'scroll-grain': { stroke: pigment, strokeOpacity: 0.5, strokeWidth: 0.8 },
    'scroll-stay': { fill: ink, fillOpacity: 0.2 },
    'scroll-steps': { fill: ink, fillOpacity: 0.4 },
    'scroll-name': { fill: ink, stroke: paper, font: { family: 'serif', px: 13 } },
    'scroll-dose': { fill: faded, stroke: paper, font: { family: 'sans', px: 13 } },
  };
}

const channels = (hex: string): readonly [number, number, number] => {
  const value = Number.parseInt(hex.slice(1).padEnd(6, '0'), 16);
  return [(value >> 16) & 255, (value >> 8) & 255, value & 255];
};

/** A colour laid thinly on another: `share` of the first, 0…1. */
export function mixed(over: string, under: string, share: number): string {
  const [a, b] = [channels(over), channels(under)];
  const two = (value: number): string => Math.round(value).toString(16).padStart(2, '0');
  return `#${a.map((value, index) => two(value * share + (b[index] ?? 0) * (1 - share))).join('')}`;
}
