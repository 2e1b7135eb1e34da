import type { Rule } from '../rule';

const SETTLED_SEC = 8;

export const soundBeforeSettling: Rule = {
  id: 'sound-before-settling',
  why: 'A sound comes after the mind has settled: hold the organ in mind first.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index) => {
      if (!view.form.soundOrgan) return [];
      const before = items[index - 1];
      if (!before)
        return [
          {
            weight: 'should' as const,
            itemId: view.item.id,
            say: `“${view.form.name}” is the very first thing; nobody has arrived yet.`,
          },
        ];
      if (!before.asks.vigorous || before.quietSec >= SETTLED_SEC) return [];
      return [
        {
          weight: 'should' as const,
          itemId: view.item.id,
          say: `“${view.form.name}” follows straight on “${before.form.name}”, which stirs.`,
          mend: {
            kind: 'edits' as const,
            label: 'Let it settle first',
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
