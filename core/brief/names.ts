import type { DayPart } from '../almanac';
import type { SeasonId } from '../almanac/seasons';
import { channel } from '../channels/channels';
import { FORM_SETS, setIdNow } from '../forms/model/sets';
import { organ, phaseName } from '../phases';
import { aim } from './aims';
import { themeParts, type Theme, type ThemePart } from './theme';

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

/** Several names as they stand in a sentence: "a, b and c". */
export const listed = (names: readonly string[]): string =>
  names.length <= 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** A theme as it stands in a sentence: "the Lung", "Metal", "sleep and the Kidney". */
export const themeName = (theme: Theme, formName: (id: string) => string = sentence): string =>
  listed(themeParts(theme).map((part) => partName(part, formName)));
