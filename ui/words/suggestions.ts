import { capital } from '@/core/text/text';
import type { EarthSchoolId } from '@/core/almanac';
import type { SuggestionReason } from '@/core/brief';
import { organ, phaseName } from '@/core/phases';
import { dateText, plural } from '@/ui/kit/time';
import { EARTH_STRETCHES, SEASON_NAMES } from './names';

/** Keeping and loosening at the change of a season, by the phase that is ending and the one that comes. */
const KEEP = {
  wood: 'spreading',
  fire: 'opening',
  earth: 'centring',
  metal: 'gathering in',
  water: 'storing',
} as const;
const BEGIN = {
  wood: 'loosen the sides',
  fire: 'open the chest',
  earth: 'come to the middle',
  metal: 'deepen the breath',
  water: 'sink and store',
} as const;

/** Why the almanac suggests a theme, in words. */
/** How much longer, as one says it: nobody looks at the clock for 102 minutes. */
function aboutText(minutes: number): string {
  if (minutes >= 105) return 'for nearly two hours more';
  if (minutes >= 75) return 'for an hour and a half more';
  if (minutes >= 50) return 'for about an hour more';
  if (minutes >= 25) return 'for about half an hour more';
  return `for ${plural(Math.max(1, Math.round(minutes)), 'minute')} more`;
}

export function suggestionText(reason: SuggestionReason, zone: string, earth: EarthSchoolId): string {
  switch (reason.code) {
    case 'season':
      return reason.earth
        ? `${capital(EARTH_STRETCHES[earth])} belongs to ${phaseName(reason.phase).name}; ${plural(reason.daysLeft, 'day')} of it left.`
        : `${capital(SEASON_NAMES[reason.season])} belongs to ${phaseName(reason.phase).name}; ${plural(reason.daysLeft, 'day')} until the phase changes.`;
    case 'season-turning':
      return `${plural(reason.daysLeft, 'day')} of ${phaseName(reason.from).name} left: keep ${KEEP[reason.from]}, begin to ${BEGIN[reason.to]}.`;
    case 'mother':
      return `${phaseName(reason.mother).name} is called the mother of ${phaseName(reason.phase).name}: feeding her is said to feed the season.`;
    case 'organ-hour':
      return `This is the ${organ(reason.organ).name}’s double hour, ${aboutText(reason.minutesLeft)}.`;
    case 'coming-class':
      return `For ${reason.groupName}, ${dateText(reason.atMs, zone, 'dayTime')}.`;
    default:
      return reason satisfies never;
  }
}
