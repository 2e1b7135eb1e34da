import type { Brief } from './brief';

/** A plain brief, for tests, the bench and as a starting point: twenty standing minutes for the Lung in autumn. */
export const PLAIN_BRIEF: Brief = {
  minutes: 20,
  dayPart: 'morning',
  theme: { kind: 'organ', organ: 'lung' },
  season: 'autumn',
  posture: 'standing',
  groupId: null,
  breathsPerMin: 6,
  intent: 'clear-then-nourish',
  familiarity: 'known',
  without: [],
};
