import { clearsBySound, soundOrgansOf } from '../../brief';
import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** Shorter practices have no room for a sound and its quiet (common practice). */
const LEAST_MINUTES = 8;

/** To clear an organ, its own sound. */
export const sound: Criterion = {
  id: 'sound',
  strength: 'sounds',
  weights: ['organSound'],
  isCapped: false,
  points: ({ form, role, organ }, { brief }) => {
    const own = form.soundOrgan;
    const isWanted =
      role === 'clear' &&
      own !== undefined &&
      brief.voice !== undefined &&
      brief.voice !== 'none' &&
      brief.minutes >= LEAST_MINUTES &&
      clearsBySound(brief) &&
      soundOrgansOf(brief.theme).includes(own) &&
      (organ === undefined || organ === own);
    return isWanted ? only(weight('organSound'), { code: 'sounds', organ: own }) : [];
  },
};
