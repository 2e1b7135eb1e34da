export { compose, toleranceMs } from './compose';
export type { ComposeResult, Obstacle, Help, People } from './compose';
export { fitForm, meritOf } from './candidates';
export type { Fitting, Refusal } from './candidates';
export { alternatives } from './alternatives';
export type { Alternative } from './alternatives';
