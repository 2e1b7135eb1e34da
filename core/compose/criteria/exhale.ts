import { exhaleWanted } from '../../forms';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const exhale: Criterion = {
  id: 'exhale',
  strength: 'theme',
  weights: ['mouthForNose'],
  isCapped: false,
  points: ({ form, role }, { whole }) =>
    only(
      whole && form.exhale === 'mouth' && exhaleWanted(form, role, whole.customs.exhaleRoute) === 'nose'
        ? weight('mouthForNose')
        : 0,
    ),
};
