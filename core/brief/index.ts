export {
  briefSchema,
  LEAST_MINUTES,
  MOST_MINUTES,
  PLACE_LIMITS,
  themePartSchema,
  themeSchema,
} from './brief';
export type { Brief, PlaceLimit } from './brief';
export { aim, AIM_IDS, AIMS } from './aims';
export type { AimId } from './aims';
export { PLAIN_BRIEF } from './plain';
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
export type { BriefWishes, FilledBrief, BriefWhy } from './fill';
