import { eventFit } from '../../practice';
import type { Rule } from '../rule';

export const cueTooLong: Rule = {
  id: 'cue-too-long',
  source: 'common-practice',
  find: ({ items, customs }) =>
    items.flatMap(({ item, form, events }) => {
      const seen = new Set<string>();
      return events.flatMap((event) => {
        // What is said again is said in fewer words, and in the time of a repetition that is not slowed any more.
        if (event.kind !== 'stroke' || seen.has(event.cue)) return [];
        const { fits, spokenSec, strokeSec } = eventFit(event, customs.wordsPerMin);
        if (fits) return [];
        seen.add(event.cue);
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: event.cue,
            said: { code: 'cue-too-long' as const, cue: event.cue, form: form.name, spokenSec, strokeSec },
          },
        ];
      });
    }),
};
