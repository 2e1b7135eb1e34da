import type { Mend, Rule } from '../rule';

const evenSides = (itemId: string): Mend => ({
  kind: 'edits',
  said: { code: 'even-sides' },
  edits: [{ kind: 'other-repetitions', itemId, repetitions: undefined }],
});

export const unevenCount: Rule = {
  id: 'uneven-count',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, events }) => {
      const strokes = events.filter((event) => event.kind === 'stroke' && event.side !== undefined);
      const left = strokes.filter((event) => event.side === 'left').length;
      const right = strokes.length - left;
      if (left === right) return [];
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: { code: 'uneven-count' as const, form: form.name, left, right },
          ...(item.otherRepetitions === undefined ? {} : { mend: evenSides(item.id) }),
        },
      ];
    }),
};
