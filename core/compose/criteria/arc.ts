import type { Role } from '../../forms';
import { effortOf } from '../joints';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** Where the effort of a section should lie, 0–1 (common practice: up to the middle, down to the close). */
const EFFORT: Readonly<Record<Role, number>> = {
  arrive: 0.02,
  loosen: 0.2,
  wake: 0.5,
  clear: 0.4,
  nourish: 0.3,
  still: 0.15,
  balance: 0.15,
  gather: 0.1,
  close: 0,
};

export const arc: Criterion = {
  id: 'arc',
  strength: 'arc',
  weights: ['tooMuchEffort', 'tooLittleEffort', 'eveningEffort', 'gentlerEffort'],
  isCapped: true,
  points: ({ form, variant, role }, { brief, character }) => {
    const quiet =
      (brief.dayPart === 'evening' ? weight('eveningEffort') : 1) *
      (character === 'gentler' ? weight('gentlerEffort') : 1);
    const off = effortOf(form, variant) - EFFORT[role] * quiet;
    return only(weight(off > 0 ? 'tooMuchEffort' : 'tooLittleEffort') * Math.abs(off));
  },
};
