export { asideOf, layOut, repetitionsOf, secondsOf } from './layout';
export type { Doing, FormPart, LaidStroke } from './layout';
export { FIRST_REPETITION, formSec, repetitionSec, STANCE_CHANGE_SEC } from './form';
export { cueFit, saidSec, spokenSec, syllables } from './speech';
export type { CueFit } from './speech';
