/** What a taught form is built up by, in this order. */
export const LAYERS = ['legs', 'hands', 'breath', 'mind'] as const;
export type Layer = (typeof LAYERS)[number];

/** The steps of a lesson in one form. */
export const LESSON_STEPS = ['show', 'parts', 'drill', 'mistakes', 'whole'] as const;
export type LessonStep = (typeof LESSON_STEPS)[number];
