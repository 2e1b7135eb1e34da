export { isNeverFor, knownFor, rankFor, rankForOrgan, RANKS } from './rank';
export type { Rank } from './rank';
export { KNOWN_FOR_ORGANS } from './organs';
export { KNOWN_FOR_AIMS } from './aims';
