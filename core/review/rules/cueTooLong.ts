import { eventFit } from '../../practice';
import type { Rule } from '../rule';

export const cueTooLong: Rule = {
  id: 'cue-too-long',
  source: 'common-practice',
  find: ({ items, customs }) =>
    items.flatMap(({ item, form, events }) => {
      const seen = new Set<string>();
      return events.flatMap((event) => {
        if (event.kind !== 'stroke' || event.repetition > 1 || seen.has(event.cue)) return [];
        seen.add(event.cue);
        const { fits, spokenSec, strokeSec } = eventFit(event, customs.wordsPerMin);
        if (fits) return [];
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
