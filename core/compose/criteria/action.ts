import { actionReach } from '../reach';
import { HEART, only, type Criterion } from './criterion';

export const action: Criterion = {
  id: 'action',
  strength: 'theme',
  weights: ['aimAction', 'intentAction'],
  isCapped: true,
  points: ({ form, role }, { brief }) => {
    const reach = HEART.has(role) ? actionReach(form, brief) : undefined;
    const reason = reach?.reasons[0];
    return reach && reason ? only(reach.points, reason) : [];
  },
};
