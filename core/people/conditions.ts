import type { Asks, Form, VariantId } from '../forms';
import { asksAsDone, asksOf, stanceOf, type DoneSo } from '../forms';
import { LONGEST_EXHALE_SEC } from '../breath';
import type { PointCode } from '../channels';
import type { BreathAsk, BreathPattern } from '../patterns';
import type { SourceId } from '../sources';
import type { CautionCode } from './cautionCodes';
import { CONDITION_IDS, type ConditionId } from './conditionIds';

/** How strongly a caution speaks. */
export type CautionWeight = 'avoid' | 'change' | 'watch';

/** What the composer can do by itself about a caution that says *change*. */
export type Remedy = 'gentler-variant' | 'omit-holds' | 'exhale-by-mouth' | 'plain-breath';

interface CautionRule {
  readonly when: (asks: Asks, form: Form, variant: VariantId) => boolean;
  readonly weight: CautionWeight;
  readonly code: CautionCode;
  readonly remedy?: Remedy;
}

interface ConditionRow {
  readonly id: ConditionId;
  readonly label: string;
  readonly rules: readonly CautionRule[];
  /** The longest exhale they are asked for, s, where it is shorter than anyone's. */
  readonly longestExhaleSec?: number;
  readonly source: SourceId;
}

type Asked = (asks: Asks) => boolean;

const deepKnees: Asked = (asks) => asks.kneeBend === 'deep' || asks.kneeBend === 'moderate';
/** Low is a matter of the knees: a post with straight or soft knees is no low stance, however long. */
const longLowStance: Asked = (asks) => asks.kneeBend === 'deep' || (asks.staticHold && deepKnees(asks));
const headLow: Asked = (asks) => asks.headBelowHeart || asks.fold === 'deep';
const holds: Asked = (asks) => asks.breathHold;
const oneLeg: Asked = (asks) => asks.oneLegSec > 0;
const jolts: Asked = (asks) => asks.shakes || asks.impact !== 'none';
const roundsLoaded: Asked = (asks) =>
  asks.rounding === 'full' || (asks.rounding === 'slight' && asks.fold !== 'none');
const knocksOn =
  (...regions: readonly Asks['percussion'][number][]): Asked =>
  (asks) =>
    regions.length === 0 ? asks.percussion.length > 0 : regions.some((one) => asks.percussion.includes(one));
const rubsOn =
  (...regions: readonly Asks['rubs'][number][]): Asked =>
  (asks) =>
    regions.some((one) => asks.rubs.includes(one));
const anyOf =
  (...tests: readonly Asked[]): Asked =>
  (asks) =>
    tests.some((test) => test(asks));
/** The hands press or knock there: on the points a form names, in a way that still presses or knocks. */
const pressesAt =
  (...codes: readonly PointCode[]) =>
  (asks: Asks, form: Form): boolean =>
    (asks.percussion.length > 0 || form.channels.some((reach) => reach.how === 'press')) &&
    form.points.some((code) => codes.includes(code));

const avoid = (when: CautionRule['when'], code: CautionCode): CautionRule => ({
  when,
  weight: 'avoid',
  code,
});
const watch = (when: CautionRule['when'], code: CautionCode): CautionRule => ({
  when,
  weight: 'watch',
  code,
});
const gentler = (when: CautionRule['when'], code: CautionCode): CautionRule => ({
  when,
  weight: 'change',
  code,
  remedy: 'gentler-variant',
});
const noHolds = (code: CautionCode): CautionRule => ({
  when: holds,
  weight: 'change',
  code,
  remedy: 'omit-holds',
});
const breathes =
  (...asked: readonly BreathAsk[]): Asked =>
  (asks) =>
    asked.some((one) => asks.breath.includes(one));
/** A way of breathing that is not theirs: the plain breath instead. */
const plainBreath = (when: CautionRule['when'], code: CautionCode): CautionRule => ({
  when,
  weight: 'change',
  code,
  remedy: 'plain-breath',
});
const onFloor: Asked = (asks) => asks.floor !== 'none';
const onBack: Asked = (asks) => asks.floor === 'on the back';
/** A hand is up for longer than a breath or two in every repetition. */
const armsUpLong: Asked = (asks) => asks.armsUpSec >= 10;

