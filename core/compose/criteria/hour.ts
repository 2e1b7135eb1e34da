import { ANCHORS } from '../again';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

export const hour: Criterion = {
  id: 'hour',
  strength: 'season',
  weights: ['hourPolarity', 'againstEvening', 'againstMorning'],
  isCapped: true,
  points: ({ form, role }, { brief: { dayPart } }) => {
    // At whatever hour one arrives in stillness and ends in it.
    if (ANCHORS.has(role)) return [];
    const wanted = dayPart === 'morning' ? 'yang' : dayPart === 'evening' ? 'yin' : undefined;
    if (wanted === undefined || form.polarity === 'even') return [];
    return form.polarity === wanted
      ? only(weight('hourPolarity'), { code: 'time-of-day', dayPart })
      : only(weight(dayPart === 'evening' ? 'againstEvening' : 'againstMorning'));
  },
};
