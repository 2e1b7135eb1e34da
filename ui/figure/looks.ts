import { USUAL_LOOKS, type FigureLooks } from '@/core/customs/looks';
import { askedFor } from '@/ui/kit/askedFor';

/**
 * How figures look where nothing else is said: one practitioner's own choice, the same in every room. Set once as a page
 * is made, so that no figure needs to be told.
 */
export const { now: looksNow, choose: lookLike } = askedFor<FigureLooks>('figure-looks', USUAL_LOOKS);
