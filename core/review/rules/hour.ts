import type { Rule } from '../rule';

export const hour: Rule = {
  id: 'hour',
  why: 'The evening is for yin: what stirs late keeps people awake.',
  source: 'common-practice',
  find: ({ items, practice }) =>
    practice.brief.dayPart !== 'evening'
      ? []
      : items
          .filter(({ asks }) => asks.vigorous)
          .map(({ item, form }) => ({
            weight: 'consider' as const,
            itemId: item.id,
            say: `“${form.name}” stirs, and this is an evening practice.`,
          })),
};
