import type { Rule } from '../rule';

const STILL_SEC = 8;

export const percussionStill: Rule = {
  id: 'percussion-still',
  why: 'After knocking, stand still and feel: that is where it works.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, asks, quietSec }) =>
      asks.percussion.length === 0 || quietSec >= STILL_SEC
        ? []
        : [
            {
              weight: 'should' as const,
              itemId: item.id,
              say: `After the knocking of “${form.name}” there are ${Math.round(quietSec)} s to feel.`,
              mend: {
                kind: 'edits' as const,
                label: `Stand still for ${STILL_SEC} s`,
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
