/** What a practice is to do. */
export const INTENTS = ['nourish', 'clear', 'clear-then-nourish', 'move', 'calm'] as const;
export type Intent = (typeof INTENTS)[number];
