import { weight } from '../weights';
import { HEART, only, type Criterion } from './criterion';

/** A draft that stands beside others does without their forms where it can. */
export const apart: Criterion = {
  id: 'apart',
  strength: 'variety',
  weights: ['apart'],
  isCapped: false,
  points: ({ form, role }, { whole }) =>
    only(
      whole?.apartFrom.includes(form.id) && (HEART.has(role) || role === 'balance' || role === 'wake')
        ? weight('apart')
        : 0,
    ),
};
