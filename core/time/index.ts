export { asideOf, goesFree, layOut, repetitionsOf, secondsOf } from './layout';
export type { Doing, FormPart, LaidStroke } from './layout';
export { FIRST_REPETITION, formSec, isGestureOnce, repetitionSec, STANCE_CHANGE_SEC, WORD_SEC } from './form';
export { cueFit, saidSec, spokenSec, syllables } from './speech';
export type { CueFit } from './speech';
