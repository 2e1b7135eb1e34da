/** A group of one begins so: it is made for a person, and goes with them. */
const BEGINS = 'one-to-one-';

/** The id of the group of one of a person, told apart by letters that say nothing of them. */
export const oneToOneId = (letters: string): string => `${BEGINS}${letters}`;
export const isOneToOne = (groupId: string): boolean => groupId.startsWith(BEGINS);

/** So many letters tell one group of one from another. */
const LETTERS = 4;

/**
 * What a group of one is called. Groups are named on screens, on paper and in the names of practices: nothing of the
 * person is in it, not even their initials; their own page says whose it is.
 */
export const oneToOneName = (groupId: string): string =>
  `one to one ${groupId.slice(BEGINS.length, BEGINS.length + LETTERS)}`;
