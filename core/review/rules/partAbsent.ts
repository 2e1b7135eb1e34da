import { cuesOf, type Finding, type ItemView, type Rule } from '../rule';

/** “Now the swallow” in a practice without a form of that name. */
function announcedAndAbsent(view: ItemView, items: readonly ItemView[]): readonly Finding[] {
  const { item } = view;
  const said = cuesOf(view)
    .filter(({ own }) => own)
    .map(
      ({ cue }) =>
        /\b(?:next|then comes|after this|now comes)[:,]? (?:the |we do |we come to )?“([^”]+)”/i.exec(
          cue,
        )?.[1],
    );
  return said.flatMap((name) => {
    if (name === undefined || items.some((other) => other.form.name.toLowerCase() === name.toLowerCase()))
      return [];
    return [
      {
        weight: 'should' as const,
        itemId: item.id,
        detail: name,
        said: { code: 'announced-and-absent' as const, name },
      },
    ];
  });
}

export const partAbsent: Rule = {
  id: 'part-absent',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view): readonly Finding[] => {
      const { item, form } = view;
      const layers = item.layers ?? [];
      const late = layers.slice(item.repetitions);
      if (late.length > 0)
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: 'layers',
            said: {
              code: 'layers-left' as const,
              form: form.name,
              layers: layers.length,
              done: item.repetitions,
              late,
            },
            mend: {
              kind: 'edits' as const,
              said: { code: 'one-more-each' as const },
              edits: [
                {
                  kind: 'repetitions' as const,
                  itemId: item.id,
                  steps: Math.ceil((layers.length - item.repetitions) / form.repetitions.multipleOf),
                },
              ],
            },
          },
        ];
      if (item.lesson === 'parts' && form.parts.length === 0)
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: 'parts',
            said: { code: 'no-parts-written' as const, form: form.name },
          },
        ];
      return announcedAndAbsent(view, items);
    }),
};
