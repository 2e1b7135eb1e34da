import type { Rule } from '../rule';

export const unevenCount: Rule = {
  id: 'uneven-count',
  why: 'Both sides get the same, so that the body stays even.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, events }) => {
      const strokes = events.filter((event) => event.kind === 'stroke' && event.side !== undefined);
      const left = strokes.filter((event) => event.side === 'left').length;
      const right = strokes.length - left;
      if (left === right) return [];
      const short = left < right ? 'left' : 'right';
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          say: `“${form.name}” does ${left} strokes on the left and ${right} on the right; the ${short} comes short.`,
        },
      ];
    }),
};
