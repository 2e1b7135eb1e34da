export { seededRandom, seedOf } from './random';
export type { Random } from './random';
