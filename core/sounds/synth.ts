import type { Formants, SoundStep } from './mouths';
import { syllable } from './mouths';
import type { Sound, Voice } from './healing';

/**
 * A sound made by calculation: a source (voice, breath or both) sent through resonators set to the formants of its
 * vowels, or noise above a bound for its hisses. It is an example made by the machine, no recording of a person.
 */

/** How an example is asked for. */
export interface SoundAsked {
  readonly sound: Sound;
  readonly voice: Exclude<Voice, 'silent'>;
  /** The exhale, s, 0.5–20. */
  readonly sec: number;
  /** Pitch of the voice, Hz, 60–400. */
  readonly pitchHz: number;
  readonly sampleRate: number;
}

/** Bandwidths of the first three formants, Hz, and a fourth that hardly moves (common in speech synthesis, from memory). */
const BANDWIDTHS_HZ = [50, 70, 110] as const;
const FOURTH = { hz: 3600, bandwidthHz: 250 } as const;
const ATTACK_SEC = 0.12;
const RELEASE_SEC = 0.35;
/** Steps melt into each other over so long, s. */
const MELT_SEC = 0.08;
/** A voice rarely keeps quite still: this share of its pitch, so often a second. */
const VIBRATO = { share: 0.006, hz: 4.5 } as const;
const PEAK = 0.6;
/** A glide is heard as smooth when the resonators are set anew so often, samples. */
const TUNED_EVERY = 64;

/** Noise that is the same each time: xorshift, −1…1. */
function noiseFrom(seed: number): () => number {
  let state = seed | 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return state / 2147483648;
  };
}

/** A resonance of two poles, unit gain at 0 Hz: the usual digital resonator of speech synthesis. */
class Resonator {
  #a = 0;
  #b = 0;
  #c = 0;
  #y1 = 0;
  #y2 = 0;

  tune(hz: number, bandwidthHz: number, rate: number): void {
    const r = Math.exp((-Math.PI * bandwidthHz) / rate);
    this.#c = -r * r;
    this.#b = 2 * r * Math.cos((2 * Math.PI * hz) / rate);
    this.#a = 1 - this.#b - this.#c;
  }

  next(x: number): number {
    const y = this.#a * x + this.#b * this.#y1 + this.#c * this.#y2;
    this.#y2 = this.#y1;
    this.#y1 = y;
    return y;
  }
}

/** A high-pass of two poles (Butterworth), by the bilinear transform. */
class HighPass {
  readonly #b: readonly [number, number, number];
  readonly #a: readonly [number, number];
  #x1 = 0;
  #x2 = 0;
  #y1 = 0;
  #y2 = 0;

  constructor(hz: number, rate: number) {
    const k = Math.tan((Math.PI * hz) / rate);
    const norm = 1 / (1 + Math.SQRT2 * k + k * k);
    this.#b = [norm, -2 * norm, norm];
    this.#a = [2 * (k * k - 1) * norm, (1 - Math.SQRT2 * k + k * k) * norm];
  }

  next(x: number): number {
    const y =
      this.#b[0] * x +
      this.#b[1] * this.#x1 +
      this.#b[2] * this.#x2 -
      this.#a[0] * this.#y1 -
      this.#a[1] * this.#y2;
    this.#x2 = this.#x1;
    this.#x1 = x;
    this.#y2 = this.#y1;
    this.#y1 = y;
    return y;
  }
}

/** The pulse of a voice at a phase 0…1: opens smoothly, closes faster, then rests. */
function pulse(phase: number): number {
  if (phase < 0.4) return (1 - Math.cos((Math.PI * phase) / 0.4)) / 2;
  if (phase < 0.56) return Math.cos((Math.PI * (phase - 0.4)) / 0.32);
  return 0;
}

const between = (from: Formants, to: Formants, t: number): Formants => [
  from[0] + (to[0] - from[0]) * t,
  from[1] + (to[1] - from[1]) * t,
  from[2] + (to[2] - from[2]) * t,
];

const HUM: Formants = [250, 1000, 2200];

