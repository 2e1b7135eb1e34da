import { firstWords } from '../text/firstWords';
import { cueFit, type CueFit } from '../time';
import type { TimelineEvent } from './compile';

/** What of a cue is said with a stroke: all of it, its first words, or nothing. */
export function saidOf({ cue, told, pass, repetition, strokeIndex }: TimelineEvent): string {
  if (told === 'full') return cue;
  return told === 'short' ? firstWords(cue, pass > 0 && repetition === 1 && strokeIndex === 0) : '';
}

/** Whether what is said of the cue of a stroke can be said within it, at so many words a minute. */
export const eventFit = (event: TimelineEvent, wordsPerMin: number): CueFit =>
  cueFit(saidOf(event), { breath: event.breath, sec: event.lengthMs / 1000 }, wordsPerMin);
