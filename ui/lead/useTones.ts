'use client';

import { useEffect, useRef } from 'react';
import type { TimelineEvent } from '@/core/practice';

/** A soft rise for the inhale and a soft fall for the exhale, Hz. */
const TONES = { in: [196, 262], out: [262, 196] } as const;
const LENGTH_S = 0.9;
const LOUDNESS = 0.09;

/** Sounds a soft tone as each inhale and exhale begins, while `on`. */
export function useTones(on: boolean, running: boolean, event: TimelineEvent | undefined): void {
  const audio = useRef<AudioContext | undefined>(undefined);
  const sounded = useRef(-1);
  useEffect(() => {
    if (on) {
      audio.current ??= new AudioContext();
      void audio.current.resume();
    }
  }, [on]);
  useEffect(() => () => void audio.current?.close(), []);
  useEffect(() => {
    const context = audio.current;
    if (!on || !running || !context || !event || sounded.current === event.index) return;
    sounded.current = event.index;
    if (event.breath !== 'in' && event.breath !== 'out') return;
    const [from, to] = TONES[event.breath];
    const now = context.currentTime;
    const tone = context.createOscillator();
    const loudness = context.createGain();
    tone.type = 'sine';
    tone.frequency.setValueAtTime(from, now);
    tone.frequency.linearRampToValueAtTime(to, now + LENGTH_S);
    loudness.gain.setValueAtTime(0, now);
    loudness.gain.linearRampToValueAtTime(LOUDNESS, now + 0.15);
    loudness.gain.linearRampToValueAtTime(0, now + LENGTH_S);
    tone.connect(loudness).connect(context.destination);
    tone.start(now);
    tone.stop(now + LENGTH_S);
  }, [on, running, event]);
}
