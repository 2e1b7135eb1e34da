import type { SourceId } from '../sources';

/**
 * The seasons and the schools that count them, by name; how each counts stands in `seasons.ts`, where a missing one does
 * not compile. Apart, so that a page which only names them brings no astronomy with it.
 */
export const SEASON_IDS = ['spring', 'summer', 'autumn', 'winter'] as const;
export type SeasonId = (typeof SEASON_IDS)[number];

interface SchoolRow {
  readonly id: string;
  readonly label: string;
  readonly source: SourceId;
}

export const SEASON_SCHOOLS = [
  { id: 'solar-term', label: 'solar terms: spring begins at Lì Chūn', source: 'solar-terms' },
  { id: 'equinox', label: 'equinoxes and solstices', source: 'common-practice' },
  { id: 'calendar', label: 'calendar months: spring begins on 1 March', source: 'common-practice' },
] as const satisfies readonly SchoolRow[];
export type SeasonSchoolId = (typeof SEASON_SCHOOLS)[number]['id'];

export const EARTH_SCHOOLS = [
  {
    id: 'four-turns',
    label: 'the turn of each season (about 18 days before it changes)',
    source: 'su-wen-29',
  },
  { id: 'late-summer', label: 'late summer', source: 'su-wen-9' },
] as const satisfies readonly SchoolRow[];
export type EarthSchoolId = (typeof EARTH_SCHOOLS)[number]['id'];
