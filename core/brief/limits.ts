/** What the place does not allow. */
export const PLACE_LIMITS = ['little-room', 'no-floor', 'no-shoes', 'quiet'] as const;
export type PlaceLimit = (typeof PLACE_LIMITS)[number];

export const LEAST_MINUTES = 2;
export const MOST_MINUTES = 120;
