import type { Rule } from '../rule';

export const hour: Rule = {
  id: 'hour',
  source: 'common-practice',
  find: ({ items, practice }) =>
    practice.brief.dayPart !== 'evening'
      ? []
      : items
          .filter(({ asks }) => asks.vigorous)
          .map(({ item, form }) => ({
            weight: 'consider' as const,
            itemId: item.id,
            said: { code: 'stirs-in-the-evening' as const, form: form.name },
          })),
};
