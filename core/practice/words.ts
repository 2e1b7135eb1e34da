import type { TimelineEvent } from './compile';

/** Spoken words a minute while the voice is speaking (measured practice: 150–165). */
export const SPEAKING_WORDS_PER_MIN = 155;

/** How much of a stroke its cue fills when spoken, 1 = all of it. */
export function cueFill(event: TimelineEvent): number {
  const words = event.cue.split(/\s+/).filter((word) => word !== '').length;
  const spokenMs = (words / SPEAKING_WORDS_PER_MIN) * 60_000;
  return event.lengthMs === 0 ? 0 : spokenMs / event.lengthMs;
}
