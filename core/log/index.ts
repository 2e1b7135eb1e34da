export { paceOf } from './pace';
export type { LedForm } from './pace';
export type { GroupHistory, History } from './history';
