export { briefSchema, pinSchema, themeSchema } from './brief';
export { isFixed } from './pins';
export { PLACE_LIMITS } from './limits';
export type { Brief, Pin } from './brief';
export type { PlaceLimit } from './limits';
export { aim, AIM_IDS, AIMS } from './aims';
export { PLAIN_BRIEF } from './plain';
export { AGAIN, USUAL_AGAIN } from './again';
export { AT_HAND } from './atHand';
export type { AtHand } from './atHand';
export type { Again } from './again';
export { INTENTS } from './intents';
export type { Intent } from './intents';
export {
  organOfChannel,
  themeBlocks,
  themeChannels,
  themeOrgans,
  themeParts,
  themePhase,
  themePhases,
} from './theme';
export type { Theme, ThemePart } from './theme';
export { suggestThemes, intentFor } from './suggest';
export type { Suggestion, SuggestionReason, GroupCalendar } from './suggest';
export { fillBrief } from './fill';
export {
  BRIEF_VOICES,
  clearsBySound,
  OWN_BREATH,
  soundOrganFor,
  soundOrgansOf,
  suggestBreath,
  suggestVoice,
} from './layers';
export type { BriefVoice } from './layers';
export type { BriefWishes, FilledBrief, BriefWhy } from './fill';
