import { reviewForm, type FormNote } from '../../forms/checks/review';
import type { Form } from '../../forms';
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
  why: 'A foot must be free before it goes: the weight on the other, a tenth at most on the one that steps.',
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
                say: `In “${form.name}” the ${note.foot} foot goes elsewhere with ${Math.round(note.share * 100)} % of the weight on it.`,
              },
            ]
          : [],
      );
      const before = items[index - 1];
      const sits = (one: string): boolean => one === 'chair';
      if (!before || sits(before.stance.end) === sits(stance.start)) return steps;
      const say = sits(stance.start)
        ? `“${form.name}” begins on a chair, but everyone is standing after “${before.form.name}”.`
        : `“${form.name}” begins standing, but everyone is sitting after “${before.form.name}”.`;
      return [...steps, { weight: 'must' as const, itemId: item.id, detail: 'cannot-follow', say }];
    }),
};
