import FFT from 'fft.js';
import { OTHER_VOWELS, soundById, SOUNDS, syllable, SYLLABLES, VOWELS, type Sound, type SyllableId } from '.';
import { synthesize } from './synth';

const RATE = 16_000;
const SIZE = 1024;

/** Mean power by frequency, Hann-windowed frames half over one another (Welch), by a package that is not ours. */
function spectrum(samples: Float32Array, from = 0, to = samples.length): readonly number[] {
  const fft = new FFT(SIZE);
  const power = Array.from({ length: SIZE / 2 }, () => 0);
  let frames = 0;
  for (let start = from; start + SIZE <= to; start += SIZE / 2) {
    const frame = Array.from(
      { length: SIZE },
      (_, index) => (samples[start + index] ?? 0) * 0.5 * (1 - Math.cos((2 * Math.PI * index) / (SIZE - 1))),
    );
    const result: number[] = fft.createComplexArray();
    fft.realTransform(result, frame);
    for (let bin = 0; bin < SIZE / 2; bin += 1)
      power[bin] = (power[bin] ?? 0) + (result[2 * bin] ?? 0) ** 2 + (result[2 * bin + 1] ?? 0) ** 2;
    frames += 1;
  }
  return power.map((sum) => sum / frames);
}
const hzOf = (bin: number): number => (bin * RATE) / SIZE;

/** The strongest frequency within a band of ± a tenth (its edge, and so too far, where nothing peaks in it), by a parabola through the top of the smoothed spectrum. */
function peakNear(power: readonly number[], hz: number): number {
  const smooth = power.map((_, bin) => {
    const near = power.slice(Math.max(0, bin - 1), bin + 2);
    return Math.log(near.reduce((sum, one) => sum + one, 0) / near.length + 1e-20);
  });
  const [low, high] = [Math.floor((hz * 0.9 * SIZE) / RATE), Math.ceil((hz * 1.1 * SIZE) / RATE)];
  let top = low;
  for (let bin = low; bin <= high; bin += 1) if ((smooth[bin] ?? 0) > (smooth[top] ?? 0)) top = bin;
  const [a, b, c] = [smooth[top - 1] ?? 0, smooth[top] ?? 0, smooth[top + 1] ?? 0];
  const bend = a - 2 * b + c;
  return hzOf(top + (bend === 0 ? 0 : (a - c) / (2 * bend)));
}
const shareAbove = (power: readonly number[], hz: number): number => {
  const all = power.reduce((sum, one) => sum + one, 0);
  return power.reduce((sum, one, bin) => sum + (hzOf(bin) >= hz ? one : 0), 0) / all;
};
const sound = (id: string): Sound => {
  const found = soundById(id);
  if (!found) throw new RangeError(`no sound ${id}`);
  return found;
};
/** A sound of one syllable alone. */
const saying = (id: SyllableId): Sound => ({ ...sound('sigh'), syllables: [id] });

