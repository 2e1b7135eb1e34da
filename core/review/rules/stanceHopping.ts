import type { Rule } from '../rule';

/** Shift of stance more often than every second form. */
const MOST_SHARE = 0.5;
const WIDE = ['wide', 'bow'];

export const stanceHopping: Rule = {
  id: 'stance-hopping',
  source: 'common-practice',
  find: ({ items }) => {
    const changes = items.filter(
      (view, index) => index > 0 && items[index - 1]?.stance.end !== view.stance.start,
    ).length;
    const often =
      items.length >= 6 && changes / (items.length - 1) > MOST_SHARE
        ? [
            {
              weight: 'consider' as const,
              detail: 'changes',
              said: { code: 'stance-changes' as const, changes, forms: items.length },
            },
          ]
        : [];
    const third = items.find(
      (view, index) =>
        index >= 2 &&
        [view, items[index - 1], items[index - 2]].every((one) => one && WIDE.includes(one.stance.start)),
    );
    return third
      ? [
          ...often,
          {
            weight: 'consider' as const,
            itemId: third.item.id,
            detail: 'wide',
            said: { code: 'third-wide-stance' as const, form: third.form.name },
          },
        ]
      : often;
  },
};
