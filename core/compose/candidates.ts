import type { Brief, PlaceLimit } from '../brief';
import {
  asksOf,
  existsInSchools,
  hasVariant,
  stanceOf,
  type Form,
  type FormSchools,
  type VariantId,
} from '../forms';
import { asksAnotherWay, cautionsOf, type ConditionId } from '../people';
import type { Reason } from '../practice/model';

/** A form as this group would do it in this posture. */
export interface Fitting {
  readonly variant: VariantId;
  readonly omitHolds: boolean;
  readonly exhaleByMouth: boolean;
  readonly reasons: readonly Reason[];
}

/** What a form has to fit in those who do it. */
export interface Fits {
  readonly conditions: readonly ConditionId[];
  /** Forms that somebody among them may not do, whatever they ask. */
  readonly mayNot?: readonly string[] | undefined;
}

/** Why a form cannot be used at all. */
export type Refusal =
  | 'no-such-variant'
  | 'caution'
  | 'someone'
  | 'school'
  | 'place'
  | 'sounds-off'
  | 'unwritten'
  | 'by-name'
  | 'needs-prop';

/** What a place does not allow, by what a form asks (common practice). */
const PLACE_FORBIDS: Readonly<Record<PlaceLimit, (form: Form, variant: VariantId) => boolean>> = {
  'little-room': (form, variant) => {
    const { start, end } = stanceOf(form, variant);
    return asksOf(form, variant).stepping || start === 'bow' || end === 'bow';
  },
  'no-floor': (form, variant) => {
    const { fold, floor } = asksOf(form, variant);
    return fold === 'deep' || floor !== 'none';
  },
  'no-shoes': (form, variant) => asksOf(form, variant).impact === 'firm',
  // A sound is made silently there: nothing is forbidden.
  quiet: () => false,
};

/**
 * Fits a form to posture and people: the fullest variant that no *avoid* forbids and no *change* asks to
 * soften, or the reason why there is none. Holds and the exhale are changed where that is the remedy.
 */
export function fitForm(
  form: Form,
  posture: Brief['posture'],
  { conditions, mayNot = [] }: Fits,
  schools: FormSchools,
  place: readonly PlaceLimit[] = [],
): Fitting | Refusal {
  if (!existsInSchools(form, schools)) return 'school';
  if (mayNot.includes(form.id)) return 'someone';
  const variants: readonly VariantId[] = posture === 'seated' ? ['seated'] : ['full', 'smaller'];
  // Nobody who stands has a chair at hand for one form.
  const offered = variants.filter(
    (variant) =>
      hasVariant(form, variant) && (posture === 'seated' || stanceOf(form, variant).start !== 'chair'),
  );
  if (offered.length === 0) return 'no-such-variant';
  const roomy = offered.filter((variant) => !place.some((limit) => PLACE_FORBIDS[limit](form, variant)));
  if (roomy.length === 0) return 'place';
  for (const variant of roomy) {
    const cautions = cautionsOf(form, variant, conditions);
    if (cautions.some(asksAnotherWay)) continue;
    const omitHolds = cautions.some((caution) => caution.remedy === 'omit-holds');
    const exhaleByMouth = cautions.some((caution) => caution.remedy === 'exhale-by-mouth');
    const reasons: Reason[] = [];
    if (variant === 'seated') reasons.push({ code: 'seated' });
    if (variant === 'smaller') reasons.push({ code: 'gentler-for-group' });
    if (omitHolds) reasons.push({ code: 'holds-left-out' });
    if (exhaleByMouth) reasons.push({ code: 'exhale-by-mouth' });
    return { variant, omitHolds, exhaleByMouth, reasons };
  }
  return 'caution';
}
