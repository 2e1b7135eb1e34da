import type { Person } from './person';

/** Somebody of whom nothing is known but a name. */
export const newPerson = (id: string, name: string): Person => ({
  id,
  name,
  comesTo: [],
  conditions: [],
  likes: [],
  mayNot: [],
  can: '',
  note: '',
  measures: { segmentsCm: {} },
  knows: [],
  consent: { given: false, words: '' },
});
