import { SEASON_PHASE } from '../../almanac';
import { themePhases } from '../../brief';
import { controllerOf, phaseName } from '../../phases';
import { phasesOfForm } from '../../forms';
import type { Rule } from '../rule';

export const season: Rule = {
  id: 'season',
  why: 'Each season has its phase; to nourish much of the one that checks it goes against the year.',
  source: 'su-wen-2',
  find: ({ items, practice }) => {
    const { brief } = practice;
    const phase = brief.season === 'earth-turn' ? 'earth' : SEASON_PHASE[brief.season];
    const checking = controllerOf(phase);
    if (themePhases(brief.theme).includes(checking)) return [];
    const heart = items.filter(({ item }) => item.role === 'nourish' && !item.hinge);
    const against = heart.filter(({ form }) => {
      const phases = phasesOfForm(form, practice.customs);
      return phases.length === 1 && phases[0] === checking;
    });
    if (heart.length < 2 || against.length * 2 <= heart.length) return [];
    return [
      {
        weight: 'consider' as const,
        say: `It is the time of ${phaseName(phase).name}, and most of what is nourished belongs to ${phaseName(checking).name}, which checks it.`,
      },
    ];
  },
};
