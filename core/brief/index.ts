export { briefSchema, themeSchema } from './brief';
export type { Brief } from './brief';
export { PLAIN_BRIEF } from './plain';
export { INTENTS, themePhase, themeOrgans } from './theme';
export type { Intent, Theme } from './theme';
export { suggestThemes, intentFor } from './suggest';
export type { Suggestion, SuggestionReason, GroupCalendar } from './suggest';
export { fillBrief } from './fill';
export type { BriefWishes, FilledBrief, BriefWhy } from './fill';
