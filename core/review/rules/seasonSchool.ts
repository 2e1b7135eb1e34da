import type { Rule } from '../rule';

const SAID = {
  spring: 'spring',
  summer: 'summer',
  autumn: 'autumn',
  winter: 'winter',
  'earth-turn': 'the turn of the season',
} as const;

export const seasonSchool: Rule = {
  id: 'season-school',
  why: 'Schools begin the seasons on different days; a practice keeps to one calendar.',
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
        say: `This is for ${SAID[season]}. That is today’s season by the ${other.label}; by the ${own.label}, which you follow, it is ${SAID[own.season]}.`,
      },
    ];
  },
};
