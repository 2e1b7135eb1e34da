import type { Rule } from '../rule';

export const breathedTwoWays: Rule = {
  id: 'breathed-two-ways',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index) => {
      const before = items
        .slice(0, index)
        .find((other) => other.item.formId === view.item.formId && !other.item.lesson);
      if (!before || view.item.lesson) return [];
      const line = (one: typeof view): string =>
        one.events
          .filter((event) => event.kind === 'stroke' && event.repetition === 1)
          .map((event) => `${event.breath}/${event.exhale}`)
          .join();
      if (line(before) === line(view)) return [];
      return [
        {
          weight: 'should' as const,
          itemId: view.item.id,
          said: { code: 'breathed-two-ways' as const, form: view.form.name },
        },
      ];
    }),
};
