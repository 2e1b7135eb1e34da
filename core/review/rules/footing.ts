import type { FormNote } from '../../forms/checks/formNotes';
import { reviewForm } from '../../forms/checks/review';
import { isOnFloor, type Stance, type Form } from '../../forms';
import type { Rule } from '../rule';

/** The pace has no say in where the weight lies: asked once for a form. */
const STILL_PACE = { breathsPerMin: 6, outToIn: 1 } as const;
const known = new WeakMap<Form, readonly FormNote[]>();

export function formNotesOf(form: Form): readonly FormNote[] {
  const before = known.get(form);
  if (before) return before;
  const notes = reviewForm(form, STILL_PACE);
  known.set(form, notes);
  return notes;
}

export const footing: Rule = {
  id: 'footing',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form, stance }, index) => {
      const steps = formNotesOf(form).flatMap((note) =>
        note.code === 'step-with-weight' && note.variant === item.variant
          ? [
              {
                weight: 'must' as const,
                itemId: item.id,
                detail: `stroke-${note.stroke ?? 0}`,
                said: {
                  code: 'step-with-weight' as const,
                  form: form.name,
                  foot: note.foot,
                  share: note.share,
                },
              },
            ]
          : [],
      );
      const before = items[index - 1];
      const sits = (one: Stance): boolean => one === 'chair';
      if (!before || sits(before.stance.end) === sits(stance.start)) return steps;
      const said = {
        code: sits(stance.start)
          ? ('begins-on-a-chair' as const)
          : isOnFloor(stance.start)
            ? ('begins-on-the-floor' as const)
            : ('begins-standing' as const),
        form: form.name,
        before: before.form.name,
      };
      return [...steps, { weight: 'must' as const, itemId: item.id, detail: 'cannot-follow', said }];
    }),
};
