import { weight } from '../weights';
import { HEART, only, type Criterion } from './criterion';

/**
 * What those who come like, among what serves: in the heart only what reaches the theme. It gives no reason, for a reason
 * stands in the practice and goes where the practice goes, and what somebody likes is known of a person.
 */
export const liked: Criterion = {
  id: 'liked',
  strength: 'theme',
  weights: ['liked'],
  isCapped: false,
  points: ({ form, role, variant }, { targets, whole }) => {
    if (!whole?.people.likes?.includes(form.id)) return [];
    const serves = !HEART.has(role) || targets.some((target) => target.reachOf(form, variant));
    return only(serves ? weight('liked') : 0);
  },
};