describe('a synthesised sound, measured by a Fourier transform', () => {
  // The vowels of Peterson & Barney (1952), men; ü and the mid back e from memory.
  const VOWELLED = [
    ['xi', VOWELS.ee],
    ['heee', VOWELS.ee],
    ['haaa', VOWELS.ah],
    ['hu', VOWELS.oo],
    ['whooo', VOWELS.oo],
    ['xu', OTHER_VOWELS.ü],
    ['he', OTHER_VOWELS.e],
  ] as const;

  it.each(VOWELLED)('%s has its formants within 8 %% of the table, whispered', (id, formants) => {
    const samples = synthesize({
      sound: saying(id),
      voice: 'whispered',
      sec: 8,
      pitchHz: 110,
      sampleRate: RATE,
    });
    const power = spectrum(samples, Math.round(samples.length * 0.35), Math.round(samples.length * 0.95));
    for (const hz of formants) expect(Math.abs(peakNear(power, hz) / hz - 1)).toBeLessThan(0.08);
  });

  it.each(VOWELLED)(
    '%s is strongest round its formants, aloud, and on the pitch asked for',
    (id, formants) => {
      const samples = synthesize({
        sound: saying(id),
        voice: 'aloud',
        sec: 8,
        pitchHz: 125,
        sampleRate: RATE,
      });
      const power = spectrum(samples, Math.round(samples.length * 0.4), Math.round(samples.length * 0.95));
      // Harmonics stand 125 Hz apart: the first formant lies on the nearest, or its neighbour.
      const [f1] = formants;
      const strongest = hzOf(
        power
          .slice(0, Math.round((1200 * SIZE) / RATE))
          .reduce((top, one, bin) => (one > (power[top] ?? 0) ? bin : top), 0),
      );
      expect(Math.abs(strongest - f1)).toBeLessThanOrEqual(125);
      expect(Math.abs(strongest / 125 - Math.round(strongest / 125))).toBeLessThan(0.12);
    },
  );

  it('glides where the syllable glides: chuī from oo to eh', () => {
    const samples = synthesize({
      sound: saying('chui'),
      voice: 'whispered',
      sec: 20,
      pitchHz: 110,
      sampleRate: RATE,
    });
    const at = (from: number, to: number): number =>
      peakNear(
        spectrum(samples, Math.round(samples.length * from), Math.round(samples.length * to)),
        VOWELS.eh[1],
      );
    expect(
      shareAbove(spectrum(samples, Math.round(samples.length * 0.2), Math.round(samples.length * 0.3)), 1400),
    ).toBeLessThan(
      shareAbove(
        spectrum(samples, Math.round(samples.length * 0.85), Math.round(samples.length * 0.97)),
        1400,
      ),
    );
    expect(Math.abs(at(0.9, 0.98) / VOWELS.eh[1] - 1)).toBeLessThan(0.08);
  });

  it.each(
    SYLLABLES.map(({ id }) => syllable(id))
      .filter(({ steps }) => steps.every(({ kind }) => kind === 'hiss'))
      .map(({ id }) => id),
  )('%s hisses above its bound, aloud as whispered', (id) => {
    const [step] = syllable(id).steps;
    const aboveHz = step?.kind === 'hiss' ? step.aboveHz : Infinity;
    for (const voice of ['aloud', 'whispered'] as const) {
      const power = spectrum(
        synthesize({ sound: saying(id), voice, sec: 2, pitchHz: 110, sampleRate: RATE }),
      );
      expect(shareAbove(power, aboveHz * 0.85)).toBeGreaterThan(0.95);
    }
  });

  it('hums below and buzzes on both sides', () => {
    const powerOf = (id: SyllableId) =>
      spectrum(synthesize({ sound: saying(id), voice: 'aloud', sec: 2, pitchHz: 110, sampleRate: RATE }));
    expect(shareAbove(powerOf('hum'), 1000)).toBeLessThan(0.05);
    expect(shareAbove(powerOf('buzz'), 3800)).toBeGreaterThan(0.05);
    expect(shareAbove(powerOf('buzz'), 3800)).toBeLessThan(0.95);
  });
});

describe('an example', () => {
  it('is as long as asked, never clipped, swells and fades, and is the same again', () => {
    for (const one of SOUNDS)
      for (const voice of ['aloud', 'whispered'] as const) {
        const asked = { sound: one, voice, sec: 1, pitchHz: 110, sampleRate: RATE };
        const samples = synthesize(asked);
        expect(samples).toHaveLength(RATE);
        const most = samples.reduce((top, sample) => Math.max(top, Math.abs(sample)), 0);
        expect(most).toBeGreaterThan(0.05);
        expect(most).toBeLessThanOrEqual(1);
        expect(Math.abs(samples[0] ?? 1)).toBeLessThan(0.001);
        expect(Math.abs(samples.at(-1) ?? 1)).toBeLessThan(0.01);
        expect(samples.every(Number.isFinite)).toBe(true);
      }
    const asked = {
      sound: sound('liver-standard'),
      voice: 'aloud',
      sec: 1,
      pitchHz: 110,
      sampleRate: RATE,
    } as const;
    expect(synthesize(asked)).toEqual(synthesize(asked));
  });

  it('is refused outside its ranges', () => {
    const asked = { sound: sound('hum'), voice: 'aloud', sec: 4, pitchHz: 110, sampleRate: RATE } as const;
    expect(() => synthesize({ ...asked, sec: 0.4 })).toThrow(/0.5–20 s/);
    expect(() => synthesize({ ...asked, pitchHz: 500 })).toThrow(/60–400 Hz/);
  });
});
