import type { TimelineEvent } from './compile';
import { spokenSec } from './speech';

/** How much of a stroke its cue fills when spoken, 1 = all of it. */
export function cueFill(event: TimelineEvent): number {
  return event.lengthMs === 0 ? 0 : (spokenSec(event.cue) * 1000) / event.lengthMs;
}
