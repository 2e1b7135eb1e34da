import { fitForm, type Fits } from '@/core/compose';
import type { Customs } from '@/core/customs';
import { REPERTOIRE, withOwn, type OwnForms } from '@/core/forms';
import type { NewItem, Practice } from '@/core/practice';

/** The hinge this practice already uses, or the first of the repertoire its group can do. */
export function hingeFor(
  practice: Practice,
  customs: Customs,
  own: OwnForms,
  people: Fits,
): NewItem | undefined {
  const used = practice.items.find((item) => item.hinge);
  const forms = withOwn(REPERTOIRE, own).filter((form) => form.hinge);
  const ranked = forms.toSorted((a, b) => Number(b.id === used?.formId) - Number(a.id === used?.formId));
  for (const form of ranked) {
    const fitting = fitForm(form, practice.brief.posture, people, customs, practice.brief.place);
    if (typeof fitting === 'string') continue;
    return {
      form,
      role: 'clear',
      variant: fitting.variant,
      omitHolds: fitting.omitHolds,
      exhaleByMouth: fitting.exhaleByMouth,
      familiarity: 'known',
      firstSide: customs.firstSide,
      reasons: [{ code: 'hinge' }, ...fitting.reasons],
    };
  }
  return undefined;
}
