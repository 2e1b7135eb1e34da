export { seek } from './seek';
export { readQuestion } from './question';
export { knownOf, rowOf } from './rows';
