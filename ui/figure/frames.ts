/** Crops, in picture units about the middle of the feet: the whole reach, or close for a thumbnail. */
export const FRAMES = {
  whole: '-190 -432 380 464',
  close: '-150 -425 300 452',
} as const;
