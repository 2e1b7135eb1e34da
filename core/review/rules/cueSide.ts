import type { Edit } from '../../practice';
import { cuesOf, type Rule } from '../rule';

const PLAIN_SIDE = /\b(left|right)\b(?! (?:away|there|here|now))/gi;

/** The literal sides of a cue put as tokens: the first side named is the side, the other the other. */
function asTokens(cue: string): string {
  const first = /\b(left|right)\b/i.exec(cue)?.[1]?.toLowerCase();
  return cue.replace(PLAIN_SIDE, (word) => (word.toLowerCase() === first ? '{side}' : '{other}'));
}

export const cueSide: Rule = {
  id: 'cue-side',
  why: 'A side spoken outright is wrong every second time: half the group moves the wrong hand.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form } = view;
      if (form.sides === 'symmetric' || form.sides === 'both-ways') return [];
      return cuesOf(view)
        .filter(
          ({ key, cue }) =>
            key.startsWith('cycle') &&
            !/\{(side|other)\}/i.test(cue) &&
            /\b(left|right)\b(?! (?:away|there|here|now))/i.test(cue),
        )
        .map(({ key, cue }) => {
          const edits: Edit[] = [{ kind: 'cue', itemId: item.id, key, cue: asTokens(cue) }];
          return {
            weight: 'should' as const,
            itemId: item.id,
            detail: key,
            say: `“${cue}” is said on both sides of “${form.name}”, so on one of them it names the wrong one.`,
            mend: { kind: 'edits' as const, label: 'Let the side follow the score', edits },
          };
        });
    }),
};
