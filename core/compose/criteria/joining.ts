import { themeParts } from '../../brief';
import { knownFor } from '../../known';
import { weight, type WeightId } from '../weights';
import { only, type Criterion, type FormAt } from './criterion';

/** What joins less: a massage, one more hold, and steps where nobody stands. */
const weightOf = ({ form, variant }: FormAt): WeightId | undefined =>
  form.family === 'self-massage'
    ? 'massageBalances'
    : form.family === 'walking' && variant === 'seated'
      ? 'treadingBalances'
      : form.family === 'standing posture'
        ? 'holdBalances'
        : undefined;

/** To balance is to join above and below or left and right; what does not stands there only where the theme knows it. */
export const joining: Criterion = {
  id: 'joining',
  strength: 'arc',
  weights: ['massageBalances', 'treadingBalances', 'holdBalances'],
  isCapped: false,
  points: (candidate, { brief, schools }) => {
    const { form, role, asked } = candidate;
    const cost = weightOf(candidate);
    if (asked || role !== 'balance' || cost === undefined) return [];
    const rank = knownFor(form, themeParts(brief.theme), schools);
    // Of holds many are known for a theme: only one that is named for it is wanted a second time.
    const isWanted = rank === 'named' || (rank === 'accepted' && cost !== 'holdBalances');
    return only(isWanted ? 0 : weight(cost));
  },
};
