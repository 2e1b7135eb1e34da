import { spokenSec } from '../../time';
import type { Rule } from '../rule';

/** A voice fills half to nine tenths of a class; quiet of half a minute is left once a form is known. */
const MOST_SHARE = 0.92;
const QUIET_MS = 30_000;
const FROM_MINUTES = 10;

export const talk: Rule = {
  id: 'talk',
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
          said: { code: 'words-fill-the-time' as const, share },
        },
      ];
    if (longest < QUIET_MS && practice.brief.minutes >= FROM_MINUTES)
      return [
        {
          weight: 'consider' as const,
          detail: 'quiet',
          said: { code: 'no-quiet-stretch' as const, seconds: Math.round(longest / 1000) },
        },
      ];
    return [];
  },
};
