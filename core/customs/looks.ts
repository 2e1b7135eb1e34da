/** How the figure is built, and what it sits on. No sex, no age but one: older people see themselves too. */
export const FIGURE_BUILDS = [
  { id: 'usual', label: 'as most are', girth: 1, isGrey: false },
  { id: 'slight', label: 'slight', girth: 0.9, isGrey: false },
  { id: 'broad', label: 'broad', girth: 1.14, isGrey: false },
  { id: 'older', label: 'older, with grey hair', girth: 1.05, isGrey: true },
] as const;
export type FigureBuildId = (typeof FIGURE_BUILDS)[number]['id'];

export const FIGURE_SEATS = [
  { id: 'stool', label: 'a stool' },
  { id: 'chair', label: 'a chair with a back' },
  { id: 'wheelchair', label: 'a wheelchair' },
] as const;
export type FigureSeatId = (typeof FIGURE_SEATS)[number]['id'];

/** The looks of the figure everywhere in the application. */
export interface FigureLooks {
  readonly build: FigureBuildId;
  readonly seat: FigureSeatId;
}

export const USUAL_LOOKS: FigureLooks = { build: 'usual', seat: 'stool' };
