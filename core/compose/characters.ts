/** How a draft is coloured: as asked, or in a character of its own. */
export const CHARACTERS = ['as-asked', 'gentler', 'fuller', 'plainer'] as const;
export type Character = (typeof CHARACTERS)[number];
