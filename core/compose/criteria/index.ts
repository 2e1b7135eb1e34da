import { action } from './action';
import { apart } from './apart';
import { arc } from './arc';
import { atHand } from './atHand';
import { block } from './block';
import type { Criterion, FormAt, Part, Weighing } from './criterion';
import { economy, placeOf } from './economy';
import { exhale } from './exhale';
import { firstRole } from './firstRole';
import { hour } from './hour';
import { joining } from './joining';
import { known } from './known';
import { lately } from './lately';
import { level } from './level';
import { liked } from './liked';
import { reachOfSupport, reachOfTheme } from './reach';
import { season } from './season';
import { sound } from './sound';
import { spared } from './spared';
import { stranger } from './stranger';
import { talk } from './talk';
import { usualArrival } from './usualArrival';
import { usualJoint } from './usualJoint';
import { warming } from './warming';
import { weight } from '../weights';

export { HEART } from './criterion';
export type { Criterion, FormAt, Part, Weighing } from './criterion';
export { hour, placeOf, season };

/** Everything a form is weighed by alone. To add one: a file beside these, and a line here. */
export const CRITERIA: readonly Criterion[] = [
  firstRole,
  action,
  warming,
  usualArrival,
  usualJoint,
  joining,
  season,
  hour,
  arc,
  level,
  talk,
  economy,
  spared,
  reachOfTheme,
  reachOfSupport,
  known,
  block,
  sound,
  stranger,
  exhale,
  lately,
  atHand,
  liked,
  apart,
];

const partsBy = (criteria: readonly Criterion[], at: FormAt, weighing: Weighing): readonly Part[] =>
  criteria.flatMap(({ strength, points }) => points(at, weighing).map((part) => ({ strength, ...part })));

const CAPPED = CRITERIA.filter(({ isCapped }) => isCapped);
const FREE = CRITERIA.filter(({ isCapped }) => !isCapped);

/**
 * What a form gives by itself, kept below what its place costs: however well it suits, one form more is worth
 * its minutes only through what it reaches first (the falling returns). Else a theme of many parts would fill
 * an hour with whatever suits all of them.
 */
function withinPlace(parts: readonly Part[]): readonly Part[] {
  const given = parts.reduce((sum, { points }) => sum + Math.max(0, points), 0);
  const enough = weight('enough');
  if (given <= enough) return parts;
  const share = (enough + weight('beyondEnough') * (given - enough)) / given;
  return parts.map((part) => (part.points > 0 ? { ...part, points: part.points * share } : part));
}

/** What a form is worth in a section apart from the falling returns of the theme, criterion by criterion. */
export const partsOf = (at: FormAt, weighing: Weighing): readonly Part[] => [
  ...withinPlace(partsBy(CAPPED, at, weighing)),
  ...partsBy(FREE, at, weighing),
];

/** The same with nothing held back: what a form would be worth for its own sake. */
export const wholePartsOf = (at: FormAt, weighing: Weighing): readonly Part[] => [
  ...partsBy(CAPPED, at, weighing),
  ...partsBy(FREE, at, weighing),
];
