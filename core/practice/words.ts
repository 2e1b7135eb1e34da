import { cueFit, type CueFit } from '../time';
import type { TimelineEvent } from './compile';

/** Whether the cue of a stroke can be said within it, at so many words a minute. */
export const eventFit = (event: TimelineEvent, wordsPerMin: number): CueFit =>
  cueFit(event.cue, { breath: event.breath, sec: event.lengthMs / 1000 }, wordsPerMin);
