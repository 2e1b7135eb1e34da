import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const hour: Criterion = {
  id: 'hour',
  strength: 'season',
  weights: ['hourPolarity', 'againstEvening', 'againstMorning'],
  isCapped: true,
  points: ({ form }, { brief: { dayPart } }) => {
    const wanted = dayPart === 'morning' ? 'yang' : dayPart === 'evening' ? 'yin' : undefined;
    if (wanted === undefined || form.polarity === 'even') return [];
    return form.polarity === wanted
      ? only(weight('hourPolarity'), { code: 'time-of-day', dayPart })
      : only(weight(dayPart === 'evening' ? 'againstEvening' : 'againstMorning'));
  },
};
