import { toleranceMs } from '../../compose';
import type { Rule } from '../rule';

export const length: Rule = {
  id: 'length',
  source: 'common-practice',
  find: ({ practice, timeline }) => {
    const off = timeline.totalMs - practice.brief.minutes * 60_000;
    if (Math.abs(off) <= toleranceMs(practice.brief.minutes)) return [];
    const { minutes } = practice.brief;
    return [
      {
        weight: 'should',
        said: { code: 'length', lastsMs: timeline.totalMs, minutes },
        mend: { kind: 'make-it-fit', said: { code: 'fit' } },
      },
    ];
  },
};
