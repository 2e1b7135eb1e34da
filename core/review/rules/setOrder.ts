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
          said: {
            code: 'set-out-of-order' as const,
            set: name,
            order: setOrder(id, customs).label,
            form: wrong.form.name,
          },
          mend: {
            kind: 'edits' as const,
            said: { code: 'in-order' as const },
            edits: [{ kind: 'order' as const, itemIds: order.map(({ item }) => item.id) }],
          },
        },
      ];
    }),
};
