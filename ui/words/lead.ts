import type { Timeline, TimelineEvent } from '@/core/practice';
import { otherSide } from '@/core/body';

/** Whose side is said: the practising person's own, or what a leader facing them has to do. */
export type SideSeen = 'own' | 'facing';

const BREATH_WORDS = { in: 'Breathe in', out: 'Breathe out', hold: 'Pause', free: 'Natural breath' } as const;

const SOUND_WORDS = {
  aloud: 'Sound it out',
  whispered: 'Whisper it out',
  silent: 'Breathe it out, silent',
} as const;

/** What is being done in place of a stroke's breath, in two words. */
export function breathWords(event: TimelineEvent): string {
  if (event.kind === 'setup') return 'Getting ready';
  if (event.kind === 'stance') return 'Change stance';
  if (event.kind === 'settle') return 'Settle';
  if (event.breath === 'hold' && event.isStay) return 'Stay, or breathe on';
  if (event.breath === 'in' && event.sips > 1) return `Breathe in, in ${event.sips} sips`;
  if (event.sound) return SOUND_WORDS[event.sound.voice];
  return event.breath === 'out' && event.exhale === 'mouth'
    ? 'Breathe out by the mouth'
    : BREATH_WORDS[event.breath];
}

/** "left side, then right": always for the person practising; as they see you when facing. */
export function sideWords(event: TimelineEvent, timeline: Timeline, sideSeen: SideSeen): string {
  const here = event.side ?? event.way;
  if (here === undefined) return '';
  const later = timeline.events
    .slice(event.index)
    .find(
      (next) =>
        next.itemId === event.itemId &&
        (next.side ?? next.way) !== undefined &&
        (next.side ?? next.way) !== here,
    );
  const then = later ? `, then ${later.side ?? later.way}` : '';
  if (event.side === undefined) return `${here}${then}`;
  return sideSeen === 'own'
    ? `${event.side} side${then}`
    : `their ${event.side}${then} — you move your ${otherSide(event.side)}`;
}
