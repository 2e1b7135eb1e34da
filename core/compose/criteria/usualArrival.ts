import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** Standing, or sitting, still is how most classes begin; what else arrives is for a change. */
export const usualArrival: Criterion = {
  id: 'usual-arrival',
  strength: 'arc',
  weights: ['usualArrival'],
  isCapped: false,
  points: ({ form, role }) =>
    only(role === 'arrive' && form.family === 'standing posture' ? weight('usualArrival') : 0),
};
