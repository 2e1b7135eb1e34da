export {
  BREATH_STROKES,
  BREATH_ROUTES,
  BREATH_MANNERS,
  breathOf,
  breathSec,
  LEAST_EXHALE_LIMIT_SEC,
  LONGEST_EXHALE_SEC,
  NEAR_PACE,
  PACE_KINDS,
  paceKind,
  splitBreath,
} from './breath';
export type { BreathStroke, BreathRoute, Pace, PaceKind } from './breath';