/**
 * The usual cautions by condition. All are common practice and defer to licensed care: a person's own
 * clinician decides. *avoid* leaves a form out (or takes a variant that does not ask it), *change* says what
 * to do instead, *watch* says what to look for.
 */
// prettier-ignore
export const CONDITIONS = [
  { id: 'high-blood-pressure', label: 'high blood pressure', source: 'common-practice', rules: [
    noHolds('no-holding-breath'),
    avoid(headLow, 'head-not-below-heart'),
    avoid(longLowStance, 'no-long-low-stances'),
    { when: (_, form) => form.exhale === 'nose' && form.manner !== 'natural', weight: 'change', code: 'exhale-by-mouth', remedy: 'exhale-by-mouth' },
    watch((asks) => asks.armsAboveShoulders, 'arms-up-only-briefly'),
    watch((asks) => asks.staticHold, 'rest-before-becomes-effort'),
    plainBreath(breathes('drawn-belly'), 'no-drawn-belly'),
  ] },
  { id: 'low-blood-pressure', label: 'low blood pressure or dizziness', source: 'common-practice', rules: [
    avoid(headLow, 'no-deep-folds-rise'),
    watch((asks) => asks.fold === 'half', 'rise-slowly-head-last'),
    watch((asks) => asks.staticHold, 'shift-weight-now-then'),
    plainBreath(breathes('staged'), 'no-sips-one-breath'),
    watch(onFloor, 'up-from-floor-slowly'),
  ] },
  { id: 'heart', label: 'heart disease or a recent event', source: 'common-practice', rules: [
    noHolds('no-holding-breath'),
    gentler((asks) => asks.vigorous, 'light-only-clearance-from'),
    avoid(longLowStance, 'no-long-low-stances'),
    avoid(headLow, 'head-not-below-heart'),
    gentler(armsUpLong, 'arms-up-only-moment'),
    gentler((asks) => asks.staticHold, 'no-long-holding-effort'),
    watch(onBack, 'head-high-when-lying'),
  ] },
  { id: 'pacemaker', label: 'pacemaker or defibrillator', source: 'common-practice', rules: [
    avoid(knocksOn('chest', 'shoulders'), 'no-knocking-over-device'),
    watch(rubsOn('chest'), 'no-rubbing-over-device'),
  ] },
  { id: 'glaucoma', label: 'glaucoma, retinal trouble or recent eye surgery', source: 'common-practice', rules: [
    avoid(headLow, 'head-not-below-heart'),
    noHolds('no-strained-holds'),
    avoid(jolts, 'no-jolts-no-shaking'),
    avoid(anyOf(knocksOn('head', 'face'), rubsOn('eyes', 'face')), 'no-pressing-knocking-face'),
  ] },
  { id: 'osteoporosis', label: 'osteoporosis', source: 'common-practice', rules: [
    avoid(anyOf(headLow, roundsLoaded), 'no-loaded-rounding-spine'),
    avoid((asks) => asks.twist === 'full' || asks.foldWithTurn, 'no-twist-end-range'),
    avoid((asks) => asks.backBend === 'full', 'no-back-bend-end'),
    avoid((asks) => asks.impact === 'firm', 'no-hard-heel-drops'),
    gentler((asks) => asks.impact === 'soft' || asks.shakes, 'soft-heels-no-jolts'),
    avoid(knocksOn('low back', 'flanks', 'chest'), 'no-knocking-spine-ribs'),
    gentler((asks) => asks.neck === 'turn' && asks.twist !== 'none', 'turn-only-as-far'),
    watch(onFloor, 'help-down-and-up'),
  ] },
  { id: 'knee', label: 'knee trouble', source: 'common-practice', rules: [
    gentler(deepKnees, 'shallow-only-knees-line'),
    gentler((asks) => asks.roundedJoints.includes('knees'), 'bend-straighten-no-circles'),
    gentler(oneLeg, 'weight-both-feet'),
    watch((asks) => asks.stepping || asks.unsteady, 'do-not-pivot-loaded'),
    gentler((asks) => asks.floor === 'sitting' || asks.floor === 'kneeling', 'no-kneeling-no-crossed-legs'),
  ] },
  { id: 'new-hip', label: 'new hip', source: 'common-practice', rules: [
    avoid((asks) => asks.fold === 'deep', 'no-deep-fold-hip'),
    watch((asks) => asks.fold === 'half', 'fold-no-further-than'),
    avoid((asks) => asks.legsCross, 'no-crossing-midline'),
    gentler((asks) => asks.roundedJoints.includes('hips'), 'no-circling-swinging-hip'),
    avoid(oneLeg, 'not-one-leg'),
    avoid((asks, form, variant) => stanceOf(form, variant).start === 'wide' && deepKnees(asks), 'no-wide-low-stance'),
    watch((asks) => asks.twist === 'full', 'no-deep-turn-leg'),
    gentler((asks) => asks.floor === 'sitting' || asks.floor === 'kneeling', 'no-floor-new-hip'),
    watch((asks) => onBack(asks) || asks.floor === 'on the side', 'help-down-and-up'),
  ] },
  { id: 'low-back', label: 'low-back disc trouble', source: 'common-practice', rules: [
    avoid((asks) => asks.fold === 'deep' || asks.foldWithTurn || (asks.fold === 'half' && asks.twist !== 'none'), 'no-loaded-fold-least'),
    gentler((asks) => asks.fold === 'half' && asks.rounding !== 'none', 'only-as-low-as'),
    gentler((asks) => asks.fold !== 'none' && asks.roundedJoints.includes('hips'), 'no-circling-swaying-folded'),
    avoid((asks) => asks.backBend === 'full', 'no-back-bend-end'),
    gentler(jolts, 'no-jolts-lower-heels'),
    watch((asks) => asks.backBend === 'slight' || asks.sideBend === 'full', 'only-as-far-as'),
    watch(onFloor, 'roll-to-side-to-rise'),
  ] },
  { id: 'neck', label: 'neck trouble', source: 'common-practice', rules: [
    avoid((asks) => asks.neck === 'circle' || asks.neck === 'tip-back', 'no-full-circles-no'),
    gentler((asks) => asks.roundedJoints.includes('neck'), 'small-chin-level'),
    watch((asks) => asks.neck === 'turn' || asks.neck === 'tilt', 'turn-tilt-only-as'),
    watch(rubsOn('neck'), 'lightly-back-neck-only'),
    watch((asks) => asks.shakes, 'head-quiet-above-shaking'),
  ] },
  { id: 'shoulder', label: 'shoulder trouble', source: 'common-practice', rules: [
    gentler((asks) => asks.armsAboveShoulders, 'hands-below-shoulder-height'),
    gentler((asks) => asks.roundedJoints.includes('shoulders'), 'no-swinging-from-shoulder'),
  ] },
  { id: 'balance', label: 'poor balance or neuropathy', source: 'common-practice', rules: [
    avoid(oneLeg, 'not-one-leg-chair'),
    gentler((asks) => asks.heelsUp === 'high' || asks.unsteady, 'weight-both-feet-heels'),
    watch((asks) => asks.impact === 'firm' || asks.stepping || asks.heelsUp === 'low' || asks.shakes, 'eyes-open-chair-within'),
    watch(onFloor, 'help-down-and-up'),
  ] },
  { id: 'pregnancy', label: 'pregnancy', source: 'common-practice', rules: [
    avoid((asks) => knocksOn('belly', 'low back')(asks) || asks.abdominalPress, 'no-knocking-pressing-belly'),
    gentler(rubsOn('belly', 'low back'), 'rest-palms-there-without'),
    avoid(jolts, 'no-heel-drops-shaking'),
    avoid(headLow, 'no-hanging-fold'),
    noHolds('no-holding-breath'),
    avoid((asks) => asks.twist === 'full', 'no-deep-twist'),
    // What is carried before one shifts what one stands on.
    gentler(oneLeg, 'weight-both-feet'),
    watch(knocksOn('legs'), 'leave-out-inner-legs'),
    watch(pressesAt('LI4', 'SP6', 'GB21', 'BL60', 'BL67'), 'no-press-at-pregnancy-points'),
    plainBreath(breathes('drawn-belly', 'pelvic-floor'), 'no-drawn-belly-no-lift'),
    gentler(onBack, 'not-flat-on-back'),
  ] },
  { id: 'menses-childbirth', label: 'heavy periods or after birth', source: 'common-practice', rules: [
    gentler((asks) => asks.abdominalPress || knocksOn('belly')(asks), 'light-hands-no-pressing'),
    gentler(jolts, 'no-jolts-no-shaking'),
    watch((asks) => asks.vigorous || deepKnees(asks), 'less-than-usual-rest'),
    plainBreath(breathes('drawn-belly', 'pelvic-floor'), 'no-drawn-belly-no-lift'),
  ] },
  { id: 'recent-surgery', label: 'recent surgery or hernia', source: 'common-practice', rules: [
    avoid((asks) => asks.abdominalPress || knocksOn('belly')(asks), 'no-pressing-knocking-belly'),
    gentler(rubsOn('belly'), 'rest-palms-there-without'),
    avoid(jolts, 'no-heel-drops-shaking'),
    avoid(anyOf(headLow, longLowStance), 'no-deep-folds-no'),
    noHolds('no-holding-breath'),
    plainBreath(breathes('drawn-belly', 'pelvic-floor'), 'no-drawn-belly-no-lift'),
    watch(onFloor, 'roll-to-side-to-rise'),
  ] },
  { id: 'bleeding', label: 'bleeding risk, anticoagulants, varicose veins or clots', source: 'common-practice', rules: [
    gentler(knocksOn(), 'no-knocking-there-stroke'),
    watch(rubsOn('legs', 'arms', 'belly'), 'stroke-lightly-recent-clot'),
  ] },
  { id: 'stroke', label: 'a stroke or TIA', source: 'common-practice', rules: [
    noHolds('no-holding-breath'),
    avoid(headLow, 'head-not-below-heart'),
    avoid(oneLeg, 'not-one-leg-seated'),
    gentler((asks) => asks.unsteady || asks.heelsUp === 'high', 'weight-both-feet-seated'),
    gentler((asks) => asks.vigorous, 'light-only-clearance-from'),
    watch(onFloor, 'help-down-and-up'),
  ] },
  { id: 'bone-metastases', label: 'bone metastases', source: 'common-practice', rules: [
    avoid(knocksOn(), 'no-knocking'),
    avoid(anyOf(headLow, roundsLoaded, (asks) => asks.twist === 'full' || asks.backBend === 'full'), 'no-load-end-range'),
    avoid(jolts, 'no-jolts'),
  ] },
  { id: 'parkinsons', label: 'Parkinson’s', source: 'common-practice', rules: [
    avoid(oneLeg, 'not-one-leg-chair-hand'),
    gentler((asks) => asks.unsteady || asks.heelsUp === 'high', 'weight-both-feet-chair'),
    watch((asks) => asks.stepping, 'one-cue-time-chair'),
    watch(onFloor, 'help-down-and-up'),
  ] },
  { id: 'epilepsy-psychosis', label: 'epilepsy, psychosis or mania', source: 'common-practice', rules: [
    avoid((asks) => asks.inwardImagery, 'no-intense-inward-imagery'),
    noHolds('no-long-holds'),
    plainBreath(breathes('staged'), 'no-sips-one-breath'),
  ] },
  { id: 'panic', label: 'panic', source: 'common-practice', longestExhaleSec: LONGEST_EXHALE_SEC.short, rules: [
    noHolds('no-holds-no-forced'),
    plainBreath(breathes('staged'), 'no-sips-one-breath'),
  ] },
  { id: 'asthma', label: 'asthma or COPD', source: 'common-practice', longestExhaleSec: LONGEST_EXHALE_SEC.short, rules: [
    noHolds('no-holding-breath-pursed'),
    watch(onBack, 'head-high-when-lying'),
  ] },
  { id: 'vertigo', label: 'migraine or vertigo', source: 'common-practice', rules: [
    avoid((asks) => asks.neck === 'circle', 'no-head-circles'),
    avoid(headLow, 'head-not-below-heart'),
    gentler(knocksOn('head', 'face'), 'no-tapping-head-stroke'),
    gentler((asks) => asks.vigorous && asks.twist !== 'none', 'no-fast-turns'),
    watch((asks) => asks.neck === 'turn', 'turn-slowly-eyes-first'),
    watch((asks) => asks.shakes, 'head-quiet-stop-if'),
    plainBreath(breathes('staged'), 'no-sips-one-breath'),
    watch(onFloor, 'up-from-floor-slowly'),
  ] },
  { id: 'lymphoedema', label: 'lymphoedema, a port or a line', source: 'common-practice', rules: [
    gentler(knocksOn('arms', 'chest', 'legs'), 'no-knocking-that-limb'),
    watch(rubsOn('arms', 'legs', 'chest'), 'no-firm-rubbing-that'),
  ] },
  { id: 'diabetic-feet', label: 'diabetic feet', source: 'common-practice', rules: [
    avoid((asks) => asks.impact !== 'none', 'no-stamping-heel-drops'),
    watch((asks) => oneLeg(asks) || asks.unsteady || asks.heelsUp !== 'none', 'look-feet-before-after'),
  ] },
  { id: 'after-meal', label: 'a meal within the hour', source: 'common-practice', rules: [
    avoid((asks) => headLow(asks) || asks.abdominalPress || knocksOn('belly')(asks), 'no-deep-folds-no-work'),
    gentler((asks) => asks.fold === 'half' || asks.vigorous || asks.shakes || rubsOn('belly')(asks), 'small-upright-meal-settled'),
    gentler(onBack, 'upright-after-meal'),
  ] },
  { id: 'acute-illness', label: 'fever or acute illness', source: 'common-practice', rules: [
    avoid((asks) => asks.vigorous || jolts(asks) || knocksOn()(asks) || deepKnees(asks) || asks.staticHold || asks.fold !== 'none' || oneLeg(asks), 'rest-nothing-that-costs'),
    noHolds('no-holding-breath'),
    watch(() => true, 'fever-acute-illness-rest'),
    plainBreath(breathes('throat', 'staged'), 'no-sips-one-breath'),
  ] },
] as const satisfies readonly ConditionRow[];

