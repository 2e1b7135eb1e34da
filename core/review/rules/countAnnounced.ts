import { NUMBER_WORDS } from '../../forms';
import { cuesOf, type Rule } from '../rule';

/** A count said as a word. */
const COUNT_WORDS: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3, ...NUMBER_WORDS };
const COUNT =
  /\b(?:(\d{1,2})|(one|two|three|four|five|six|seven|eight|nine|ten|twelve))\s*(?:×|x\b|times|repetitions|rounds)|\b(once|twice|thrice)\b/gi;

/** Counts said in a text. */
export const countsSaid = (text: string): readonly number[] =>
  [...text.matchAll(COUNT)].flatMap(([, digits, word, adverb]) => {
    const said = digits ? Number(digits) : COUNT_WORDS[(word ?? adverb ?? '').toLowerCase()];
    return said === undefined ? [] : [said];
  });

export const countAnnounced: Rule = {
  id: 'count-announced',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form } = view;
      // What is said once for the whole form; within a stroke a count may be of something else.
      const said = cuesOf(view)
        .filter(({ key, own }) => key === 'setup' || key === 'image' || own)
        .flatMap(({ cue }) => countsSaid(cue));
      const other = said.find((count) => count !== item.repetitions);
      if (other === undefined || said.includes(item.repetitions)) return [];
      const steps = (other - item.repetitions) / form.repetitions.multipleOf;
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: { code: 'count-announced' as const, form: form.name, said: other, done: item.repetitions },
          ...(Number.isInteger(steps)
            ? {
                mend: {
                  kind: 'edits' as const,
                  said: { code: 'do-count' as const, count: other },
                  edits: [{ kind: 'repetitions' as const, itemId: item.id, steps }],
                },
              }
            : {}),
        },
      ];
    }),
};
