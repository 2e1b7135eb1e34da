import { cuesOf, type Rule } from '../rule';

export const circlesOneWay: Rule = {
  id: 'circles-one-way',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { form, item } = view;
      const words = cuesOf(view)
        .map(({ cue }) => cue)
        .join(' ');
      if (form.pace !== 'circling' || form.sides !== 'symmetric' || !/circl/i.test(words)) return [];
      if (
        /other way|both ways|and back|the way back|reverse|outward.*inward|inward.*outward|forward.*back/i.test(
          words,
        )
      )
        return [];
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: { code: 'circles-one-way' as const, form: form.name },
        },
      ];
    }),
};
