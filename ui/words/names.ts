import type { DayPart, SeasonId } from '@/core/almanac';
import type { Brief, Intent, Theme } from '@/core/brief';
import type { Role } from '@/core/forms';
import { organ, phaseName } from '@/core/phases';

export const ROLE_NAMES = {
  arrive: 'Arrive',
  loosen: 'Loosen',
  wake: 'Wake',
  clear: 'Clear',
  nourish: 'Nourish',
  still: 'Be still',
  balance: 'Balance',
  gather: 'Gather',
  close: 'Close',
} as const satisfies Record<Role, string>;

export const FLOW_WORDS = {
  with: 'with its flow',
  against: 'against its flow',
  'both ways': 'with and against its flow',
} as const;

export const INTENT_NAMES = {
  'clear-then-nourish': 'clear, then nourish',
  nourish: 'nourish',
  clear: 'clear',
  move: 'move',
  calm: 'calm',
} as const satisfies Record<Intent, string>;

export const SEASON_NAMES = {
  spring: 'spring',
  summer: 'summer',
  autumn: 'autumn',
  winter: 'winter',
  'earth-turn': 'the turn of the season',
} as const satisfies Record<SeasonId | 'earth-turn', string>;

export const DAY_PART_NAMES = {
  morning: 'morning',
  midday: 'midday',
  afternoon: 'afternoon',
  evening: 'evening',
} as const satisfies Record<DayPart, string>;

/** A theme as it stands in a sentence: "the Lung", "Metal". */
export function themeName(theme: Theme): string {
  return theme.kind === 'phase' ? phaseName(theme.phase).name : `the ${organ(theme.organ).name}`;
}

/** A one-line summary of a brief for lists. */
export function briefLine(brief: Brief): string {
  return `${brief.minutes} min · ${DAY_PART_NAMES[brief.dayPart]} · ${themeName(brief.theme)} · ${INTENT_NAMES[brief.intent]} · ${brief.posture}`;
}
