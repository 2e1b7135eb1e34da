import { spokenSec } from '../../time';
import type { Rule } from '../rule';

/** A voice fills half to nine tenths of a class; quiet of half a minute is left once a form is known. */
const MOST_SHARE = 0.92;
const QUIET_MS = 30_000;
const FROM_MINUTES = 10;

export const talk: Rule = {
  id: 'talk',
  why: 'Talk thins as a practice goes on; good leaders leave half a minute quiet once a form is known.',
  source: 'common-practice',
  find: ({ timeline, customs, practice }) => {
    if (timeline.events.length === 0) return [];
    let spoken = 0;
    let quietFrom = 0;
    let longest = 0;
    let last = '';
    for (const event of timeline.events) {
      // A cue said again in the next repetition need not be said.
      const said =
        event.cue !== last && event.repetition <= 2 ? spokenSec(event.cue, customs.wordsPerMin) * 1000 : 0;
      last = event.cue;
      if (said > 0) {
        longest = Math.max(longest, event.startMs - quietFrom);
        quietFrom = event.startMs + said;
      }
      spoken += Math.min(said, event.lengthMs);
    }
    longest = Math.max(longest, timeline.totalMs - quietFrom);
    const share = spoken / timeline.totalMs;
    if (share > MOST_SHARE)
      return [
        {
          weight: 'consider' as const,
          detail: 'share',
          say: `The words fill ${Math.round(share * 100)} % of the time.`,
        },
      ];
    if (longest < QUIET_MS && practice.brief.minutes >= FROM_MINUTES)
      return [
        {
          weight: 'consider' as const,
          detail: 'quiet',
          say: `The longest quiet stretch is ${Math.round(longest / 1000)} s; nowhere is there half a minute without words.`,
        },
      ];
    return [];
  },
};
