import { isAtHand, propOf } from '../../forms';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** What is done with what is at hand. */
export const atHand: Criterion = {
  id: 'at-hand',
  strength: 'theme',
  weights: ['atHand'],
  isCapped: false,
  points: ({ form, variant }, { brief }) => {
    const prop = brief.atHand && propOf(form, variant);
    return only(prop !== undefined && isAtHand(prop, brief.atHand) ? weight('atHand') : 0);
  },
};
