import type { TimelineEvent } from './compile';

/** Spoken words a minute while the voice is speaking (measured practice: 150–165). */
export const SPEAKING_WORDS_PER_MIN = 155;

/** Seconds a text takes to say. */
export const spokenSec = (text: string, wordsPerMin = SPEAKING_WORDS_PER_MIN): number =>
  (text.split(/\s+/).filter((word) => word !== '').length / wordsPerMin) * 60;

/** How much of a stroke its cue fills when spoken, 1 = all of it. */
export function cueFill(event: TimelineEvent): number {
  return event.lengthMs === 0 ? 0 : (spokenSec(event.cue) * 1000) / event.lengthMs;
}
