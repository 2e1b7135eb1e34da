/** What a taught form is built up by, in this order. */
export const LAYERS = ['legs', 'hands', 'breath', 'mind'] as const;
export type Layer = (typeof LAYERS)[number];

/** What a form new to a group grows by, class after class. */
export const GROWTH_LAYERS = ['body', 'breath', 'mind'] as const;
export type GrowthLayer = (typeof GROWTH_LAYERS)[number];

/** The steps of a lesson in one form. */
export const LESSON_STEPS = ['show', 'parts', 'drill', 'mistakes', 'whole'] as const;
export type LessonStep = (typeof LESSON_STEPS)[number];

/** What a practice says of itself, in the order it is told. */
export const STORY_PARTS = ['intention', 'opening', 'image', 'midway', 'virtue', 'closing'] as const;
export type StoryPart = (typeof STORY_PARTS)[number];
/** A part of a story is a few sentences, characters. */
export const MOST_TOLD = 400;

/** A layer of a form, and at which of its repetitions it is added. */
export interface LayerStart {
  readonly layer: (typeof LAYERS)[number];
  readonly from: number;
}

/** When the layers of an item come: one a repetition; where it is drilled each has its share of them. */
export function layerStarts({
  layers = [],
  lesson,
  repetitions,
}: {
  readonly layers?: readonly LayerStart['layer'][] | undefined;
  readonly lesson?: (typeof LESSON_STEPS)[number] | undefined;
  readonly repetitions: number;
}): readonly LayerStart[] {
  const share = lesson === 'drill' ? repetitions / layers.length : 1;
  return layers.map((layer, index) => ({ layer, from: 1 + Math.floor(index * share) }));
}
