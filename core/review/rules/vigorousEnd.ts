import type { Rule } from '../rule';

export const vigorousEnd: Rule = {
  id: 'vigorous-end',
  source: 'common-practice',
  find: ({ items }) => {
    const last = items.at(-1);
    if (!last?.asks.vigorous) return [];
    return [
      {
        weight: 'should' as const,
        itemId: last.item.id,
        said: { code: 'ends-stirred' as const, form: last.form.name },
      },
    ];
  },
};
