import { clearsBySound, soundOrganFor, soundOrgansOf, type Brief } from '../../brief';
import type { SoundOrgan } from '../../sounds';
import { weight } from '../weights';
import { only, type Criterion, type FormAt } from './criterion';

/** Shorter practices have no room for a sound and its quiet (common practice). */
const LEAST_MINUTES = 8;

/** Organs whose sound a section asks for: where they are cleared, unless sounds are off or there is no room for them. */
export function soundsWanted(
  brief: Brief,
  { role, organ }: Pick<FormAt, 'role' | 'organ'>,
): readonly SoundOrgan[] {
  const isRoom = brief.voice !== undefined && brief.voice !== 'none' && brief.minutes >= LEAST_MINUTES;
  return role === 'clear' && isRoom && clearsBySound(brief)
    ? soundOrgansOf(brief.theme).filter((own) => organ === undefined || soundOrganFor(organ) === own)
    : [];
}

/** To clear an organ, its own sound. */
export const sound: Criterion = {
  id: 'sound',
  strength: 'sounds',
  weights: ['organSound'],
  isCapped: false,
  points: (at, { brief }) => {
    const own = at.form.soundOrgan;
    return own !== undefined && soundsWanted(brief, at).includes(own)
      ? only(weight('organSound'), { code: 'sounds', organ: own })
      : [];
  },
};
