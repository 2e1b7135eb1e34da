import type { Rule } from '../rule';

export const seasonSchool: Rule = {
  id: 'season-school',
  source: 'common-practice',
  find: ({ practice, today }) => {
    const { season } = practice.brief;
    const own = today.find((calendar) => calendar.own);
    const other = today.find((calendar) => !calendar.own && calendar.season === season);
    // A season that no calendar has today is meant for another day.
    if (!own || own.season === season || !other) return [];
    return [
      {
        weight: 'consider' as const,
        said: {
          code: 'season-of-another-school' as const,
          season,
          other: other.label,
          own: own.label,
          ownSeason: own.season,
        },
      },
    ];
  },
};
