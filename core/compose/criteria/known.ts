import { soundOrgansOf, themeParts } from '../../brief';
import { isNeverFor, knownFor } from '../../known';
import { weight, type WeightId } from '../weights';
import { HEART, type Criterion } from './criterion';

const WORTH = {
  named: 'namedFirst',
  accepted: 'accepted',
  touches: 'filler',
} as const satisfies Record<string, WeightId>;

/**
 * The heart carries the theme: what a teacher names first for it comes first, what merely touches it is a filler, and what
 * an aim forbids has no place anywhere.
 */
export const known: Criterion = {
  id: 'known',
  strength: 'theme',
  weights: ['namedFirst', 'accepted', 'filler', 'neverFor', 'otherSound', 'famous'],
  isCapped: false,
  points: ({ form, role, organ }, { brief, schools }) => {
    const parts = organ ? [{ kind: 'organ' as const, organ }] : themeParts(brief.theme);
    // Where several things are asked for, each has less room.
    const rank = HEART.has(role) ? knownFor(form, parts, schools) : undefined;
    const isOtherSound =
      HEART.has(role) &&
      form.soundOrgan !== undefined &&
      rank === undefined &&
      soundOrgansOf(brief.theme).length > 0;
    return [
      ...(isOtherSound ? [{ points: weight('otherSound') }] : []),
      ...(isNeverFor(form, parts) ? [{ points: weight('neverFor') }] : []),
      ...(rank ? [{ points: (weight(WORTH[rank]) * 2) / (1 + parts.length) }] : []),
      ...(rank === 'named' && form.family === 'brocade' ? [{ points: weight('famous') }] : []),
    ];
  },
};
