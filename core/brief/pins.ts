import type { Pin } from './brief';

/** Whether a pin fixes more than that the form is in. */
export const isFixed = ({ role, place, repetitions }: Pin): boolean =>
  role !== undefined || place !== undefined || repetitions !== undefined;
