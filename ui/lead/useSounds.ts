'use client';

import { useEffect, useRef } from 'react';
import { signalsBetween, type Signal } from '@/core/lead/signals';
import { TONES } from '@/core/lead/tones';
import type { Timeline } from '@/core/practice';
import { SIGNALS_OF, type Sound } from './soundChoices';
import { soundTone } from './soundTone';
import { voiceHere } from './useVoice';

/** More than this passed over at once is a jump or a sleep: nothing of it is sounded, ms. */
const JUMP_MS = 1500;

/** A number is said where there is a voice on this machine; else it is knocked. */
function countOut(context: AudioContext, { number }: Signal): void {
  const voice = voiceHere();
  if (!voice || number === undefined) return TONES.count.forEach((tone) => soundTone(context, tone));
  const said = new SpeechSynthesisUtterance(String(number));
  said.voice = voice;
  speechSynthesis.speak(said);
}

/** Sounds what the leader lets be heard, as the clock of the class comes to it; nothing while it stands. */
export function useSounds(
  on: ReadonlySet<Sound>,
  running: boolean,
  ended: boolean,
  timeline: Timeline,
  atMs: number,
): void {
  const audio = useRef<AudioContext | undefined>(undefined);
  const heardTo = useRef<number | undefined>(undefined);
  const isOn = [...on].some((one) => one !== 'voice');
  useEffect(() => {
    if (!isOn) return;
    audio.current ??= new AudioContext();
    void audio.current.resume();
  }, [isOn, running]);
  useEffect(() => () => void audio.current?.close(), []);
  useEffect(() => {
    // What comes at the very beginning is heard too, though the first frame comes a little after it.
    const from = heardTo.current ?? (atMs < JUMP_MS ? -1 : atMs);
    const context = audio.current;
    if (!running && !ended) return;
    heardTo.current = atMs;
    const passed = atMs - from;
    if (!context || !isOn || passed <= 0 || passed > JUMP_MS) return;
    const kinds = new Set(
      (Object.keys(SIGNALS_OF) as (keyof typeof SIGNALS_OF)[]).flatMap((one) =>
        on.has(one) ? SIGNALS_OF[one] : [],
      ),
    );
    for (const signal of signalsBetween(timeline, from, atMs)) {
      if (!kinds.has(signal.kind)) continue;
      if (signal.kind === 'count') countOut(context, signal);
      else for (const tone of TONES[signal.kind]) soundTone(context, tone);
    }
  }, [atMs, ended, isOn, on, running, timeline]);
}
