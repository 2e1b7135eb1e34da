import type { Rule } from '../rule';

export const patternTaught: Rule = {
  id: 'pattern-taught',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, layers }) => {
      const pattern = layers.breathing?.pattern;
      // A hard form is enough to learn at once; its breath comes when the body knows the way.
      if (!pattern || item.familiarity !== 'taught' || form.level < 2 || pattern.level < 2) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          said: { code: 'pattern-on-hard-form' as const, form: form.name, pattern: pattern.name },
          mend: {
            kind: 'edits' as const,
            said: { code: 'plain-breath' as const },
            edits: [{ kind: 'breathing' as const, itemIds: [item.id], breathing: undefined }],
          },
        },
      ];
    }),
};
