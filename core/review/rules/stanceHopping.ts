import type { Rule } from '../rule';

/** Shift of stance more often than every second form. */
const MOST_SHARE = 0.5;
const WIDE = ['wide', 'bow'];

export const stanceHopping: Rule = {
  id: 'stance-hopping',
  why: 'Every change of stance costs a few seconds and everyone’s attention; three wide stances in a row tire.',
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
              say: `The stance changes ${changes} times in ${items.length} forms.`,
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
            say: `“${third.form.name}” is the third wide stance in a row.`,
          },
        ]
      : often;
  },
};
