import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const firstRole: Criterion = {
  id: 'first-role',
  strength: 'theme',
  weights: ['firstRole'],
  isCapped: true,
  points: ({ form, role }) => only(form.roles[0] === role ? weight('firstRole') : 0),
};
