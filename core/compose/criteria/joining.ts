import { themeParts } from '../../brief';
import { knownFor } from '../../known';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** To balance is to join above and below or left and right; a massage does not, and stands there only where the theme knows it. */
export const joining: Criterion = {
  id: 'joining',
  strength: 'arc',
  weights: ['massageBalances'],
  isCapped: false,
  points: ({ form, role, asked }, { brief, schools }) => {
    if (asked || role !== 'balance' || form.family !== 'self-massage') return [];
    const rank = knownFor(form, themeParts(brief.theme), schools);
    return only(rank === 'named' || rank === 'accepted' ? 0 : weight('massageBalances'));
  },
};
