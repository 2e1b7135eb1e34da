import type { Asks, Form, VariantId } from '../forms';
import { asksOf } from '../forms';
import type { PointCode } from '../channels';
import type { SourceId } from '../sources';

/** How strongly a caution speaks. */
export type CautionWeight = 'avoid' | 'change' | 'watch';

/** What the composer can do by itself about a caution that says *change*. */
export type Remedy = 'gentler-variant' | 'omit-holds' | 'exhale-by-mouth';

interface CautionRule {
  readonly when: (asks: Asks, form: Form) => boolean;
  readonly weight: CautionWeight;
  readonly say: string;
  readonly remedy?: Remedy;
}

interface ConditionRow {
  readonly id: string;
  readonly label: string;
  readonly rules: readonly CautionRule[];
  readonly source: SourceId;
}

const LOW_STANCE = (asks: Asks): boolean =>
  asks.kneeBend === 'deep' || (asks.staticHold && asks.kneeBend !== 'slight');
const headLow = (asks: Asks): boolean => asks.headBelowHeart;
const holds = (asks: Asks): boolean => asks.breathHold;
const oneLeg = (asks: Asks): boolean => asks.oneLegSec > 0;
const knocks = (asks: Asks): boolean => asks.percussion.length > 0;
const presses = (form: Form, codes: readonly PointCode[]): boolean =>
  form.channels.some((reach) => reach.how === 'press' || reach.how === 'tap') &&
  form.points.some((code) => codes.includes(code));

const noHolds = (say: string): CautionRule => ({ when: holds, weight: 'change', say, remedy: 'omit-holds' });
const noHeadLow = (say: string): CautionRule => ({ when: headLow, weight: 'avoid', say });

/**
 * The usual cautions by condition. All are common practice and defer to licensed care: a person's own
 * clinician decides. *avoid* leaves a form out (or takes a variant that does not ask it), *change* says what
 * to do instead, *watch* says what to look for.
 */
