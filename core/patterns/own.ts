import type { WholePattern } from './model';

/** A breath to begin one's own from: in and out by the nose, nothing else. */
export const blankPattern = (id: string): WholePattern => ({
  id,
  name: 'A breath of my own',
  source: 'common-practice',
  isNatural: false,
  stayFull: 0,
  stayEmpty: 0,
  sips: 1,
  inRoute: 'nose',
  outRoute: 'nose',
  out: 'plain',
  attention: 'none',
  asks: [],
  inwardImagery: false,
  slower: 1,
  stillOnly: false,
  leastSec: 6,
  level: 1,
  does: '',
  suits: { actions: ['calms'], phases: [], dayParts: [] },
  mind: '',
  teach: ['', '', ''],
  mistakes: [{ mistake: '', mend: '' }],
  announce: '',
});

/** One's own copy of a breath. */
export const patternFrom = (pattern: WholePattern, id: string): WholePattern => ({
  ...pattern,
  id,
  name: `${pattern.name}, my way`.slice(0, 80),
});
