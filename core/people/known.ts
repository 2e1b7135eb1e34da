/** How well a person knows a form, from the first sight on (the steps most teachers tell apart; common practice). */
export const HOW_KNOWN = ['shown', 'follows', 'alone', 'could-lead'] as const;
export type HowKnown = (typeof HOW_KNOWN)[number];
