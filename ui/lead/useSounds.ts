'use client';

import { useEffect, useRef } from 'react';
import { signalsBetween, type Signal, type SignalKind } from '@/core/lead/signals';
import type { Timeline } from '@/core/practice';
import { SIGNALS_OF, type Sound } from './soundChoices';
import { voiceHere } from './useVoice';

/** One soft tone: from one pitch to another, Hz, for so long, s, so loud (0–1), after so long, s. */
interface Tone {
  readonly from: number;
  readonly to: number;
  readonly lengthS: number;
  readonly loud: number;
  readonly afterS?: number;
  /** How quickly it comes, s: a bell at once, a breath slowly. */
  readonly riseS: number;
}

/** A struck bowl: a few partials that die away one after another (common practice of such bells, from memory). */
const BELL: readonly Tone[] = [
  { from: 264, to: 264, lengthS: 4.5, loud: 0.12, riseS: 0.01 },
  { from: 716, to: 716, lengthS: 2.6, loud: 0.05, riseS: 0.01 },
  { from: 1342, to: 1342, lengthS: 1.3, loud: 0.02, riseS: 0.005 },
];
const knock = (pitch: number, afterS = 0): Tone => ({
  from: pitch,
  to: pitch * 0.9,
  lengthS: 0.12,
  loud: 0.1,
  afterS,
  riseS: 0.004,
});

/** A soft rise for the inhale and a soft fall for the exhale; one that lies still for a stay; a turn for a change. */
const TONES: Readonly<Record<SignalKind, readonly Tone[]>> = {
  bell: BELL,
  in: [{ from: 196, to: 262, lengthS: 0.9, loud: 0.09, riseS: 0.15 }],
  out: [{ from: 262, to: 196, lengthS: 0.9, loud: 0.09, riseS: 0.15 }],
  stay: [{ from: 220, to: 220, lengthS: 1.4, loud: 0.06, riseS: 0.3 }],
  change: [
    { from: 330, to: 330, lengthS: 0.5, loud: 0.06, riseS: 0.05 },
    { from: 392, to: 392, lengthS: 0.7, loud: 0.06, riseS: 0.05, afterS: 0.28 },
  ],
  'two-more': [knock(620), knock(620, 0.22)],
  'last-one': [knock(620)],
  count: [knock(420)],
  beat: [{ ...knock(880), loud: 0.045, lengthS: 0.06 }],
};

/** More than this passed over at once is a jump or a sleep: nothing of it is sounded, ms. */
const JUMP_MS = 1500;

function sound(context: AudioContext, { from, to, lengthS, loud, afterS = 0, riseS }: Tone): void {
  const now = context.currentTime + afterS;
  const tone = context.createOscillator();
  const loudness = context.createGain();
  tone.type = 'sine';
  tone.frequency.setValueAtTime(from, now);
  tone.frequency.linearRampToValueAtTime(to, now + lengthS);
  loudness.gain.setValueAtTime(0, now);
  loudness.gain.linearRampToValueAtTime(loud, now + riseS);
  loudness.gain.exponentialRampToValueAtTime(0.0005, now + lengthS);
  tone.connect(loudness).connect(context.destination);
  tone.start(now);
  tone.stop(now + lengthS + 0.05);
}

/** A number is said where there is a voice on this machine; else it is knocked. */
function countOut(context: AudioContext, { number }: Signal): void {
  const voice = voiceHere();
  if (!voice || number === undefined) return TONES.count.forEach((tone) => sound(context, tone));
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
      else for (const tone of TONES[signal.kind]) sound(context, tone);
    }
  }, [atMs, ended, isOn, on, running, timeline]);
}
