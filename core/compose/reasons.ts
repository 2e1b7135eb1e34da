import type { Brief } from '../brief';
import type { Form, FormSchools, Role, VariantId } from '../forms';
import type { Reason } from '../practice/model';
import { HEART, hour, season, wholePartsOf, type FormAt, type Weighing } from './criteria';
import { actionReach, targetsOf, type Target } from './reach';

function roleReason(form: Form, role: Role, served: readonly Reason[]): readonly Reason[] {
  switch (role) {
    case 'arrive':
      return [{ code: 'opens' }];
    case 'loosen':
      return [{ code: 'warms', joints: [...form.loosens] }];
    case 'wake':
      return [{ code: 'wakes' }];
    case 'clear': {
      const organ = served.find((reason) => reason.code === 'serves-organ');
      return organ ? [{ code: 'clears-organ', organ: organ.organ }] : [{ code: 'clears-before-nourishing' }];
    }
    case 'nourish':
      return served.length === 0 ? [{ code: 'rounds-out' }] : [];
    case 'still':
      return [{ code: 'stills' }];
    case 'balance':
      return [{ code: 'balances' }];
    case 'gather':
      return [{ code: 'gathers' }];
    case 'close':
      return [{ code: 'closes' }];
    default:
      return role satisfies never;
  }
}

/** Why a form stands in a section, in the order a teacher would say it. */
export function reasonsFor(
  form: Form,
  role: Role,
  brief: Brief,
  schools: FormSchools,
  targets: readonly Target[] = targetsOf(brief, schools),
  variant: VariantId = 'full',
): readonly Reason[] {
  const served = [
    ...targets.flatMap((target) => target.reachOf(form, variant)?.reasons ?? []),
    ...(actionReach(form, brief)?.reasons ?? []),
  ];
  const organ = served.some((reason) => reason.code === 'serves-organ');
  const at: FormAt = { form, variant: 'full', role };
  const weighing: Weighing = { brief, schools, character: 'as-asked', targets };
  const leaning = (criterion: typeof season): readonly Reason[] =>
    criterion.points(at, weighing).flatMap(({ reason }) => (reason ? [reason] : []));
  const own = role === 'clear' ? served.filter((reason) => reason.code !== 'serves-organ') : served;
  return [
    ...roleReason(form, role, served),
    ...(HEART.has(role) || organ ? own : []),
    ...(HEART.has(role) ? leaning(season) : []),
    ...leaning(hour),
  ];
}

export interface Merit {
  /** Higher is better; 0 is a form that fits nothing in particular. */
  readonly fit: number;
  readonly reasons: readonly Reason[];
}

/** How well a form alone serves a brief in a section: what it would be worth as the first of its kind. */
export function meritOf(form: Form, role: Role, brief: Brief, schools: FormSchools): Merit {
  const targets = targetsOf(brief, schools);
  const reach = HEART.has(role)
    ? targets.reduce((sum, { gains, reachOf }) => sum + (reachOf(form) ? (gains[0] ?? 0) : 0), 0)
    : 0;
  const parts = wholePartsOf(
    { form, variant: 'full', role },
    { brief, schools, character: 'as-asked', targets },
  );
  return {
    fit: parts.reduce((sum, { points }) => sum + points, reach),
    reasons: reasonsFor(form, role, brief, schools, targets),
  };
}