export { CONDITION_IDS, type ConditionId };

/** The longest exhale to ask of people, s: shorter for some conditions, and for those who are still being taught. */
export function longestExhaleFor(
  conditions: readonly ConditionId[],
  familiarity: 'known' | 'taught',
): number {
  const rows: readonly ConditionRow[] = CONDITIONS.filter((row) => conditions.includes(row.id));
  return Math.min(
    familiarity === 'taught' ? LONGEST_EXHALE_SEC.short : LONGEST_EXHALE_SEC.anyone,
    ...rows.map(({ longestExhaleSec }) => longestExhaleSec ?? LONGEST_EXHALE_SEC.anyone),
  );
}

/** One caution for one condition about one form as it would be done. */
export interface Caution {
  readonly condition: ConditionId;
  readonly conditionLabel: string;
  readonly weight: CautionWeight;
  /** What to mind, as data; its sentence stands in `ui/words/cautionSentences.ts`. */
  readonly code: CautionCode;
  readonly remedy: Remedy | undefined;
}

/**
 * The cautions a form in a variant raises for the given conditions; for all conditions when none are named. What it asks
 * may be more than the form alone: see `asksAsDone`.
 */
export function cautionsOf(
  form: Form,
  variant: VariantId,
  conditions: readonly ConditionId[] = CONDITION_IDS,
  asks: Asks = asksOf(form, variant),
): readonly Caution[] {
  return CONDITIONS.filter((row) => conditions.includes(row.id)).flatMap((row) =>
    (row.rules as readonly CautionRule[])
      .filter((rule) => rule.when(asks, form, variant))
      .map((rule) => ({
        condition: row.id,
        conditionLabel: row.label,
        weight: rule.weight,
        code: rule.code,
        remedy: rule.remedy,
      })),
  );
}

/**
 * Whether only another way of a form answers a caution that its own way has: what is forbidden, what is to be gentler, and a
 * breath that lies in the form itself, which no plain breath laid on it takes out.
 */
export const asksAnotherWay = ({ weight, remedy }: Caution): boolean =>
  weight === 'avoid' || remedy === 'gentler-variant' || remedy === 'plain-breath';

/**
 * The cautions that still stand for a group once holds are left out and the exhale goes by the mouth where the
 * practice says so.
 */
export function openCautions(
  form: Form,
  done: DoneSo & { readonly omitHolds: boolean; readonly exhaleByMouth: boolean },
  conditions: readonly ConditionId[],
  ownPatterns?: Readonly<Record<string, BreathPattern>>,
): readonly Caution[] {
  return cautionsOf(form, done.variant, conditions, asksAsDone(form, done, ownPatterns)).filter(
    (caution) =>
      !(caution.remedy === 'omit-holds' && done.omitHolds) &&
      !(caution.remedy === 'exhale-by-mouth' && done.exhaleByMouth),
  );
}
