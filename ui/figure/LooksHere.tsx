'use client';

import type { FigureLooks } from '@/core/customs/looks';
import { lookLike } from './looks';

/** Tells the figures of this page how they look. */
export function LooksHere({ looks }: { looks: FigureLooks }) {
  lookLike(looks);
  return null;
}
