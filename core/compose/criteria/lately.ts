import { weight } from '../weights';
import { only, type Criterion } from './criterion';

/** Newest first. */
const CLASSES = ['lastClass', 'classBefore', 'classBeforeThat'] as const;

/** What the last classes of the same people did counts for less; how they arrive and close may stay. */
export const lately: Criterion = {
  id: 'lately',
  strength: 'variety',
  weights: CLASSES,
  isCapped: false,
  points: ({ form, role }, { whole }) =>
    role === 'arrive' || role === 'close'
      ? []
      : CLASSES.flatMap((id, back) => only(whole?.people.recent?.[back]?.includes(form.id) ? weight(id) : 0)),
};