// prettier-ignore
export const CONDITIONS = [
  { id: 'high-blood-pressure', label: 'high blood pressure', source: 'common-practice', rules: [
    noHolds('No holding of the breath.'),
    noHeadLow('Head not below the heart.'),
    { when: LOW_STANCE, weight: 'avoid', say: 'No long low stances.' },
    { when: (_, form) => form.exhale === 'nose' && form.manner !== 'natural', weight: 'change', say: 'Let the exhale go by the mouth.', remedy: 'exhale-by-mouth' },
    { when: (asks) => asks.armsAboveShoulders, weight: 'watch', say: 'Arms up only briefly.' },
  ] },
  { id: 'low-blood-pressure', label: 'low blood pressure or dizziness', source: 'common-practice', rules: [
    noHeadLow('No deep folds; rise slowly from any fold.'),
    { when: (asks) => asks.fold === 'half', weight: 'watch', say: 'Rise slowly, head last.' },
  ] },
  { id: 'heart', label: 'heart disease or a recent event', source: 'common-practice', rules: [
    noHolds('No holding of the breath.'),
    { when: (asks) => asks.vigorous, weight: 'change', say: 'Light only; clearance from the clinician first.', remedy: 'gentler-variant' },
    { when: LOW_STANCE, weight: 'avoid', say: 'No long low stances.' },
  ] },
  { id: 'pacemaker', label: 'pacemaker or defibrillator', source: 'common-practice', rules: [
    { when: (asks) => asks.percussion.includes('chest') || asks.percussion.includes('shoulders'), weight: 'avoid', say: 'No knocking over the device.' },
  ] },
  { id: 'glaucoma', label: 'glaucoma, retinal trouble or recent eye surgery', source: 'common-practice', rules: [
    noHeadLow('Head not below the heart.'),
    noHolds('No strained holds.'),
  ] },
  { id: 'osteoporosis', label: 'osteoporosis', source: 'common-practice', rules: [
    { when: (asks) => asks.fold === 'deep', weight: 'avoid', say: 'No loaded rounding of the spine.' },
    { when: (asks) => asks.twist === 'full', weight: 'avoid', say: 'No twist to the end of the range.' },
    { when: (asks) => asks.impact === 'firm', weight: 'avoid', say: 'No hard heel drops.' },
    { when: (asks) => asks.percussion.includes('low back'), weight: 'avoid', say: 'No knocking on the spine.' },
  ] },
  { id: 'knee', label: 'knee trouble', source: 'common-practice', rules: [
    { when: (asks) => asks.kneeBend === 'deep' || asks.kneeBend === 'moderate', weight: 'change', say: 'Shallow only, knees in line with the toes.', remedy: 'gentler-variant' },
    { when: (asks) => asks.stepping, weight: 'watch', say: 'Do not pivot on a loaded foot.' },
  ] },
  { id: 'new-hip', label: 'new hip', source: 'common-practice', rules: [
    { when: (asks) => asks.fold === 'deep', weight: 'avoid', say: 'No deep fold at the hip.' },
    { when: (asks) => asks.fold === 'half', weight: 'change', say: 'Fold no further than half way.', remedy: 'gentler-variant' },
    { when: (asks) => asks.legsCross, weight: 'avoid', say: 'No crossing of the midline.' },
    { when: (asks) => asks.twist === 'full', weight: 'watch', say: 'No deep turn-in of the leg.' },
  ] },
  { id: 'low-back', label: 'low-back disc trouble', source: 'common-practice', rules: [
    { when: (asks) => asks.fold === 'deep' || (asks.fold === 'half' && asks.twist !== 'none'), weight: 'avoid', say: 'No loaded fold, least of all with a twist.' },
    { when: (asks) => asks.impact === 'firm', weight: 'change', say: 'Lower the heels softly.', remedy: 'gentler-variant' },
  ] },
  { id: 'neck', label: 'neck trouble', source: 'common-practice', rules: [
    { when: (asks) => asks.neck === 'circle' || asks.neck === 'tip-back', weight: 'avoid', say: 'No full circles, no tipping back.' },
    { when: (asks) => asks.neck === 'turn' || asks.neck === 'tilt', weight: 'watch', say: 'Turn and tilt only as far as is easy.' },
  ] },
  { id: 'shoulder', label: 'shoulder trouble', source: 'common-practice', rules: [
    { when: (asks) => asks.armsAboveShoulders, weight: 'change', say: 'Hands below shoulder height.', remedy: 'gentler-variant' },
  ] },
  { id: 'balance', label: 'poor balance or neuropathy', source: 'common-practice', rules: [
    { when: oneLeg, weight: 'avoid', say: 'Not on one leg; a chair within reach.' },
    { when: (asks) => asks.impact === 'firm' || asks.stepping, weight: 'watch', say: 'Eyes open, a chair within reach.' },
  ] },
  { id: 'pregnancy', label: 'pregnancy', source: 'common-practice', rules: [
    { when: (asks) => asks.percussion.includes('belly') || asks.percussion.includes('low back') || asks.abdominalPress, weight: 'avoid', say: 'No knocking or pressing on belly or low back.' },
    noHolds('No holding of the breath.'),
    { when: (asks) => asks.twist === 'full', weight: 'avoid', say: 'No deep twist.' },
    { when: (_, form) => presses(form, ['LI4', 'SP6', 'GB21']), weight: 'watch', say: 'No strong press at LI4, SP6 or GB21.' },
    { when: (_, form) => form.family === 'self-massage' && form.points.includes('BL23'), weight: 'change', say: 'Rest the palms on the low back without rubbing.', remedy: 'gentler-variant' },
  ] },
  { id: 'recent-surgery', label: 'recent surgery or hernia', source: 'common-practice', rules: [
    { when: (asks) => asks.abdominalPress || asks.percussion.includes('belly'), weight: 'avoid', say: 'No pressing or knocking on the belly.' },
    noHolds('No holding of the breath.'),
  ] },
  { id: 'bleeding', label: 'bleeding risk, anticoagulants, varicose veins or clots', source: 'common-practice', rules: [
    { when: knocks, weight: 'change', say: 'No knocking there; stroke instead.', remedy: 'gentler-variant' },
  ] },
  { id: 'epilepsy-psychosis', label: 'epilepsy, psychosis or mania', source: 'common-practice', rules: [
    { when: (asks) => asks.inwardImagery, weight: 'avoid', say: 'No intense inward imagery; eyes open.' },
    noHolds('No long holds.'),
  ] },
  { id: 'panic', label: 'panic', source: 'common-practice', rules: [
    noHolds('No holds and no forced breath; let the exhale grow gently longer.'),
  ] },
  { id: 'asthma', label: 'asthma or COPD', source: 'common-practice', rules: [
    noHolds('No holding of the breath; a pursed-lip exhale.'),
  ] },
  { id: 'vertigo', label: 'migraine or vertigo', source: 'common-practice', rules: [
    { when: (asks) => asks.neck === 'circle', weight: 'avoid', say: 'No head circles.' },
    { when: (asks) => asks.vigorous && asks.twist !== 'none', weight: 'change', say: 'No fast turns.', remedy: 'gentler-variant' },
    { when: (asks) => asks.neck === 'turn', weight: 'watch', say: 'Turn slowly, eyes first.' },
  ] },
  { id: 'lymphoedema', label: 'lymphoedema, a port or a line', source: 'common-practice', rules: [
    { when: (asks) => asks.percussion.includes('arms') || asks.percussion.includes('chest'), weight: 'change', say: 'No knocking on that limb or over the port.', remedy: 'gentler-variant' },
  ] },
] as const satisfies readonly ConditionRow[];

export type ConditionId = (typeof CONDITIONS)[number]['id'];
export const CONDITION_IDS = CONDITIONS.map((row) => row.id) as [ConditionId, ...ConditionId[]];

/** One caution for one condition about one form as it would be done. */
export interface Caution {
  readonly condition: ConditionId;
  readonly conditionLabel: string;
  readonly weight: CautionWeight;
  readonly say: string;
  readonly remedy: Remedy | undefined;
}

/** The cautions a form in a variant raises for the given conditions; for all conditions when none are named. */
export function cautionsOf(
  form: Form,
  variant: VariantId,
  conditions: readonly ConditionId[] = CONDITION_IDS,
): readonly Caution[] {
  const asks = asksOf(form, variant);
  return CONDITIONS.filter((row) => conditions.includes(row.id)).flatMap((row) =>
    (row.rules as readonly CautionRule[])
      .filter((rule) => rule.when(asks, form))
      .map((rule) => ({
        condition: row.id,
        conditionLabel: row.label,
        weight: rule.weight,
        say: rule.say,
        remedy: rule.remedy,
      })),
  );
}

/**
 * The cautions that still stand for a group once holds are left out and the exhale goes by the mouth where the
 * practice says so.
 */
export function openCautions(
  form: Form,
  done: { readonly variant: VariantId; readonly omitHolds: boolean; readonly exhaleByMouth: boolean },
  conditions: readonly ConditionId[],
): readonly Caution[] {
  return cautionsOf(form, done.variant, conditions).filter(
    (caution) =>
      !(caution.remedy === 'omit-holds' && done.omitHolds) &&
      !(caution.remedy === 'exhale-by-mouth' && done.exhaleByMouth),
  );
}

/** For everyone, whatever they know of themselves. */
export const FOR_EVERYONE =
  'Stop on pain, dizziness, chest discomfort or breathlessness, and seek care. Your own clinician decides what is right for you.';