/** One step rendered by itself, as loud as every other. */
function rendered(step: SoundStep, samples: number, asked: SoundAsked, seed: number): Float32Array {
  const { sampleRate, pitchHz, voice } = asked;
  const noise = noiseFrom(seed);
  const out = new Float32Array(samples);
  const isVoiced = voice === 'aloud' && step.kind !== 'breath' && step.kind !== 'hiss';
  const isHissing = step.kind === 'hiss' || step.kind === 'buzz';
  // Three in a row: what a hiss has below its bound is hardly to be heard.
  const cuts = isHissing ? Array.from({ length: 3 }, () => new HighPass(step.aboveHz, sampleRate)) : [];
  const tract = Array.from({ length: 4 }, () => new Resonator());
  let phase = 0;
  let before = 0;
  for (let index = 0; index < samples; index += 1) {
    const sec = index / sampleRate;
    const hz = pitchHz * (1 + VIBRATO.share * Math.sin(2 * Math.PI * VIBRATO.hz * sec));
    phase = (phase + hz / sampleRate) % 1;
    const glottal = pulse(phase);
    // The lips let out the change of the flow, not the flow.
    const voiced = (glottal - before) * 8;
    before = glottal;
    const air = noise();
    const hissed = isHissing ? cuts.reduce((x, cut) => cut.next(x), air) : 0;
    if (step.kind === 'hiss') {
      out[index] = hissed;
      continue;
    }
    if (index % TUNED_EVERY === 0) {
      const formants =
        step.kind === 'vowel' || step.kind === 'breath'
          ? between(step.from, step.to ?? step.from, samples <= 1 ? 0 : index / (samples - 1))
          : HUM;
      formants.forEach((formant, at) => tract[at]?.tune(formant, BANDWIDTHS_HZ[at] ?? 110, sampleRate));
      tract[3]?.tune(FOURTH.hz, FOURTH.bandwidthHz, sampleRate);
    }
    const source = isVoiced ? voiced + air * 0.006 : air * 0.25;
    const mouth = tract.reduce((x, resonator) => resonator.next(x), source);
    out[index] = step.kind === 'buzz' ? (isVoiced ? mouth * 0.6 : 0) + hissed * 0.35 : mouth;
  }
  return levelled(out, PEAK);
}

/** The same, its loudness (root mean square) brought to a quarter of a peak, and no sample over it. */
function levelled(samples: Float32Array, peak: number): Float32Array {
  let sum = 0;
  let most = 0;
  for (const sample of samples) {
    sum += sample * sample;
    most = Math.max(most, Math.abs(sample));
  }
  const rms = Math.sqrt(sum / Math.max(1, samples.length));
  if (rms === 0) return samples;
  const gain = Math.min((peak * 0.28) / rms, peak / most);
  return samples.map((sample) => sample * gain);
}

/**
 * Mono samples −1…1 of a sound on one exhale, ready to be played. Steps melt into one another, the whole swells and
 * fades. The same asking gives the same samples. Throws RangeError outside the ranges named in `SoundAsked`.
 */
export function synthesize(asked: SoundAsked): Float32Array {
  const { sound, sec, pitchHz, sampleRate } = asked;
  if (!(sec >= 0.5 && sec <= 20)) throw new RangeError(`an exhale of 0.5–20 s expected, got ${sec} s`);
  if (!(pitchHz >= 60 && pitchHz <= 400))
    throw new RangeError(`a pitch of 60–400 Hz expected, got ${pitchHz} Hz`);
  const total = Math.round(sec * sampleRate);
  const melt = Math.round(MELT_SEC * sampleRate);
  const steps = sound.syllables.flatMap((id) =>
    syllable(id).steps.map((step) => ({ ...step, share: step.share / sound.syllables.length })),
  );
  const out = new Float32Array(total);
  let from = 0;
  steps.forEach((step, at) => {
    const until = at === steps.length - 1 ? total : Math.min(total, from + Math.round(step.share * total));
    const begin = Math.max(0, from - (at > 0 ? melt : 0));
    const samples = rendered(step, until - begin, asked, 1 + at * 7919);
    samples.forEach((sample, index) => {
      const into = at > 0 ? Math.min(1, index / melt) : 1;
      const left = at < steps.length - 1 ? Math.min(1, (samples.length - index) / melt) : 1;
      out[begin + index] = (out[begin + index] ?? 0) + sample * Math.min(into, left);
    });
    from = until;
  });
  const attack = ATTACK_SEC * sampleRate;
  const release = RELEASE_SEC * sampleRate;
  return out.map((sample, index) => sample * Math.min(1, index / attack, (total - index) / release));
}
