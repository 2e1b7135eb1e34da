'use client';

import type { Customs } from '@/core/customs';
import { chosenHere } from './chosenHere';

/** Tells the figures of this page how they look, and its numbers how they are written. */
export function ChoicesHere({ chosen }: { chosen: Pick<Customs, 'figure' | 'region'> }) {
  chosenHere(chosen);
  return null;
}
