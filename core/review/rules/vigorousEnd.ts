import type { Rule } from '../rule';

export const vigorousEnd: Rule = {
  id: 'vigorous-end',
  why: 'Never end on a vigorous form: what was stirred is carried home unsettled.',
  source: 'common-practice',
  find: ({ items }) => {
    const last = items.at(-1);
    if (!last?.asks.vigorous) return [];
    return [
      {
        weight: 'should' as const,
        itemId: last.item.id,
        say: `The practice ends on “${last.form.name}”, which stirs.`,
      },
    ];
  },
};
