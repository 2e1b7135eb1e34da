import { cuesOf, type Rule } from '../rule';

export const partAbsent: Rule = {
  id: 'part-absent',
  why: 'What is announced and never comes leaves the group waiting for it.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form } = view;
      const layers = item.layers ?? [];
      const late = layers.slice(item.repetitions);
      if (late.length > 0)
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: 'layers',
            say: `“${form.name}” is to be built up in ${layers.length} layers but done ${item.repetitions} times: ${late.join(' and ')} never comes.`,
            mend: {
              kind: 'edits' as const,
              label: 'Do one repetition more for each',
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
            say: `“${form.name}” is to be taken in parts, but has none written.`,
          },
        ];
      // “Now the swallow” in a practice without a form of that name.
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
            say: `“${name}” is announced and is not in the practice.`,
          },
        ];
      });
    }),
};
