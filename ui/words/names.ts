import type { DayPart, EarthSchoolId, SeasonId } from '@/core/almanac';
import {
  aim,
  themeParts,
  type Brief,
  type Intent,
  type PlaceLimit,
  type Theme,
  type ThemePart,
} from '@/core/brief';
import { channel } from '@/core/channels/channels';
import { FORM_SETS, setIdNow } from '@/core/forms/model/sets';
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

export const PLACE_NAMES = {
  'little-room': 'little room',
  'no-floor': 'hands off the floor',
  'no-shoes': 'bare feet on a hard floor',
  quiet: 'a place that must be quiet',
} as const satisfies Record<PlaceLimit, string>;

function partName(part: ThemePart, formName: (id: string) => string): string {
  switch (part.kind) {
    case 'phase':
      return phaseName(part.phase).name;
    case 'organ':
      return `the ${organ(part.organ).name}`;
    case 'season':
      return SEASON_NAMES[part.season];
    case 'channel':
      return `the ${channel(part.channel).name}`;
    case 'point':
      return part.point;
    case 'hour':
      return `the hour of the ${organ(part.organ).name}`;
    case 'aim':
      return aim(part.aim).label;
    case 'set':
      return FORM_SETS.find((row) => row.id === setIdNow(part.set))?.name ?? part.set;
    case 'lesson':
      return `learning “${formName(part.formId)}”`;
    case 'all-phases':
      return 'all five phases';
    default:
      return part satisfies never;
  }
}

const sentence = (id: string): string => id.replaceAll('-', ' ');

/** A theme as it stands in a sentence: "the Lung", "Metal", "sleep and the Kidney". */
export function themeName(theme: Theme, formName: (id: string) => string = sentence): string {
  const names = themeParts(theme).map((part) => partName(part, formName));
  return names.length <= 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

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
