import type { Rule } from '../rule';
import { formNotesOf } from './footing';

export const breathCustom: Rule = {
  id: 'breath-custom',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form }) =>
      formNotesOf(form).flatMap((note) =>
        (note.code === 'in-while-sinking' || note.code === 'out-while-rising') &&
        note.variant === item.variant
          ? [
              {
                weight: 'consider' as const,
                itemId: item.id,
                detail: `stroke-${note.stroke ?? 0}`,
                said: {
                  code: 'breath-against-custom' as const,
                  form: form.name,
                  against: note.code,
                  cm: Math.round(note.cm),
                },
              },
            ]
          : [],
      ),
    ),
};
