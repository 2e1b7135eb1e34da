import { USUAL_LOOKS, type FigureLooks } from '@/core/customs/looks';

/**
 * How figures look where nothing else is said: one practitioner's own choice, the same in every room. Set once as a page
 * is made, so that no figure needs to be told.
 */
let present: FigureLooks = USUAL_LOOKS;

export const looksNow = (): FigureLooks => present;

export function lookLike(looks: FigureLooks): void {
  present = looks;
}
