import type { Finding, Rule } from '../rule';

const SETTLED_SEC = 8;

export const soundBeforeSettling: Rule = {
  id: 'sound-before-settling',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index): readonly Finding[] => {
      if (!view.layers.sound?.sound.organ) return [];
      const before = items[index - 1];
      if (!before)
        return [
          {
            weight: 'should' as const,
            itemId: view.item.id,
            said: { code: 'sound-first' as const, form: view.form.name },
          },
        ];
      if (!before.asks.vigorous || before.quietSec >= SETTLED_SEC) return [];
      return [
        {
          weight: 'should' as const,
          itemId: view.item.id,
          said: { code: 'sound-after-stirring' as const, form: view.form.name, before: before.form.name },
          mend: {
            kind: 'edits' as const,
            said: { code: 'settle-first' as const },
            edits: [
              {
                kind: 'quiet' as const,
                itemId: before.item.id,
                quietSec: (before.item.quietSec ?? 0) + SETTLED_SEC - before.quietSec,
              },
            ],
          },
        },
      ];
    }),
};
