import { asksOf } from '../../forms';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** What a gentler draft spares. */
export const spared: Criterion = {
  id: 'spared',
  strength: 'arc',
  weights: ['spared'],
  isCapped: true,
  points: ({ form, variant }, { character }) => {
    if (character !== 'gentler') return [];
    const asks = asksOf(form, variant);
    const asked = [
      asks.armsAboveShoulders,
      asks.kneeBend === 'deep' || asks.kneeBend === 'moderate',
      asks.oneLegSec > 0,
      asks.vigorous,
      asks.breathHold || asks.staticHold,
      asks.percussion.length > 1,
    ];
    return only(weight('spared') * asked.filter(Boolean).length);
  },
};
