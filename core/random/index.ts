export { seededRandom } from './random';
export type { Random } from './random';
