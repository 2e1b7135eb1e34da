import { syllables } from '../../forms/review';
import type { Rule } from '../rule';

/** English runs at about 1.4 syllables a word (from memory). */
const SYLLABLES_A_WORD = 1.4;

export const cueTooLong: Rule = {
  id: 'cue-too-long',
  why: 'A cue that does not fit its stroke delays the breath of the whole group.',
  source: 'common-practice',
  find: ({ items, customs }) => {
    const perSec = (customs.wordsPerMin / 60) * SYLLABLES_A_WORD;
    return items.flatMap(({ item, form, events }) => {
      const seen = new Set<string>();
      return events.flatMap((event) => {
        if (event.kind !== 'stroke' || event.repetition > 1 || seen.has(event.cue)) return [];
        seen.add(event.cue);
        const spoken = syllables(event.cue) / perSec;
        const room = (event.lengthMs / 1000) * (event.breath === 'free' ? 1.5 : 1.05);
        if (spoken <= room) return [];
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: event.cue,
            say: `“${event.cue}” takes about ${spoken.toFixed(1)} s to say and its stroke in “${form.name}” lasts ${(event.lengthMs / 1000).toFixed(1)} s.`,
          },
        ];
      });
    });
  },
};
