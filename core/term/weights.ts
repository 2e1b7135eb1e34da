/** What counts in planning a term, in points; each with why. All are a teacher’s guesses, held against whole terms. */
export const TERM_WEIGHTS = {
  /** The organ the season is called by: what the year asks first. */
  seasonOrgan: 10,
  /** Its pair, and the phase as a whole. */
  seasonPair: 7,
  seasonPhase: 8,
  /** The mother of the season’s phase feeds it. */
  mother: 4,
  /** Within fifteen days of a change, what is coming. */
  coming: 6,
  /** All five phases: where the year turns (solstice, equinox), and otherwise a little. */
  turning: 7,
  allPhases: 3,
  /** A plain aim, in any season. */
  aim: 3,
  /** The set that is being learnt, whole, once its forms have been met. */
  setWhole: 9,
  /** Nourishing what checks the season’s phase goes against the year. */
  against: -6,
  /** First, second, third time something is come by. */
  organ: [3, 1.2, 0.4],
  channel: [1.2, 0.4, 0],
  joint: [1.5, 0.8, 0.4],
  capacity: [2, 1, 0.5],
  /** The same theme straight again: some continuity is good, three times running is not. */
  sameAgain: -2,
  /** From a phase to the one it generates; from a phase to the one it checks. */
  generating: 1,
  checking: -1.5,
  /** Load: from easy to middling to full, then easy again. */
  builds: 1.5,
  rests: 2,
  fullAgain: -4,
  jumps: -2,
  /** Where classes fall out, or a change of season is near, the load is easy. */
  easyThere: 2,
  /** A form that is new this week is known for the theme. */
  newFits: 1.5,
  /** When it is planned again, what was told stays where it can. */
  stays: 5,
  loadStays: 1.2,
} as const;

/** How much the year and the covering count, by what the term is for. */
export const AIM_FACTORS = {
  /** With the year: season by season. */
  year: { year: 1, cover: 0.6 },
  /** The whole body in turn. */
  balance: { year: 0.45, cover: 1.6 },
} as const;
export type TermAim = keyof typeof AIM_FACTORS;
