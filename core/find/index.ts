export { findThings, prepare } from './find';
export type { Thing } from './find';
export type { ThingKind } from './find';
