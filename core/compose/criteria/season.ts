import { SEASON_PHASE } from '../../almanac';
import { themePhases } from '../../brief';
import { phasesOfForm } from '../../forms';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const season: Criterion = {
  id: 'season',
  strength: 'season',
  weights: ['seasonPhase'],
  isCapped: true,
  points: ({ form }, { brief, schools }) => {
    const phase = brief.season === 'earth-turn' ? 'earth' : SEASON_PHASE[brief.season];
    const leans = !themePhases(brief.theme).includes(phase) && phasesOfForm(form, schools).includes(phase);
    return leans ? only(weight('seasonPhase'), { code: 'season', phase }) : [];
  },
};
