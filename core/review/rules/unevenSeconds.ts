import type { Rule } from '../rule';

/** A second side that gets this much less time is felt. */
const FELT = 0.8;

export const unevenSeconds: Rule = {
  id: 'uneven-seconds',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, events }) => {
      const ms = { left: 0, right: 0 };
      for (const event of events) if (event.kind === 'stroke' && event.side) ms[event.side] += event.lengthMs;
      const least = Math.min(ms.left, ms.right);
      const most = Math.max(ms.left, ms.right);
      // Equal counts with one side taught slowly: the other may take its time too.
      if (most === 0 || least === 0 || least / most >= FELT) return [];
      const short = ms.left < ms.right ? 'left' : 'right';
      const sec = (value: number): number => Math.round(value / 1000);
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          said: {
            code: 'uneven-seconds' as const,
            form: form.name,
            short,
            leastSec: sec(least),
            mostSec: sec(most),
          },
        },
      ];
    }),
};
