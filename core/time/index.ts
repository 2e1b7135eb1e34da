export { asideOf, goesFree, layOut, repetitionsOf, secondsOf } from './layout';
export type { Doing, FormPart, LaidStroke } from './layout';
export {
  FIRST_REPETITION,
  formSec,
  isGestureOnce,
  repetitionSec,
  PROP_CHANGE_SEC,
  STANCE_CHANGE_SEC,
  WORD_SEC,
} from './form';
export { cueFit, saidSec, spokenSec, syllables, USUAL_WORDS_PER_MIN } from './speech';
export type { CueFit } from './speech';
