import { longestExhaleFor } from '../../people';
import type { Rule } from '../rule';

/** What rounding to whole ms may add, s. */
const SLACK_SEC = 0.05;

export const exhaleLong: Rule = {
  id: 'exhale-long',
  source: 'common-practice',
  find: ({ practice, timeline, people }) => {
    const mostSec = longestExhaleFor(people.conditions, practice.brief.familiarity);
    const longest = timeline.events.reduce(
      (top, event) => (event.breath === 'out' && event.lengthMs > (top?.lengthMs ?? 0) ? event : top),
      undefined as (typeof timeline.events)[number] | undefined,
    );
    if (!longest || longest.lengthMs / 1000 <= mostSec + SLACK_SEC) return [];
    return [
      {
        weight: people.conditions.length > 0 ? ('must' as const) : ('should' as const),
        said: { code: 'exhale-too-long' as const, sec: longest.lengthMs / 1000, mostSec },
        mend: {
          kind: 'edits' as const,
          said: { code: 'shorter-exhale' as const },
          edits: [{ kind: 'schools' as const, customs: { ...practice.customs, longestExhaleSec: mostSec } }],
        },
      },
    ];
  },
};
