import { SEASON_PHASE } from '../../almanac';
import { themePhases } from '../../brief';
import { controllerOf } from '../../phases';
import { phasesOfForm } from '../../forms';
import type { Rule } from '../rule';

export const season: Rule = {
  id: 'season',
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
        said: { code: 'checks-the-season' as const, phase, checking },
      },
    ];
  },
};
