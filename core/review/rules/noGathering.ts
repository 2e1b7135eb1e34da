import type { Rule } from '../rule';

export const noGathering: Rule = {
  id: 'no-gathering',
  source: 'common-practice',
  find: ({ items }) => {
    if (items.length === 0) return [];
    const has = (role: string): boolean => items.some(({ item }) => item.role === role);
    const missing = (['gather', 'close'] as const).filter((role) => !has(role));
    if (missing.length === 0) return [];
    return [
      {
        weight: 'should' as const,
        said: { code: 'not-gathered' as const, missing },
      },
    ];
  },
};
