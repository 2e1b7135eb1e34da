export { isNeverFor, knownFor, rankFor } from './rank';
export type { Rank } from './rank';
export { KNOWN_THEMES, knownList, knownThemesOf } from './page';
export { KNOWN_FOR_ORGANS } from './organs';
export { KNOWN_FOR_AIMS } from './aims';
