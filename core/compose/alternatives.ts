import type { Customs } from '../customs';
import type { Form, Role } from '../forms';
import { isWithinReach } from '../forms/model/props';
import type { Practice, Reason } from '../practice/model';
import type { People } from './asking';
import { fitForm, type Fitting } from './candidates';
import { meritOf } from './reasons';

export interface Alternative {
  readonly form: Form;
  readonly fitting: Fitting;
  readonly reasons: readonly Reason[];
}

/**
 * Forms that could stand in a role of this practice and are not in it yet, best first; last of all those that need what
 * nobody said was at hand.
 */
export function alternatives(
  practice: Practice,
  role: Role,
  repertoire: readonly Form[],
  customs: Customs,
  people: People,
): readonly Alternative[] {
  const present = new Set(practice.items.map((item) => item.formId));
  return repertoire
    .filter((form) => form.roles.includes(role) && (!present.has(form.id) || form.hinge))
    .flatMap((form) => {
      const fitting = fitForm(form, practice.brief.posture, people, customs, practice.brief.place);
      if (typeof fitting === 'string') return [];
      const merit = meritOf(form, role, practice.brief, customs);
      const isThere = isWithinReach(form, fitting.variant, practice.brief.atHand);
      return [{ form, fitting, reasons: merit.reasons, fit: merit.fit, isThere }];
    })
    .toSorted((a, b) => Number(b.isThere) - Number(a.isThere) || b.fit - a.fit)
    .map(({ form, fitting, reasons }) => ({ form, fitting, reasons }));
}
