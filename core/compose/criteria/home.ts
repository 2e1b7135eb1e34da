import { comesHome } from '../../measures';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** A practice closes with the hands at the lower dāntián. */
export const home: Criterion = {
  id: 'home',
  strength: 'arc',
  weights: ['atHome'],
  isCapped: false,
  points: ({ form, role }) => only(role === 'close' && comesHome(form) ? weight('atHome') : 0),
};
