import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const level: Criterion = {
  id: 'level',
  strength: 'level',
  weights: ['levelTaught', 'levelKnown', 'plainerLevel'],
  isCapped: true,
  points: ({ form }, { brief, character }) =>
    only(
      (form.level - 1) *
        weight(brief.familiarity === 'taught' ? 'levelTaught' : 'levelKnown') *
        (character === 'plainer' ? weight('plainerLevel') : 1),
    ),
};
