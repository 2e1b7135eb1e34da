export { ROLES, ROLE_SHARES } from './roles';
export type { Role } from './roles';
export { formSchema } from './model';
export { cycleOf, entryOf, exitOf, strokesOf, nameOf, asksOf, stanceOf, hasVariant } from './variants';
export { VARIANTS, STANCES } from './terms';
export type { Form, Stroke, Asks } from './model';
export type { Stance, VariantId } from './terms';
export { phasesOfForm, organsOfForm, existsInSchools } from './theme';
export type { FormSchools } from './theme';
export { BROCADE_SCHOOLS, FORM_SETS, formsOfSet, placesInSets, setOrder } from './sets';
export type { JointOrderId } from './sets';
export { differencesOf } from './differences';
export type { Difference } from './differences';
export { NUMBER_WORDS } from './numbers';
export { plainText } from './plain';
export { fillCue, quotedCue, spokenCue, writtenCue, SIDE_SAID } from './cueText';
export { twinKind } from './twins';
export { searchText } from './search';
export { exhaleWanted } from './exhale';
export { REPERTOIRE } from './repertoire';
export { restIn, strokePostures } from './writing/embody';
export {
  measureForm,
  movingForm,
  namedAsks,
  posturesForSide,
  strokeMovement,
  MEASURED_ASKS,
} from './measure';
export { tellingPosture } from './telling';
export { measureTouched, pointsReached, pointsUnderPalms, reachOf } from './reach';
export type { Reached, ReachWay } from './reach';
export { claimsIn, contradictions } from './claims';
export {
  changedSince,
  isOwnId,
  layWords,
  NOTHING_OWN,
  ownId,
  ownWordsSchema,
  sameForm,
  withOwn,
} from './own';
export type { OwnForms, OwnWords } from './own';
