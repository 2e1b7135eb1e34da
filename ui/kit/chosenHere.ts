import type { Customs } from '@/core/customs';
import { lookLike } from '@/ui/figure/looks';
import { writeAsIn } from '@/ui/words/region';

/**
 * Takes what is chosen once for all: how figures look and how numbers are written. A page that draws or writes on the
 * server takes it itself, as nobody says whether it or the layout round it is made first.
 */
export function chosenHere({ figure, region }: Pick<Customs, 'figure' | 'region'>): void {
  lookLike(figure);
  writeAsIn(region);
}
