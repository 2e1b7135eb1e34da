/** How much of the last class comes again, where there is a log of it. */
export const AGAIN = ['as-last-time', 'a-little-new', 'all-new'] as const;
export type Again = (typeof AGAIN)[number];

/** What a group that meets every week expects (common practice). */
export const USUAL_AGAIN: Again = 'a-little-new';
