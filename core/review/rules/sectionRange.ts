import { ROLES, ROLE_SHARES } from '../../forms';
import type { Rule } from '../rule';

/** Shares outside the usual range by less than this are not worth a word. */
const SLACK = 0.01;
const percent = (share: number): string => `${Math.round(share * 100)} %`;

export const sectionRange: Rule = {
  id: 'section-range',
  why: 'Each section has a range that serves it; outside it something else usually suffers.',
  source: 'common-practice',
  find: ({ timeline }) =>
    ROLES.flatMap((role) => {
      const ms = timeline.sections
        .filter((one) => one.role === role)
        .reduce((sum, one) => sum + one.lengthMs, 0);
      if (ms === 0) return [];
      const share = ms / timeline.totalMs;
      const { leastShare, mostShare } = ROLE_SHARES[role];
      if (share >= leastShare - SLACK && share <= mostShare + SLACK) return [];
      const way = share < leastShare ? 'less' : 'more';
      return [
        {
          weight: 'consider' as const,
          detail: role,
          say: `The section “${role}” takes ${percent(share)} of the time, ${way} than is usual (${percent(leastShare)} to ${percent(mostShare)}).`,
        },
      ];
    }),
};
