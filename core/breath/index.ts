export {
  BREATH_STROKES,
  BREATH_ROUTES,
  BREATH_MANNERS,
  PACE_KINDS,
  breathSec,
  paceKind,
  splitBreath,
} from './breath';
export type { BreathStroke, BreathRoute, Pace, PaceKind } from './breath';
