import type { Form } from '../forms';

/**
 * What a practice begins, gathers and ends with, measured on the forms that are done and not on the names of their
 * sections. The composer and the margin both read these. Common practice.
 */

/** Points of the lower dāntián, by the schools that place it there. */
const LOWER_DANTIAN: ReadonlySet<string> = new Set(['CV6', 'CV4']);

const atLowerDantian = ({ points }: Form): boolean => points.some((code) => LOWER_DANTIAN.has(code));

/** A stillness, a settling breath, or the breath in the lower belly: something to arrive with. */
export const arrivesStill = (form: Form): boolean =>
  form.family === 'standing posture' ||
  form.family === 'settling breath' ||
  form.family === 'inner breathing';

/** Brings in and down to the lower dāntián. */
export const gathersIn = (form: Form): boolean => form.family === 'gathering' && atLowerDantian(form);

/** Hands, with the attention, at the lower dāntián: where a practice comes home. */
export const comesHome = (form: Form): boolean =>
  atLowerDantian(form) && form.channels.some(({ channel, how }) => channel === 'CV' && how === 'hold');
