import type { SignalKind } from './signals';

/** One soft tone: from one pitch to another, Hz, for so long, s, so loud (0–1), after so long, s. */
export interface Tone {
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
export const TONES: Readonly<Record<SignalKind, readonly Tone[]>> = {
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

/** Of this loudness nothing is heard any more: what dies away ends in it. */
export const INAUDIBLE = 0.0005;
