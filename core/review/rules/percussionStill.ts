import type { Rule } from '../rule';

const STILL_SEC = 8;

export const percussionStill: Rule = {
  id: 'percussion-still',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, asks, quietSec }) =>
      asks.percussion.length === 0 || quietSec >= STILL_SEC
        ? []
        : [
            {
              weight: 'should' as const,
              itemId: item.id,
              said: {
                code: 'little-quiet-after-knocking' as const,
                form: form.name,
                seconds: Math.round(quietSec),
              },
              mend: {
                kind: 'edits' as const,
                said: { code: 'stand-still' as const, seconds: STILL_SEC },
                edits: [
                  {
                    kind: 'quiet' as const,
                    itemId: item.id,
                    quietSec: (item.quietSec ?? 0) + STILL_SEC - quietSec,
                  },
                ],
              },
            },
          ],
    ),
};
