import type { HowKnown } from '@/core/people/known';

/** How well somebody knows a form. */
export const HOW_KNOWN_WORDS = {
  shown: 'was shown it',
  follows: 'follows along',
  alone: 'does it alone',
  'could-lead': 'could lead it',
} as const satisfies Record<HowKnown, string>;
