import { signalsBetween, type SignalKind } from '../lead/signals';
import { INAUDIBLE, TONES, type Tone } from '../lead/tones';
import type { Timeline } from '../practice';
import { AUDIENCE_WORDS, type Audience } from '../handout/audience';
import { clockOf } from './clock';

/** Samples a second; what sounds here lies below 1.4 kHz. */
export const RATE_HZ = 22_050;
/** Loudness of a file against that of the room, which is set low on purpose; all partials at once stay below 1. */
const GAIN = 2;
/** After the end the last bell dies away, s. */
const AFTER_S = 5;
const HEAD_BYTES = 44;

/** What can be heard in the track; a count needs a voice, and a beat is for a room. */
export const TRACK_SIGNALS = [
  'bell',
  'in',
  'out',
  'stay',
  'change',
  'two-more',
  'last-one',
] as const satisfies readonly SignalKind[];

interface Placed extends Tone {
  /** Its first sample. */
  readonly first: number;
  readonly count: number;
}

/** Every tone of a practice with its place, in the order they begin. */
function placed(timeline: Timeline, kinds: ReadonlySet<SignalKind>): readonly Placed[] {
  const sample = (ms: number): number => Math.round((ms / 1000) * RATE_HZ);
  return signalsBetween(timeline, -1, timeline.totalMs)
    .filter(({ kind }) => kinds.has(kind))
    .flatMap(({ kind, atMs }) =>
      TONES[kind].map((tone) => ({
        ...tone,
        first: sample(atMs + (tone.afterS ?? 0) * 1000),
        count: Math.ceil(tone.lengthS * RATE_HZ),
      })),
    )
    .toSorted((a, b) => a.first - b.first);
}

/** How loud a tone is at a moment of it, s: rises straight, then dies away by equal shares. */
function loudAt({ loud, riseS, lengthS }: Tone, t: number): number {
  if (t < riseS) return (loud * t) / riseS;
  return loud * (INAUDIBLE / loud) ** ((t - riseS) / (lengthS - riseS));
}

/** The tone's phase in turns: its pitch glides straight from one to the other. */
const turnsAt = ({ from, to, lengthS }: Tone, t: number): number =>
  from * t + ((to - from) * t * t) / (2 * lengthS);

function add(chunk: Float32Array, chunkFirst: number, tone: Placed): void {
  const begin = Math.max(0, tone.first - chunkFirst);
  const end = Math.min(chunk.length, tone.first + tone.count - chunkFirst);
  for (let index = begin; index < end; index += 1) {
    const t = (chunkFirst + index - tone.first) / RATE_HZ;
    chunk[index] = (chunk[index] ?? 0) + GAIN * loudAt(tone, t) * Math.sin(2 * Math.PI * turnsAt(tone, t));
  }
}

/** The 44 bytes a sound file of 16-bit samples, one channel, begins with (RIFF WAVE, PCM). */
function wavHead(samples: number): Uint8Array {
  const head = new Uint8Array(HEAD_BYTES);
  const view = new DataView(head.buffer);
  const word = (at: number, text: string): void => {
    [...text].forEach((letter, index) => view.setUint8(at + index, letter.charCodeAt(0)));
  };
  word(0, 'RIFF');
  view.setUint32(4, HEAD_BYTES - 8 + samples * 2, true);
  word(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, RATE_HZ, true);
  view.setUint32(28, RATE_HZ * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  word(36, 'data');
  view.setUint32(40, samples * 2, true);
  return head;
}

/** Samples of a track, its last bell included. */
export const trackSamples = (timeline: Timeline): number =>
  Math.round((timeline.totalMs / 1000 + AFTER_S) * RATE_HZ);

/**
 * A practice as tones, a WAV file piece by piece (16 bit, one channel, 22,050 Hz): a rise for the inhale, a fall for the
 * exhale, one that lies still for a stay, bells at the beginning, between sections and at the end, a knock before the last
 * two; silence where it is quiet. Each begins within a fortieth of a millisecond of its stroke. One second is held at a
 * time.
 */
export function* breathTrack(
  timeline: Timeline,
  kinds: ReadonlySet<SignalKind> = new Set(TRACK_SIGNALS),
): Generator<Uint8Array<ArrayBuffer>> {
  const samples = trackSamples(timeline);
  const tones = placed(timeline, kinds);
  yield new Uint8Array(wavHead(samples));
  let next = 0;
  let sounding: Placed[] = [];
  for (let first = 0; first < samples; first += RATE_HZ) {
    const chunk = new Float32Array(Math.min(RATE_HZ, samples - first));
    for (let tone = tones[next]; tone && tone.first < first + chunk.length; tone = tones[next]) {
      sounding.push(tone);
      next += 1;
    }
    for (const tone of sounding) add(chunk, first, tone);
    sounding = sounding.filter((tone) => tone.first + tone.count > first + chunk.length);
    const bytes = new DataView(new ArrayBuffer(chunk.length * 2));
    chunk.forEach((value, index) =>
      bytes.setInt16(index * 2, Math.round(Math.max(-1, Math.min(1, value)) * 32_767), true),
    );
    yield new Uint8Array(bytes.buffer);
  }
}

/** Quotes end a title there. */
const quoted = (text: string): string => `"${text.replaceAll('"', '”').replaceAll(/\s+/g, ' ')}"`;

/** Where each form begins in a track, as a cue text: minutes, seconds and frames, 75 to the second. */
export function writeTrackCues(
  title: string,
  fileName: string,
  audience: Audience,
  forms: readonly { readonly startMs: number; readonly name: string }[],
): string {
  const frames = (ms: number): string => {
    const all = Math.round((ms / 1000) * 75);
    return `${String(Math.floor(all / 4500)).padStart(2, '0')}:${String(Math.floor(all / 75) % 60).padStart(2, '0')}:${String(all % 75).padStart(2, '0')}`;
  };
  const rows = forms
    .slice(0, 99)
    .flatMap(({ startMs, name }, index) => [
      `  TRACK ${String(index + 1).padStart(2, '0')} AUDIO`,
      `    TITLE ${quoted(name)}`,
      `    REM BEGINS ${clockOf(startMs)}`,
      `    INDEX 01 ${frames(startMs)}`,
    ]);
  return [
    `REM ${AUDIENCE_WORDS[audience]}`,
    `TITLE ${quoted(title)}`,
    `FILE ${quoted(fileName)} WAVE`,
    ...rows,
    '',
  ].join('\r\n');
}
