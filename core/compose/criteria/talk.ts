import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const talk: Criterion = {
  id: 'talk',
  strength: 'talk',
  weights: ['talk'],
  isCapped: true,
  points: ({ form }, { brief }) => only((weight('talk') * form.setupSec[brief.familiarity]) / 60),
};
