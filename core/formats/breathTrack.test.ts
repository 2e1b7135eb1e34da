import { breathTrack, RATE_HZ, trackSamples, writeTrackCues } from './breathTrack';
import { draftedFor } from './formats.test.data';

const { timeline } = draftedFor({ minutes: 5 });
const pieces = [...breathTrack(timeline)];
const file = new Uint8Array(Buffer.concat(pieces));
const view = new DataView(file.buffer);
const samples = Float32Array.from(
  { length: (file.length - 44) / 2 },
  (_, index) => view.getInt16(44 + index * 2, true) / 32_767,
);

/** Where sound begins after a silence of a tenth of a second, ms: found in the sound alone. */
function onsets(): readonly number[] {
  const found: number[] = [];
  let silent = RATE_HZ;
  samples.forEach((value, index) => {
    if (Math.abs(value) < 0.00002) silent += 1;
    else {
      if (silent > RATE_HZ / 10) found.push((index / RATE_HZ) * 1000);
      silent = 0;
    }
  });
  return found;
}

/** How strong a pitch is in a stretch, by Goertzel’s recurrence (Am. Math. Monthly 65, 1958): a second way to hear. */
function strength(fromMs: number, lengthMs: number, hz: number): number {
  const [first, count] = [Math.round((fromMs / 1000) * RATE_HZ), Math.round((lengthMs / 1000) * RATE_HZ)];
  const turn = 2 * Math.cos((2 * Math.PI * hz) / RATE_HZ);
  let [one, two] = [0, 0];
  for (let index = first; index < first + count; index += 1) {
    const now = (samples[index] ?? 0) + turn * one - two;
    two = one;
    one = now;
  }
  return (2 * Math.sqrt(Math.max(0, one * one + two * two - turn * one * two))) / count;
}

describe('a breath track', () => {
  it('is a sound file as long as its head says', () => {
    const text = (at: number): string => String.fromCharCode(...file.slice(at, at + 4));
    expect([text(0), text(8), text(12), text(36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data']);
    expect(view.getUint32(4, true)).toBe(file.length - 8);
    expect(view.getUint32(40, true)).toBe(file.length - 44);
    expect(samples.length / RATE_HZ).toBeCloseTo(timeline.totalMs / 1000 + 5, 3);
    expect(samples.length).toBe(trackSamples(timeline));
  });

  it('begins every tone within a millisecond of its stroke', () => {
    const led = timeline.events
      .filter(({ kind, breath }) => kind === 'stroke' && (breath === 'in' || breath === 'out'))
      .map(({ startMs }) => startMs);
    const near = onsets().flatMap((ms) => {
      const distance = led.map((startMs) => Math.abs(startMs - ms)).toSorted((a, b) => a - b)[0] ?? Infinity;
      return distance < 400 ? [distance] : [];
    });
    expect(near.length).toBeGreaterThan(20);
    expect(Math.max(...near)).toBeLessThan(1);
  });

  it('rises for the inhale and falls for the exhale', () => {
    const alone = timeline.events.filter(
      ({ kind, breath, part, strokeIndex = 0 }) =>
        // Not the first stroke of anything: no bell, knock or change sounds with it.
        kind === 'stroke' && (breath === 'in' || breath === 'out') && part === 'cycle' && strokeIndex > 0,
    );
    expect(alone.length).toBeGreaterThan(4);
    for (const { breath, startMs } of alone) {
      const [low, high] = [strength(startMs + 60, 120, 205), strength(startMs + 60, 120, 255)];
      expect(breath === 'in' ? low > high : high > low).toBe(true);
    }
  });

  it('clips nowhere and is silent where nothing is led', () => {
    let loudest = 0;
    for (const value of samples) if (Math.abs(value) > loudest) loudest = Math.abs(value);
    expect(loudest).toBeLessThan(0.99);
    expect(loudest).toBeGreaterThan(0.2);
    const still = timeline.events.find(({ kind, lengthMs }) => kind === 'settle' && lengthMs >= 4000);
    if (still) expect(strength(still.startMs + still.lengthMs - 800, 700, 220)).toBeLessThan(0.001);
  });

  it('comes in pieces of a second: little is held at once', () => {
    expect(Math.max(...pieces.map(({ length }) => length))).toBeLessThanOrEqual(RATE_HZ * 2);
  });
});

describe('its cue text', () => {
  it('has minutes, seconds and frames of a seventy-fifth (worked by hand)', () => {
    const text = writeTrackCues('A "quiet" hour', 'hour.wav', 'people', [
      { startMs: 0, name: 'Arrive' },
      { startMs: 3_675_040, name: 'Cloud hands' },
    ]);
    expect(text).toContain('TITLE "A ”quiet” hour"');
    expect(text).toContain('INDEX 01 00:00:00');
    // 61 min 15.04 s: 0.04 s are three frames of 75.
    expect(text).toContain('INDEX 01 61:15:03');
  });
});
