/** Spoken words a minute while the voice is speaking (measured practice: 150–165). */
export const SPEAKING_WORDS_PER_MIN = 155;

/** Seconds a text takes to say. */
export const spokenSec = (text: string, wordsPerMin = SPEAKING_WORDS_PER_MIN): number =>
  (text.split(/\s+/).filter((word) => word !== '').length / wordsPerMin) * 60;
