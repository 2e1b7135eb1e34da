import type { Rule } from '../rule';

export const noGathering: Rule = {
  id: 'no-gathering',
  why: 'Always gather and close at the lower dāntián, so that what was made stays.',
  source: 'common-practice',
  find: ({ items }) => {
    if (items.length === 0) return [];
    const has = (role: string): boolean => items.some(({ item }) => item.role === role);
    const missing = (['gather', 'close'] as const).filter((role) => !has(role));
    if (missing.length === 0) return [];
    return [
      {
        weight: 'should' as const,
        say:
          missing.length === 2
            ? 'Nothing is gathered and nothing closed.'
            : missing[0] === 'gather'
              ? 'Nothing is gathered before the close.'
              : 'There is no close.',
      },
    ];
  },
};
