import { rangeOfRole } from '../../compose/shapes';
import { ROLES } from '../../forms';
import type { Rule } from '../rule';

/** Shares outside the usual range by less than this are not worth a word. */
const SLACK = 0.01;

export const sectionRange: Rule = {
  id: 'section-range',
  source: 'common-practice',
  find: ({ practice, timeline, customs }) =>
    ROLES.flatMap((role) => {
      const ms = timeline.sections
        .filter((one) => one.role === role)
        .reduce((sum, one) => sum + one.lengthMs, 0);
      if (ms === 0) return [];
      const share = ms / timeline.totalMs;
      const { leastShare, mostShare } = rangeOfRole(practice.brief, role, customs.shapes);
      if (share >= leastShare - SLACK && share <= mostShare + SLACK) return [];
      return [
        {
          weight: 'consider' as const,
          detail: role,
          said: { code: 'section-out-of-range' as const, role, share, leastShare, mostShare },
        },
      ];
    }),
};
