export { seek, wayFor, NO_WISHES, WITHOUT, FACETS, ACTIONS, POSTURES } from './seek';
export type { Found, FormRow, Wishes, Way, WithoutId } from './seek';
export { readQuestion } from './question';
export type { Known } from './question';
export { knownOf, rowOf } from './rows';
