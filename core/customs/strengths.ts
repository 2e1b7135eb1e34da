import { idsOf } from '../lists/lists';
import type { SourceId } from '../sources';

interface StrengthRow {
  readonly id: string;
  readonly label: string;
  /** What it makes the composer do. */
  readonly what: string;
  readonly source: SourceId;
}

/** What the composer weighs against each other. Each can be made lighter or stronger, or left off. */
// prettier-ignore
export const STRENGTHS = [
  { id: 'theme', label: 'reach of the theme', what: 'Forms that serve the organ, phase, channel or point asked for; each further one counts for less.', source: 'common-practice' },
  { id: 'support', label: 'the pair, the mother, the child', what: 'The other organ of the pair; the mother phase to nourish, the child to clear.', source: 'nan-jing-69' },
  { id: 'breaths', label: 'the breath asked for', what: 'The breath of the brief is laid on every form it suits; off leaves it to chance.', source: 'common-practice' },
  { id: 'sounds', label: 'the organ’s sound', what: 'Where an organ is cleared, its healing sound is in; off leaves it to chance.', source: 'common-practice' },
  { id: 'season', label: 'season and hour', what: 'A leaning to the season’s phase; yang in the morning, yin in the evening.', source: 'common-practice' },
  { id: 'arc', label: 'arc of effort', what: 'Effort rises to the middle and falls to the close.', source: 'common-practice' },
  { id: 'shares', label: 'usual shares of the sections', what: 'Each section near its usual share of the minutes.', source: 'common-practice' },
  { id: 'stance', label: 'few changes of stance', what: 'A change of width or direction costs time and attention.', source: 'common-practice' },
  { id: 'rest', label: 'arms and legs rested', what: 'Not two forms in a row with the arms up, nor two in a low stance.', source: 'common-practice' },
  { id: 'variety', label: 'other than last time', what: 'Forms of the last classes of the same group count for less.', source: 'common-practice' },
  { id: 'twins', label: 'near-twins apart', what: 'Two forms of one kind for the same organs seldom both.', source: 'common-practice' },
  { id: 'level', label: 'easy before hard', what: 'Harder forms cost more where they are taught as we go.', source: 'common-practice' },
  { id: 'talk', label: 'little talk', what: 'Forms that need long announcing cost a little.', source: 'common-practice' },
  { id: 'dose', label: 'usual doses', what: 'Repetitions near what is usual for the form, and no form for much more than three minutes.', source: 'common-practice' },
  { id: 'economy', label: 'fewer forms, done properly', what: 'Every further form must be worth its place.', source: 'common-practice' },
] as const satisfies readonly StrengthRow[];

export type StrengthId = (typeof STRENGTHS)[number]['id'];
export const STRENGTH_IDS = idsOf(STRENGTHS);

/** How strongly something is weighed, and the factor that means. */
export const STRENGTH_LEVELS = { off: 0, light: 0.5, usual: 1, strong: 2 } as const;
export type StrengthLevel = keyof typeof STRENGTH_LEVELS;
