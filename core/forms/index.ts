export { ROLES } from './model/roles';
export type { Role } from './model/roles';
export { formSchema } from './model/model';
export { cycleOf, entryOf, exitOf, strokesOf, nameOf, asksOf, stanceOf, hasVariant } from './model/variants';
export { FLOOR_OF, isOnFloor, isStanding, STANCES, VARIANTS } from './model/terms';
export type { Form, Stroke, Asks } from './model/model';
export type { Stance, VariantId } from './model/terms';
export { phasesOfForm, organsOfForm, existsInSchools } from './model/theme';
export type { FormSchools } from './model/theme';
export { BROCADE_SCHOOLS } from './model/setSchools';
export {
  FORM_SETS,
  formsOfSet,
  endsOfSet,
  isByName,
  isEvenSet,
  isSatSet,
  ownTimesOf,
  timesInAll,
  timesInRound,
  brocadeKind,
  placesInSets,
  setOrder,
} from './model/sets';
export type { SetSchools } from './model/sets';
export type { JointOrderId } from './model/setSchools';
export { differencesOf } from './model/differences';
export type { Difference } from './model/differences';
export { NUMBER_WORDS } from './model/numbers';
export { plainText } from './asking/plain';
export { fillCue, quotedCue, spokenCue, writtenCue } from './words/cueText';
export { isKin, movedLike, twinKind } from './model/twins';
export { MERGED_FORMS, presentId } from './model/merged';
export { searchText } from './asking/search';
export { takenFor } from './asking/apart';
export { namesOf } from './asking/otherNames';
export { ANIMALS } from './model/terms';
export { exhaleWanted } from './model/exhale';
export { REPERTOIRE } from './repertoire';
export { SPOKEN_PASSAGE } from './repertoire/spoken';
export { restIn, restOf, strokePostures } from './writing/embody';
export {
  measureForm,
  movingForm,
  namedAsks,
  posturesForSide,
  strokeMovement,
  MEASURED_ASKS,
} from './measured/measure';
export { isAtHand, isWithinReach, propOf } from './model/props';
export { seal, sealRefusal, SEAL_IDS, SEALS, withSeal } from './model/seals';
export type { SealId, SealRefusal } from './model/seals';
export { asksAsDone } from './measured/asAsked';
export type { DoneSo } from './measured/asAsked';
export { tellingPosture } from './measured/telling';
export { tellForm } from './measured/moments';
export type { Told } from './measured/moments';
export { measureTouched, pointsOf, pointsReached, pointsUnderPalms, reachOf } from './measured/reach';
export type { Reached, ReachWay } from './measured/reach';
export { claimsIn, contradictions } from './checks/claims';
export type { Measured } from './checks/claims';
export {
  changedSince,
  isOwnId,
  isUnwritten,
  layWords,
  NOTHING_OWN,
  ownId,
  ownWordsSchema,
  sameForm,
  withOwn,
} from './own/own';
export type { OwnForms, OwnWords } from './own/own';
