/** How much is drawn: a silhouette, folds as well, or fingers and a face too. */
export type Detail = 'plain' | 'folds' | 'fingers';

/** What a figure's height on the screen lets one see, `px` of a standing person with the arms up. */
export function detailFor(px: number): Detail {
  if (px < 90) return 'plain';
  return px < 220 ? 'folds' : 'fingers';
}
