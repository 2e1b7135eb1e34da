/**
 * What a class has at hand besides itself, if anything: one thing, taken up once. A wall to stand at, a light ball or a
 * staff each, or one another, in pairs or in a ring.
 */
export const AT_HAND = ['wall', 'ball', 'staff', 'pairs', 'ring'] as const;
export type AtHand = (typeof AT_HAND)[number];
