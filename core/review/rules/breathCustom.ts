import type { Rule } from '../rule';
import { formNotesOf } from './footing';

export const breathCustom: Rule = {
  id: 'breath-custom',
  why: 'In to open and rise, out to close and sink; a form that turns this round says why.',
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
                say: `In “${form.name}” the breath goes ${note.code === 'in-while-sinking' ? 'in while the body sinks' : 'out while the body rises'} ${Math.round(note.cm)} cm.`,
              },
            ]
          : [],
      ),
    ),
};
