import type { Form } from '../../forms';
import type { Rule } from '../rule';

/** Of one family, for the same organs and channels, in the same way. */
const kind = (form: Form): string =>
  [
    form.family,
    form.organs.toSorted(),
    form.channels.map(({ channel, how }) => `${channel}${how}`).toSorted(),
    form.pace,
    form.stance.start,
  ].join('/');

export const nearTwins: Rule = {
  id: 'near-twins',
  why: 'Two forms that do the same thing the same way are one form too many, or one done too short.',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view, index) => {
      if (view.item.hinge || view.form.organs.length === 0 || view.item.role === 'loosen') return [];
      const twin = items
        .slice(0, index)
        .find(
          (other) =>
            !other.item.hinge &&
            other.item.formId !== view.item.formId &&
            other.item.role === view.item.role &&
            kind(other.form) === kind(view.form),
        );
      if (!twin) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: view.item.id,
          say: `“${view.form.name}” does much what “${twin.form.name}” has done.`,
          mend: {
            kind: 'edits' as const,
            label: 'Take it out',
            edits: [{ kind: 'remove' as const, itemId: view.item.id }],
          },
        },
      ];
    }),
};
