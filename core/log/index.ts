export { paceOf } from './pace';
export type { LedForm } from './pace';
export { historyOf } from './history';
export type { GroupHistory, History } from './history';
export { shrunk, toldKey, toldOf } from './telling';
export type { Told, ToldForm } from './telling';
