import type { EarthSchoolId, SeasonId } from '@/core/almanac';
import type { Again, AtHand, Brief, Intent, PlaceLimit } from '@/core/brief';
import { DAY_PART_NAMES, SEASON_NAMES, themeName } from '@/core/brief/names';
import type { Role } from '@/core/forms';

export { DAY_PART_NAMES, SEASON_NAMES, themeName };

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

export const AGAIN_NAMES = {
  'as-last-time': 'as last time',
  'a-little-new': 'a little new since last time',
  'all-new': 'all new',
} as const satisfies Record<Again, string>;

export const PLACE_NAMES = {
  'little-room': 'little room',
  'no-floor': 'hands off the floor',
  'no-shoes': 'bare feet on a hard floor',
  quiet: 'a place that must be quiet',
} as const satisfies Record<PlaceLimit, string>;

export const NOTHING_AT_HAND = 'nothing besides';
/** What is at hand, as the sentence of a brief goes on. */
export const AT_HAND_NAMES = {
  wall: 'a wall to stand at',
  ball: 'a ball',
  staff: 'a staff',
  pairs: 'a partner',
  ring: 'a ring of people',
} as const satisfies Record<AtHand, string>;

/** A one-line summary of a brief for lists. */
export function briefLine(brief: Brief): string {
  return `${brief.minutes} min · ${DAY_PART_NAMES[brief.dayPart]} · ${themeName(brief.theme)} · ${INTENT_NAMES[brief.intent]} · ${brief.posture}`;
}

/** What the time of earth is called, by the school that counts it. */
export const EARTH_STRETCHES = {
  'late-summer': 'late summer',
  'four-turns': 'the turn of the season',
} as const satisfies Record<EarthSchoolId, string>;

/** What a stretch of the year is called, by the way Earth is counted. */
export function stretchName(
  { season, earth, nextSeason }: { season: SeasonId; earth: boolean; nextSeason: SeasonId },
  school: EarthSchoolId,
): string {
  if (!earth) return SEASON_NAMES[season];
  const names = {
    'late-summer': EARTH_STRETCHES['late-summer'],
    'four-turns': `the turn from ${SEASON_NAMES[season]} to ${SEASON_NAMES[nextSeason]}`,
  } as const satisfies Record<EarthSchoolId, string>;
  return names[school];
}
