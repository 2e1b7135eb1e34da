import { themeParts } from '../../brief';
import { rankFor } from '../../known';
import { shapeOf } from '../shapes';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** The joints a teacher goes through first are taken before their many variations; where they are the theme, every one. */
export const usualJoint: Criterion = {
  id: 'usual-joint',
  strength: 'theme',
  weights: ['usualJoint', 'jointOfTheme'],
  isCapped: false,
  points: ({ form, role }, { brief, schools }) => {
    if (
      role !== 'loosen' ||
      shapeOf(brief).isSoft ||
      rankFor(form, { kind: 'aim', aim: 'joints' }, schools) !== 'named'
    )
      return [];
    const isTheme = themeParts(brief.theme).some((part) => part.kind === 'aim' && part.aim === 'joints');
    return only(weight(isTheme ? 'jointOfTheme' : 'usualJoint'));
  },
};
