import type { Asks, Form, VariantId } from '../forms';
import { asksOf, stanceOf } from '../forms';
import type { PointCode } from '../channels';
import type { SourceId } from '../sources';

/** How strongly a caution speaks. */
export type CautionWeight = 'avoid' | 'change' | 'watch';

/** What the composer can do by itself about a caution that says *change*. */
export type Remedy = 'gentler-variant' | 'omit-holds' | 'exhale-by-mouth';

interface CautionRule {
  readonly when: (asks: Asks, form: Form, variant: VariantId) => boolean;
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

const avoid = (when: CautionRule['when'], say: string): CautionRule => ({ when, weight: 'avoid', say });
const watch = (when: CautionRule['when'], say: string): CautionRule => ({ when, weight: 'watch', say });
const gentler = (when: CautionRule['when'], say: string): CautionRule => ({
  when,
  weight: 'change',
  say,
  remedy: 'gentler-variant',
});
const noHolds = (say: string): CautionRule => ({ when: holds, weight: 'change', say, remedy: 'omit-holds' });
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
    noHolds('No holding of the breath.'),
    avoid(headLow, 'Head not below the heart.'),
    avoid(longLowStance, 'No long low stances.'),
    { when: (_, form) => form.exhale === 'nose' && form.manner !== 'natural', weight: 'change', say: 'Let the exhale go by the mouth.', remedy: 'exhale-by-mouth' },
    watch((asks) => asks.armsAboveShoulders, 'Arms up only briefly.'),
    watch((asks) => asks.staticHold, 'Rest before it becomes an effort.'),
  ] },
  { id: 'low-blood-pressure', label: 'low blood pressure or dizziness', source: 'common-practice', rules: [
    avoid(headLow, 'No deep folds; rise slowly from any fold.'),
    watch((asks) => asks.fold === 'half', 'Rise slowly, head last.'),
    watch((asks) => asks.staticHold, 'Shift the weight now and then; sit down when light-headed.'),
  ] },
  { id: 'heart', label: 'heart disease or a recent event', source: 'common-practice', rules: [
    noHolds('No holding of the breath.'),
    gentler((asks) => asks.vigorous, 'Light only; clearance from the clinician first.'),
    avoid(longLowStance, 'No long low stances.'),
    avoid(headLow, 'Head not below the heart.'),
    gentler(armsUpLong, 'Arms up only for a moment; let them down between.'),
    gentler((asks) => asks.staticHold, 'No long holding with effort; rest the arms.'),
  ] },
  { id: 'pacemaker', label: 'pacemaker or defibrillator', source: 'common-practice', rules: [
    avoid(knocksOn('chest', 'shoulders'), 'No knocking over the device.'),
    watch(rubsOn('chest'), 'No rubbing over the device.'),
  ] },
  { id: 'glaucoma', label: 'glaucoma, retinal trouble or recent eye surgery', source: 'common-practice', rules: [
    avoid(headLow, 'Head not below the heart.'),
    noHolds('No strained holds.'),
    avoid(jolts, 'No jolts, no shaking.'),
    avoid(anyOf(knocksOn('head', 'face'), rubsOn('eyes', 'face')), 'No pressing or knocking at face and eyes.'),
  ] },
  { id: 'osteoporosis', label: 'osteoporosis', source: 'common-practice', rules: [
    avoid(anyOf(headLow, roundsLoaded), 'No loaded rounding of the spine.'),
    avoid((asks) => asks.twist === 'full' || asks.foldWithTurn, 'No twist to the end of the range, none while folded.'),
    avoid((asks) => asks.backBend === 'full', 'No back bend to the end of the range.'),
    avoid((asks) => asks.impact === 'firm', 'No hard heel drops.'),
    gentler((asks) => asks.impact === 'soft' || asks.shakes, 'Soft heels, no jolts.'),
    avoid(knocksOn('low back', 'flanks', 'chest'), 'No knocking on spine or ribs.'),
    gentler((asks) => asks.neck === 'turn' && asks.twist !== 'none', 'Turn only as far as is easy, never to the end.'),
  ] },
  { id: 'knee', label: 'knee trouble', source: 'common-practice', rules: [
    gentler(deepKnees, 'Shallow only, knees in line with the toes.'),
    gentler((asks) => asks.roundedJoints.includes('knees'), 'Bend and straighten; no circles on bent knees.'),
    gentler(oneLeg, 'Weight on both feet.'),
    watch((asks) => asks.stepping || asks.unsteady, 'Do not pivot on a loaded foot.'),
  ] },
  { id: 'new-hip', label: 'new hip', source: 'common-practice', rules: [
    avoid((asks) => asks.fold === 'deep', 'No deep fold at the hip.'),
    watch((asks) => asks.fold === 'half', 'Fold no further than half way.'),
    avoid((asks) => asks.legsCross, 'No crossing of the midline.'),
    gentler((asks) => asks.roundedJoints.includes('hips'), 'No circling or swinging of the hip.'),
    avoid(oneLeg, 'Not on one leg.'),
    avoid((asks, form, variant) => stanceOf(form, variant).start === 'wide' && deepKnees(asks), 'No wide, low stance.'),
    watch((asks) => asks.twist === 'full', 'No deep turn-in of the leg.'),
  ] },
  { id: 'low-back', label: 'low-back disc trouble', source: 'common-practice', rules: [
    avoid((asks) => asks.fold === 'deep' || asks.foldWithTurn || (asks.fold === 'half' && asks.twist !== 'none'), 'No loaded fold, least of all with a twist.'),
    gentler((asks) => asks.fold === 'half' && asks.rounding !== 'none', 'Only as low as the back stays long.'),
    gentler((asks) => asks.fold !== 'none' && asks.roundedJoints.includes('hips'), 'No circling or swaying of a folded trunk.'),
    avoid((asks) => asks.backBend === 'full', 'No back bend to the end of the range.'),
    gentler(jolts, 'No jolts; lower the heels softly.'),
    watch((asks) => asks.backBend === 'slight' || asks.sideBend === 'full', 'Only as far as the low back likes.'),
  ] },
  { id: 'neck', label: 'neck trouble', source: 'common-practice', rules: [
    avoid((asks) => asks.neck === 'circle' || asks.neck === 'tip-back', 'No full circles, no tipping back.'),
    gentler((asks) => asks.roundedJoints.includes('neck'), 'Small; chin level.'),
    watch((asks) => asks.neck === 'turn' || asks.neck === 'tilt', 'Turn and tilt only as far as is easy.'),
    watch(rubsOn('neck'), 'Lightly, at the back of the neck only.'),
    watch((asks) => asks.shakes, 'Head quiet above the shaking.'),
  ] },
  { id: 'shoulder', label: 'shoulder trouble', source: 'common-practice', rules: [
    gentler((asks) => asks.armsAboveShoulders, 'Hands below shoulder height.'),
    gentler((asks) => asks.roundedJoints.includes('shoulders'), 'No swinging from the shoulder.'),
  ] },
  { id: 'balance', label: 'poor balance or neuropathy', source: 'common-practice', rules: [
    avoid(oneLeg, 'Not on one leg; a chair within reach.'),
    gentler((asks) => asks.heelsUp === 'high' || asks.unsteady, 'Weight on both feet, heels low, a hand on a chair back.'),
    watch((asks) => asks.impact === 'firm' || asks.stepping || asks.heelsUp === 'low' || asks.shakes, 'Eyes open, a chair within reach.'),
  ] },
  { id: 'pregnancy', label: 'pregnancy', source: 'common-practice', rules: [
    avoid((asks) => knocksOn('belly', 'low back')(asks) || asks.abdominalPress, 'No knocking or pressing on belly or low back.'),
    gentler(rubsOn('belly', 'low back'), 'Rest the palms there without rubbing.'),
    avoid(jolts, 'No heel drops, shaking or bouncing.'),
    avoid(headLow, 'No hanging fold.'),
    noHolds('No holding of the breath.'),
    avoid((asks) => asks.twist === 'full', 'No deep twist.'),
    watch(knocksOn('legs'), 'Leave out the inner legs above the ankles.'),
    watch(pressesAt('LI4', 'SP6', 'GB21', 'BL60', 'BL67'), 'No strong press at LI4, SP6, GB21, BL60 or BL67.'),
  ] },
  { id: 'menses-childbirth', label: 'heavy periods or after birth', source: 'common-practice', rules: [
    gentler((asks) => asks.abdominalPress || knocksOn('belly')(asks), 'Light hands; no pressing or knocking on the lower belly.'),
    gentler(jolts, 'No jolts, no shaking.'),
    watch((asks) => asks.vigorous || deepKnees(asks), 'Less than usual, and rest in between.'),
  ] },
  { id: 'recent-surgery', label: 'recent surgery or hernia', source: 'common-practice', rules: [
    avoid((asks) => asks.abdominalPress || knocksOn('belly')(asks), 'No pressing or knocking on the belly.'),
    gentler(rubsOn('belly'), 'Rest the palms there without rubbing.'),
    avoid(jolts, 'No heel drops, shaking or bouncing.'),
    avoid(anyOf(headLow, longLowStance), 'No deep folds, no horse stance.'),
    noHolds('No holding of the breath.'),
  ] },
  { id: 'bleeding', label: 'bleeding risk, anticoagulants, varicose veins or clots', source: 'common-practice', rules: [
    gentler(knocksOn(), 'No knocking there; stroke instead.'),
    watch(rubsOn('legs', 'arms', 'belly'), 'Stroke lightly; a recent clot is never rubbed.'),
  ] },
  { id: 'stroke', label: 'a stroke or TIA', source: 'common-practice', rules: [
    noHolds('No holding of the breath.'),
    avoid(headLow, 'Head not below the heart.'),
    avoid(oneLeg, 'Not on one leg; seated, or a hand held.'),
    gentler((asks) => asks.unsteady || asks.heelsUp === 'high', 'Weight on both feet; seated, or a hand held.'),
    gentler((asks) => asks.vigorous, 'Light only; clearance from the clinician first.'),
  ] },
  { id: 'bone-metastases', label: 'bone metastases', source: 'common-practice', rules: [
    avoid(knocksOn(), 'No knocking.'),
    avoid(anyOf(headLow, roundsLoaded, (asks) => asks.twist === 'full' || asks.backBend === 'full'), 'No load at the end of a range.'),
    avoid(jolts, 'No jolts.'),
  ] },
  { id: 'parkinsons', label: 'Parkinson’s', source: 'common-practice', rules: [
    avoid(oneLeg, 'Not on one leg; a chair at hand.'),
    gentler((asks) => asks.unsteady || asks.heelsUp === 'high', 'Weight on both feet, a chair at hand.'),
    watch((asks) => asks.stepping, 'One cue at a time, a chair at hand.'),
  ] },
  { id: 'epilepsy-psychosis', label: 'epilepsy, psychosis or mania', source: 'common-practice', rules: [
    avoid((asks) => asks.inwardImagery, 'No intense inward imagery; eyes open.'),
    noHolds('No long holds.'),
  ] },
  { id: 'panic', label: 'panic', source: 'common-practice', rules: [
    noHolds('No holds and no forced breath; let the exhale grow gently longer.'),
  ] },
  { id: 'asthma', label: 'asthma or COPD', source: 'common-practice', rules: [
    noHolds('No holding of the breath; a pursed-lip exhale.'),
  ] },
  { id: 'vertigo', label: 'migraine or vertigo', source: 'common-practice', rules: [
    avoid((asks) => asks.neck === 'circle', 'No head circles.'),
    avoid(headLow, 'Head not below the heart.'),
    gentler(knocksOn('head', 'face'), 'No tapping on the head; stroke, or rest the palms there.'),
    gentler((asks) => asks.vigorous && asks.twist !== 'none', 'No fast turns.'),
    watch((asks) => asks.neck === 'turn', 'Turn slowly, eyes first.'),
    watch((asks) => asks.shakes, 'Head quiet; stop if it stirs the dizziness.'),
  ] },
  { id: 'lymphoedema', label: 'lymphoedema, a port or a line', source: 'common-practice', rules: [
    gentler(knocksOn('arms', 'chest', 'legs'), 'No knocking on that limb or over the port.'),
    watch(rubsOn('arms', 'legs', 'chest'), 'No firm rubbing on that limb.'),
  ] },
  { id: 'diabetic-feet', label: 'diabetic feet', source: 'common-practice', rules: [
    avoid((asks) => asks.impact !== 'none', 'No stamping or heel drops; shoes on.'),
    watch((asks) => oneLeg(asks) || asks.unsteady || asks.heelsUp !== 'none', 'Look to the feet before and after; a chair within reach.'),
  ] },
  { id: 'after-meal', label: 'a meal within the hour', source: 'common-practice', rules: [
    avoid((asks) => headLow(asks) || asks.abdominalPress || knocksOn('belly')(asks), 'No deep folds, no work on the belly for an hour.'),
    gentler((asks) => asks.fold === 'half' || asks.vigorous || asks.shakes || rubsOn('belly')(asks), 'Small and upright until the meal has settled.'),
  ] },
  { id: 'acute-illness', label: 'fever or acute illness', source: 'common-practice', rules: [
    avoid((asks) => asks.vigorous || jolts(asks) || knocksOn()(asks) || deepKnees(asks) || asks.staticHold || asks.fold !== 'none' || oneLeg(asks), 'Rest; nothing that costs strength.'),
    noHolds('No holding of the breath.'),
    watch(() => true, 'With fever or acute illness rest instead, until it is over.'),
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
      .filter((rule) => rule.when(asks, form, variant))
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
