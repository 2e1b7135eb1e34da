import { INAUDIBLE, type Tone } from '@/core/lead/tones';

/** Sounds a tone, so many times as loud as it is written. */
export function soundTone(context: AudioContext, tone: Tone, times = 1): void {
  const { from, to, lengthS, loud, afterS = 0, riseS } = tone;
  const at = context.currentTime + afterS;
  const voice = context.createOscillator();
  const loudness = context.createGain();
  voice.type = 'sine';
  voice.frequency.setValueAtTime(from, at);
  voice.frequency.linearRampToValueAtTime(to, at + lengthS);
  loudness.gain.setValueAtTime(0, at);
  loudness.gain.linearRampToValueAtTime(loud * times, at + riseS);
  loudness.gain.exponentialRampToValueAtTime(INAUDIBLE, at + lengthS);
  voice.connect(loudness).connect(context.destination);
  voice.start(at);
  voice.stop(at + lengthS + 0.05);
}
