import { weight } from '../weights';
import { HEART, only, type Criterion } from './criterion';

/** In the heart of a practice for one thing, a form that serves nothing of it is in the way; a still post never is. */
export const stranger: Criterion = {
  id: 'stranger',
  strength: 'theme',
  weights: ['stranger'],
  isCapped: false,
  points: ({ form, role, variant }, { targets, whole }) =>
    only(
      whole &&
        !whole.hasBlocks &&
        HEART.has(role) &&
        role !== 'still' &&
        !targets.some((target) => target.reachOf(form, variant))
        ? weight('stranger')
        : 0,
    ),
};
