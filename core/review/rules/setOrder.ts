import { FORM_SETS, formsOfSet, setOrder } from '../../forms';
import type { Rule } from '../rule';

/** Sets whose order is counted: in the others anything may follow anything. */
const ORDERED = [
  'eight-brocades',
  'gentle-brocades',
  'five-animals',
  'six-sounds',
  'phase-round',
  'leaning-round',
];

export const setOrderRule: Rule = {
  id: 'set-order',
  why: 'A set that is numbered is done in its numbers, by the order of your school.',
  source: 'common-practice',
  find: ({ items, customs }) =>
    FORM_SETS.filter(({ id }) => ORDERED.includes(id)).flatMap(({ id, name }) => {
      const places = formsOfSet(id, customs);
      const members = items.filter(({ item }) => places.includes(item.formId) && !item.hinge);
      // Two or three of eight are forms taken singly: only what is mostly there is done as a set.
      const present = new Set(members.map(({ item }) => item.formId)).size;
      if (present < Math.max(3, places.length / 2)) return [];
      const order = members.toSorted((a, b) => places.indexOf(a.item.formId) - places.indexOf(b.item.formId));
      const wrong = members.find((view, index) => view !== order[index]);
      if (!wrong) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: wrong.item.id,
          detail: id,
          say: `${name.charAt(0).toUpperCase()}${name.slice(1)} stand in another order than yours (${setOrder(id, customs).label}); the first out of place is “${wrong.form.name}”.`,
          mend: {
            kind: 'edits' as const,
            label: 'Put them in order',
            edits: [{ kind: 'order' as const, itemIds: order.map(({ item }) => item.id) }],
          },
        },
      ];
    }),
};
