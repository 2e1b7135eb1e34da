/** Whom something that leaves the house is for. */
export const AUDIENCES = ['people', 'me'] as const;
export type Audience = (typeof AUDIENCES)[number];

/** At the end of the name of a file that is for the teacher alone: a table has no other place to say it. */
export const FOR_YOURSELF = '-for-yourself';

/** As it is written on everything that is handed out. */
export const AUDIENCE_WORDS = {
  people: 'To be handed on: nothing private is in it.',
  me: 'For the teacher alone: not to be handed on.',
} as const satisfies Record<Audience, string>;
