import { toleranceMs } from '../../compose';
import { clock, type Rule } from '../rule';

export const length: Rule = {
  id: 'length',
  why: 'People plan their day by the minutes they were told.',
  source: 'common-practice',
  find: ({ practice, timeline }) => {
    const off = timeline.totalMs - practice.brief.minutes * 60_000;
    if (Math.abs(off) <= toleranceMs(practice.brief.minutes)) return [];
    const say = `This lasts ${clock(timeline.totalMs)}, ${clock(Math.abs(off))} ${off > 0 ? 'longer' : 'shorter'} than the ${practice.brief.minutes} minutes asked for.`;
    return [{ weight: 'should', say, mend: { kind: 'make-it-fit', label: 'Make it fit' } }];
  },
};
