/** How a save on top of a version ends: the new version, or that another window saved in between. */
export type Versioned =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'changed-elsewhere' | 'binned'; readonly version: number };

/** What is said when another window saved in between. */
export const CHANGED_ELSEWHERE =
  'This was changed in another window meanwhile. Nothing was overwritten; what you wrote is still here.';
