import { weight } from '../weights';
import { HEART, only, type Criterion, type FormAt, type Part, type Weighing } from './criterion';

/** What a form gives the theme by itself, beside the falling return of one more. */
function reached({ form, role, variant }: FormAt, { targets }: Weighing, strength: Part['strength']) {
  return targets
    .filter((target) => target.strength === strength)
    .flatMap((target) => {
      const reach = target.reachOf(form, variant);
      if (!reach) return [];
      // Beside the heart the theme still colours the choice, without falling returns.
      return only(
        HEART.has(role) ? reach.points : (reach.points + (target.gains[0] ?? 0)) * weight('besideHeart'),
      );
    });
}

export const reachOfTheme: Criterion = {
  id: 'reach',
  strength: 'theme',
  weights: ['besideHeart'],
  isCapped: true,
  points: (at, weighing) => reached(at, weighing, 'theme'),
};

export const reachOfSupport: Criterion = {
  id: 'reach-of-support',
  strength: 'support',
  weights: ['besideHeart'],
  isCapped: true,
  points: (at, weighing) => reached(at, weighing, 'support'),
};
