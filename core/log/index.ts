export { paceOf } from './pace';
export type { LedForm } from './pace';
export { historyOf } from './history';
export type { GroupHistory, History } from './history';
export { shrunk, toldKey, toldOf } from './telling';
export type { Told } from './telling';
export { whatNext, whatNextSchema } from './next';
export type { TimeLearnt, UsualTelling, WhatNext } from './next';
