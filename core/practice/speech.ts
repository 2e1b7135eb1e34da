/** Spoken words a minute while the voice is speaking , in explaining (common practice). */
export const SPEAKING_WORDS_PER_MIN = 150;

/** Seconds a text takes to say. */
export const spokenSec = (text: string, wordsPerMin = SPEAKING_WORDS_PER_MIN): number =>
  (text.split(/\s+/).filter((word) => word !== '').length / wordsPerMin) * 60;
