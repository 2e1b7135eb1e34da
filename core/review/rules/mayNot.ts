import type { Rule } from '../rule';

/** A form that somebody here may not do, as their teacher has noted of them; who it is, is not said. */
export const mayNot: Rule = {
  id: 'may-not',
  source: 'common-practice',
  find: ({ items, people: { mayNot: forms = [] } }) =>
    items
      .filter(({ item }) => forms.includes(item.formId))
      .map(({ item, form }) => ({
        weight: 'must' as const,
        itemId: item.id,
        said: { code: 'may-not' as const, form: form.name },
        mend: {
          kind: 'edits' as const,
          said: { code: 'take-out' as const },
          edits: [{ kind: 'remove' as const, itemId: item.id }],
        },
      })),
};
