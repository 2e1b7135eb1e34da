import { organsOfForm } from '../../forms';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** In a block for one organ its own forms come first. */
export const block: Criterion = {
  id: 'block',
  strength: 'theme',
  weights: ['ofBlock'],
  isCapped: true,
  points: ({ form, organ }, { schools }) =>
    only(organ && organsOfForm(form, schools).includes(organ) ? weight('ofBlock') : 0),
};
