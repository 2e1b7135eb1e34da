'use client';

import type { FigureLooks } from '@/core/customs/looks';
import type { Region } from '@/core/customs/region';
import { lookLike } from '@/ui/figure/looks';
import { writeAsIn } from '@/ui/words/region';

/** Tells the figures of this page how they look, and its numbers how they are written. */
export function ChoicesHere({ looks, region }: { looks: FigureLooks; region: Region }) {
  lookLike(looks);
  writeAsIn(region);
  return null;
}
