export { solve, solved } from './solve';
export type { Before } from './solve';
export type { Progress } from './pass';
export { distinct, valueOf, worthOf, gainOf, pairCost } from './problem';
export type { Breach, Candidate, Counter, Option, Pick, Problem, Section, Selection } from './problem';
